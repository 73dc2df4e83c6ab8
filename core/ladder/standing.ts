import { standing } from "../wind/index";
import { heightAtMm, type LadderProblem } from "./model";
import type { LadderStep } from "./plan";

/** A crown is the upper two thirds of a tree and half as wide as the tree is tall; a dry pot weighs six tenths of a wet one (L). */
const CROWN_SHARE = 2 / 3;
const CROWN_WIDTH = 0.5;
const DRY_SHARE = 0.6;
const FOOT = 0.8;

/**
 * Gust from which a tree in a step's pot should be tied, m/s, in full leaf and with the pot dry; null where nobody measured its
 * height, or it stands in the ground.
 */
export function tieFromMs(problem: LadderProblem, step: LadderStep): number | null {
  const pot = problem.pots.at(step.pot);
  const height = pot && heightAtMm(problem.tree, pot.volumeL) / 1000;
  if (!pot || !height) return null;
  const crownHeightM = CROWN_SHARE * height;
  return standing({
    crownWidthM: CROWN_WIDTH * height,
    crownHeightM,
    crownBaseM: pot.heightMm / 1000 + height - crownHeightM,
    baseWidthM: (FOOT * (pot.widthMm ?? pot.heightMm)) / 1000,
    massDryKg: DRY_SHARE * step.massKg,
    massWetKg: step.massKg,
    inLeaf: true,
    gustMs: 0,
    wind: problem.tree.wind,
  }).tieFromMs;
}
