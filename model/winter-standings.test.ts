import { aLot, anEvent, aTree } from "@/test-support/records";
import { HILL, siteInputOf } from "@/test-support/sites";
import { midwinterOf, toDay, toIso } from "@/core/dates/index";
import type { EventPayload } from "@/core/event/index";
import { OUTSIDE, winterOn } from "@/core/shelter/index";
import { openYard } from "./open-yard";
import type { YardWeather } from "./weather";
import { plannedKey, shelterPlanOf } from "./winter-plan";
import { HAND_M } from "./winter-standings";
import { resolveRecords, type TreeRecord } from "@/core/records/index";

const SOUTH = { ...HILL, latitudeDeg: -41, coldestNightC: -4, lastSpringFrost: "10-01", firstAutumnFrost: "05-10" };
const TODAY = "2026-11-20";
const north = { key: "hill", input: siteInputOf(HILL, { today: TODAY }) };

const lot = aLot({
  known: "measured",
  vessel: { shape: "cylinder", topWidthMm: 300, heightMm: 280, wall: "terracotta" },
});
const arrived: EventPayload = { kind: "arrived", form: "container", lastPotted: null };
const came = (tree: TreeRecord, potLotId: string | null = lot.id) =>
  anEvent("2024-04-01", arrived, { treeId: tree.id, potLotId });
const placed = (tree: TreeRecord, on: string, placeId: string | null) =>
  anEvent(on, { kind: "placed" }, { treeId: tree.id, placeId });

/** The standings of some trees as their events say, on a day of a northern autumn unless said otherwise. */
function standingsOf(
  trees: TreeRecord[],
  events: ReturnType<typeof anEvent>[],
  weather: YardWeather = north,
  on = TODAY,
  lots = [lot],
) {
  const records = resolveRecords({ trees, lots, places: [], events });
  const yard = openYard({ records, risk: 0.1 }, weather, { today: toIso(weather.input.today) });
  const winter = winterOn(toDay(on), yard.latitudeDeg);
  return { ...yard.on(on).winter(winter), winter, indexed: yard.indexed };
}

test("a pot is a circle of its own ground with room for a hand, its height the tree's and the pot's, its mass watered", () => {
  const tree = aTree({ tag: "L-1", kindId: "lemon", heightM: 1.2, trunkMm: 25 });
  const { standings, trees } = standingsOf([tree], [came(tree)]);
  const [s] = standings;
  // A wall of terracotta is thicker than the inside that was measured.
  expect(s.widthM).toBeGreaterThanOrEqual(0.3 + HAND_M);
  expect(s.widthM).toBeLessThan(0.4 + HAND_M);
  expect(s.heightM).toBeCloseTo(1.48, 2);
  expect(s).toMatchObject({ tag: "L-1", plants: 1, evergreen: true, homeId: null, anchored: false, group: null });
  // 17 L of wet mix, the clay and the tree.
  expect(s.eachKg).toBeGreaterThan(17);
  expect(s.eachKg).toBeLessThan(40);
  expect(trees[0]).toMatchObject({ wall: "terracotta", frostProof: null, homeId: null });
});

test("a measured crown wider than its pot takes the ground, more of an evergreen's than of bare twigs", () => {
  const [lemon, fig, small] = [aTree({ kindId: "lemon" }), aTree({ kindId: "fig" }), aTree({ kindId: "lemon" })];
  const crown = (t: TreeRecord, crownM: number) =>
    anEvent(
      "2026-09-01",
      { kind: "measured", pot: null, depthToMixMm: null, trunkMm: null, heightM: null, crownM },
      { treeId: t.id },
    );
  const { standings } = standingsOf(
    [lemon, fig, small],
    [came(lemon), came(fig), came(small), crown(lemon, 1.5), crown(fig, 1.5), crown(small, 0.2)],
  );
  expect(standings.map((s) => s.crownM)).toEqual([1.5, 1.5, 0.2]);
  const [wide, bare, pot] = standings;
  expect(wide.widthM).toBeCloseTo(1.2, 9);
  expect(bare.widthM).toBeLessThan(wide.widthM);
  expect(bare.widthM).toBeGreaterThan(bare.potM);
  // Tied in it passes a door narrower than it stands.
  expect(wide.throughM).toBeLessThan(wide.widthM);
  expect(pot.widthM).toBe(pot.potM);
});

test("a batch is one standing as wide as its block, as heavy as all of it", () => {
  const one = aTree({ tag: "ONE" });
  const many = aTree({ tag: "MANY", count: 40 });
  const { standings } = standingsOf([one, many], [came(one), came(many)]);
  const [single, block] = standings;
  expect(block.plants).toBe(40);
  expect(block.massKg).toBeCloseTo(40 * single.eachKg, 6);
  const area = (w: number) => w * w;
  expect(area(block.widthM)).toBeGreaterThan(40 * area(single.widthM));
  expect(area(block.widthM)).toBeLessThan(60 * area(single.widthM));
});

test("trees in one pot are carried once, under both their tags, and each has a winter of its own", () => {
  const [a, b] = [aTree({ tag: "A" }), aTree({ tag: "B", kindId: "fig" })];
  const together = [a.id, b.id];
  const joined: EventPayload = { kind: "joined", share: 0.5, together, correction: "none" };
  const shared = aLot(lot.pot, "Trough");
  const { standings, trees } = standingsOf(
    [a, b],
    [
      came(a, shared.id),
      came(b, shared.id),
      ...[a, b].map((t) => anEvent("2025-04-01", joined, { treeId: t.id, potLotId: shared.id })),
    ],
    north,
    TODAY,
    [shared],
  );
  expect(standings).toHaveLength(1);
  expect(standings[0]).toMatchObject({ tag: "A + B", treeIds: [a.id, b.id] });
  expect(trees.map((t) => t.id)).toEqual([a.id, b.id]);
  // Each is warmed by the whole pot, not by its share.
  expect(trees[0].volumeL).toBeCloseTo(standings[0].volumeL, 6);
});

