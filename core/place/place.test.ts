import fc from "fast-check";
import { HILL, siteOf } from "@/test-support/sites";
import { toDay, toIso } from "../dates/index";
import { mulberry32, normalSource } from "../random/index";
import {
  airAsRead,
  airAtPlace,
  airKey,
  hoursAtPlace,
  learnAir,
  type OutsideHours,
  PLACE_AIR,
  type PlaceAir,
  SHELTERS,
  siteAtPlace,
  weatherHours,
} from "./index";

const today = toDay("2026-05-15");
const site = siteOf(HILL);
/** Some years of the site's own weather, hour by hour. */
const DAYS = 800;
const run = site.ensemble;
const days = {
  startDay: run.startDay,
  tminC: run.tminC.subarray(0, DAYS),
  tmaxC: run.tmaxC.subarray(0, DAYS),
  solarMJ: run.solarMJ.subarray(0, DAYS),
  rainMm: run.rainMm.subarray(0, DAYS),
  windMs: run.windMs.subarray(0, DAYS),
};
const outside = weatherHours(48, days);
/** Lowest of the morning, highest of the afternoon. */
const dayLow = (airC: Float64Array, day: number) => Math.min(...airC.subarray(24 * day, 24 * day + 14));
const dayHigh = (airC: Float64Array, day: number) => Math.max(...airC.subarray(24 * day + 8, 24 * (day + 1)));
const coldest = Array.from({ length: DAYS - 40 }, (_, d) => d + 30).reduce((a, b) =>
  days.tminC[b] < days.tminC[a] ? b : a,
);
const midsummer = Array.from({ length: DAYS }, (_, d) => d).find(
  (d) => d > 100 && toIso(run.startDay + d).endsWith("06-21"),
)!;

test("the open air is the site's; other airs have keys of their own", () => {
  expect(airAtPlace(outside, PLACE_AIR.open)).toBe(outside.airC);
  expect(siteAtPlace(site, PLACE_AIR.open).site).toBe(site);
  expect(new Set(SHELTERS.map((s) => airKey(PLACE_AIR[s]))).size).toBe(SHELTERS.length);
  expect(airKey({ ...PLACE_AIR.shed, floorC: 2 })).not.toBe(airKey(PLACE_AIR.shed));
});

test("in the coldest night glass gives a few degrees, a shed of its own more, a house most", () => {
  const low = (shelter: (typeof SHELTERS)[number]) => dayLow(airAtPlace(outside, PLACE_AIR[shelter]), coldest);
  // Glass saves from wind and wet, not from a hard frost.
  expect(low("glasshouse") - days.tminC[coldest]).toBeLessThan(4);
  expect(low("glasshouse")).toBeLessThan(-6);
  expect(low("shed")).toBeGreaterThan(low("glasshouse"));
  expect(low("garage")).toBeGreaterThan(low("shed"));
  expect(low("porch")).toBeCloseTo(5, 6);
  expect(low("room")).toBeCloseTo(18, 0);
});

test("in summer walls are as warm as the weeks before, so that no quarter stays at its winter warmth", () => {
  const weeks = days.tminC
    .subarray(midsummer - 25, midsummer)
    .reduce((sum, low, i) => sum + (low + days.tmaxC[midsummer - 25 + i]) / 50, 0);
  for (const shelter of ["garage", "room", "house-wall", "porch"] as const) {
    const airC = airAtPlace(outside, PLACE_AIR[shelter]);
    const mean = (dayLow(airC, midsummer) + dayHigh(airC, midsummer)) / 2;
    expect(mean).toBeGreaterThan(weeks - 4);
  }
  // Read nights say what winter is like; summer follows the weather there, too.
  const read = airAtPlace(outside, airAsRead(PLACE_AIR.porch, { offsetC: 4, damping: 0.85 }));
  expect(dayLow(read, coldest)).toBeLessThan(6);
  expect(dayLow(read, midsummer)).toBeGreaterThan(weeks - 4);
});

test("a hollow is colder by night and no colder by day", () => {
  const airC = airAtPlace(outside, airAsRead(PLACE_AIR.open, { offsetC: -2, damping: 0 }));
  for (const day of [coldest, midsummer])
    expect(Math.abs(dayLow(airC, day) - dayLow(outside.airC, day) + 2)).toBeLessThan(0.3);
  expect(dayHigh(airC, midsummer)).toBeCloseTo(dayHigh(outside.airC, midsummer), 6);
});

