import { type DayNumber, dayFromParts, dayOfYear, type IsoDate, toIso, yearOf } from "../dates/index";
import { weightedQuantiles } from "../math/index";
import { chillOf } from "./chill";
import { degreeDays, ROOT_WARMTH, rootDegreeDays } from "./degree-days";
import { hourlyTemperatures } from "./hourly";
import type { WeatherRun } from "./site";
import { extraterrestrialMJ, referenceEvaporationMm } from "./sun";

/** Running sums of a season: warmth of air and root zone, chill in three units, hot days, reference evaporation. */
export const SUM_KINDS = ["warmth", "roots", "chill", "chill-hours", "utah", "heat-days", "evaporation"] as const;
export type SumKind = (typeof SUM_KINDS)[number];

/** Base of the air's degree-days, °C: usual for ripening of warm-season fruit. */
export const WARMTH_BASE_C = 10;

/** First month and length of the stretch that is summed, north; half a year later south. */
const STRETCH: Record<SumKind, { month: number; days: number }> = {
  warmth: { month: 1, days: 365 },
  roots: { month: 1, days: 365 },
  chill: { month: 10, days: 212 },
  "chill-hours": { month: 10, days: 212 },
  utah: { month: 10, days: 212 },
  "heat-days": { month: 1, days: 365 },
  evaporation: { month: 1, days: 365 },
};

/** A day this hot or hotter is a heat day, °C. */
export const HEAT_DAY_C = 30;

export interface SeasonSums {
  kind: SumKind;
  /** First day of the stretch that runs now, or ran last. */
  from: IsoDate;
  days: number;
  /** Whole stretches the band is made of. */
  years: number;
  /** By day of the stretch, the first entry after one day. */
  p10: number[];
  p50: number[];
  p90: number[];
  /** This year as far as its weather is on record; empty without a record. */
  current: number[];
  /** Sum at the end of each whole stretch, ascending. */
  totals: number[];
}

/** Hours below 7.2 °C and Utah units of each day: asked for by one page only, so worked out when asked. */
interface DailyChill {
  hours: Float32Array;
  utah: Float32Array;
}
const chillCache = new WeakMap<WeatherRun, DailyChill>();

function dailyChill(run: WeatherRun, latitudeDeg: number): DailyChill {
  let known = chillCache.get(run);
  if (!known) {
    const n = run.tminC.length;
    known = { hours: new Float32Array(n), utah: new Float32Array(n) };
    const hourly = hourlyTemperatures(latitudeDeg, run.startDay, run.tminC, run.tmaxC);
    for (let i = 0; i < n; i++) {
      const day = chillOf(hourly.subarray(i * 24, i * 24 + 24));
      known.hours[i] = day.hoursBelow7_2;
      known.utah[i] = day.utahUnits;
    }
    chillCache.set(run, known);
  }
  return known;
}

function dailyValue(run: WeatherRun, kind: SumKind, i: number, latitudeDeg: number): number {
  if (kind === "chill-hours") return dailyChill(run, latitudeDeg).hours[i];
  if (kind === "utah") return dailyChill(run, latitudeDeg).utah[i];
  if (kind === "heat-days") return run.tmaxC[i] >= HEAT_DAY_C ? 1 : 0;
  if (kind === "evaporation") {
    const radiationMJ = extraterrestrialMJ(latitudeDeg, dayOfYear(run.startDay + i));
    return referenceEvaporationMm(run.tminC[i], run.tmaxC[i], radiationMJ);
  }
  // Portions are kept as a running total.
  if (kind === "chill") return run.portions[i] - (i === 0 ? 0 : run.portions[i - 1]);
  if (kind === "roots") return rootDegreeDays(run.rootZoneC[i], ROOT_WARMTH.temperate);
  return degreeDays(run.tminC[i], run.tmaxC[i], WARMTH_BASE_C);
}

function startOf(year: number, kind: SumKind, latitudeDeg: number): DayNumber {
  const month = STRETCH[kind].month + (latitudeDeg < 0 ? 6 : 0);
  return dayFromParts(year + (month > 12 ? 1 : 0), ((month - 1) % 12) + 1, 1)!;
}

/**
 * This year's running sum against the other years of a run of weather.
 * @param past weather the band is made of: the record, or generated years
 * @param observed what has been recorded up to today; null while there is no record
 */
export function seasonSums(
  past: WeatherRun,
  observed: WeatherRun | null,
  latitudeDeg: number,
  today: DayNumber,
  kind: SumKind,
): SeasonSums {
  const { days } = STRETCH[kind];
  let year = yearOf(today) + 1;
  while (startOf(year, kind, latitudeDeg) > today) year--;
  const from = startOf(year, kind, latitudeDeg);
  const stretches: Float64Array[] = [];
  const end = past.startDay + past.tminC.length;
  for (let y = yearOf(past.startDay) - 1; ; y++) {
    const start = startOf(y, kind, latitudeDeg);
    if (start + days > end) break;
    // The year that runs is drawn by itself, against the others.
    if (start < past.startDay || start === from) continue;
    const sums = new Float64Array(days);
    let sum = 0;
    for (let d = 0; d < days; d++) sums[d] = sum += dailyValue(past, kind, start + d - past.startDay, latitudeDeg);
    stretches.push(sums);
  }
  const equal = stretches.map(() => 1);
  const band = Array.from({ length: days }, (_, d) =>
    weightedQuantiles(
      stretches.map((s) => s[d]),
      equal,
      [0.1, 0.5, 0.9],
    ),
  );
  const current: number[] = [];
  if (observed && observed.startDay <= from) {
    let sum = 0;
    const known = Math.min(days, today + 1 - from, observed.startDay + observed.tminC.length - from);
    for (let d = 0; d < known; d++)
      current.push((sum += dailyValue(observed, kind, from + d - observed.startDay, latitudeDeg)));
  }
  return {
    kind,
    from: toIso(from),
    days,
    years: stretches.length,
    p10: band.map((b) => b[0]),
    p50: band.map((b) => b[1]),
    p90: band.map((b) => b[2]),
    current,
    totals: stretches.map((s) => s[days - 1]).sort((a, b) => a - b),
  };
}

/** Share of years whose chill meets a need, and the day on which it does in the middle year; null where it does not. */
export function chillMet(sums: SeasonSums, portions: number): { share: number; day: number | null } {
  const met = sums.totals.filter((t) => t >= portions).length;
  const day = sums.p50.findIndex((v) => v >= portions);
  return { share: sums.totals.length === 0 ? 0 : met / sums.totals.length, day: day < 0 ? null : day };
}
