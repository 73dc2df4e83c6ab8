import type { Recipe } from "./components";
import type { CurveMix } from "./schema";

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
    particleMm: 3,
  },
  "peat-perlite": {
    thetaR: 0.17,
    thetaS: 0.88,
    alphaPerCm: 0.28,
    n: 1.6,
    dryKgPerL: 0.12,
    volumeLossPerYear: 0.06,
    alphaGainPerYear: 0.12,
    particleMm: 1.3,
  },
  "compost-bark": {
    thetaR: 0.24,
    thetaS: 0.77,
    alphaPerCm: 0.45,
    n: 1.55,
    dryKgPerL: 0.33,
    volumeLossPerYear: 0.09,
    alphaGainPerYear: 0.15,
    particleMm: 2.1,
  },
  "loam-grit": {
    thetaR: 0.14,
    thetaS: 0.57,
    alphaPerCm: 0.3,
    n: 1.4,
    dryKgPerL: 1,
    volumeLossPerYear: 0.015,
    alphaGainPerYear: 0.04,
    particleMm: 0.62,
  },
  "bark-pumice": {
    thetaR: 0.2,
    thetaS: 0.74,
    alphaPerCm: 1.3,
    n: 1.6,
    dryKgPerL: 0.36,
    volumeLossPerYear: 0.025,
    alphaGainPerYear: 0.05,
    particleMm: 8.5,
  },
  "green-waste": {
    thetaR: 0.24,
    thetaS: 0.71,
    alphaPerCm: 0.3,
    n: 1.45,
    dryKgPerL: 0.45,
    volumeLossPerYear: 0.12,
    alphaGainPerYear: 0.18,
    particleMm: 2,
  },
} satisfies Record<string, Required<CurveMix>>;
export type ReadyMixName = keyof typeof READY_MIXES;
export const READY_MIX_NAMES = Object.keys(READY_MIXES) as [ReadyMixName, ...ReadyMixName[]];

/** What is in them, for measuring out, texture and feeding; their curves above stay as published. */
export const READY_RECIPES: Record<ReadyMixName, Recipe> = {
  "pine-bark": { "bark-fine": 1 },
  "peat-perlite": { peat: 3, perlite: 1 },
  "compost-bark": { compost: 1, "bark-fine": 1 },
  "loam-grit": { loam: 7, peat: 3, grit: 2 },
  "bark-pumice": { "bark-coarse": 1, pumice: 1 },
  "green-waste": { "green-waste": 1 },
};
