import { WALL } from "./walls";
import { areaAtM2, brimHeightMm, lengthAtMm, volumeL, widthAtMm } from "./vessel";
import type { Vessel } from "./schema";
import { LINER_OVERLAP_MM } from "./box";

/** What a wall is lined with inside: thickness, and thermal resistance R (m²·K/W). Typical figures (M), wood and foam by thickness. */
export const LININGS = {
  film: { thickMm: 0.3, resistance: 0, breathes: false },
  "bubble-single": { thickMm: 4, resistance: 0.17, breathes: false },
  "bubble-double": { thickMm: 8, resistance: 0.34, breathes: false },
  foam: { thickMm: 30, resistance: 0.86, breathes: false },
  jute: { thickMm: 20, resistance: 0.35, breathes: true },
} as const;
export type Lining = keyof typeof LININGS;
export const LINING_NAMES = Object.keys(LININGS) as [Lining, ...Lining[]];

export interface LiningPlan {
  /** Of the wall with a lap where the lining meets itself; the floor stays free so that water finds its way. */
  areaM2: number;
  /** Mix the lining takes the place of. */
  volumeLostL: number;
  volumeLeftL: number;
  resistance: number;
  /** It takes the breathing away from a wall that breathes. */
  sealsWall: boolean;
}

/** Lining of a pot's wall from the floor to the brim. */
export function liningPlan(vessel: Vessel, lining: Lining): LiningPlan {
  const { thickMm, resistance, breathes } = LININGS[lining];
  const brim = brimHeightMm(vessel);
  const round = vessel.shape !== "square" && vessel.shape !== "rectangle";
  const perimeterAt = (mm: number) =>
    round ? 2 * Math.sqrt(Math.PI * areaAtM2(vessel, mm)) * 1000 : 2 * (widthAtMm(vessel, mm) + lengthAtMm(vessel, mm));
  const wallMm2 = ((perimeterAt(0) + perimeterAt(brim)) / 2) * brim;
  const volumeLostL = Math.min(volumeL(vessel), (wallMm2 * thickMm) / 1e6);
  return {
    areaM2: (wallMm2 + LINER_OVERLAP_MM * brim) / 1e6,
    volumeLostL,
    volumeLeftL: volumeL(vessel) - volumeLostL,
    resistance,
    sealsWall: !breathes && vessel.wall !== undefined && WALL[vessel.wall].breathes,
  };
}
