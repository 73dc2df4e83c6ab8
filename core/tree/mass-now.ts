import { dryKgPerL, mixInPot, READY_MIXES, waterContent } from "../mix/index";
import { GRAVEL_KG_PER_L, likelyPotMassKg, vesselOf, volumeL } from "../vessel/index";
import { usualFillHeightMm } from "./ball";
import { treeMassKg } from "./mass";
import { DROOPING_SUCTION_CM, TREE_SHARE } from "./potting";
import { type Replayed, yearsInPot } from "./replay";

export interface MassNow {
  wetKg: number;
  dryKg: number;
  /** Wet mass came from a scale. */
  weighed: boolean;
  guessed: boolean;
}

/** What the tree weighs as it stands: drained after a watering, and dried until its leaves droop. Null where its pot is unknown. */
export function massNow(
  replayed: Replayed,
  tree: { trunkMm: number | null; heightM: number | null },
  on: number,
): MassNow | null {
  if (!replayed.pot) return null;
  const { vessel, guessed } = vesselOf(replayed.pot);
  const fill = replayed.fillHeightMm ?? usualFillHeightMm(vessel);
  const mix = replayed.mix ?? READY_MIXES["compost-bark"];
  const age = replayed.mix ? replayed.mixStartAgeYears + yearsInPot(replayed, on) : 0;
  // Its share of a shared pot is its own mix; who carries it carries all of it.
  const mixL = replayed.volumeL.p50 / replayed.share;
  const wetPerL = mixInPot(mix, vessel, fill, replayed.bottomLayerMm, age).wetKgPerL;
  const dryPerL = dryKgPerL(mix) + waterContent(mix, DROOPING_SUCTION_CM, age);
  const pot = likelyPotMassKg(vessel);
  const measured = tree.trunkMm !== null && tree.heightM !== null;
  const treeKg = measured ? treeMassKg(tree.trunkMm!, tree.heightM!) : TREE_SHARE * mixL * wetPerL;
  const rest = pot.massKg + treeKg + volumeL(vessel, replayed.bottomLayerMm) * GRAVEL_KG_PER_L;
  const computed = rest + mixL * wetPerL;
  const wetKg = replayed.weighedKg ?? computed;
  return {
    wetKg,
    dryKg: Math.max(0.2 * wetKg, wetKg - mixL * Math.max(0, wetPerL - dryPerL)),
    weighed: replayed.weighedKg !== null,
    guessed: replayed.weighedKg === null && (guessed || !measured || pot.basis === "guess" || replayed.mix === null),
  };
}
