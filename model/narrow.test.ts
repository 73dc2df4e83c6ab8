import { toDay } from "@/core/dates/index";
import type { ReadableEvent } from "@/core/event/index";
import { pointsOf } from "@/core/roots/index";
import { onStock, profileOf } from "@/core/species/index";
import { aLot, aPotting, aTree, anEvent } from "@/test-support/records";
import type { KindTracks, ReplayContext } from "./context";
import { openYard } from "./open-yard";
import type { LotRecord } from "@/core/records/records";
import { replay } from "./replay";

/** Every day brings four degree-days: 1,460 a year. */
const START = toDay("2016-01-01");
const sums = Float32Array.from({ length: 6000 }, (_, i) => 4 * i);
const warmth = { startDay: START, observedUntil: START, sums: { temperate: sums, warm: sums } };
const profile = profileOf({ kindId: "quince", typedName: null, habit: null });
// Only the warmth and the profile are read by what is tested here.
const kind = { profile, warmth } as unknown as KindTracks;
const tracks = { latitudeDeg: 48, kinds: { quince: kind } } as unknown as ReplayContext;
const on = toDay("2026-05-15");

const tree = aTree();
const lots = (...list: LotRecord[]) => new Map(list.map((lot) => [lot.id, lot]));
const arrive = (lot: LotRecord | null, more: Record<string, unknown> = {}): ReadableEvent =>
  anEvent(
    "2025-05-01",
    { kind: "arrived", form: "unknown", lastPotted: null, ...more },
    {
      treeId: tree.id,
      potLotId: lot?.id ?? null,
    },
  );
const about = aLot({ known: "about", litres: 10, wall: "smooth-plastic" });
const named = aLot({ known: "nominal", system: "container-class", size: "#5", wall: "smooth-plastic" });
const measured = aLot({ known: "measured", vessel: { shape: "cylinder", topWidthMm: 250, heightMm: 250 } });
const narrowing = (events: ReadableEvent[], lotMap: ReadonlyMap<string, LotRecord>) =>
  openYard(
    { records: { trees: [tree], lots: [...lotMap.values()], events }, risk: 0.1 },
    { tracks },
    { today: "2026-05-15" },
  )
    .tree(tree.id)!
    .on(on)!.narrowing;
const band = (events: ReadableEvent[], lotMap: ReadonlyMap<string, LotRecord>) => {
  const { x, weight } = pointsOf(replay(events, lotMap, profile, warmth, on)!.belief);
  const mean = x.reduce((sum, v, i) => sum + v * weight[i], 0);
  return { mean, sd: Math.sqrt(x.reduce((sum, v, i) => sum + weight[i] * (v - mean) ** 2, 0)) };
};

test("a tree of unknown history is asked to be looked at first; a feel tells less than a look", () => {
  const found = narrowing([arrive(about)], lots(about));
  expect(found[0].question).toBe("look");
  const after = (q: string) => found.find((n) => n.question === q)?.after ?? Infinity;
  expect(after("look")).toBeLessThan(after("feel"));
  for (const n of found) expect(n.after).toBeLessThan(n.before);
});

test("what is known already is not asked: an exact day, a measured pot, a fresh look", () => {
  const potted = { best: "2025-04-20", from: "2025-04-20", to: "2025-04-20" };
  const asked = (events: ReadableEvent[], map: ReadonlyMap<string, LotRecord>) =>
    narrowing(events, map).map((n) => n.question);
  expect(asked([arrive(measured, { lastPotted: potted })], lots(measured))).not.toContain("potting-date");
  expect(asked([arrive(measured)], lots(measured))).not.toContain("measure-pot");
  const looks = [4, 4, 4].map(() =>
    anEvent("2026-05-14", { kind: "roots-read", fillGrade: 4, circlingGrade: null }, { treeId: tree.id }),
  );
  expect(asked([arrive(measured), ...looks], lots(measured))).toEqual([]);
});