test("the days of a place are those of its hours", () => {
  for (const shelter of ["house-wall", "glasshouse", "shed", "porch", "room"] as const) {
    const placed = siteAtPlace(site, PLACE_AIR[shelter]).site.ensemble;
    const { airC, sunWm2 } = hoursAtPlace(outside, PLACE_AIR[shelter]);
    for (const day of [60, coldest, midsummer, 500]) {
      // Between two hours it may be a little colder or warmer yet.
      expect(Math.abs(placed.tminC[day] - dayLow(airC, day))).toBeLessThan(0.6);
      expect(Math.abs(placed.tmaxC[day] - Math.max(dayHigh(airC, day), dayLow(airC, day) + 0.5))).toBeLessThan(0.6);
    }
    expect(placed.solarMJ[midsummer]).toBeCloseTo(PLACE_AIR[shelter].sun * days.solarMJ[midsummer], 4);
    expect(sunWm2[24 * midsummer + 12]).toBeCloseTo(PLACE_AIR[shelter].sun * outside.sunWm2[24 * midsummer + 12], 6);
  }
});

test("how nights stand to the site's follows from the air: damped by what holds, nearly still in a heated room", () => {
  const line = (air: PlaceAir) => siteAtPlace(site, air).nights;
  expect(line(PLACE_AIR.glasshouse).damping).toBeLessThan(0.35);
  expect(line(PLACE_AIR.cellar).damping).toBeGreaterThan(line(PLACE_AIR.shed).damping);
  expect(line(PLACE_AIR.shed).damping).toBeGreaterThan(line(PLACE_AIR.glasshouse).damping);
  const room = line(PLACE_AIR.room);
  expect(room.damping).toBeGreaterThan(0.9);
  expect(room.offsetC).toBeGreaterThan(17);
  // Nights that were read are given back as they were read.
  const read = line(airAsRead(PLACE_AIR["house-wall"], { offsetC: 1.5, damping: 0 }));
  expect(read.offsetC).toBeCloseTo(1.5, 1);
  expect(read.damping).toBeCloseTo(0, 1);
});

test("frost dates at a place move with its air, and a heater leaves none", () => {
  const last = (air: PlaceAir) => siteAtPlace(site, air).site.frost(0).last;
  expect(last(PLACE_AIR.porch).withFrost).toBe(0);
  const usual = (air: PlaceAir) => last(air).preferred[0.5]!;
  expect(usual(PLACE_AIR["house-wall"])).toBeLessThanOrEqual(usual(PLACE_AIR.open));
  expect(usual({ ...PLACE_AIR.open, nightAddedC: -2 })).toBeGreaterThan(usual(PLACE_AIR.open));
});

test("more hold on warmer walls never makes the coldest night colder", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 0.9, noNaN: true }),
      fc.double({ min: 0, max: 0.09, noNaN: true }),
      fc.double({ min: 0.2, max: 80, noNaN: true }),
      (hold, more, tauH) => {
        const air = { ...PLACE_AIR.garage, tauH, hold };
        const held = airAtPlace(outside, { ...air, hold: hold + more });
        expect(dayLow(held, coldest)).toBeGreaterThanOrEqual(dayLow(airAtPlace(outside, air), coldest) - 1e-9);
      },
    ),
    { numRuns: 40 },
  );
});

test("a forecast night reaches a slow place weakly, and so does its error", () => {
  const nights = [0, 1, 2, 3].map((k) => ({
    day: today + k,
    leadDays: k + 1,
    tminC: -8,
    tmaxC: 2,
    minErrorC: 2,
    maxErrorC: 2,
    rainMm: 0,
    windMs: 2,
  }));
  const ahead = { ...site, nights };
  const [shed, cellar] = [PLACE_AIR.shed, PLACE_AIR.cellar].map((air) => siteAtPlace(ahead, air).site.nights);
  expect(shed[3].tminC).toBeGreaterThan(-8);
  expect(cellar[3].tminC).toBeGreaterThan(shed[3].tminC);
  expect(cellar[3].minErrorC).toBeLessThan(shed[3].minErrorC);
  expect(shed[3].minErrorC).toBeLessThan(2);
});

