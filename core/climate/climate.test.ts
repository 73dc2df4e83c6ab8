import { normalsFromAnswers } from "../atlas/index";
import fc from "fast-check";
import { toDay, toIso } from "../dates/index";
import {
  answerFaults,
  buildSite,
  calendarSlot,
  dailyCurve,
  dayAfterWarmth,
  degreeDays,
  fillShortGaps,
  frostStatistics,
  generateWeather,
  hourlyTemperatures,
  normalsFromRecord,
  type SiteAnswers,
  warmthBetween,
  rootZoneTemperatures,
} from "./index";

const continental: SiteAnswers = {
  latitudeDeg: 48.3,
  longitudeDeg: 11.9,
  elevationM: 540,
  coldestNightC: -16,
  lastSpringFrost: "05-01",
  firstAutumnFrost: "10-12",
};
const southern: SiteAnswers = {
  latitudeDeg: -41,
  longitudeDeg: 175,
  elevationM: 20,
  coldestNightC: -3,
  lastSpringFrost: "09-15",
  firstAutumnFrost: "06-01",
};
const today = toDay("2026-05-15");
const sites = new Map<SiteAnswers, ReturnType<typeof buildSite>>();
const siteOf = (answers: SiteAnswers) => {
  const site = sites.get(answers) ?? makeSite(answers);
  sites.set(answers, site);
  return site;
};
const makeSite = (answers: SiteAnswers) =>
  buildSite({
    latitudeDeg: answers.latitudeDeg,
    normals: normalsFromAnswers(answers, 7),
    record: null,
    today,
    seed: 7,
    historyFrom: today - 2000,
  });

test("daily curves keep their monthly means exactly", () => {
  const monthly = [-4, -3, 1, 5, 9, 13, 15, 14, 10, 6, 1, -3];
  const curve = dailyCurve(monthly);
  const lengths = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];
  let at = 0;
  lengths.forEach((n, m) => {
    let sum = 0;
    for (let d = 0; d < n; d++) sum += curve[at++];
    expect(sum / n).toBeCloseTo(monthly[m], 4);
  });
});

test.each([
  ["continental", continental],
  ["southern", southern],
])("four answers come back out of the generated years: %s", (_name, answers) => {
  const site = siteOf(answers);
  const frost = site.frost(0);
  const slotOf = (text: string) => toDay(`2001-${text}`) - toDay("2001-01-01");
  const distance = (a: number, b: number) => Math.min(Math.abs(a - b), 365 - Math.abs(a - b));
  expect(
    distance(calendarSlot(frost.last.rank[0.5]!, answers.latitudeDeg), slotOf(answers.lastSpringFrost!)),
  ).toBeLessThanOrEqual(5);
  expect(
    distance(calendarSlot(frost.first.rank[0.5]!, answers.latitudeDeg), slotOf(answers.firstAutumnFrost!)),
  ).toBeLessThanOrEqual(5);
  const { tminC } = site.ensemble;
  const coldest: number[] = [];
  for (let year = 0; year < 30; year++) coldest.push(Math.min(...tminC.subarray(year * 365, (year + 1) * 365)));
  coldest.sort((a, b) => a - b);
  expect(coldest[15]).toBeGreaterThan(answers.coldestNightC! - 1.2);
  expect(coldest[15]).toBeLessThan(answers.coldestNightC! + 1.2);
});

test("a place where it never freezes has no frost dates, and says so", () => {
  const tropics: SiteAnswers = {
    latitudeDeg: 8,
    longitudeDeg: 0,
    elevationM: 10,
    coldestNightC: 18,
    lastSpringFrost: null,
    firstAutumnFrost: null,
  };
  expect(answerFaults(tropics)).toEqual([]);
  const frost = siteOf(tropics).frost(0);
  expect(frost.first.withFrost).toBe(0);
  expect(frost.first.preferred[0.5]).toBeNull();
});

test.each([
  [{ lastSpringFrost: "10-10" }, "lastSpringFrost", "wrong-half-of-year"],
  [{ firstAutumnFrost: "04-10" }, "firstAutumnFrost", "wrong-half-of-year"],
  [{ firstAutumnFrost: "02-30" }, "firstAutumnFrost", "no-such-day"],
  [{ lastSpringFrost: null }, "lastSpringFrost", "one-without-the-other"],
  [{ coldestNightC: 4 }, "coldestNightC", "frost-without-cold"],
  [{ lastSpringFrost: null, firstAutumnFrost: null }, "coldestNightC", "cold-without-frost"],
])("answers that contradict each other are told apart: %j", (change, field, code) => {
  expect(answerFaults({ ...continental, ...change })).toContainEqual({ field, code });
});

test("29 February is a day like any other in the answers", () => {
  expect(answerFaults({ ...continental, lastSpringFrost: "02-29" })).toEqual([]);
});

