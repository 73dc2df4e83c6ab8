import { z } from "zod";

/** Masses for digging and filling, kg/L: gravel, moist soil. Typical figures (M). */
export const GRAVEL_KG_PER_L = 1.6;
export const MOIST_SOIL_KG_PER_L = 1.5;
/** Soil stands looser out of the hole than in it (L). */
export const SOIL_SWELL = 1.25;
/** Speed at which water falls in a soaked hole, mm an hour: below the first the hole is a sump, below the second slow. Extension rule of thumb, remembered (L). */
export const SUMP_MM_PER_H = 12;
export const SLOW_MM_PER_H = 25;

/** A pot let into the ground, by its outside. */
export const sunkSchema = z.object({
  outerTopMm: z.number().min(50).max(3000),
  outerBaseMm: z.number().min(30).max(3000),
  outerHeightMm: z.number().min(50).max(2000),
  square: z.boolean(),
  rimAboveMm: z.number().min(0).max(1000),
  ringMm: z.number().min(0).max(500),
  bedMm: z.number().min(0).max(500),
});
export type SunkInput = z.infer<typeof sunkSchema>;

export interface SunkPlan {
  holeWidthMm: number;
  holeDepthMm: number;
  holeL: number;
  /** Outer volume of the pot below the ground. */
  potBelowL: number;
  ringL: number;
  bedL: number;
  gravelKg: number;
  soilOutKg: number;
  /** Litres of loose soil to carry away. */
  looseSoilL: number;
}

/**
 * Hole, gravel ring, drainage bed and soil of a sunk pot. The hole has upright sides as wide as the rim and the ring all round.
 * @example sunkPlan({ outerTopMm: 400, outerBaseMm: 400, outerHeightMm: 400, square: true, rimAboveMm: 0, ringMm: 50, bedMm: 100 }).holeL // 125
 */
export function sunkPlan(v: SunkInput): SunkPlan {
  const below = Math.max(0, v.outerHeightMm - v.rimAboveMm);
  const widthAtGround = v.outerBaseMm + ((v.outerTopMm - v.outerBaseMm) * below) / v.outerHeightMm;
  const widest = Math.max(widthAtGround, v.outerBaseMm);
  const holeWidthMm = widest + 2 * v.ringMm;
  const holeDepthMm = below + v.bedMm;
  const section = (width: number) => (v.square ? width ** 2 : (Math.PI / 4) * width ** 2);
  const middle = (v.outerBaseMm + widthAtGround) / 2;
  const potBelowL = ((below / 6) * (section(v.outerBaseMm) + 4 * section(middle) + section(widthAtGround))) / 1e6;
  const holeL = (section(holeWidthMm) * holeDepthMm) / 1e6;
  const bedL = (section(holeWidthMm) * v.bedMm) / 1e6;
  const ringL = Math.max(0, holeL - bedL - potBelowL);
  return {
    holeWidthMm,
    holeDepthMm,
    holeL,
    potBelowL,
    ringL,
    bedL,
    gravelKg: (ringL + bedL) * GRAVEL_KG_PER_L,
    soilOutKg: holeL * MOIST_SOIL_KG_PER_L,
    looseSoilL: holeL * SOIL_SWELL,
  };
}

export type SoakVerdict = "sump" | "slow" | "free";

/**
 * The tight-soil test: how fast water falls in the hole once it has been filled and emptied before.
 * @example soakTest(6, 30) // { mmPerHour: 12, verdict: "slow" }
 */
export function soakTest(fallMm: number, minutes: number): { mmPerHour: number; verdict: SoakVerdict } {
  const mmPerHour = (fallMm / minutes) * 60;
  return { mmPerHour, verdict: mmPerHour < SUMP_MM_PER_H ? "sump" : mmPerHour < SLOW_MM_PER_H ? "slow" : "free" };
}
