import { MIDSUMMER, type SeasonSlice } from "../climate/index";
import { clamp } from "../math/index";

/** The warm season ends on the first day, from 45 days after midsummer on, when a week's root zone averages below the base. */
const END_SEARCH_FROM = MIDSUMMER + 45;
/** Roots need the warmth from five days after the work on. */
const WARMTH_DELAY = 5;
/** Cold within so many days of the work hurts what it bared. */
export const REROOTING_DAYS = 21;
/** A frost on the day itself keeps hands off bare roots; at this root zone the mix begins to freeze. */
const HARD_FROST_C = -4;
const FROZEN_C = 0.5;
/** Crowns of hardy kinds are cut in more frost than that: a third of what their wood stands, and never below this (L). */
const CROWN_FROST_SHARE = 1 / 3;
const CROWN_FROST_C = -10;
/** The frost in which a crown is not cut any more, by what its wood stands, °C. */
export const crownFrostOf = (crownC: number): number =>
  Math.round(Math.min(HARD_FROST_C, Math.max(CROWN_FROST_C, CROWN_FROST_SHARE * crownC)));
/** A ball moved whole in autumn wants so many days in which its root zone holds this warmth; autumn-averse kinds more. */
export const SETTLE_C = 8;
const SETTLE_DAYS = 42;
const SETTLE_AVERSE_DAYS = 56;
/** Roots that wait out the winter take hold within so many days, in the warmth of the next spring. */
const AHEAD_DAYS = 195;
/** Cut roots take hold within so many days or not at all that season. */
const SOON_DAYS = 90;
const MONTH_DAYS = 30;
/** In a fortnight this much warmer than the base of growth work wakes buds as strongly as it can, K (L). */
const READY_K = 8;
const READY_DAYS = 14;
/** Any workable day of the week will do: one waits for it. */
const NEARBY_DAYS = 3;

/** Heat that stops work begins here and ends all at the second, °C; warm-climate kinds are asked at the day's cool end. */
export const HEAT_C = { temperate: [30, 38], warm: [34, 42] } as const;
/** The cool half-day lies this far from the night towards the afternoon. */
const COOL_END_SHARE = 0.35;

/**
 * How well a day's heat stands with work, 0–1.
 * @example heatSuitability(18, 34, false) // 0.5
 */
export function heatSuitability(tminC: number, tmaxC: number, warmClimate: boolean): number {
  const [from, none] = warmClimate ? HEAT_C.warm : HEAT_C.temperate;
  const felt = warmClimate ? tminC + COOL_END_SHARE * (tmaxC - tminC) : tmaxC;
  return clamp((none - felt) / (none - from), 0, 1);
}

/** What kinds read of the same weather: worked out once for a course of weather, whoever asks. Arrays by day of the slice. */
export interface SliceFacts {
  /** Five-day mean of the root zone up to each day. */
  week: Float32Array;
  /** Lowest root zone and lowest night within the re-rooting time. */
  coldRoots: Float32Array;
  coldNight: Float32Array;
  /** 1 where the coming month's root zone is no cooler than the past one's. */
  warming: Uint8Array;
  /** 1 where some day near it is fit for work on bare roots. */
  workableRoots: Uint8Array;
  /** The same for cuts into a crown that stands such frost. */
  crownWorkable: (frostC: number) => Uint8Array;
  /** Lowest five-day mean of the root zone over the weeks in which a ball moved whole settles. */
  settling: (averse: boolean) => Float32Array;
  heat: (warmClimate: boolean) => Float32Array;
  /** Root warmth above a base until the roots stop, of the time in which cut roots must take hold, and past the winter. */
  warmthLeft: (baseC: number) => Float32Array;
  warmthSoon: (baseC: number, averse: boolean) => Float32Array;
  warmthAhead: (baseC: number) => Float32Array;
  /** How readily work wakes buds in the warmth of the days after it, 0–1. */
  readiness: (baseC: number) => Float32Array;
}
const factsOfSlice = new WeakMap<SeasonSlice, SliceFacts>();

export function sliceFacts(slice: SeasonSlice): SliceFacts {
  let facts = factsOfSlice.get(slice);
  if (!facts) factsOfSlice.set(slice, (facts = makeFacts(slice)));
  return facts;
}

function makeFacts(slice: SeasonSlice): SliceFacts {
  const n = slice.rootZoneC.length;
  const week = new Float32Array(n);
  let sum = 0;
  for (let i = 0; i < n; i++) {
    sum += slice.rootZoneC[i] - (i >= 5 ? slice.rootZoneC[i - 5] : 0);
    week[i] = sum / Math.min(5, i + 1);
  }
  const warming = warmingOf(slice);
  const settling = once((averse: boolean) => rollingMin(week, averse ? SETTLE_AVERSE_DAYS : SETTLE_DAYS));
  const soon = once((baseC: number) => warmthWithin(slice, baseC, SOON_DAYS));
  const soonAverse = once((baseC: number) => withoutAutumn(soon(baseC), warming, settling(true), baseC));
  return {
    week,
    coldRoots: rollingMin(slice.rootZoneC, REROOTING_DAYS),
    coldNight: rollingMin(slice.tminC, REROOTING_DAYS),
    warming,
    workableRoots: nearby(slice, (i) => slice.tminC[i] > HARD_FROST_C && slice.rootZoneC[i] > FROZEN_C),
    crownWorkable: once((frostC: number) => nearby(slice, (i) => slice.tminC[i] > frostC)),
    settling,
    heat: once((warmClimate: boolean) => heatOf(slice, warmClimate)),
    warmthLeft: once((baseC: number) => warmthLeftOf(slice, baseC)),
    warmthSoon: (baseC, averse) => (averse ? soonAverse : soon)(baseC),
    warmthAhead: once((baseC: number) => warmthWithin(slice, baseC, AHEAD_DAYS)),
    readiness: once((baseC: number) => readinessOf(slice, baseC)),
  };
}

