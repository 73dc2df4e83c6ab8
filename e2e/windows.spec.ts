import { randomUUID } from "node:crypto";
import { expect, type Page, test } from "@playwright/test";
import { expectNoSeriousFindings, NORTH, SOUTH, visit, watchErrors, world, openPart } from "./support";

const detail = (page: Page) => page.getByTestId("work-detail");
const choose = (page: Page, work: string) =>
  page
    .getByRole("group")
    .getByRole("button", { name: new RegExp(`^${work}`) })
    .click();

/** Texts of the tree's page that carry a figure and find no reason; how many carry one. */
async function unreasoned(page: Page) {
  return page.evaluate(() => {
    const article = document.querySelector("article")!;
    const walker = document.createTreeWalker(article, NodeFilter.SHOW_TEXT);
    const without: string[] = [];
    let values = 0;
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const text = node.textContent ?? "";
      const at = node.parentElement!;
      if (!/\d/.test(text)) continue;
      // What somebody typed or recorded, names of an axis, and forms are no results.
      if (at.closest("form, [data-record], [data-axis], select, .sr-only, style, script")) continue;
      values++;
      const pointed = at.closest("[data-why-for]")?.getAttribute("data-why-for");
      const holder = at.closest("[data-why]") ?? (pointed ? document.getElementById(pointed) : null);
      const reason = holder?.matches("details")
        ? holder.querySelector(":scope > div")
        : holder?.querySelector("details > div, [data-reason]");
      if ((reason?.textContent ?? "").trim().length < 20) without.push(text.trim());
    }
    return { without, values };
  });
}

test("a closed window says why, when it opens and how sure; the same tree moved indoors opens earlier", async ({
  page,
  request,
}) => {
  const w = await world(request);
  const treeId = await w.tree("LM-1", { kindId: "lemon", purpose: "crop" });
  const room = randomUUID();
  await w.send("add-place", { placeId: room, name: "Window room", kind: "heated" });
  const errors = watchErrors(page);
  await visit(page, w.url(`tree/${treeId}?on=2026-03-10`));
  await choose(page, "Pot up, roots teased out");
  await expect(page.getByTestId("work-why")).toContainText(/Not today, because .*(cold|frost|warm)/);
  await expect(page.getByTestId("work-why")).toContainText(/It opens \d+ (May|Jun)/);
  await choose(page, "Pot up undisturbed");
  await expect(
    detail(page)
      .getByText(/Last safe day: in one year of ten by/)
      .first(),
  ).toBeVisible();
  await expect(page.getByTestId("refused")).toContainText(/Pot it up.*: .*(cold|frost|warm).*; from \d+ (May|Jun)/);
  // As if it stood in the room: asked, not done.
  await page.getByLabel("As if it stood in").selectOption(room);
  await expect(page.getByTestId("windows-place")).toContainText("As if it had stood in Window room");
  await expect(page.getByTestId("windows-place")).toContainText("assumed by what it is like");
  await choose(page, "Pot up undisturbed");
  await expect(page.getByTestId("work-why")).toContainText("Open today");
  // Rescue is never refused, and its risk is said.
  await page.getByLabel("As if it stood in").selectOption("");
  await expect(page.getByTestId("windows-place")).toContainText("With the weather of");
  await expect(page).toHaveTitle(/^LM-1/);
  await choose(page, "Rescue");
  await expect(detail(page)).toContainText(/Its risk today: in \d+\s*% of this place’s weather years/);
  await expectNoSeriousFindings(page);

  // Carried there in winter, it is so: the yard's page follows, too.
  await w.send("place-trees", { treeIds: [treeId], placeId: room, on: "2026-01-05" });
  await visit(page, w.url(`tree/${treeId}?on=2026-03-10`));
  await expect(page.getByTestId("windows-place")).toContainText("With the weather of Window room");
  await choose(page, "Pot up undisturbed");
  await expect(page.getByTestId("work-why")).toContainText("Open today");
  // Described as a cold shed, the same place closes it again.
  await w.send("describe-place", { placeId: room, kind: "unheated" });
  await visit(page, w.url(`tree/${treeId}?on=2026-03-10`));
  await choose(page, "Pot up undisturbed");
  await expect(page.getByTestId("work-why")).toContainText("Not today");
  expect(errors).toEqual([]);
});

