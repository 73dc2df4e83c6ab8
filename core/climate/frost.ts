import {
  type DayNumber,
  frostSlotOf,
  frostYearOf,
  frostYearStartSlot,
  isLeap,
  type IsoDate,
  SLOTS_PER_YEAR,
  toIso,
} from "../dates/index";
import { mean, normalQuantile, standardDeviation, weibullQuantile } from "../math/index";

/** "First" autumn frosts lie before this day of the frost year, "last" spring frosts at or after it. */
export const SPLIT_SLOT = 200;
export const FROST_RISKS = [0.1, 0.2, 0.5, 0.8, 0.9] as const;
export type FrostRisk = (typeof FROST_RISKS)[number];
/** Days of the frost year by risk; `null` where frosts are too rare for that risk. */
export type RiskDates = Record<FrostRisk, number | null>;

export interface FrostEvent {
  years: number;
  withFrost: number;
  byYear: (IsoDate | null)[];
  startYear: number[];
  rank: RiskDates;
  normal: RiskDates;
  /** The method preferred for this record: normal tails for short records with frost in most years, else ranks. */
  preferred: RiskDates;
  /** Half-width of the 80 % sampling interval of the 10 % date, in days; null without two dated years. */
  plusMinusDays: number | null;
}

export interface FrostStatistics {
  thresholdC: number;
  first: FrostEvent;
  last: FrostEvent;
  /** First frosts start with the frost year: no month is safe. */
  allYear: boolean;
}

/**
 * Frost dates at a threshold from daily minima. A frost year (midsummer to midsummer) counts only when complete.
 * Risk p: first = the day by which a frost has come in a share p of all years; last = the day after which one still comes in a share p.
 * @param minima NaN marks a missing day: it makes its year incomplete
 */
export function frostStatistics(
  latitudeDeg: number,
  startDay: DayNumber,
  minima: ArrayLike<number>,
  thresholdC: number,
  offsetC = 0,
): FrostStatistics {
  interface Year {
    days: number;
    first: number | null;
    last: number | null;
    firstDay: DayNumber;
    lastDay: DayNumber;
  }
  const years = new Map<number, Year>();
  for (let i = 0; i < minima.length; i++) {
    if (Number.isNaN(minima[i])) continue;
    const day = startDay + i;
    const key = frostYearOf(day, latitudeDeg);
    let year = years.get(key);
    if (!year) years.set(key, (year = { days: 0, first: null, last: null, firstDay: 0, lastDay: 0 }));
    year.days++;
    if (minima[i] + offsetC > thresholdC) continue;
    const slot = frostSlotOf(day, latitudeDeg);
    if (slot < SPLIT_SLOT && year.first === null) [year.first, year.firstDay] = [slot, day];
    if (slot >= SPLIT_SLOT) [year.last, year.lastDay] = [slot, day];
  }
  const complete = [...years.entries()]
    .filter(([key, y]) => y.days >= daysInFrostYear(key, latitudeDeg))
    .sort((a, b) => a[0] - b[0]);
  const startYear = complete.map(([key]) => key);
  const side = (which: "first" | "last"): FrostEvent => {
    const slots = complete.map(([, y]) => y[which]).filter((s): s is number => s !== null);
    return {
      years: complete.length,
      withFrost: slots.length,
      byYear: complete.map(([, y]) => (y[which] === null ? null : toIso(which === "first" ? y.firstDay : y.lastDay))),
      startYear,
      ...riskDates(slots, complete.length, which),
    };
  };
  const first = side("first");
  const earliest = first.rank[0.1];
  return { thresholdC, first, last: side("last"), allYear: earliest !== null && earliest < 15 };
}

function daysInFrostYear(key: number, latitudeDeg: number): number {
  const leapYear = latitudeDeg >= 0 ? key + 1 : key;
  return isLeap(leapYear) ? 366 : SLOTS_PER_YEAR;
}

function riskDates(slots: number[], years: number, which: "first" | "last") {
  const sorted = [...slots].sort((a, b) => a - b);
  const share = years === 0 ? 0 : sorted.length / years;
  const enough = sorted.length >= 2;
  const [centre, spread] = enough ? [mean(sorted), standardDeviation(sorted)] : [sorted[0] ?? NaN, 0];
  const at = (p: number, quantile: (q: number) => number): number | null => {
    if (sorted.length === 0 || p >= share) return null;
    return quantile(which === "first" ? p / share : 1 - p / share);
  };
  const table = (quantile: (q: number) => number): RiskDates =>
    Object.fromEntries(FROST_RISKS.map((p) => [p, at(p, quantile)])) as RiskDates;
  const rank = table((q) => weibullQuantile(sorted, q));
  const normal = table((q) => centre + spread * normalQuantile(q));
  const tails = enough && sorted.length < 30 && share > 0.8;
  const preferred: RiskDates = tails ? { ...rank, 0.1: normal[0.1], 0.9: normal[0.9] } : rank;
  const z = normalQuantile(0.9);
  const plusMinusDays = enough ? z * spread * Math.sqrt(1 / sorted.length + z ** 2 / (2 * (sorted.length - 1))) : null;
  return { rank, normal, preferred, plusMinusDays };
}

/**
 * Calendar slot (0 = 1 January) of a day of the frost year.
 * @example calendarSlot(0, 50) // 181
 */
export function calendarSlot(frostSlot: number, latitudeDeg: number): number {
  return (Math.round(frostSlot) + frostYearStartSlot(latitudeDeg) + SLOTS_PER_YEAR) % SLOTS_PER_YEAR;
}

/** Share of years in which the season is still (spring) or already (autumn) open to frost, by calendar slot: what the strip draws. */
export function frostProbabilityBySlot(
  latitudeDeg: number,
  startDay: DayNumber,
  minima: ArrayLike<number>,
  thresholdC: number,
): Float32Array {
  const hits = new Float32Array(SLOTS_PER_YEAR);
  const counts = new Float32Array(SLOTS_PER_YEAR);
  for (let i = 0; i < minima.length; i++) {
    if (Number.isNaN(minima[i])) continue;
    const slot = calendarSlot(frostSlotOf(startDay + i, latitudeDeg), latitudeDeg);
    counts[slot]++;
    if (minima[i] <= thresholdC) hits[slot]++;
  }
  // A window of eleven days turns counts of single days into "a frost within these days".
  const out = new Float32Array(SLOTS_PER_YEAR);
  for (let s = 0; s < SLOTS_PER_YEAR; s++) {
    let [h, c] = [0, 0];
    for (let k = -5; k <= 5; k++) {
      const slot = (s + k + SLOTS_PER_YEAR) % SLOTS_PER_YEAR;
      h += hits[slot];
      c += counts[slot];
    }
    out[s] = c > 0 ? h / c : 0;
  }
  return out;
}
