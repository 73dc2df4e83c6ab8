import { toDay, toIso } from "../dates/index";
import { chillMet, degreeDays, seasonSums, SUM_KINDS, WARMTH_BASE_C } from "./index";

/** Ten even years: warm at 18–22 °C in the warm half, cold in the other; portions one a day below 5 °C. */
function evenRun(from: string, to: string, warm: (iso: string) => boolean) {
  const [start, end] = [toDay(from), toDay(to)];
  const n = end - start;
  const days = Array.from({ length: n }, (_, i) => warm(toIso(start + i)));
  const of = (hot: number, cold: number) => Float32Array.from(days, (w) => (w ? hot : cold));
  let total = 0;
  return {
    startDay: start,
    tminC: of(18, -2),
    tmaxC: of(22, 4),
    solarMJ: of(20, 5),
    rainMm: new Float32Array(n),
    windMs: new Float32Array(n),
    rootZoneC: of(20, 2),
    portions: Float32Array.from(days, (w) => (total += w ? 0 : 1)),
    growingHours: new Float32Array(n),
  };
}
const summer = (iso: string) => iso.slice(5) >= "05-01" && iso.slice(5) < "10-01";
const run = evenRun("2014-01-01", "2026-05-15", summer);
const today = toDay("2026-05-14");

test("equal years make a band without width, and this year lies on it", () => {
  for (const kind of SUM_KINDS) {
    const sums = seasonSums(run, run, 48, today, kind);
    expect(sums.years).toBeGreaterThanOrEqual(10);
    // A leap day shifts a year by at most one day's sum.
    sums.p90.forEach((v, d) => expect(v - sums.p10[d]).toBeLessThanOrEqual(14));
    expect(sums.current).toHaveLength(Math.min(sums.days, today + 1 - toDay(sums.from)));
    expect(Math.abs(sums.current.at(-1)! - sums.p50[sums.current.length - 1])).toBeLessThanOrEqual(14);
    for (let d = 1; d < sums.days; d++) expect(sums.p50[d]).toBeGreaterThanOrEqual(sums.p50[d - 1]);
  }
});

test("warmth counts from the first of January north, of July south; chill from October and April", () => {
  const from = (latitude: number, kind: "warmth" | "chill", on: string) =>
    seasonSums(run, null, latitude, toDay(on), kind).from;
  expect(from(48, "warmth", "2026-05-14")).toBe("2026-01-01");
  expect(from(-48, "warmth", "2026-05-14")).toBe("2025-07-01");
  expect(from(-48, "warmth", "2026-07-01")).toBe("2026-07-01");
  expect(from(48, "chill", "2026-05-14")).toBe("2025-10-01");
  expect(from(-48, "chill", "2026-05-14")).toBe("2026-04-01");
});

test("a day's warmth is what the single sine gives, and without a record there is no line of this year", () => {
  const sums = seasonSums(run, null, 48, today, "warmth");
  expect(sums.current).toEqual([]);
  const may = toDay("2026-05-10") - toDay("2026-01-01");
  expect(sums.p50[may] - sums.p50[may - 1]).toBeCloseTo(degreeDays(18, 22, WARMTH_BASE_C), 6);
});

test("a need for chill is met on the day the middle year passes it, or never", () => {
  const sums = seasonSums(run, run, 48, today, "chill");
  expect(chillMet(sums, 50)).toEqual({ share: 1, day: 49 });
  expect(chillMet(sums, 500)).toEqual({ share: 0, day: null });
});