test("every value on the tree's page finds its reason", async ({ page, request }) => {
  const w = await world(request);
  const treeId = await w.tree("FG-1", { kindId: "fig", trunkMm: 30, heightM: 1.6 });
  await w.tree("FG-2", { kindId: "fig" });
  await w.pots("Round 26", {
    known: "measured",
    vessel: { shape: "round", topWidthMm: 260, baseWidthMm: 200, heightMm: 250, wall: "smooth-plastic" },
  });
  await w.send("match-trees", { treeIds: [treeId], set: "door" });
  await w.send("record-anchored", { treeId, on: "2026-05-01", anchored: true });
  await visit(page, w.url(`tree/${treeId}`));
  await expect(page.getByTestId("ground")).toContainText(/about \d+\s*% of its roots may stand in the/);
  for (const work of ["Pot up, roots teased out", "Root-prune", "Rescue", "Prune hard"]) {
    await choose(page, work);
    const { without, values } = await unreasoned(page);
    expect(without).toEqual([]);
    expect(values).toBeGreaterThan(25);
  }
});

test("health, sets, partners and the ground are told, and windows follow", async ({ page, request }) => {
  const w = await world(request);
  const pear = await w.tree("PR-1", { kindId: "pear", purpose: "crop", cultivar: "Early Gold" });
  const second = await w.tree("PR-2", { kindId: "pear", purpose: "crop", cultivar: "Early Gold" });
  await visit(page, w.url(`tree/${pear}`));
  await expect(page.getByTestId("partner")).toContainText("No partner stands in this collection");
  await w.tree("PR-3", { kindId: "nashi", purpose: "crop" });
  await visit(page, w.url(`tree/${pear}`));
  await expect(page.getByTestId("partner")).toContainText("PR-3");
  const set = page.getByTestId("set");
  await openPart(page, "Log");
  await set.getByText("Match it with another").click();
  await set.getByLabel("Name of the set").fill("by the gate");
  await set.getByLabel("Together with").selectOption(second);
  await set.getByRole("button", { name: "Save" }).click();
  await expect(set).toContainText("“by the gate”");
  await expect(set).toContainText("PR-2");
  await expect(set).toContainText(/Move them together between|No day opens for all/);
  await page.getByLabel("It is", { exact: true }).selectOption("weak");
  await page.getByRole("button", { name: "Save" }).first().click();
  await expect(page.getByTestId("health")).toContainText("weak");
  await openPart(page, "Potting");
  await choose(page, "Root-prune");
  await expect(detail(page)).toContainText("seen to be weak");
  await openPart(page, "Log");
  await page.getByTestId("ground").getByRole("button", { name: "It is rooted in the ground" }).click();
  await expect(page.getByTestId("ground")).toContainText("Rooted through its pot");
  await expectNoSeriousFindings(page);
});

test("a warm-climate tree in a heat wave is worked on in the morning", async ({ page, request }) => {
  // A latitude of its own: the heat disturbs nobody else.
  const latitudeDeg = 44.4321;
  const service = process.env.AURELIAN_WEATHER_URL!;
  await request.post(`${service}/v1/fault`, { data: { fault: "heat", latitudeDeg } });
  const w = await world(request, { ...NORTH, latitudeDeg });
  const lemon = await w.tree("LM-1", { kindId: "lemon" });
  const maple = await w.tree("JM-1", { kindId: "japanese-maple" });
  await visit(page, w.url("climate/ahead"));
  await page.getByRole("button", { name: "Refresh" }).click();
  await expect(page.getByTestId("tonight")).toContainText("Next night");
  await visit(page, w.url(`tree/${lemon}`));
  await choose(page, "Pot up undisturbed");
  await expect(page.getByTestId("best-halves")).toContainText("morning");
  await expect(page.getByTestId("best-halves")).not.toContainText("evening");
  await expect(detail(page).getByRole("table")).toContainText("hot");
  await visit(page, w.url(`tree/${maple}`));
  await expect(page.getByTestId("acts")).toContainText("Shade it until the days stay below");
  await choose(page, "Pot up undisturbed");
  await expect(page.getByTestId("work-why")).toContainText(/too hot/);
});

