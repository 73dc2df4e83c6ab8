import fc from "fast-check";
import { toDay } from "../dates/index";
import {
  airAsRead,
  hoursAtPlace,
  PLACE_AIR,
  type Shelter,
  type PotHour,
  hoursFromRows,
  type PotHours,
  weatherHours,
} from "../place/index";
import {
  crackChance,
  hardenedByDay,
  summerOutlook,
  type PotInWinter,
  potTemperature,
  killByDay,
  potCourse,
  rootKill,
  winterOutlook,
  WRAPS,
} from "./index";

const pot = (more: Partial<PotInWinter> = {}): PotInWinter => ({
  volumeL: 10,
  wall: "smooth-plastic",
  stand: "bench",
  ...more,
});
const steady = (airC: number, hours: number, more: Partial<PotHour> = {}): PotHours =>
  hoursFromRows(rows(airC, hours, more));
const rows = (airC: number, hours: number, more: Partial<PotHour> = {}): PotHour[] =>
  Array.from({ length: hours }, () => ({ airC, windMs: 2, soilC: 3, ...more }));
/** A cold night of a sine's shape. */
const night = (coldestC: number): PotHours =>
  hoursFromRows([
    ...rows(2, 24),
    ...Array.from({ length: 24 }, (_, h) => ({
      airC: 2 - (2 - coldestC) * Math.sin((Math.PI * h) / 24) ** 2,
      windMs: 1.5,
      soilC: 3,
      skyLossWm2: 60,
    })),
  ]);

const anyPot = fc.record({
  volumeL: fc.double({ min: 1, max: 200, noNaN: true }),
  wall: fc.constantFrom("smooth-plastic", "terracotta", "fabric", "foam-30mm" as const),
  stand: fc.constantFrom("bench", "ground", "sunk" as const),
  exposure: fc.double({ min: 0.2, max: 1, noNaN: true }),
  mulchR: fc.double({ min: 0, max: 1, noNaN: true }),
  waterFraction: fc.double({ min: 0.05, max: 0.5, noNaN: true }),
}) as fc.Arbitrary<PotInWinter>;

test("the energy balance closes: what comes in is what the mix holds more", () => {
  fc.assert(
    fc.property(anyPot, fc.double({ min: -20, max: 8, noNaN: true }), (p, coldest) => {
      const { takenMJ, heldMJ } = potTemperature(p, 3, night(coldest));
      expect(takenMJ).toBeCloseTo(heldMJ, 6);
    }),
    { numRuns: 40 },
  );
});

test("more insulation is never colder at the core in a cold night", () => {
  fc.assert(
    fc.property(anyPot, fc.double({ min: -20, max: -2, noNaN: true }), (p, coldest) => {
      const bare = potTemperature(p, 3, night(coldest));
      for (const wrap of WRAPS)
        expect(potTemperature({ ...p, wrap }, 3, night(coldest)).minCoreC).toBeGreaterThanOrEqual(bare.minCoreC - 1e-6);
      const mulched = potTemperature({ ...p, mulchR: (p.mulchR ?? 0) + 0.5 }, 3, night(coldest));
      expect(mulched.minCoreC).toBeGreaterThanOrEqual(bare.minCoreC - 1e-6);
    }),
    { numRuns: 30 },
  );
});

test("time constants on a bench in wind of 2 m/s are those the coefficients were chosen by, within a third", () => {
  for (const [volumeL, shellH, coreH] of [
    [2, 1.4, 2.1],
    [10, 2.3, 4.7],
    [40, 3.8, 10.1],
    [120, 5.9, 18.9],
  ]) {
    const { shellC, coreC } = potTemperature(pot({ volumeL }), 20, steady(10, 80));
    const reached = (series: Float64Array) => series.findIndex((t) => t <= 20 - 0.632 * 10) + 1;
    expect(reached(shellC)).toBeGreaterThanOrEqual(shellH * 0.66);
    expect(reached(shellC)).toBeLessThanOrEqual(Math.ceil(shellH * 1.34));
    expect(reached(coreC)).toBeGreaterThanOrEqual(coreH * 0.66);
    expect(reached(coreC)).toBeLessThanOrEqual(Math.ceil(coreH * 1.34));
  }
});

