import { mixInPot, ROUGH_SLICES } from "@/core/mix/index";
import { GRAVEL_KG_PER_L, likelyPotMassKg, vesselOf, volumeL } from "@/core/vessel/index";
import { usualFillHeightMm } from "@/core/potting/index";
import { type Replayed, yearsInPot } from "./replayed";
import { droopingKgPerL, treeKgOn, type TreeMeasures, UNKNOWN_MIX } from "@/core/mass/index";

export interface MassNow {
  wetKg: number;
  dryKg: number;
  /** Wet mass came from a scale. */
  weighed: boolean;
  guessed: boolean;
}

/** What the tree weighs as it stands: drained after a watering, and dried until its leaves droop. Null where its pot is unknown. */
export function massNow(replayed: Replayed, tree: TreeMeasures, on: number): MassNow | null {
  if (!replayed.pot) return null;
  const { vessel, guessed } = vesselOf(replayed.pot);
  const fill = replayed.fillHeightMm ?? usualFillHeightMm(vessel);
  const mix = replayed.mix ?? UNKNOWN_MIX;
  const age = replayed.mix ? replayed.mixStartAgeYears + yearsInPot(replayed, on) : 0;
  // Its share of a shared pot is its own mix; who carries it carries all of it.
  const mixL = replayed.volumeL.p50 / replayed.share;
  const wetPerL = mixInPot(mix, vessel, fill, replayed.bottomLayerMm, age, 0, ROUGH_SLICES).wetKgPerL;
  const pot = likelyPotMassKg(vessel);
  const above = treeKgOn(tree, mixL * wetPerL);
  const computed = mixL * wetPerL + pot.massKg + above.kg + volumeL(vessel, replayed.bottomLayerMm) * GRAVEL_KG_PER_L;
  const wetKg = replayed.weighedKg ?? computed;
  const weighed = replayed.weighedKg !== null;
  return {
    wetKg,
    dryKg: Math.max(0.2 * wetKg, wetKg - mixL * Math.max(0, wetPerL - droopingKgPerL(mix, age))),
    weighed,
    guessed: !weighed && (guessed || !above.measured || pot.basis === "guess" || replayed.mix === null),
  };
}
