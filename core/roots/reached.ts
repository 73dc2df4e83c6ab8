import { VIGOUR_NAMES, VIGOUR_PER_DEGREE_DAY, type Vigour } from "./vigour";

/** Warmth by which roots cross fresh mix, °C·d: our judgement (L). */
export const CROSSING_DEGREE_DAYS: Record<Vigour, number> = {
  "very-vigorous": 80,
  vigorous: 120,
  moderate: 180,
  slow: 300,
  "very-slow": 450,
};
/** Share of what a half-crossed ring yields of its water before roots are in it. */
const BORROWED = 0.12;

/** Share of the new volume the roots can drink from after a move ("reached", weeks), unlike "filled" (seasons). */
export function reachedShare(fromL: number, toL: number, rootDegreeDays: number, vigour: Vigour): number {
  return reachedOf(fromL, toL, rootDegreeDays, CROSSING_DEGREE_DAYS[vigour]);
}

/**
 * The same for a tree whose own pace is known.
 * @example reachedOf(3, 10, 200, 180) // 0.79722
 */
export function reachedOf(fromL: number, toL: number, rootDegreeDays: number, crossingDegreeDays: number): number {
  const old = Math.min(1, fromL / toL);
  const crossed = 1 - Math.exp(-rootDegreeDays / crossingDegreeDays);
  return old + (1 - old) * (crossed + (1 - crossed) * BORROWED);
}

const LADDER = VIGOUR_NAMES.map((name) => [
  Math.log(VIGOUR_PER_DEGREE_DAY[name]),
  Math.log(CROSSING_DEGREE_DAYS[name]),
]).sort((a, b) => a[0] - b[0]);

/**
 * Crossing warmth of a pace between the classes: straight lines between them on logarithmic scales, and beyond. °C·d.
 * @example crossingDegreeDays(0.002) // 100.04
 */
export function crossingDegreeDays(kPerDegreeDay: number): number {
  const at = Math.log(kPerDegreeDay);
  let i = LADDER.findIndex(([x]) => x >= at);
  if (i < 1) i = i === 0 ? 1 : LADDER.length - 1;
  const [[x0, y0], [x1, y1]] = [LADDER[i - 1], LADDER[i]];
  return Math.exp(y0 + ((at - x0) / (x1 - x0)) * (y1 - y0));
}

/** A ring of fresh mix as wide as this is crossed in one crossing's warmth: our judgement (L). */
export const RING_MM = 30;

/**
 * Length of new roots in fresh mix after so much warmth that counts (lag taken off), mm.
 * @example newRootsMm(0.002, 200) // 59.976
 */
export function newRootsMm(kPerDegreeDay: number, degreeDays: number): number {
  return (RING_MM * degreeDays) / crossingDegreeDays(kPerDegreeDay);
}