test("what growers are told: water before frost; wrapping buys days; only the ground holds", () => {
  const wet = potTemperature(pot({ waterFraction: 0.45 }), 2, night(-14));
  const dry = potTemperature(pot({ waterFraction: 0.08 }), 2, night(-14));
  expect(wet.minShellC).toBeGreaterThan(dry.minShellC + 3);
  // After eight days of steady frost every unsunk pot is at the temperature of the air, wrapped or not.
  const spell = steady(-8, 24 * 12);
  for (const wrap of [null, "bubble-double"] as const)
    expect(potTemperature(pot({ wrap }), 2, spell).coreC.at(-1)!).toBeLessThan(-7);
  expect(potTemperature(pot({ stand: "sunk", mulchR: 0.5 }), 2, spell).coreC.at(-1)!).toBeGreaterThan(-1.5);
});

test("roots harden after four cold weeks and soften in one warm one; young ones at the wall die first", () => {
  const cold = hardenedByDay([...new Array<number>(27).fill(3), 3, 3, ...new Array<number>(7).fill(9)]);
  expect([cold[26], cold[27], cold[34], cold[35]]).toEqual([0, 1, 1, 0]);
  const limits = { youngC: -5, matureC: -10 };
  expect(rootKill(-5, 0, limits, true)).toBeCloseTo(0.45 * 0.5, 3);
  expect(rootKill(-8, -8, limits, false)).toBeGreaterThan(rootKill(-8, -8, limits, true));
  expect(rootKill(-30, -30, limits, true)).toBeCloseTo(1, 6);
  expect(rootKill(5, 5, limits, true)).toBeLessThan(1e-6);
});

test("a winter of many courses: the tenth is never warmer than the middle, and a colder site loses more", () => {
  const startDay = toDay("2026-11-01");
  const courses = (shift: number) =>
    Array.from({ length: 8 }, (_, i) => {
      const mean = Array.from(
        { length: 90 },
        (_, d) => 2 - 9 * Math.sin((Math.PI * d) / 90) + shift + ((i * 7 + d * 3) % 5) - 2,
      );
      const flat = (v: number) => mean.map(() => v);
      return weatherHours(48, {
        startDay,
        tminC: mean.map((t) => t - 4),
        tmaxC: mean.map((t) => t + 4),
        solarMJ: flat(2),
        rainMm: flat(0),
        windMs: flat(2),
      });
    });
  const limits = { youngC: -6, matureC: -11 };
  const mild = winterOutlook(pot({ stand: "ground" }), courses(0), startDay, limits);
  mild.shell10C.forEach((t, d) => expect(t).toBeLessThanOrEqual(mild.shell50C[d] + 1e-6));
  expect(mild.shell50C).toHaveLength(90);
  // The middle of the winters' minima is colder than any day's middle.
  expect(mild.coldestShellC[0]).toBeLessThanOrEqual(Math.min(...mild.shell50C) + 1e-6);
  expect(mild.coldestShellC[1]).toBeLessThanOrEqual(mild.coldestShellC[0]);
  const hard = winterOutlook(pot({ stand: "ground" }), courses(-6), startDay, limits);
  expect(hard.meanKill).toBeGreaterThan(mild.meanKill);
  expect(hard.chanceOfLoss).toBeGreaterThanOrEqual(mild.chanceOfLoss);
  const kills = killByDay(potCourse(pot(), courses(-6)[0]), limits);
  expect(Math.max(...kills)).toBeGreaterThan(0);
  expect(kills.indexOf(Math.max(...kills))).toBeGreaterThan(10);
});

/** Sixty even days: −6 to 0 °C, a little sun. */
const days = (more: Partial<Record<"tminC" | "tmaxC" | "solarMJ" | "rainMm" | "windMs", number>> = {}) => {
  const flat = (key: keyof typeof more, usual: number) => new Float32Array(60).fill(more[key] ?? usual);
  return weatherHours(48, {
    startDay: toDay("2026-12-01"),
    tminC: flat("tminC", -6),
    tmaxC: flat("tmaxC", 0),
    solarMJ: flat("solarMJ", 2),
    rainMm: flat("rainMm", 0),
    windMs: flat("windMs", 2),
  });
};
const mean = (values: ArrayLike<number>) => Array.from(values).reduce((a, b) => a + b, 0) / values.length;