test("home is where it stands at midsummer, last winter's place where it stood at last midwinter", () => {
  const tree = aTree();
  const { standings, winter } = standingsOf(
    [tree],
    [
      came(tree),
      placed(tree, "2024-05-01", "row"),
      placed(tree, "2025-11-10", "cellar"),
      placed(tree, "2026-04-20", "row"),
      placed(tree, "2026-11-05", "porch"),
    ],
  );
  expect(toIso(midwinterOf(winter, 48)).slice(0, 7)).toBe("2026-12");
  expect(standings[0]).toMatchObject({
    homeId: "row",
    nowId: "porch",
    lastWinterId: "cellar",
    lastWinterKnown: true,
  });
});

test("in the south the same is asked of June, and of the January before it", () => {
  const tree = aTree();
  const south = { key: "south", input: siteInputOf(SOUTH) };
  const { standings, winter } = standingsOf(
    [tree],
    [
      came(tree),
      placed(tree, "2024-10-01", "terrace"),
      placed(tree, "2025-05-20", "shed"),
      placed(tree, "2025-10-10", "terrace"),
    ],
    south,
    "2026-05-15",
  );
  expect(toIso(midwinterOf(winter, -41)).slice(0, 7)).toBe("2026-06");
  expect(standings[0]).toMatchObject({ homeId: "terrace", nowId: "terrace", lastWinterId: "shed" });
});

test("where it stood last winter is unknown of a tree nobody has placed; without a pot it is left out and named", () => {
  const [free, potless] = [aTree(), aTree()];
  const { standings, withoutPot } = standingsOf([free, potless], [came(free), came(potless, null)]);
  expect(standings).toHaveLength(1);
  expect(standings[0].lastWinterKnown).toBe(false);
  expect(withoutPot).toEqual([potless.id]);
});

test("the dead and the sold stand nowhere; sets stand together; who is rooted into the ground stays", () => {
  const [dead, one, two] = [aTree(), aTree(), aTree()];
  const { standings } = standingsOf(
    [dead, one, two],
    [
      came(dead),
      came(one),
      came(two),
      anEvent(
        "2026-01-10",
        { kind: "ended", how: "died", count: 1, cause: null, potLeaves: false, note: "" },
        { treeId: dead.id },
      ),
      ...[one, two].map((t) => anEvent("2026-02-01", { kind: "matched", set: "gate" }, { treeId: t.id })),
      anEvent("2026-06-01", { kind: "anchored", anchored: true }, { treeId: two.id }),
    ],
  );
  expect(standings.map((s) => s.id)).toEqual([one.id, two.id]);
  expect(standings.map((s) => s.group)).toEqual(["set:gate", "set:gate"]);
  expect(standings.map((s) => s.anchored)).toEqual([false, true]);
});

test("wrapping, the grower's own word and what was said of the clay reach the winter", () => {
  const tree = aTree();
  const chosen = standingsOf(
    [tree],
    [
      came(tree),
      anEvent("2026-11-01", { kind: "protected", wrap: "jute", mulched: true, sunk: false }, { treeId: tree.id }),
      anEvent("2026-11-01", { kind: "winter-word", inBelowC: 3 }, { treeId: tree.id }),
      anEvent("2026-11-01", { kind: "lot-described", frostProof: true }, { potLotId: lot.id }),
    ],
  );
  const protection = { wrap: "jute", mulched: true, sunk: false };
  expect(chosen.standings[0]).toMatchObject({ protection, inBelowC: 3 });
  expect(chosen.trees[0]).toMatchObject({ protection, inBelowC: 3, frostProof: true });
});

test("a kept plan is the last whole one with what was changed after it; other winters have their own", () => {
  const [a, b] = [aTree(), aTree()];
  const planned = (winter: number, whole: boolean, stands: { treeId: string; placeId: string | null; xM?: number }[]) =>
    anEvent("2026-10-01", { kind: "shelter-planned", winter, whole, stands });
  const { indexed } = standingsOf(
    [a, b],
    [
      came(a),
      came(b),
      planned(2026, true, [{ treeId: a.id, placeId: "old" }]),
      planned(2026, true, [{ treeId: b.id, placeId: "porch", xM: 1 }]),
      planned(2026, false, [{ treeId: a.id, placeId: null }]),
      planned(2027, true, [{ treeId: a.id, placeId: "next" }]),
    ],
  );
  const plan = shelterPlanOf(indexed, 2026)!;
  expect(Object.fromEntries(plan)).toEqual({
    [a.id]: { placeId: null, xM: null, yM: null },
    [b.id]: { placeId: "porch", xM: 1, yM: null },
  });
  expect(shelterPlanOf(indexed, 2025)).toBeNull();
  // Its summer place, and no word at all, both mean that it stays outside.
  expect(plannedKey(plan.get(b.id), "porch")).toBe(OUTSIDE);
  expect(plannedKey(plan.get(b.id), "row")).toBe("porch");
  expect(plannedKey(undefined, "row")).toBe(OUTSIDE);
});