function rollingMin(values: Float32Array, days: number): Float32Array {
  const out = new Float32Array(values.length);
  // Days that may still be the lowest of a stretch, the lowest first.
  const queue = new Int32Array(values.length);
  let [head, tail] = [0, 0];
  for (let i = values.length - 1; i >= 0; i--) {
    while (tail > head && values[queue[tail - 1]] >= values[i]) tail--;
    queue[tail++] = i;
    while (queue[head] >= i + days) head++;
    out[i] = values[queue[head]];
  }
  return out;
}

function nearby({ tminC }: SeasonSlice, able: (i: number) => boolean): Uint8Array {
  const out = new Uint8Array(tminC.length);
  for (let i = 0; i < out.length; i++)
    if (able(i)) out.fill(1, Math.max(0, i - NEARBY_DAYS), Math.min(out.length, i + NEARBY_DAYS + 1));
  return out;
}

/** Works each answer out once. */
function once<K, V>(make: (key: K) => V): (key: K) => V {
  const known = new Map<K, V>();
  return (key) => {
    let value = known.get(key);
    if (value === undefined) known.set(key, (value = make(key)));
    return value;
  };
}

/** Root warmth above a base from each day until the roots stop for the winter. */
function warmthLeftOf({ rootZoneC }: SeasonSlice, baseC: number): Float32Array {
  const n = rootZoneC.length;
  const out = new Float32Array(n);
  let left = 0;
  for (let i = n - 1; i >= 0; i--) {
    if (i >= END_SEARCH_FROM && weekMean(rootZoneC, i) < baseC) left = 0;
    left += Math.max(0, rootZoneC[i] - baseC);
    out[Math.max(0, i - WARMTH_DELAY)] = left;
  }
  return out;
}

/** Root warmth above a base within so many days of each day, from `WARMTH_DELAY` on. */
function warmthWithin({ rootZoneC }: SeasonSlice, baseC: number, days: number): Float32Array {
  const n = rootZoneC.length;
  const sums = new Float64Array(n + 1);
  for (let i = 0; i < n; i++) sums[i + 1] = sums[i] + Math.max(0, rootZoneC[i] - baseC);
  return Float32Array.from({ length: n }, (_, i) => {
    const from = Math.min(n, i + WARMTH_DELAY);
    return sums[Math.min(n, from + days)] - sums[from];
  });
}

/** For kinds that resent autumn work: none on days after which the root zone cools below the base within weeks. */
function withoutAutumn(soon: Float32Array, warming: Uint8Array, coldest: Float32Array, baseC: number): Float32Array {
  return soon.map((v, i) => (warming[i] === 0 && coldest[i] < baseC ? 0 : v));
}

/** Days from which on the root zone warms, month against month. */
function warmingOf({ rootZoneC }: SeasonSlice): Uint8Array {
  const n = rootZoneC.length;
  const sums = new Float64Array(n + 1);
  for (let i = 0; i < n; i++) sums[i + 1] = sums[i] + rootZoneC[i];
  return Uint8Array.from({ length: n }, (_, i) => {
    const [from, to] = [Math.max(0, i - MONTH_DAYS), Math.min(n, i + MONTH_DAYS)];
    return i > from && (sums[to] - sums[i]) / (to - i) >= (sums[i] - sums[from]) / (i - from) ? 1 : 0;
  });
}

/** How readily the warmth of the coming fortnight lets buds go. */
function readinessOf({ tminC, tmaxC }: SeasonSlice, baseC: number): Float32Array {
  const n = tminC.length;
  const sums = new Float64Array(n + 1);
  for (let i = 0; i < n; i++) sums[i + 1] = sums[i] + Math.max(0, (tminC[i] + tmaxC[i]) / 2 - baseC);
  return Float32Array.from({ length: n }, (_, i) => {
    const end = Math.min(n, i + READY_DAYS);
    return Math.min(1, (sums[end] - sums[i]) / ((end - i) * READY_K));
  });
}

function weekMean(values: Float32Array, i: number): number {
  let sum = 0;
  for (let k = 0; k < 7; k++) sum += values[i - k];
  return sum / 7;
}

function heatOf({ tminC, tmaxC }: SeasonSlice, warmClimate: boolean): Float32Array {
  return tminC.map((low, i) => heatSuitability(low, tmaxC[i], warmClimate));
}
