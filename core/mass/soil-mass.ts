import { dryKgPerL, type Mix, READY_MIXES, waterContent } from "../mix/index";
import { treeMassKg } from "./mass";

/** Unknown old mix is weighed as bark and compost. */
export const UNKNOWN_MIX: Mix = READY_MIXES["compost-bark"];
/** A tree nobody measured is taken as a tenth of its wet soil: a guess. */
export const TREE_SHARE = 0.1;
/** Suction at which leaves droop, cm: dry enough to be the lightest state of a living tree (L). */
export const DROOPING_SUCTION_CM = 1000;

export interface TreeMeasures {
  trunkMm: number | null;
  heightM: number | null;
}

/** Mass of a litre dried until the leaves droop. */
export function droopingKgPerL(mix: Mix, ageYears: number): number {
  return dryKgPerL(mix) + waterContent(mix, DROOPING_SUCTION_CM, ageYears);
}

/** Mass of the tree above its ball: from trunk and height, else a share of its wet soil. */
export function treeKgOn(tree: TreeMeasures, wetSoilKg: number): { kg: number; measured: boolean } {
  const { trunkMm, heightM } = tree;
  if (trunkMm === null || heightM === null) return { kg: TREE_SHARE * wetSoilKg, measured: false };
  return { kg: treeMassKg(trunkMm, heightM), measured: true };
}