test("generated weather repeats exactly for a seed and keeps the normals it was made from", () => {
  const normals = normalsFromAnswers(continental);
  const [a, b, c] = [
    generateWeather(48.3, normals, 30, 5),
    generateWeather(48.3, normals, 30, 5),
    generateWeather(48.3, normals, 30, 6),
  ];
  expect(a.tminC).toEqual(b.tminC);
  expect(a.tminC).not.toEqual(c.tminC);
  for (let i = 0; i < a.tminC.length; i++) if (!(a.tmaxC[i] - a.tminC[i] >= 0.49)) throw new Error("range");
  const back = normalsFromRecord(a)!;
  back.tminC.forEach((v, m) => expect(Math.abs(v - normals.tminC[m])).toBeLessThan(1));
  back.tmaxSdC.forEach((v, m) => expect(Math.abs(v - normals.tmaxSdC[m])).toBeLessThan(1));
  back.rainMm.forEach((v, m) => expect(Math.abs(v - normals.rainMm[m])).toBeLessThan(20));
});

test("warmer nights never bring the first frost forward nor the last one back", () => {
  const { startDay, tminC } = siteOf(continental).ensemble;
  fc.assert(
    fc.property(fc.double({ min: 0, max: 6, noNaN: true }), (offset) => {
      const [cold, warm] = [frostStatistics(48, startDay, tminC, 0), frostStatistics(48, startDay, tminC, 0, offset)];
      cold.first.byYear.forEach((d, i) =>
        expect(warm.first.byYear[i] === null || warm.first.byYear[i] >= d!).toBe(true),
      );
      cold.last.byYear.forEach((d, i) => expect(warm.last.byYear[i] === null || warm.last.byYear[i] <= d!).toBe(true));
    }),
    { numRuns: 20 },
  );
});

test("an incomplete frost year does not count", () => {
  const days = new Float64Array(365 * 3 + 1).fill(5); // 2004 is a leap year
  const startDay = toDay("2001-07-01");
  expect(frostStatistics(50, startDay, days, 0).first.years).toBe(3);
  days[200] = NaN;
  expect(frostStatistics(50, startDay, days, 0).first.years).toBe(2);
});

test("short gaps are filled in a straight line, long ones stay open", () => {
  const values = Float32Array.from([1, NaN, NaN, 4, NaN, NaN, NaN, NaN, 9]);
  expect(fillShortGaps(values)).toBe(2);
  expect([...values].slice(0, 4)).toEqual([1, 2, 3, 4]);
  expect(values.slice(4, 8).every(Number.isNaN)).toBe(true);
});

test("hours lie within the day's extremes and touch the minimum", () => {
  const hourly = hourlyTemperatures(48, toDay("2025-04-01"), [2, 3, 1, 4], [12, 15, 11, 16]);
  for (let d = 1; d < 3; d++) {
    const hours = [...hourly.slice(d * 24, d * 24 + 24)];
    expect(Math.max(...hours)).toBeLessThanOrEqual(15.01);
    expect(Math.min(...hours)).toBeGreaterThanOrEqual(0.9);
  }
});

test("degree-days rise with temperature and are cut above", () => {
  fc.assert(
    fc.property(
      fc.double({ min: -10, max: 30, noNaN: true }),
      fc.double({ min: 0.5, max: 15, noNaN: true }),
      (low, range) => {
        const [a, b] = [degreeDays(low, low + range, 8), degreeDays(low + 1, low + range + 1, 8)];
        expect(b).toBeGreaterThanOrEqual(a - 1e-9);
        expect(degreeDays(low, low + range, 8, 25)).toBeLessThanOrEqual(17 + 1e-9);
      },
    ),
  );
});

test("warmth between two days, and the day by which it has passed, agree", () => {
  const { warmth } = siteOf(continental);
  const from = today - 300;
  for (const need of [10, 300, 1500, 4000]) {
    const day = dayAfterWarmth(warmth, "temperate", from, need)!;
    expect(warmthBetween(warmth, "temperate", from, day)).toBeGreaterThanOrEqual(need - 0.5);
    expect(warmthBetween(warmth, "temperate", from, day - 1)).toBeLessThan(need + 0.5);
  }
  expect(dayAfterWarmth(warmth, "temperate", from, 1e7)).toBeNull();
});

test("the record speaks up to its last day, the weather years after it; frosts are counted from a long record", () => {
  const normals = normalsFromAnswers(continental);
  const record = generateWeather(48.3, normals, 13, 99);
  const shifted = { ...record, startDay: today - record.tminC.length + 1 };
  const site = buildSite({ latitudeDeg: 48.3, normals, record: shifted, today, seed: 7, historyFrom: today - 3000 });
  expect(site.basis).toBe("record");
  expect(site.recordYears).toBeGreaterThanOrEqual(10);
  const { slices, observedUntil } = site.season(2026);
  expect(toIso(observedUntil)).toBe(toIso(today + 1));
  const at = today - slices[0].startDay;
  expect(slices.every((s) => s.tminC[at] === shifted.tminC[shifted.tminC.length - 1])).toBe(true);
  expect(new Set(slices.map((s) => s.tminC[at + 5])).size).toBeGreaterThan(5);
});

test("the root zone follows the day's mean and its sun by the share 1 − 1/e a day", () => {
  // Means 5, 7 and 9 °C; 10, 0 and 20 MJ/m² add 1, 0 and 2 K; by hand from 5 °C on.
  const zone = rootZoneTemperatures([0, 2, 4], [10, 12, 14], [10, 0, 20]);
  expect([...zone].map((v) => Number(v.toFixed(4)))).toEqual([5.6321, 6.4968, 9.3434]);
  expect(rootZoneTemperatures([], [], [])).toHaveLength(0);
});