test("the whole yard's year, in the south: what opens, what closes first, by place and work, printed", async ({
  page,
  request,
}) => {
  const w = await world(request, SOUTH);
  const row = randomUUID();
  await w.send("add-place", { placeId: row, name: "South row", kind: "sheltered" });
  const olive = await w.tree("OL-1", { kindId: "olive" });
  await w.tree("OL-2", { kindId: "olive" });
  await w.tree("AP-1", { kindId: "apple" });
  await w.tree("JA-1", { kindId: "jacaranda", count: 40 });
  await w.send("place-trees", { treeIds: [olive], placeId: row, on: "2024-01-05" });
  await visit(page, w.url("trees"));
  await page.getByRole("link", { name: "Working windows" }).click();
  await expect(page.getByTestId("windows-sentence")).toBeVisible();
  const lines = page.getByTestId("chances").getByRole("listitem");
  await expect(lines).toHaveCount(4);
  // Late autumn there: the warm kinds wait for their spring, late August to October, not for April.
  await expect(lines.filter({ hasText: "OL-2" })).toContainText(/opens \d+ (Aug|Sept?|Oct) 2026/);
  await page.getByRole("button", { name: /^Prune hard/ }).click();
  await expect(page.getByRole("heading", { name: /Prune hard/ })).toBeVisible();
  await page.getByLabel("Place", { exact: true }).selectOption("South row");
  await expect(lines).toHaveCount(1);
  await expect(lines).toContainText("OL-1");
  await expectNoSeriousFindings(page);
  await page.setViewportSize({ width: 390, height: 844 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await page.emulateMedia({ media: "print" });
  await expect(page.getByText(/^As of 15 May 2026/)).toBeVisible();
});

test("a kind is read, said otherwise for the collection, and given back", async ({ page, request }) => {
  const w = await world(request);
  const treeId = await w.tree("FG-1", { kindId: "fig" });
  await visit(page, w.url("climate/species"));
  await page.getByLabel("Find a species").fill("ficus");
  await page.getByTestId("kinds").getByRole("link").first().click();
  await expect(page.getByRole("heading", { level: 1 })).toContainText("Fig");
  await expect(page.getByText("Sap burns skin in sunlight").first()).toBeVisible();
  await expect(page.getByTestId("kind-year")).toContainText("Soft new shoots");
  await expect(page.getByTestId("care-pot")).toContainText("times the mix");
  await page.getByRole("button", { name: "make my own copy" }).click();
  const rootKill = page.locator("#rootKillYoungC");
  await rootKill.getByRole("button", { name: "Say otherwise" }).click();
  await rootKill.getByLabel("Value").fill("-9");
  await rootKill.getByRole("button", { name: "Save" }).click();
  await expect(rootKill.getByText("Young roots die at no lower temperature than old ones.")).toBeVisible();
  await expect(rootKill.getByLabel("Value")).toHaveValue("-9");
  await rootKill.getByLabel("Value").fill("-5,5");
  await rootKill.getByLabel("Why, if you like").fill("lost one at -6 in 2024");
  await rootKill.getByRole("button", { name: "Save" }).click();
  await expect(page.getByTestId("field-rootKillYoungC")).toContainText("-5.5");
  await expect(rootKill).toContainText("The library says: -4");
  await expect(rootKill).toContainText("your collection’s copy");
  await expect(rootKill).toContainText("“lost one at -6 in 2024”");
  await expectNoSeriousFindings(page);
  await rootKill.getByRole("button", { name: "Say otherwise" }).click();
  await rootKill.getByRole("button", { name: "As in the library" }).click();
  await expect(page.getByTestId("field-rootKillYoungC")).not.toContainText("5.5");
  // For one tree alone.
  await visit(page, w.url(`climate/species/fig?tree=${treeId}`));
  await page.getByRole("button", { name: "make my own copy" }).click();
  const share = page.locator("#rootShare");
  await share.getByRole("button", { name: "Say otherwise" }).click();
  await share.getByLabel("Value").fill("5");
  await share.getByRole("button", { name: "Save" }).click();
  await expect(share).toContainText("your word on this tree");
  await visit(page, w.url(`tree/${treeId}`));
  await choose(page, "Root-prune");
  await expect(page.getByTestId("work-why")).toContainText(/cannot lose so many roots at once|out of|Not today/);
});
