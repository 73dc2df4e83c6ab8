import { type DayNumber, SLOTS_PER_YEAR, slotOf } from "../dates/index";
import { hourlyTemperatures } from "./hourly";
import { growingDegreeHours, portionCounter } from "./chill";
import { ROOT_WARMTH, rootDegreeDays, type RootWarmthSet } from "./degree-days";

/**
 * Mean root-zone temperature of a pot in the sun, °C, day by day: it follows the day's mean, warmed by a tenth of a kelvin
 * per MJ/m² of sun, with a lag of a day. Coefficients are our own (L).
 */
const SUN_WARMING_C_PER_MJ = 0.1;
const FOLLOW = 1 - Math.exp(-1);

/** @example Array.from(rootZoneTemperatures([0, 2], [10, 12], [10, 0])) // [5.6321, 6.4968] */
export function rootZoneTemperatures(
  tminC: ArrayLike<number>,
  tmaxC: ArrayLike<number>,
  solarMJ: ArrayLike<number>,
): Float32Array {
  const out = new Float32Array(tminC.length);
  let state = tminC.length > 0 ? (tminC[0] + tmaxC[0]) / 2 : 0;
  for (let i = 0; i < out.length; i++) {
    state += ((tminC[i] + tmaxC[i]) / 2 + SUN_WARMING_C_PER_MJ * solarMJ[i] - state) * FOLLOW;
    out[i] = state;
  }
  return out;
}

/** What buds count of the weather: cold that lets them wake, then warmth that wakes them. */
export interface BudWeather {
  /** Dynamic-model portions completed by the end of each day, running total. */
  portions: Float32Array;
  /** Growing-degree hours of each day, °C·h. */
  growingHours: Float32Array;
}

export function budWeather(
  latitudeDeg: number,
  startDay: DayNumber,
  tminC: ArrayLike<number>,
  tmaxC: ArrayLike<number>,
): BudWeather {
  const hourly = hourlyTemperatures(latitudeDeg, startDay, tminC, tmaxC);
  const count = portionCounter();
  const portions = new Float32Array(tminC.length);
  const growingHours = new Float32Array(tminC.length);
  let total = 0;
  for (let i = 0; i < portions.length; i++) {
    let warmth = 0;
    for (let h = i * 24; h < i * 24 + 24; h++) {
      total += count(hourly[h]);
      warmth += growingDegreeHours(hourly[h]);
    }
    portions[i] = total;
    growingHours[i] = warmth;
  }
  return { portions, growingHours };
}

/** Running totals of root-zone degree-days from `startDay` on: `sums[set][i]` is the warmth of all days before startDay + i. */
export interface WarmthTrack {
  startDay: DayNumber;
  /** The first day that is not observed: from here on the sums are expectations over the site's weather years. */
  observedUntil: DayNumber;
  sums: Record<RootWarmthSet, Float32Array>;
}

/** Mean root-zone degree-days by calendar slot over many years: what a coming day is expected to bring. */
export function expectedWarmthBySlot(
  startDay: DayNumber,
  rootZoneC: ArrayLike<number>,
  set: RootWarmthSet,
): Float32Array {
  const sums = new Float32Array(SLOTS_PER_YEAR);
  const counts = new Float32Array(SLOTS_PER_YEAR);
  for (let i = 0; i < rootZoneC.length; i++) {
    const slot = slotOf(startDay + i);
    sums[slot] += rootDegreeDays(rootZoneC[i], ROOT_WARMTH[set]);
    counts[slot]++;
  }
  return sums.map((sum, slot) => (counts[slot] > 0 ? sum / counts[slot] : 0));
}

/** Sum of root-zone degree-days between two days (from inclusive, to exclusive); before the track begins there is none. */
export function warmthBetween(track: WarmthTrack, set: RootWarmthSet, from: DayNumber, to: DayNumber): number {
  const sums = track.sums[set];
  const last = sums.length - 1;
  const a = Math.min(Math.max(from - track.startDay, 0), last);
  const b = Math.min(Math.max(to - track.startDay, 0), last);
  return b > a ? sums[b] - sums[a] : 0;
}

/** First day by which this much warmth has passed since `from`; null when it lies beyond the track. */
export function dayAfterWarmth(
  track: WarmthTrack,
  set: RootWarmthSet,
  from: DayNumber,
  degreeDays: number,
): DayNumber | null {
  const sums = track.sums[set];
  const start = Math.min(Math.max(from - track.startDay, 0), sums.length - 1);
  const target = sums[start] + degreeDays;
  if (target > sums[sums.length - 1]) return null;
  let [low, high] = [start, sums.length - 1];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (sums[middle] >= target) high = middle;
    else low = middle + 1;
  }
  return track.startDay + low;
}
