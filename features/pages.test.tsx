import { randomUUID } from "node:crypto";
import type { ReactNode } from "react";
import { PAGES, TREE_PAGES } from "./kernel/addresses";
import { closePools } from "@/server/pool";
import { hasTestDatabase } from "@/test-support/database";
import { pageHtml, wordsOf } from "@/test-support/render";
import { TestYard } from "@/test-support/yard";
import { brimEstimate } from "@/core/vessel/index";
import { headlineSentence } from "@/words/decision";
import { elevation, litres } from "@/words/format";
import { dateOf, wordOf } from "./trees/row-words";

/** Every page of a collection as it is first drawn: empty, with one tree, with many; in both unit systems. */
const onDatabase = hasTestDatabase() ? describe : describe.skip;
afterAll(() => (hasTestDatabase() ? closePools() : undefined));

type PageFile = (props: {
  params: Promise<Record<string, string>>;
  searchParams: Promise<object>;
}) => Promise<ReactNode>;

async function words(yard: TestYard, path: string, params: Record<string, string> = {}): Promise<string> {
  const file = (await import(`../app/c/[id]/${path}/page.tsx`)) as { default: PageFile };
  const node = await file.default({
    params: Promise.resolve({ id: yard.id, ...params }),
    searchParams: Promise.resolve({}),
  });
  return wordsOf(await pageHtml(node, await yard.view(), `/c/${yard.id}/${path}`));
}

/** Slips of a program that no grower should read. */
const SLIPS = /\bNaN\b|\bundefined\b|\bInfinity\b|\[object |\bnull\b/;
/** Measures of the one system or the other, as they are written beside a number. */
const METRIC = /\d\s?(?:°C|L|mm|cm|kg|m²)(?![\p{L}\d])/gu;
const US = /\d\s?(?:°F|gal|qt|lb)(?![\p{L}\d])/gu;
/** Names that pots were given when they came, and examples of what may be typed. */
const OWN_NAMES = /(About 3 L|Cylinder 20 cm) \(came with [A-Z]+-?1?\)|L litres, or #15, 15 gal/g;
/** Pages that show both on purpose: what a person may type, sizes by their trade names, sources as they were published. */
const MIXED = new Set([
  "pots",
  "pots/figures",
  "pots/mixing",
  "pots/products",
  "pots/big",
  "pots/library",
  "import",
  "settings",
  "climate/species",
]);

onDatabase("pages", () => {
  const empty = new TestYard();
  const one = new TestYard();
  const many = new TestYard();
  let tree = "";
  beforeAll(async () => {
    await empty.found();
    await one.found(-38);
    await one.tree("ONE", { kindId: "fig" });
    await many.found();
    const wall = randomUUID();
    await many.ok("add-place", { placeId: wall, name: "South wall", kind: "sheltered" });
    tree = await many.tree("T-1", { kindId: "lemon", cultivar: "Old Gold", purpose: "crop" });
    const batch = await many.tree("B-1", {
      kindId: "olive",
      count: 240,
      pot: { known: "about", litres: 3, wall: "poly-bag" },
    });
    const unknown = await many.tree("U-1", { kindId: null, typedName: "Moon plum", habit: "unknown", pot: null });
    await many.ok("place-trees", { treeIds: [tree, batch], placeId: wall, on: "2025-03-01" });
    await many.ok("record-roots", { treeId: tree, on: "2026-04-20", fillGrade: 4, circlingGrade: 2 });
    await many.ok("record-wood", { treeId: tree, on: "2025-10-20", stage: "hard" }).catch(() => undefined);
    await many.ok("stock-pots", {
      ...{ lotId: randomUUID(), name: "Black tall", count: 4, price: 3.5 },
      pot: { known: "measured", vessel: { shape: "cylinder", topWidthMm: 300, heightMm: 280 } },
    });
    await many.ok("set-task", {
      ...{ taskId: randomUUID(), text: "Sweep the wall", first: many.today, every: null, placeId: wall },
    });
    expect(unknown).toBeTruthy();
  });

  describe.each(["metric", "us"] as const)("in %s units", (units) => {
    beforeAll(async () => {
      for (const yard of [empty, one, many]) await yard.ok("set-units", { units });
    });

    const sound = (path: string, text: string) => {
      expect(SLIPS.exec(text)?.[0] ?? null).toBeNull();
      if (MIXED.has(path)) return;
      const other = [...text.replace(OWN_NAMES, "").matchAll(units === "metric" ? US : METRIC)];
      expect(other.map((found) => found.input.slice(Math.max(0, found.index - 50), found.index + 12))).toEqual([]);
    };

    test.each(PAGES.map((path) => [path]))("%s", async (path) => {
      for (const yard of [empty, one, many]) sound(path, await words(yard, path));
    });

    test.each(TREE_PAGES.map((part) => [part]))("a tree: %s", async (part) => {
      for (const { id } of (await many.view()).loaded.trees)
        sound(part, await words(many, `tree/[treeId]/${part}`, { treeId: id }));
    });

    test("what pages say are the facts: every tree by its tag and state, pots by their number and litres, own tasks", async () => {
      const view = await many.view();
      const { rows } = view.yard.on(many.today);
      const list = await words(many, "trees");
      for (const row of rows) {
        expect(list).toContain(row.tag);
        expect(list).toContain(wordOf(row));
        expect(list).toContain(dateOf(row, many.today));
      }
      const todayText = await words(many, "today");
      expect(todayText).toContain("Sweep the wall");
      const shelf = await words(many, "pots");
      expect(shelf).toContain("Black tall: 4 free");
      const pot = { known: "measured", vessel: { shape: "cylinder", topWidthMm: 300, heightMm: 280 } } as const;
      expect(shelf).toContain(litres(brimEstimate(pot).p50, units));
      const state = view.yard.tree(tree)!.on(many.today)!;
      const sentence = headlineSentence(state.decision!, { fill: state.state.fill, plants: state.plants }, units);
      expect(await words(many, "tree/[treeId]", { treeId: tree })).toContain(sentence.replace(/\s+/g, " "));
      const climate = await words(many, "climate");
      expect(climate).toContain("48° N, 11° E");
      expect(climate).toContain(elevation(300, units));
    });

    test("a tree says what the model says of it", async () => {
      const text = await words(many, "tree/[treeId]", { treeId: tree });
      sound("tree", text);
      expect(text).toContain("T-1");
      expect(text).toContain("Old Gold");
      expect(text).toContain("South wall");
    });
  });
});
