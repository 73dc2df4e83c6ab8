import { areaAtM2, type Vessel, volumeL } from "../vessel/index";
import type { Mix } from "./schema";

/**
 * Ready mixes for growers who know only the kind. Curves fitted to published ranges for container mixes
 * (Bilderback & Fonteno 1987; Fonteno 1989) and ageing rates from judgement: confidence M and L.
 */
export const READY_MIXES = {
  "pine-bark": {
    thetaR: 0.24,
    thetaS: 0.81,
    alphaPerCm: 0.5,
    n: 1.65,
    dryKgPerL: 0.2,
    volumeLossPerYear: 0.05,
    alphaGainPerYear: 0.1,
  },
  "peat-perlite": {
    thetaR: 0.17,
    thetaS: 0.88,
    alphaPerCm: 0.28,
    n: 1.6,
    dryKgPerL: 0.12,
    volumeLossPerYear: 0.06,
    alphaGainPerYear: 0.12,
  },
  "compost-bark": {
    thetaR: 0.24,
    thetaS: 0.77,
    alphaPerCm: 0.45,
    n: 1.55,
    dryKgPerL: 0.33,
    volumeLossPerYear: 0.09,
    alphaGainPerYear: 0.15,
  },
  "loam-grit": {
    thetaR: 0.14,
    thetaS: 0.57,
    alphaPerCm: 0.3,
    n: 1.4,
    dryKgPerL: 1,
    volumeLossPerYear: 0.015,
    alphaGainPerYear: 0.04,
  },
  "bark-pumice": {
    thetaR: 0.2,
    thetaS: 0.74,
    alphaPerCm: 1.3,
    n: 1.6,
    dryKgPerL: 0.36,
    volumeLossPerYear: 0.025,
    alphaGainPerYear: 0.05,
  },
  "green-waste": {
    thetaR: 0.24,
    thetaS: 0.71,
    alphaPerCm: 0.3,
    n: 1.45,
    dryKgPerL: 0.45,
    volumeLossPerYear: 0.12,
    alphaGainPerYear: 0.18,
  },
} satisfies Record<string, Required<Mix>>;
export type ReadyMixName = keyof typeof READY_MIXES;
export const READY_MIX_NAMES = Object.keys(READY_MIXES) as [ReadyMixName, ...ReadyMixName[]];

/** Assumed where a mix does not say: our judgement. */
const DEFAULT_DRY_KG_PER_L = 0.35;

/** Water content at a suction (cm): θr + (θs − θr)[1 + (αh)^n]^−(1−1/n); saturated at or below zero. */
export function waterContent(mix: Mix, suctionCm: number, ageYears = 0): number {
  if (suctionCm <= 0) return mix.thetaS;
  // Pores get finer as the mix rots: α falls, so an old mix holds more water and less air.
  const alpha = mix.alphaPerCm * Math.exp(-(mix.alphaGainPerYear ?? 0) * ageYears);
  return mix.thetaR + (mix.thetaS - mix.thetaR) * (1 + (alpha * suctionCm) ** mix.n) ** -(1 - 1 / mix.n);
}

/** Share of the volume left after so many years of slumping. */
export function volumeLeft(mix: Mix, ageYears: number): number {
  return Math.exp(-(mix.volumeLossPerYear ?? 0) * Math.max(0, ageYears));
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

/**
 * Water and air of a drained pot: suction at a height equals the height above the lowest draining plane (Bilderback & Fonteno 1987).
 * The plane is the floor, or the top of a coarse bottom layer: gravel lifts the wet zone, it does not drain it.
 */
export function mixInPot(mix: Mix, vessel: Vessel, fillHeightMm: number, bottomLayerMm = 0, ageYears = 0): MixInPot {
  const step = (fillHeightMm - bottomLayerMm) / SLICES;
  let [water, whole] = [0, 0];
  for (let i = 0; i < SLICES; i++) {
    const z = bottomLayerMm + (i + 0.5) * step;
    const area = areaAtM2(vessel, z);
    whole += area;
    water += area * waterContent(mix, (z - bottomLayerMm) / 10, ageYears);
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
    wetKgPerL: (mix.dryKgPerL ?? DEFAULT_DRY_KG_PER_L) + waterFraction,
  };
}

/** End of the easily available water (cm of suction): when watering is due. */
export const TRIGGER_SUCTION_CM = 50;
