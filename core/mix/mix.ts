import { areaAtM2, type Vessel, volumeL } from "../vessel/index";
import type { Mix } from "./schema";

/** Assumed where a mix does not say: our judgement. */
export const DEFAULT_DRY_KG_PER_L = 0.35;
/** End of the easily available water (cm of suction): when watering is due. */
export const TRIGGER_SUCTION_CM = 50;

interface Curve {
  thetaR: number;
  thetaS: number;
  alphaPerCm: number;
  n: number;
}

function onCurve(curve: Curve, suctionCm: number, finer: number): number {
  return (
    curve.thetaR +
    (curve.thetaS - curve.thetaR) * (1 + (curve.alphaPerCm * finer * suctionCm) ** curve.n) ** -(1 - 1 / curve.n)
  );
}

/**
 * Water content at a suction (cm): θr + (θs − θr)[1 + (αh)^n]^−(1−1/n); saturated at or below zero. A blend is the sum of its
 * components' curves by their volume in the mix, never more than its pores.
 */
export function waterContent(mix: Mix, suctionCm: number, ageYears = 0): number {
  if (suctionCm <= 0) return mix.thetaS;
  // Pores get finer as the mix rots: α falls, so an old mix holds more water and less air.
  const finer = Math.exp(-(mix.alphaGainPerYear ?? 0) * ageYears);
  if (!("parts" in mix)) return onCurve(mix, suctionCm, finer);
  let sum = 0;
  for (const part of mix.parts) sum += part.weight * onCurve(part, suctionCm, finer);
  return Math.min(mix.thetaS, sum);
}

/** Share of the volume left after so many years of slumping. */
export function volumeLeft(mix: Mix, ageYears: number): number {
  return Math.exp(-(mix.volumeLossPerYear ?? 0) * Math.max(0, ageYears));
}

export function dryKgPerL(mix: Mix): number {
  return mix.dryKgPerL ?? DEFAULT_DRY_KG_PER_L;
}

export interface MixInPot {
  waterFraction: number;
  airFraction: number;
  waterL: number;
  airL: number;
  mixL: number;
  wetKgPerL: number;
}

const SLICES = 400;
/** As fine as whole per cent and tenths of a kilogram ask for. */
export const ROUGH_SLICES = 60;

/**
 * Water and air of a drained pot: suction at a height equals the height above the lowest draining plane (Bilderback & Fonteno 1987).
 * The plane is the floor, or the top of a coarse bottom layer: gravel lifts the wet zone, it does not drain it.
 * @param planeBelowMm how far the plane lies below the mix: a pot on a wick, or sunk and standing on the soil without feet
 */
export function mixInPot(
  mix: Mix,
  vessel: Vessel,
  fillHeightMm: number,
  bottomLayerMm = 0,
  ageYears = 0,
  planeBelowMm = 0,
  slices = SLICES,
): MixInPot {
  const step = (fillHeightMm - bottomLayerMm) / slices;
  let [water, whole] = [0, 0];
  for (let i = 0; i < slices; i++) {
    const z = bottomLayerMm + (i + 0.5) * step;
    const area = areaAtM2(vessel, z);
    whole += area;
    water += area * waterContent(mix, (z - bottomLayerMm + planeBelowMm) / 10, ageYears);
  }
  const waterFraction = whole > 0 ? water / whole : mix.thetaS;
  const airFraction = mix.thetaS - waterFraction;
  const mixL = Math.max(0, volumeL(vessel, fillHeightMm) - volumeL(vessel, bottomLayerMm));
  return {
    waterFraction,
    airFraction,
    waterL: waterFraction * mixL,
    airL: airFraction * mixL,
    mixL,
    wetKgPerL: dryKgPerL(mix) + waterFraction,
  };
}