test("a day's sun adds up to what the day had, and snow keeps the mix warm", () => {
  const hours = days({ solarMJ: 5 });
  const daily = hours.sunWm2.subarray(24 * 20, 24 * 21).reduce((a, b) => a + b, 0) * 3600;
  expect(daily / 1e6).toBeGreaterThan(4.7);
  expect(daily / 1e6).toBeLessThan(5.3);
  const snowy = days({ rainMm: 3 });
  expect(snowy.snowR!.at(-1)!).toBeGreaterThan(1);
  expect(days().snowR!.at(-1)!).toBe(0);
  // It melts away in a thaw.
  expect(days({ rainMm: 3, tminC: 3, tmaxC: 8 }).snowR!.at(-1)!).toBe(0);
  const sunk = pot({ stand: "sunk" });
  expect(potTemperature(sunk, 2, snowy).minCoreC).toBeGreaterThan(potTemperature(sunk, 2, days()).minCoreC);
});

test("shelters: a heater holds its floor, vents their cap, a cellar is even, clear nights cool a glasshouse to the air", () => {
  const cold = days();
  const at = (s: Shelter) => hoursAtPlace(cold, PLACE_AIR[s]).airC.subarray(24 * 30);
  expect(hoursAtPlace(cold, PLACE_AIR.open).airC).toBe(cold.airC);
  expect(Math.min(...at("porch"))).toBeGreaterThanOrEqual(5);
  expect(Math.max(...at("room"))).toBeLessThanOrEqual(26);
  expect(Math.max(...at("cellar")) - Math.min(...at("cellar"))).toBeLessThan(0.5);
  expect(Math.min(...at("glasshouse"))).toBeLessThan(-3);
  expect(mean(at("garage"))).toBeGreaterThan(mean(at("shed")));
  // In full sun a vent never cools below the air outside.
  const hot = days({ tminC: 22, tmaxC: 34, solarMJ: 20 });
  const glass = hoursAtPlace(hot, PLACE_AIR.glasshouse).airC;
  glass.forEach((t) => expect(t).toBeGreaterThan(15));
});

test("nights as read take the place of a shelter's coefficients", () => {
  const read = hoursAtPlace(days(), airAsRead(PLACE_AIR.cellar, { offsetC: 6, damping: 0.5 }));
  expect(Math.min(...read.airC)).toBeCloseTo(6 + 0.5 * Math.min(...days().airC), 6);
});

test("wet clay freezes through once a frost, dry clay not at all; a dark wall in the sun cooks roots, a light one less", () => {
  const dayAndNight = days({ tminC: -12, tmaxC: 8 });
  const clay = pot({ wall: "terracotta", volumeL: 2 });
  expect(potCourse(clay, dayAndNight).freezes).toBeGreaterThan(30);
  expect(potCourse({ ...clay, waterFraction: 0.1 }, dayAndNight).freezes).toBe(0);
  expect(crackChance("terracotta", false, 0)).toBe(0);
  expect(crackChance("terracotta", false, 40)).toBeGreaterThan(crackChance("terracotta", false, 10));
  expect(crackChance("glazed", null, 10)).toBeCloseTo(crackChance("glazed", false, 10) / 2, 12);
  expect(crackChance("terracotta", true, 40)).toBe(0);
  expect(crackChance("smooth-plastic", false, 40)).toBe(0);
  const summer = [days({ tminC: 24, tmaxC: 39, solarMJ: 9 })];
  const dark = summerOutlook(pot({ volumeL: 3 }), summer);
  const light = summerOutlook(pot({ volumeL: 3, wallTakes: 0.3, shade: 0.8 }), summer);
  expect(dark.hottestC[0]).toBeGreaterThan(38);
  expect(light.hottestC[0]).toBeLessThan(dark.hottestC[0]);
  expect(light.hotDays[0]).toBeLessThanOrEqual(dark.hotDays[0]);
});
