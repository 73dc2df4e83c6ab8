import { randomUUID } from "node:crypto";
import { toDay } from "@/core/dates/index";
import { juvenile, presumedPot } from "@/model/index";
import { closePools } from "@/server/pool";
import { PLAIN_TREE } from "@/test-support/inputs";
import { TestYard } from "@/test-support/yard";
import { namesTogether } from "@/core/species/index";
import { EMPTY_ARRIVAL, readArrival, readingOf } from "../bench/arrival/draft";
import { arrivalContext } from "../bench/arrival/season";

const yard = new TestYard();
const lots: string[] = [];
beforeAll(async () => {
  await yard.found();
  for (const mm of [180, 220, 260, 320, 420]) {
    const lotId = randomUUID();
    lots.push(lotId);
    const vessel = { shape: "cylinder", topWidthMm: mm, heightMm: mm };
    await yard.ok("stock-pots", { lotId, name: `${mm} mm`, pot: { known: "measured", vessel }, count: 3, price: null });
  }
});
afterAll(() => closePools());

const on = toDay("2026-05-15");
const facts = async (treeId: string) => (await yard.view()).yard.tree(treeId)!.on(on)!;
const offers = async (treeId: string) => {
  const day = await facts(treeId);
  return { roots: day.roots, fits: day.fits() };
};
const unlisted = (typedName: string) => ({ ...PLAIN_TREE, kindId: null, typedName, habit: "apple-like" });

test("trees of unlisted kinds keep their own names, though they share what is known of their habit", async () => {
  const [a, b] = [await yard.tree("N-1", unlisted("Moon plum")), await yard.tree("N-2", unlisted("Willow oak"))];
  expect((await facts(a)).profile.name).toBe("Moon plum");
  expect((await facts(b)).profile.name).toBe("Willow oak");
  const view = await yard.view();
  const tracks = (id: string) => view.yard.tree(id)!.on(on)!.tracks;
  expect(tracks(b).profile.name).toBe("Willow oak");
  expect(tracks(a).wood).toBe(tracks(b).wood);
  // The same object again: caches by tracks are not lost to the name.
  expect(tracks(b)).toBe(tracks(b));
  expect(namesTogether(["a"])).toBe("a");
  expect(namesTogether(["a", "b"])).toBe("a and b");
  expect(namesTogether(["a", "b", "c", "d"])).toBe("a, b and 2 more");
});

test("a name of the library typed in words is its species; a species of a known genus keeps its words and takes its genus's values", async () => {
  const fig = await yard.tree("N-3", unlisted("fig trees"));
  expect((await facts(fig)).profile).toMatchObject({ kindId: "fig", name: "Fig", basis: "typical" });
  const oak = await yard.tree("N-4", unlisted("Quercus phellos"));
  expect((await facts(oak)).profile).toMatchObject({ kindId: "genus-quercus", name: "Quercus phellos" });
  expect((await facts(oak)).profile.values).toMatchObject({ leaf: "deciduous", roots: "tap" });
  // The genus has its own pace, wider than a kind's, and its words do not make it another genus.
  const other = await yard.tree("N-5", unlisted("Quercus palustris"));
  const view = await yard.view();
  expect(view.yard.tree(other)!.on(on)!.tracks.wood).toBe(view.yard.tree(oak)!.on(on)!.tracks.wood);
  expect(view.loaded.trees.find((t) => t.id === oak)).toMatchObject({
    kindId: "genus-quercus",
    typedName: "Quercus phellos",
  });
});

test("what is seen of an unnamed plant says how it grows; a word later narrows it on, and a listed kind needs none", async () => {
  const looks = { leaf: "evergreen", group: "conifer", lastShoots: "short" };
  const id = await yard.tree("N-6", { ...unlisted("Grandmother’s tree"), habit: "unknown", looks });
  expect((await facts(id)).profile).toMatchObject({
    name: "Grandmother’s tree",
    habits: ["conifer-like"],
    values: { group: "conifer", vigour: ["slow", "slow"] },
    basis: "guess",
  });
  await yard.ok("describe-tree", { treeId: id, changes: { looks: { ...looks, lastShoots: "long" } } });
  expect((await facts(id)).profile.values.vigour).toEqual(["vigorous", "vigorous"]);
  await yard.ok("describe-tree", { treeId: id, changes: { kindId: "fig", typedName: null, habit: null } });
  expect((await facts(id)).profile).toMatchObject({ name: "Fig", basis: "typical" });
  expect(
    await yard.fault(
      "describe-tree",
      { treeId: id, changes: { looks: { ...looks, leaf: "blue" } } },
      "changes.looks.leaf",
    ),
  ).toBe("not-a-choice");
});

