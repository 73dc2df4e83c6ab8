import { shownSeasons, SIZE_EXPONENT } from "./model";
import { GROUND, type LadderPlan } from "./plan";

/** A guess with its ends, one in ten beyond each. */
export interface Sized {
  low: number;
  mid: number;
  high: number;
}

/**
 * Long-run mass goes with volume to the .516 (doubling the rooting volume gives 43 % more: mean over species of Poorter et al.,
 * Functional Plant Biology 39, 2012); one tree may lie this far off. Crop goes steeper by growers' counts: .75, .5 to 1 (L).
 */
const SIZE_SPREAD = 0.15;
const CROP = { low: 0.5, mid: 0.75, high: 1 };

const power = (ratio: number, low: number, mid: number, high: number): Sized => {
  const [a, b] = [ratio ** low, ratio ** high];
  return { low: Math.min(a, b), mid: ratio ** mid, high: Math.max(a, b) };
};

/**
 * Mass of the tree, in times that of now, that this volume carries in the long run.
 * @example sizeAt(20, 10) // { low: 1.2888, mid: 1.43, high: 1.5867 }
 */
export function sizeAt(volumeL: number, nowL: number): Sized {
  return power(volumeL / nowL, SIZE_EXPONENT - SIZE_SPREAD, SIZE_EXPONENT, SIZE_EXPONENT + SIZE_SPREAD);
}

/** Crop, as a share of that at the middle of the kind's best volumes: more volume than its best brings no more. */
export function cropAt(volumeL: number, bestL: readonly [number, number]): Sized {
  const { low, mid, high } = CROP;
  return power(Math.min(1, volumeL / ((bestL[0] + bestL[1]) / 2)), low, mid, high);
}

/** Share of the growth an ever roomy pot would have allowed, over the seasons shown in pots. */
export function growthKept(plan: LadderPlan): number {
  const potted = plan.steps.slice(0, shownSeasons(plan.steps.length)).filter((s) => s.potId !== GROUND);
  return potted.length === 0 ? 1 : potted.reduce((sum, s) => sum + s.growth, 0) / potted.length;
}

/** Mean seasons between root prunings once the last pot is reached, over the seasons shown; null: none, or only one. */
export function pruningEvery(plan: LadderPlan): number | null {
  const shown = plan.steps.slice(0, shownSeasons(plan.steps.length));
  const settled = shown.map((s) => s.action).lastIndexOf("up-pot");
  const pruned = shown.filter((s) => s.season > settled && s.action === "root-prune").map((s) => s.season);
  return pruned.length < 2 ? null : (pruned[pruned.length - 1] - pruned[0]) / (pruned.length - 1);
}
