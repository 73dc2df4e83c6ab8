import type { Vigour } from "./vigour";

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
  const old = Math.min(1, fromL / toL);
  const crossed = 1 - Math.exp(-rootDegreeDays / CROSSING_DEGREE_DAYS[vigour]);
  return old + (1 - old) * (crossed + (1 - crossed) * BORROWED);
}