test("a tree whose pot nobody described is offered pots by a guess, and can be potted", async () => {
  const treeId = await yard.tree("G-1", { pot: null });
  const { roots, fits } = await offers(treeId);
  expect(roots.pot).toBeNull();
  expect(presumedPot(roots)).toEqual({ known: "about", litres: 7 / 0.88, wall: "smooth-plastic" });
  expect(fits).toHaveLength(5);
  // 7 L of mix and a moderate pace: the step of 1.9 asks for about 13 L, which the pot of 260 mm holds.
  const first = fits[0];
  expect([first.lotId, first.misfit]).toEqual([lots[2], null]);
  await yard.ok("record-potting", {
    treeId,
    potLotId: first.lotId,
    on: "2026-03-20",
    mix: "pine-bark",
    correction: "none",
    retainedShare: null,
    crownMm: 0,
    bottomLayerMm: 0,
  });
  expect((await facts(treeId)).roots.lotId).toBe(lots[2]);
});

test("bare roots are offered pots and potted by their spread", async () => {
  const treeId = await yard.tree("B-1", { pot: null, form: "bare-root", arrivedOn: "2026-03-01" });
  const { roots, fits } = await offers(treeId);
  expect([roots.bare, presumedPot(roots)]).toEqual([true, null]);
  expect(fits.every((p) => p.misfit === null)).toBe(true);
  // The usual first pot of 7 L of mix is nearest to the pot of 220 mm.
  expect(fits[0].lotId).toBe(lots[1]);
  const potting = {
    treeId,
    potLotId: lots[2],
    on: "2026-03-05",
    mix: "pine-bark",
    correction: "none",
    retainedShare: null,
    crownMm: 0,
    bottomLayerMm: 0,
  };
  expect(await yard.fault("record-potting", potting, "set")).toBe("bare-roots-unmeasured");
  const set = { as: "bare-root", roots: { spreadMm: 180, rootLengthMm: 150 } };
  await yard.ok("record-potting", { ...potting, set });
  const now = (await facts(treeId)).roots;
  expect([now.bare, now.lotId]).toEqual([false, lots[2]]);
});

test("what was seen and said at an arrival moves with it when its day is corrected", async () => {
  const treeId = randomUUID();
  await yard.ok("receive-tree", {
    treeId,
    tag: "C-1",
    ...PLAIN_TREE,
    arrivedOn: "2026-05-10",
    pot: { known: "about", litres: 5, wall: "smooth-plastic" },
    verdict: "correct",
    findings: ["bound"],
    reading: readingOf(readArrival({ ...EMPTY_ARRIVAL, fillGrade: 3, circlingGrade: 1 }, 5).inspection),
    dry: true,
    pricePaid: null,
  });
  const before = await yard.events(treeId);
  expect(before.length).toBeGreaterThan(1);
  const arrived = before.find((e) => e.payload.kind === "arrived")!;
  const correct = (arrivedOn: string) =>
    yard.ok("correct-arrival", {
      replacesEventId: arrived.id,
      treeId,
      arrivedOn,
      form: "container",
      lastPotted: null,
      pot: null,
      depthToMixMm: null,
      count: 1,
    });
  const done = await correct("2026-04-02");
  const after = await yard.events(treeId);
  expect(after.map((e) => e.payload.kind).sort()).toEqual(before.map((e) => e.payload.kind).sort());
  expect(new Set(after.map((e) => e.on.best))).toEqual(new Set(["2026-04-02"]));
  await yard.ok("undo-entry", { entryId: done.entryId });
  expect(new Set((await yard.events(treeId)).map((e) => e.on.best))).toEqual(new Set(["2026-05-10"]));
  // Later, too, past its own companions.
  await correct("2026-05-12");
  expect(new Set((await yard.events(treeId)).map((e) => e.on.best))).toEqual(new Set(["2026-05-12"]));
});

test("seedlings, liners and cuttings stand at their old surface for two years", async () => {
  const young = await yard.tree("Y-1", { form: "liner", arrivedOn: "2024-05-20" });
  const old = await yard.tree("Y-2", { form: "liner", arrivedOn: "2024-05-01" });
  const grown = await yard.tree("Y-3", { form: "container", arrivedOn: "2026-05-01" });
  const is = async (id: string) => juvenile(await yard.events(id), on);
  expect([await is(young), await is(old), await is(grown)]).toEqual([true, false, false]);
});

test("an arrival is judged by the season of the day everything is seen as of", async () => {
  const winter = await arrivalContext(yard.id, "apple", "2026-01-10");
  const spring = await arrivalContext(yard.id, "apple", "2026-05-15");
  expect(winter!.season.phase).toBe("dormant");
  expect(spring!.season.phase).not.toBe("dormant");
  // A day of another age is no day: today counts.
  expect((await arrivalContext(yard.id, "apple", "1026-01-10"))!.season.phase).toBe(spring!.season.phase);
});
