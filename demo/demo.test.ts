import { toDay, toIso } from "@/core/dates/index";
import { kindById } from "@/core/species/index";
import { potSchema, volumeL } from "@/core/vessel/index";
import { grow } from "./grown";
import { RAISED } from "./pedregal";
import { LOTS, TREES } from "./tramhalle";
import { TRAMHALLE_ROWS } from "./tramhalle-rows";
import { generatedRecord, TRAMHALLE_NORMALS } from "./weather";

test("tags are unique, kinds listed or typed with a habit, pots possible", () => {
  expect(new Set(TREES.map((t) => t.tag)).size).toBe(TREES.length);
  expect(TREES.length).toBeGreaterThanOrEqual(12);
  for (const tree of TREES) {
    expect(tree.kindId === undefined ? tree.habit : kindById(tree.kindId)).toBeTruthy();
    expect(potSchema.safeParse(tree.pot).success).toBe(true);
  }
  for (const lot of LOTS) expect(potSchema.safeParse(lot.pot).success).toBe(true);
});

test("the collection shows what it is there to show: a batch, names for sizes, an unlisted kind, a final pot, several habits and walls", () => {
  expect(TREES.some((t) => (t.count ?? 1) > 1)).toBe(true);
  expect(TREES.some((t) => t.typedName !== undefined)).toBe(true);
  expect(TREES.some((t) => t.finalVolumeL !== undefined)).toBe(true);
  expect(new Set(TREES.flatMap((t) => (t.kindId ? [kindById(t.kindId)!.habit] : []))).size).toBeGreaterThanOrEqual(5);
  expect(new Set(TREES.map((t) => t.pot.known))).toEqual(new Set(["measured", "nominal", "about"]));
  expect(
    new Set(LOTS.map((l) => (l.pot.known === "measured" ? l.pot.vessel.wall : l.pot.wall))).size,
  ).toBeGreaterThanOrEqual(4);
});

test("histories run forward and use pots that are in store, as many as there are plants", () => {
  const lots = new Map(LOTS.map((l) => [l.key, l]));
  const used = new Map<string, number>();
  for (const tree of TREES) {
    const order = (past: readonly [number, string]) => -past[0] * 1000 + Number(past[1].replace("-", ""));
    let last = order(tree.arrived);
    for (const event of tree.history) {
      expect(order(event.on)).toBeGreaterThanOrEqual(last);
      last = order(event.on);
      if (event.do === "pot") {
        expect(lots.has(event.lot)).toBe(true);
        used.set(event.lot, (used.get(event.lot) ?? 0) + (tree.count ?? 1));
      }
    }
  }
  for (const [key, n] of used) expect(lots.get(key)!.count).toBeGreaterThanOrEqual(n);
  for (const lot of LOTS) if (lot.pot.known === "measured") expect(volumeL(lot.pot.vessel)).toBeGreaterThan(2);
});

test("the weather ends yesterday, has no holes and the cold nights of its place", () => {
  const today = "2026-05-15";
  const record = generatedRecord(48.3, TRAMHALLE_NORMALS, today, 11, 5);
  expect(toIso(record.startDay)).toBe("2015-01-01");
  expect(record.startDay + record.tminC.length).toBe(toDay(today));
  expect(record.tminC.some(Number.isNaN)).toBe(false);
  expect(Math.min(...record.tminC)).toBeLessThan(-14);
  expect(Math.max(...record.tmaxC)).toBeGreaterThan(28);
});

test("the rows of the roof grow the same past every time, forward in time, with the usual gaps", () => {
  const trees = grow(TRAMHALLE_ROWS, 7);
  expect(grow(TRAMHALLE_ROWS, 7)).toEqual(trees);
  expect(grow(TRAMHALLE_ROWS, 8)).not.toEqual(trees);
  const tags = [...TREES, ...trees].map((t) => t.tag);
  expect(new Set(tags).size).toBe(tags.length);
  expect(tags.length).toBeGreaterThanOrEqual(60);
  for (const tree of trees) {
    expect(potSchema.safeParse(tree.pot).success).toBe(true);
    expect(tree.kindId === undefined ? tree.habit : kindById(tree.kindId)).toBeTruthy();
    const days = [tree.arrived, ...tree.history.map((e) => e.on)].map(
      ([ago, md]) => -ago * 10_000 + Number(md.replace("-", "")),
    );
    expect([...days].sort((a, b) => a - b)).toEqual(days);
  }
  const pottings = trees.flatMap((t) => t.history).filter((e) => e.do === "past-pot");
  expect(new Set(pottings.map((p) => p.rough))).toEqual(new Set(["day", "season", "year"]));
  expect(pottings.some((p) => p.mix === null)).toBe(true);
  expect(new Set(trees.map((t) => t.pot.known))).toEqual(new Set(["nominal", "about", "outside"]));
});

test("the parks yard raises nine hundred liners a year and forty specimens", () => {
  expect(RAISED.reduce((n, k) => n + k.perYear, 0)).toBe(900);
  expect(RAISED.reduce((n, k) => n + k.specimens, 0)).toBe(40);
  for (const kind of RAISED) expect(kind.kindId === undefined ? kind.typedName : kindById(kind.kindId)).toBeTruthy();
});
