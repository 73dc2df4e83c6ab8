import fc from "fast-check";
import { frostSlotOf, toDay } from "../dates/index";
import { frostCurve, frostFreeSeason, frostStatistics, frostTrend } from "./index";

/** Whole years of minima that fall below zero until `springs[i]` and from `autumns[i]` on; northern by default. */
function minima(springs: string[], autumns: string[], firstYear = 1990) {
  const start = toDay(`${firstYear}-01-01`);
  const end = toDay(`${firstYear + springs.length}-01-01`);
  const values = new Float64Array(end - start).fill(-5);
  springs.forEach((spring, i) => {
    const year = firstYear + i;
    for (let d = toDay(`${year}-${spring}`) + 1; d < toDay(`${year}-${autumns[i]}`); d++) values[d - start] = 5;
  });
  return { start, values };
}
const years = 20;
const springs = Array.from({ length: years }, (_, i) => `04-${String(5 + i).padStart(2, "0")}`);
const autumns = Array.from({ length: years }, () => "10-10");
const made = minima(springs, autumns);
const statistics = frostStatistics(48, made.start, made.values, 0);

test("the curves agree with the dates of the table, by both methods", () => {
  const curve = frostCurve(statistics.last, "last", 48);
  for (const risk of [0.2, 0.5, 0.8] as const) {
    const at = statistics.last.rank[risk]!;
    const near = curve.reduce((a, b) => (Math.abs(b.slot - at) < Math.abs(a.slot - at) ? b : a));
    expect(Math.abs(near.rank - risk)).toBeLessThan(0.08);
    const bell = statistics.last.normal[risk]!;
    const on = curve.reduce((a, b) => (Math.abs(b.slot - bell) < Math.abs(a.slot - bell) ? b : a));
    expect(Math.abs(on.normal - risk)).toBeLessThan(0.05);
  }
});

test("chances only fall with the day in spring, only rise in autumn, and stay within 0 and the share of frosty years", () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 1, max: 30 }), { minLength: 4, maxLength: 25 }), (days) => {
      const s = days.map((d) => `04-${String(d).padStart(2, "0")}`);
      const a = days.map((d) => `10-${String(d).padStart(2, "0")}`);
      const { start, values } = minima(s, a);
      const stats = frostStatistics(48, start, values, 0);
      for (const which of ["last", "first"] as const) {
        const curve = frostCurve(stats[which], which, 48);
        for (let i = 1; i < curve.length; i++) {
          const sign = which === "last" ? -1 : 1;
          expect(sign * (curve[i].rank - curve[i - 1].rank)).toBeGreaterThanOrEqual(-1e-12);
          expect(sign * (curve[i].normal - curve[i - 1].normal)).toBeGreaterThanOrEqual(-1e-9);
        }
        for (const p of curve) expect(p.rank).toBeLessThanOrEqual(1);
      }
    }),
    { numRuns: 25 },
  );
});

test("springs a day later every year are a trend of ten days a decade, known exactly", () => {
  const trend = frostTrend(statistics.last, 48)!;
  expect(trend.daysPerDecade).toBeCloseTo(10, 1);
  expect(trend.plusMinus).toBeLessThan(0.5);
  const still = frostTrend(statistics.first, 48)!;
  expect(Math.abs(still.daysPerDecade)).toBeLessThan(0.5);
  const few = minima(springs.slice(0, 10), autumns.slice(0, 10));
  expect(frostTrend(frostStatistics(48, few.start, few.values, 0).last, 48)).toBeNull();
});

test("the frost-free season runs from the last frost to the first of the autumn after it", () => {
  const season = frostFreeSeason(statistics)!;
  const shortest = toDay("1990-10-10") - toDay(`1990-${springs[years - 1]}`) - 1;
  const longest = toDay("1990-10-10") - toDay(`1990-${springs[0]}`) - 1;
  expect(season.p10).toBeGreaterThanOrEqual(shortest);
  expect(season.p90).toBeLessThanOrEqual(longest);
  expect(season.p50).toBeCloseTo((shortest + longest) / 2, -1);
  expect(frostFreeSeason({ ...statistics, last: { ...statistics.last, startYear: [], byYear: [] } })).toBeNull();
});

test("warming the whole record never brings the last frost later, and the hemispheres mirror", () => {
  const warmer = frostStatistics(
    48,
    made.start,
    Float64Array.from(made.values, (v) => v + 6),
    0,
  );
  expect(warmer.last.withFrost).toBeLessThanOrEqual(statistics.last.withFrost);
  // Half a year later and south of the equator the same winter gives the same days of the frost year.
  const shift = toDay("1990-07-01") - toDay("1990-01-01");
  const south = frostStatistics(-48, made.start + shift, made.values, 0);
  const slots = (byYear: (string | null)[], latitude: number) =>
    byYear.flatMap((iso) => (iso === null ? [] : [frostSlotOf(toDay(iso), latitude)])).slice(2, 10);
  slots(south.last.byYear, -48).forEach((slot, i) => {
    expect(Math.abs(slot - slots(statistics.last.byYear, 48)[i])).toBeLessThanOrEqual(4);
  });
});
