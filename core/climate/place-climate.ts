import { z } from "zod";
import type { DayNumber } from "../dates/index";
import { mean, standardDeviation } from "../math/index";

/** What places are like, from the open ground inwards. */
export const PLACE_KINDS = ["open", "sheltered", "unheated", "frost-free", "heated"] as const;
export type PlaceKind = (typeof PLACE_KINDS)[number];

/**
 * A place's nights against the site's: placeMin = offsetC + (1 − damping) · siteMin. The offset is that of a night at 0 °C; damping
 * is the share of the site's swings that does not reach the place.
 */
export const placeClimateSchema = z.object({
  offsetC: z.number().min(-15).max(30),
  damping: z.number().min(0).max(1),
});
export type PlaceClimate = z.infer<typeof placeClimateSchema>;
export const SITE_ITSELF: PlaceClimate = { offsetC: 0, damping: 0 };

export function placeMinimumC(siteMinC: number, climate: PlaceClimate): number {
  return climate.offsetC + (1 - climate.damping) * siteMinC;
}

/** The site's minima as the place has them; missing nights stay missing. */
export function placeMinima(siteMinima: Float32Array, climate: PlaceClimate): Float32Array {
  return siteMinima.map((v) => placeMinimumC(v, climate));
}

/** Errors at a place never shrink below what a thermometer there would scatter by, K. */
const LEAST_ERROR_C = 0.3;

/** A night with its error as a place has it: [lowest, error], °C and K. */
export function nightAt(climate: PlaceClimate, night: { minC: number; minErrorC: number }): [number, number] {
  return [placeMinimumC(night.minC, climate), Math.max(LEAST_ERROR_C, (1 - climate.damping) * night.minErrorC)];
}

/** One night in which both the site and the place were read. */
export interface NightPair {
  day: DayNumber;
  siteC: number;
  placeC: number;
}

export interface PlaceFit {
  climate: PlaceClimate;
  nights: number;
  /** One standard error each; null where the damping was not fitted. */
  offsetSeC: number;
  dampingSe: number | null;
  /** Typical miss of a night, K. */
  residualC: number;
  pairs: NightPair[];
}

/** Fewest cold nights a place is learned from. */
export const LEAST_NIGHTS = 10;
/** Nights that count as cold: below this, or the coldest third where few are. */
const COLD_C = 5;
/** With nights more alike than this only the offset can be told. */
const LEAST_SPREAD_C = 1.5;

/** Cold nights of all pairs: those below 5 °C, or the coldest third where that leaves too few. */
export function coldNights(pairs: readonly NightPair[]): NightPair[] {
  const cold = pairs.filter((p) => p.siteC <= COLD_C);
  if (cold.length >= LEAST_NIGHTS) return cold;
  const sorted = [...pairs].sort((a, b) => a.siteC - b.siteC);
  return sorted.slice(0, Math.max(LEAST_NIGHTS, Math.ceil(sorted.length / 3)));
}

/**
 * Learns a place from its cold nights by least squares; null with fewer than ten. Damping is held within 0–1; where it ends at a
 * bound, or the nights are too alike, the offset alone is fitted.
 */
export function fitPlace(pairs: readonly NightPair[]): PlaceFit | null {
  const cold = coldNights(pairs);
  const n = cold.length;
  if (n < LEAST_NIGHTS) return null;
  const xs = cold.map((p) => p.siteC);
  const ys = cold.map((p) => p.placeC);
  const [mx, my] = [mean(xs), mean(ys)];
  const sxx = xs.reduce((s, x) => s + (x - mx) ** 2, 0);
  const sxy = xs.reduce((s, x, i) => s + (x - mx) * (ys[i] - my), 0);
  const free = standardDeviation(xs) >= LEAST_SPREAD_C ? sxy / sxx : 1;
  const slope = Math.min(1, Math.max(0, free));
  const offsetC = my - slope * mx;
  const fitted = slope === free && standardDeviation(xs) >= LEAST_SPREAD_C;
  const ss = xs.reduce((s, x, i) => s + (ys[i] - offsetC - slope * x) ** 2, 0);
  const variance = ss / Math.max(1, n - (fitted ? 2 : 1));
  return {
    climate: { offsetC, damping: 1 - slope },
    nights: n,
    offsetSeC: Math.sqrt(variance * (fitted ? 1 / n + mx ** 2 / sxx : 1 / n)),
    dampingSe: fitted ? Math.sqrt(variance / sxx) : null,
    residualC: Math.sqrt(variance),
    pairs: cold,
  };
}