test("a rough potting date and a trade size both widen what is known after a potting", () => {
  const pot = (from: string, to: string, lot: LotRecord) =>
    anEvent("2025-09-01", aPotting(), { treeId: tree.id, potLotId: lot.id, on: { best: "2025-09-01", from, to } });
  const size = 14.5;
  const sure = aLot({
    known: "measured",
    vessel: { shape: "cylinder", topWidthMm: 265, heightMm: 265, measuredVolumeL: size },
  });
  const all = lots(measured, named, sure);
  const exact = band([arrive(measured), pot("2025-09-01", "2025-09-01", measured)], all);
  const roughDay = band([arrive(measured), pot("2025-03-01", "2026-02-28", measured)], all);
  const bySize = band([arrive(measured), pot("2025-09-01", "2025-09-01", named)], all);
  const bySure = band([arrive(measured), pot("2025-09-01", "2025-09-01", sure)], all);
  expect(roughDay.sd).toBeGreaterThan(exact.sd);
  expect(bySize.sd).toBeGreaterThan(bySure.sd);
});

test("a pot nobody described gives a wide prior, not an error, and a look narrows it", () => {
  const nothing = arrive(null);
  const wide = replay([nothing], lots(), profile, warmth, on)!;
  expect(wide.pot).toBeNull();
  expect(wide.volumeL.p90 / wide.volumeL.p10).toBeGreaterThan(10);
  const look = anEvent("2026-05-01", { kind: "roots-read", fillGrade: 1, circlingGrade: 0 }, { treeId: tree.id });
  const feel = anEvent(
    "2026-05-01",
    { kind: "roots-read", fillGrade: 1, circlingGrade: null, by: "feel" },
    { treeId: tree.id },
  );
  const before = band([nothing], lots());
  const felt = band([nothing, feel], lots());
  const seen = band([nothing, look], lots());
  expect(seen.sd).toBeLessThan(before.sd);
  expect(Math.abs(felt.mean - before.mean)).toBeLessThan(Math.abs(seen.mean - before.mean));
});

test("sharing a pot raises how full each share is and disturbs nobody who was there", () => {
  const join = anEvent(
    "2025-06-01",
    { kind: "joined", share: 0.5, together: [tree.id, "x"], correction: "none" },
    { treeId: tree.id, potLotId: measured.id },
  );
  const alone = replay([arrive(measured, { form: "cutting" })], lots(measured), profile, warmth, toDay("2025-06-01"))!;
  const shared = replay(
    [arrive(measured, { form: "cutting" }), join],
    lots(measured),
    profile,
    warmth,
    toDay("2025-06-01"),
  )!;
  expect(shared.volumeL.p50).toBeCloseTo(alone.volumeL.p50 / 2, 9);
  expect(shared.belief.x[5]).toBeGreaterThan(alone.belief.x[5]);
  expect(shared.belief.warmthSince).toBe(alone.belief.warmthSince);
  const apart = anEvent(
    "2025-06-01",
    { kind: "joined", share: 1, together: [tree.id], correction: "none" },
    { treeId: tree.id, potLotId: measured.id },
  );
  const again = replay(
    [arrive(measured, { form: "cutting" }), join, apart],
    lots(measured),
    profile,
    warmth,
    toDay("2025-06-01"),
  )!;
  expect(again.volumeL.p50).toBeCloseTo(alone.volumeL.p50, 9);
  expect(again.belief.x[5]).toBeCloseTo(alone.belief.x[5], 6);
});

test("a dwarfing stock slows the roots, a vigorous one hastens them, no word changes nothing", () => {
  expect(onStock(profile, null)).toBe(profile);
  expect(onStock(profile, "very-dwarfing").kPerDegreeDay).toBeLessThan(onStock(profile, "half").kPerDegreeDay);
  expect(onStock(profile, "vigorous").kPerDegreeDay).toBeGreaterThan(profile.kPerDegreeDay);
});
