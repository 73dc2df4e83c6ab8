import {
  assembleSite,
  fitPlace,
  type ForecastNight,
  type PlaceClimate,
  placeMinimumC,
  radiationBySlot,
  RUN_IN_DAYS,
  SITE_ITSELF,
  type Site,
  solarFromRangeMJ,
  weatherRun,
  type WeatherRun,
  LEAST_RANGE_C,
} from "../climate/index";
import { slotOf } from "../dates/index";
import { clamp } from "../math/index";
import { airAtPlace, isOutside, type OutsideHours, PLACE_AIR, type PlaceAir } from "./air";
import { weatherHours } from "./hours";

export const OPEN_AIR = PLACE_AIR.open;

/** Airs of equal keys make equal weather of a site's. */
export function airKey({ tauH, hold, addedC, nightAddedC, anchorC, gainC, floorC, ventC, sky, sun }: PlaceAir): string {
  return [tauH, hold, addedC, nightAddedC, anchorC, gainC, floorC, ventC, sky, sun]
    .map((v) => (typeof v === "number" ? Number(v.toFixed(3)) : v))
    .join(":");
}

type Days = Pick<WeatherRun, "startDay" | "tminC" | "tmaxC" | "solarMJ" | "rainMm" | "windMs">;

/** The hours of a run in the open, the same for all places of a site. */
const known = new WeakMap<WeatherRun, OutsideHours>();
function outsideHours(latitudeDeg: number, run: WeatherRun): OutsideHours {
  let hours = known.get(run);
  if (!hours) {
    const { airC, soilC, sunWm2, skyLossWm2 } = weatherHours(latitudeDeg, run);
    known.set(run, (hours = { airC, soilC, sunWm2, skyLossWm2 }));
  }
  return hours;
}

/** Places that follow more slowly feel nothing of a peak between two hours. */
const QUICK_H = 3;
/** A day's lowest is its morning's, its highest its afternoon's: the evening already falls towards the next. */
const LOW_UNTIL_H = 14;
const HIGH_FROM_H = 8;

/** Lowest and highest of each day at a place. */
function extremesAtPlace(days: Days, outside: OutsideHours, air: PlaceAir): Pick<WeatherRun, "tminC" | "tmaxC"> {
  const airC = airAtPlace(outside, air);
  const n = days.tminC.length;
  const [tminC, tmaxC] = [new Float32Array(n), new Float32Array(n)];
  const peaks = air.tauH < QUICK_H ? 1 - air.hold : 0;
  for (let d = 0; d < n; d++) {
    let [low, high, outLow, outHigh] = [Infinity, -Infinity, Infinity, -Infinity];
    for (let i = 24 * d; i < 24 * d + LOW_UNTIL_H; i++) {
      if (airC[i] < low) low = airC[i];
      if (outside.airC[i] < outLow) outLow = outside.airC[i];
    }
    for (let i = 24 * d + HIGH_FROM_H; i < 24 * (d + 1); i++) {
      if (airC[i] > high) high = airC[i];
      if (outside.airC[i] > outHigh) outHigh = outside.airC[i];
    }
    // Between the hours it was a little colder and warmer yet.
    low += peaks * Math.min(0, days.tminC[d] - outLow);
    if (air.ventC === null || high < air.ventC) high += peaks * Math.max(0, days.tmaxC[d] - outHigh);
    tminC[d] = air.floorC === null ? low : Math.max(low, air.floorC);
    tmaxC[d] = Math.max(high, tminC[d] + LEAST_RANGE_C);
  }
  return { tminC, tmaxC };
}

function runAtPlace(latitudeDeg: number, run: WeatherRun, air: PlaceAir): WeatherRun {
  return weatherRun(latitudeDeg, {
    ...run,
    ...extremesAtPlace(run, outsideHours(latitudeDeg, run), air),
    solarMJ: run.solarMJ.map((v) => air.sun * v),
    // Neither rain nor wind comes in.
    ...(air.outdoors
      ? {}
      : { rainMm: new Float32Array(run.rainMm.length), windMs: new Float32Array(run.windMs.length) }),
  });
}

/** The coming nights at a place; what walls hold back of the weather they hold back of its errors. */
function nightsAtPlace(site: Site, air: PlaceAir): ForecastNight[] {
  const { nights, observed, latitudeDeg } = site;
  if (nights.length === 0) return [];
  const startDay = nights[0].day;
  const end = observed ? observed.startDay + observed.tminC.length : 0;
  const runIn = observed && end >= startDay - 3 ? Math.min(RUN_IN_DAYS, observed.tminC.length) : 0;
  const radiation = radiationBySlot(latitudeDeg);
  const column = (before: Float32Array | undefined, coming: (n: ForecastNight) => number) =>
    Float32Array.from([...(runIn > 0 ? before!.subarray(before!.length - runIn) : []), ...nights.map(coming)]);
  const days: Days = {
    startDay: startDay - runIn,
    tminC: column(observed?.tminC, (n) => n.tminC),
    tmaxC: column(observed?.tmaxC, (n) => n.tmaxC),
    solarMJ: column(observed?.solarMJ, (n) => solarFromRangeMJ(n.tminC, n.tmaxC, radiation[slotOf(n.day)])),
    rainMm: column(observed?.rainMm, () => NaN),
    windMs: column(observed?.windMs, () => NaN),
  };
  const { tminC, tmaxC } = extremesAtPlace(days, weatherHours(latitudeDeg, days), air);
  const passed = clamp((1 - air.hold) * (air.tauH > 0 ? 1 - Math.exp(-24 / air.tauH) : 1), 0.05, 1);
  return nights.map((night, k) => ({
    ...night,
    tminC: tminC[runIn + k],
    tmaxC: tmaxC[runIn + k],
    minErrorC: night.minErrorC * passed,
    maxErrorC: night.maxErrorC * passed,
  }));
}

/** How a place's cold nights stand to the site's, as its air has them over the site's weather years. */
function nightLine(site: Site, placed: WeatherRun): PlaceClimate {
  const { startDay, tminC } = site.ensemble;
  const pairs = Array.from(tminC, (siteC, i) => ({ day: startDay + i, siteC, placeC: placed.tminC[i] }));
  return fitPlace(pairs)?.climate ?? SITE_ITSELF;
}

/** The site's weather as a place has it: record, weather years and forecast alike, and how its nights stand to the site's. */
export function siteAtPlace(site: Site, air: PlaceAir): { site: Site; nights: PlaceClimate } {
  if (isOutside(air) && air.sun === 1) return { site, nights: SITE_ITSELF };
  const at = (run: WeatherRun) => runAtPlace(site.latitudeDeg, run, air);
  const ensemble = at(site.ensemble);
  const nights = nightLine(site, ensemble);
  const lowestC = air.floorC ?? -Infinity;
  const placed = assembleSite({
    ...site,
    runs: site.runs.map(at),
    ensemble,
    minima: {
      startDay: site.minima.startDay,
      tminC: site.minima.tminC.map((v) => Math.max(lowestC, placeMinimumC(v, nights))),
    },
    nights: nightsAtPlace(site, air),
    sunlight: air.sun,
  });
  return { site: placed, nights };
}
