/** Degree-days above a base by the single-sine method (Baskerville & Emin 1969), °C·d. */
function singleSine(tminC: number, tmaxC: number, baseC: number): number {
  const average = (tminC + tmaxC) / 2;
  if (tminC >= baseC) return average - baseC;
  if (tmaxC <= baseC) return 0;
  const half = (tmaxC - tminC) / 2;
  const angle = Math.asin((baseC - average) / half);
  return ((average - baseC) * (Math.PI / 2 - angle) + half * Math.cos(angle)) / Math.PI;
}

/**
 * Degree-days with an optional horizontal upper cut: warmth above `upperC` counts no further.
 * @example degreeDays(5, 15, 7) // 3.3877
 */
export function degreeDays(tminC: number, tmaxC: number, baseC: number, upperC?: number): number {
  const above = singleSine(tminC, tmaxC, baseC);
  return upperC === undefined ? above : above - singleSine(tminC, tmaxC, upperC);
}

/** Cardinal temperatures of root growth, °C. */
export interface RootWarmth {
  baseC: number;
  optimumC: number;
  maxC: number;
}

/** Two sets serve all kinds; prefix sums are kept for each. Confidence L. */
export const ROOT_WARMTH = {
  temperate: { baseC: 7, optimumC: 25, maxC: 37 },
  warm: { baseC: 12, optimumC: 29, maxC: 40 },
} as const satisfies Record<string, RootWarmth>;
export type RootWarmthSet = keyof typeof ROOT_WARMTH;

/**
 * Root-zone degree-days of one day at a mean root-zone temperature: none below the base, T − base up to the optimum,
 * falling in a straight line from there to none at the maximum.
 * @example rootDegreeDays(31, ROOT_WARMTH.temperate) // 9
 */
export function rootDegreeDays(tempC: number, warmth: RootWarmth): number {
  if (tempC <= warmth.baseC || tempC >= warmth.maxC) return 0;
  if (tempC <= warmth.optimumC) return tempC - warmth.baseC;
  return ((warmth.optimumC - warmth.baseC) * (warmth.maxC - tempC)) / (warmth.maxC - warmth.optimumC);
}
