import type { IsoDate } from "../dates/index";
import { Z90 } from "../math/index";

/** Where a number comes from, strongest first. */
export type Basis = "measured" | "derived" | "typical" | "guess";

/** A value with its 80 % band (p10–p90). */
export interface Estimate {
  p10: number;
  p50: number;
  p90: number;
  basis: Basis;
}

/** A day with its 80 % band, or the reason why there is none. A missing end lies beyond the horizon computed. */
export type DateEstimate =
  { p10: IsoDate | null; p50: IsoDate | null; p90: IsoDate | null; basis: Basis } | { none: string };

/** Core answers codes with figures; the interface makes the words. */
export interface Reason {
  code: string;
  params: Record<string, string | number | boolean | null>;
}

const WEAKEST: Basis[] = ["measured", "derived", "typical", "guess"];

/**
 * The weaker of two bases: a chain of numbers is no surer than its weakest link.
 * @example weaker("measured", "typical") // "typical"
 */
export function weaker(a: Basis, b: Basis): Basis {
  return WEAKEST[Math.max(WEAKEST.indexOf(a), WEAKEST.indexOf(b))];
}

/** @example exactly(5) // { p10: 5, p50: 5, p90: 5, basis: "measured" } */
export function exactly(value: number, basis: Basis = "measured"): Estimate {
  return { p10: value, p50: value, p90: value, basis };
}

/**
 * Applies a rising function to all three points (a falling one swaps the ends).
 * @example mapEstimate({ p10: 1, p50: 2, p90: 4, basis: "measured" }, (x) => -x) // { p10: -4, p50: -2, p90: -1, basis: "measured" }
 */
export function mapEstimate(estimate: Estimate, f: (x: number) => number, basis: Basis = estimate.basis): Estimate {
  const [a, b, c] = [f(estimate.p10), f(estimate.p50), f(estimate.p90)];
  return { p10: Math.min(a, c), p50: b, p90: Math.max(a, c), basis: weaker(estimate.basis, basis) };
}

/**
 * Half the natural-log width of the band in standard deviations: spread of a positive quantity.
 * @example logSd({ p10: 1, p50: 2, p90: 4, basis: "measured" }) // 0.5409
 */
export function logSd(estimate: Estimate): number {
  if (!(estimate.p10 > 0)) return 0;
  return Math.log(Math.max(1, estimate.p90 / estimate.p10)) / (2 * Z90);
}
