import { PAGES, TREE_PAGES } from "@/features/kernel/addresses";
import { HELP_WORDS, helpOf } from "./help";

test("every page has help: its own, or its room's", () => {
  for (const page of PAGES) {
    const room = page.split("/")[0] as keyof typeof HELP_WORDS;
    expect([HELP_WORDS[page as keyof typeof HELP_WORDS], HELP_WORDS[room]]).toContain(helpOf(`/c/c1/${page}`));
  }
  for (const part of TREE_PAGES) expect(helpOf(`/c/c1/tree/t1/${part}`)).not.toBe(HELP_WORDS.today);
});

test.each([
  ["/c/c1/tree/t1", HELP_WORDS.tree],
  ["/c/c1/tree/t1/edit", HELP_WORDS.tree],
  ["/c/c1/tree/t1/pot", HELP_WORDS["tree/pot"]],
  ["/c/c1/pots/mixes", HELP_WORDS.pots],
  ["/c/c1/climate/species/fig", HELP_WORDS["climate/species"]],
  ["/c/c1/nowhere", HELP_WORDS.today],
])("%s", (path, words) => expect(helpOf(path)).toBe(words));

test("help is short: four sentences at most", () => {
  for (const words of Object.values(HELP_WORDS)) expect(words.split(/[.;] /).length).toBeLessThanOrEqual(6);
});