// ---- learned from hours

const WINTER = { from: 120, days: 120 };
const slice = (values: Float64Array) => values.subarray(24 * WINTER.from, 24 * (WINTER.from + WINTER.days));
const winter: OutsideHours = {
  airC: slice(outside.airC),
  soilC: slice(outside.soilC),
  sunWm2: slice(outside.sunWm2),
  skyLossWm2: slice(outside.skyLossWm2),
};
/** Readings of a place of a certain air, with a thermometer's scatter. */
function readings(air: PlaceAir, scatterC = 0.3): Float64Array {
  const scatter = normalSource(mulberry32(5));
  return airAtPlace(winter, air).map((t) => t + scatterC * scatter());
}

test("what a logger reads gives back lag, hold and sun of a place that is not like its type", () => {
  const truth = { ...PLACE_AIR.garage, tauH: 11, hold: 0.55, addedC: -1.5, gainC: 0.4 };
  const fit = learnAir(winter, readings(truth), PLACE_AIR.garage)!;
  // Hours that tell of walls, not all there are: when it is as warm outside as in, nothing is learned.
  expect(fit.days).toBe(104);
  expect(fit.air.tauH).toBeGreaterThan(7);
  expect(fit.air.tauH).toBeLessThan(15);
  expect(fit.air.hold).toBeCloseTo(0.55, 1);
  expect(fit.residualC).toBeLessThan(0.6);
  // What counts in the end: the air it tells of is the air that was.
  const [learned, was] = [{ ...PLACE_AIR.garage, ...fit.air }, truth].map((air) => airAtPlace(winter, air));
  const typed = airAtPlace(winter, PLACE_AIR.garage);
  const miss = (a: Float64Array) => Math.sqrt(a.reduce((s, t, i) => s + (t - was[i]) ** 2, 0) / a.length);
  expect(miss(learned)).toBeLessThan(0.4);
  expect(miss(typed)).toBeGreaterThan(2.5 * miss(learned));
});

test("a glasshouse is learned from hours below its vents only", () => {
  const truth = { ...PLACE_AIR.glasshouse, tauH: 3, hold: 0.2, gainC: 1.6, ventC: 12 };
  const type = { ...PLACE_AIR.glasshouse, ventC: 12 };
  const fit = learnAir(winter, readings(truth), type)!;
  expect(fit.days).toBeLessThan(WINTER.days);
  expect(fit.air.gainC).toBeGreaterThan(1);
  expect(fit.air.gainC).toBeLessThan(2.3);
});

test("cold nights are met on average, whatever else misses", () => {
  // A place no lag and hold describe: colder by the square of the frost.
  const readC = airAtPlace(winter, PLACE_AIR.shed).map((t, i) => t - 0.02 * Math.min(0, winter.airC[i]) ** 2);
  const fit = learnAir(winter, readC, PLACE_AIR.shed)!;
  const learned = airAtPlace(winter, { ...PLACE_AIR.shed, ...fit.air });
  const cold = Array.from({ length: WINTER.days }, (_, d) => d).filter((d) => dayLow(winter.airC, d) <= 5);
  const missed = cold.reduce((s, d) => s + dayLow(readC, d) - dayLow(learned, d), 0) / cold.length;
  expect(Math.abs(missed)).toBeLessThan(0.05);
});

test("gaps are no readings; too few days, and the open ground, teach nothing", () => {
  const readC = readings(PLACE_AIR.shed);
  const whole = learnAir(winter, readC, PLACE_AIR.shed)!;
  const gappy = readC.map((t, i) => (i % 97 < 20 ? NaN : t));
  const fit = learnAir(winter, gappy, PLACE_AIR.shed)!;
  expect(fit.days).toBeLessThan(whole.days);
  expect(fit.air.hold).toBeCloseTo(whole.air.hold, 1);
  const short = readC.map((t, i) => (i < 24 * 9 ? t : NaN));
  expect(learnAir(winter, short, PLACE_AIR.shed)).toBeNull();
  expect(learnAir(winter, readC, PLACE_AIR.open)).toBeNull();
});
