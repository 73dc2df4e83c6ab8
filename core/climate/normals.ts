import { z } from "zod";
import { type DayNumber, dayOfSlot, dayOfYear, partsOf, SLOTS_PER_YEAR, slotOf } from "../dates/index";
import { LONGEST_FILLED } from "./gaps";
import { extraterrestrialMJ } from "./sun";

/** Twelve monthly normals of a site, January first in both hemispheres. */
const months = (item: z.ZodNumber) => z.array(item).length(12);
export const normalsSchema = z.object({
  tminC: months(z.number().min(-70).max(40)),
  tmaxC: months(z.number().min(-60).max(55)),
  tminSdC: months(z.number().positive().max(15)),
  tmaxSdC: months(z.number().positive().max(15)),
  wetShare: months(z.number().min(0).max(1)),
  rainMm: months(z.number().min(0).max(2000)),
  windMs: months(z.number().min(0).max(30)),
});
export type Normals = z.infer<typeof normalsSchema>;

const MONTH_DAYS = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];
const MONTH_START = MONTH_DAYS.map((_, m) => MONTH_DAYS.slice(0, m).reduce((a, b) => a + b, 0));
/** Day of the year in the middle of each month. */
export const MID_MONTH = MONTH_DAYS.map((n, m) => Math.round(MONTH_START[m] + n / 2));

/** Rain and wind where nobody knows: a plain temperate default, a guess shown as such. */
export const DEFAULT_RAIN = { wetShare: 0.35, rainMm: 60, windMs: 2.5 };

/**
 * A smooth daily curve through the year whose monthly means are exactly the given ones: a periodic cubic through mid-month
 * knots, the knots moved until the means agree.
 */
export function dailyCurve(monthly: readonly number[]): Float64Array {
  const middle = MONTH_DAYS.map((n, m) => MONTH_START[m] + n / 2);
  const knots = [...monthly];
  const curve = new Float64Array(SLOTS_PER_YEAR);
  for (let round = 0; round < 40; round++) {
    for (let slot = 0; slot < SLOTS_PER_YEAR; slot++) curve[slot] = catmullRom(middle, knots, slot + 0.5);
    let worst = 0;
    for (let m = 0; m < 12; m++) {
      let sum = 0;
      for (let d = 0; d < MONTH_DAYS[m]; d++) sum += curve[MONTH_START[m] + d];
      const error = monthly[m] - sum / MONTH_DAYS[m];
      knots[m] += error;
      worst = Math.max(worst, Math.abs(error));
    }
    if (worst < 1e-6) break;
  }
  return curve;
}

function catmullRom(xs: number[], ys: number[], x: number): number {
  let i = xs.findIndex((v) => v > x);
  if (i < 0) i = 12;
  const X = (k: number) => xs[(k + 12) % 12] + (k < 0 ? -SLOTS_PER_YEAR : k >= 12 ? SLOTS_PER_YEAR : 0);
  const Y = (k: number) => ys[(k + 12) % 12];
  const [x1, x2] = [X(i - 1), X(i)];
  const t = (x - x1) / (x2 - x1);
  const m1 = ((Y(i) - Y(i - 2)) / (x2 - X(i - 2))) * (x2 - x1);
  const m2 = ((Y(i + 1) - Y(i - 1)) / (X(i + 1) - x1)) * (x2 - x1);
  const [t2, t3] = [t * t, t * t * t];
  return (2 * t3 - 3 * t2 + 1) * Y(i - 1) + (t3 - 2 * t2 + t) * m1 + (-2 * t3 + 3 * t2) * Y(i) + (t3 - t2) * m2;
}

/** Daily record, NaN where missing. All arrays start on `startDay`. */
export interface DailyRecord {
  startDay: DayNumber;
  tminC: Float32Array;
  tmaxC: Float32Array;
  solarMJ: Float32Array;
  rainMm: Float32Array;
  windMs: Float32Array;
}

/** Fewest days with readings in every calendar month before normals are taken from a record. */
const LEAST_DAYS_PER_MONTH = 20;

/** Monthly normals and day-to-day spread from a record; `null` when a month has too few readings. Months of rain or wind never read fall back to defaults. */
export function normalsFromRecord(record: DailyRecord): Normals | null {
  const gather = (values: Float32Array) => {
    const byMonth: number[][] = Array.from({ length: 12 }, () => []);
    for (let i = 0; i < values.length; i++) {
      if (!Number.isNaN(values[i])) byMonth[partsOf(record.startDay + i).month - 1].push(i);
    }
    return byMonth;
  };
  const average = (values: Float32Array, indices: number[]) => {
    let sum = 0;
    for (const i of indices) sum += values[i];
    return sum / indices.length;
  };
  const spread = (values: Float32Array, indices: number[], curve: Float64Array) => {
    let sum = 0;
    for (const i of indices) sum += (values[i] - curve[slotOf(record.startDay + i)]) ** 2;
    return Math.max(0.5, Math.sqrt(sum / Math.max(1, indices.length - 1)));
  };
  const minDays = gather(record.tminC);
  const maxDays = gather(record.tmaxC);
  if ([...minDays, ...maxDays].some((m) => m.length < LEAST_DAYS_PER_MONTH)) return null;
  const tminC = minDays.map((m) => average(record.tminC, m));
  const tmaxC = maxDays.map((m) => average(record.tmaxC, m));
  const [minCurve, maxCurve] = [dailyCurve(tminC), dailyCurve(tmaxC)];
  const rain = gather(record.rainMm);
  const wind = gather(record.windMs);
  return {
    tminC,
    tmaxC,
    tminSdC: minDays.map((m) => spread(record.tminC, m, minCurve)),
    tmaxSdC: maxDays.map((m) => spread(record.tmaxC, m, maxCurve)),
    wetShare: rain.map((m) =>
      m.length === 0 ? DEFAULT_RAIN.wetShare : m.filter((i) => record.rainMm[i] >= 0.1).length / m.length,
    ),
    rainMm: rain.map((m, k) => (m.length === 0 ? DEFAULT_RAIN.rainMm : average(record.rainMm, m) * MONTH_DAYS[k])),
    windMs: wind.map((m) => (m.length === 0 ? DEFAULT_RAIN.windMs : average(record.windMs, m))),
  };
}

/** Radiation at the top of the atmosphere by slot, MJ/m². */
export function radiationBySlot(latitudeDeg: number): Float64Array {
  const out = new Float64Array(SLOTS_PER_YEAR);
  for (let slot = 0; slot < SLOTS_PER_YEAR; slot++)
    out[slot] = extraterrestrialMJ(latitudeDeg, dayOfYear(dayOfSlot(2001, slot)));
  return out;
}

/** Fills gaps of at most three days in a straight line; longer gaps stay NaN. Answers how many days it filled. */
export function fillShortGaps(values: Float32Array, longest = LONGEST_FILLED): number {
  let filled = 0;
  for (let i = 1; i < values.length; i++) {
    if (!Number.isNaN(values[i]) || Number.isNaN(values[i - 1])) continue;
    let end = i;
    while (end < values.length && Number.isNaN(values[end])) end++;
    const gap = end - i;
    if (end < values.length && gap <= longest) {
      const [from, to] = [values[i - 1], values[end]];
      for (let k = 0; k < gap; k++) values[i + k] = from + ((to - from) * (k + 1)) / (gap + 1);
      filled += gap;
    }
    i = end;
  }
  return filled;
}
