import { type Mix, mixInPot, type MixInPot, READY_MIXES, TRIGGER_SUCTION_CM, waterContent } from "../mix/index";
import type { CorrectionName } from "../roots/index";
import { type Ball, settingPlan, type SettingPlan } from "../setting/index";
import {
  areaAtM2,
  brimHeightMm,
  dosePerMixL,
  freeboard,
  leastFreeboardMm,
  likelyPotMassKg,
  type Pot,
  potAtEnd,
  vesselOf,
  volumeL,
  type Vessel,
} from "../vessel/index";
import { ballInPot, correctBall, usualFillHeightMm } from "./ball";
import { type LiftAdvice, liftAdvice, treeMassKg } from "./mass";
import type { Replayed } from "./replay";

export interface PottingChoice {
  pot: Pot;
  mix: Mix;
  correction: CorrectionName;
  retainedShare: number | null;
  crownMm: number;
  bottomLayerMm: number;
}

export interface PottingPlan {
  vessel: Vessel;
  /** The pot's shape is a guess from its trade size. */
  guessedShape: boolean;
  ball: Ball;
  ballBefore: Ball;
  retainedShare: number;
  shaveDepthMm: number | null;
  fillHeightMm: number;
  freeboardMm: number;
  /** Height of loose fill today, before two soaks settle it, capped at the brim. */
  looseFillHeightMm: number;
  setting: SettingPlan;
  /** Mix in place after settling: ball and new mix together. */
  mixL: number;
  water: MixInPot;
  wetMassKg: { total: number; pot: number; soil: number; tree: number; bottomLayer: number; guessed: boolean };
  lift: LiftAdvice;
  bottomLayerMm: number;
  crownMm: number;
}

/** Unknown old mix is weighed as bark and compost. */
const UNKNOWN_MIX: Mix = READY_MIXES["compost-bark"];
const GRAVEL_KG_PER_L = 1.6;
/** A tree nobody measured is taken as a tenth of its wet soil: a guess. */
const TREE_SHARE = 0.1;

/** What a potting needs to know of how the tree stands now. */
export type PottedNow = Pick<Replayed, "pot" | "fillHeightMm" | "bottomLayerMm" | "mix">;

/** The ball the tree stands in today. */
export function currentBall(
  replayed: PottedNow,
  ageYears: number,
): { ball: Ball; vessel: Vessel; guessedShape: boolean } | null {
  if (!replayed.pot) return null;
  const { vessel, guessed } = vesselOf(replayed.pot);
  const ball = ballInPot(
    vessel,
    replayed.fillHeightMm ?? usualFillHeightMm(vessel),
    replayed.bottomLayerMm,
    replayed.mix,
    ageYears,
  );
  return { ball, vessel, guessedShape: guessed };
}

/** Fill line that leaves room for one watering of this mix in this pot. Two rounds: the share of water depends on the fill a little. */
function fillLine(vessel: Vessel, mix: Mix, bottomLayerMm: number) {
  let level = freeboard(vessel, { dosePerMixL: 0.1 }, leastFreeboardMm(vessel));
  for (let i = 0; i < 2; i++) {
    const { waterFraction } = mixInPot(mix, vessel, level.fillHeightMm, bottomLayerMm);
    const dose = dosePerMixL(waterFraction, waterContent(mix, TRIGGER_SUCTION_CM));
    level = freeboard(vessel, { dosePerMixL: dose }, leastFreeboardMm(vessel));
  }
  return level;
}

/** Everything the bench needs to know before the tree is out of its pot. */
export function planPotting(
  replayed: PottedNow,
  ageYears: number,
  tree: { trunkMm: number | null; heightM: number | null },
  choice: PottingChoice,
): PottingPlan | null {
  const current = currentBall(replayed, ageYears);
  if (!current) return null;
  const { vessel, guessed } = vesselOf(choice.pot);
  const corrected = correctBall(current.ball, choice.correction);
  const level = fillLine(vessel, choice.mix, choice.bottomLayerMm);
  const setting = settingPlan({
    vessel,
    ball: corrected.ball,
    fillHeightMm: level.fillHeightMm,
    crownMm: choice.crownMm,
    bottomLayerMm: choice.bottomLayerMm,
  });
  const water = mixInPot(choice.mix, vessel, level.fillHeightMm, choice.bottomLayerMm);
  const oldMix = replayed.mix ?? UNKNOWN_MIX;
  const oldWet = mixInPot(
    oldMix,
    vessel,
    level.fillHeightMm,
    choice.bottomLayerMm,
    replayed.mix ? ageYears : 0,
  ).wetKgPerL;
  const bottomL = volumeL(vessel, choice.bottomLayerMm);
  const soil = setting.ballL * oldWet + setting.settledMixL * water.wetKgPerL;
  const pot = likelyPotMassKg(vessel);
  const measuredTree = tree.trunkMm !== null && tree.heightM !== null;
  const treeKg = measuredTree ? treeMassKg(tree.trunkMm!, tree.heightM!) : TREE_SHARE * soil;
  const total = soil + pot.massKg + treeKg + bottomL * GRAVEL_KG_PER_L;
  const top = areaAtM2(vessel, level.fillHeightMm) * 1e3;
  return {
    vessel,
    guessedShape: guessed || current.guessedShape,
    ball: corrected.ball,
    ballBefore: current.ball,
    retainedShare: choice.retainedShare ?? corrected.retainedShare,
    shaveDepthMm: corrected.depthMm,
    fillHeightMm: level.fillHeightMm,
    freeboardMm: level.freeboardMm,
    looseFillHeightMm: Math.min(
      brimHeightMm(vessel),
      level.fillHeightMm + (setting.looseMixL - setting.settledMixL) / top,
    ),
    setting,
    mixL: setting.ballL + setting.settledMixL,
    water,
    wetMassKg: {
      total,
      pot: pot.massKg,
      soil,
      tree: treeKg,
      bottomLayer: bottomL * GRAVEL_KG_PER_L,
      guessed: !measuredTree || pot.basis === "guess",
    },
    lift: liftAdvice(total),
    bottomLayerMm: choice.bottomLayerMm,
    crownMm: choice.crownMm,
  };
}

export type PottingFault =
  | { code: "ball-too-wide"; ballMm: number; potMm: number; shaveMm: number }
  | { code: "ball-too-tall"; trimMm: number; trimShare: number };

/** A ball may lose this share of its height at the base without a deeper correction. */
export const MOST_TRIM_SHARE = 0.15;

/** Why this ball cannot stand in this pot; null when it can. */
export function pottingFault(plan: PottingPlan): PottingFault | null {
  const { setting, ball } = plan;
  if (setting.sideGapTopMm < 0) {
    const potMm = ball.topWidthMm + 2 * setting.sideGapTopMm;
    return { code: "ball-too-wide", ballMm: ball.topWidthMm, potMm, shaveMm: 15 - setting.sideGapTopMm };
  }
  const trimShare = setting.trimMm / ball.heightMm;
  if (trimShare > MOST_TRIM_SHARE) return { code: "ball-too-tall", trimMm: setting.trimMm, trimShare };
  return null;
}

/** Litres of new mix and wet mass at both ends of what is known of the two pots; null where both are measured. */
export interface PottingRange {
  looseMixL: [low: number, high: number];
  wetMassKg: [low: number, high: number];
}

/** A size known by name only stays a range to the last number: the plan is made for small and large of both pots. */
export function pottingRange(
  replayed: PottedNow,
  ageYears: number,
  tree: { trunkMm: number | null; heightM: number | null },
  choice: PottingChoice,
): PottingRange | null {
  const from = replayed.pot;
  if (!from || (from.known === "measured" && choice.pot.known === "measured")) return null;
  const plans = (["p10", "p90"] as const).flatMap((old) =>
    (["p10", "p90"] as const).flatMap((fresh) => {
      // The fill line on record belongs to the middle size: each end has its own usual one.
      const now = {
        ...replayed,
        pot: potAtEnd(from, old),
        fillHeightMm: from.known === "measured" ? replayed.fillHeightMm : null,
      };
      const plan = planPotting(now, ageYears, tree, { ...choice, pot: potAtEnd(choice.pot, fresh) });
      return plan ? [plan] : [];
    }),
  );
  const ends = (values: number[]): [number, number] => [Math.max(0, Math.min(...values)), Math.max(...values)];
  return {
    looseMixL: ends(plans.map((p) => p.setting.looseMixL)),
    wetMassKg: ends(plans.map((p) => p.wetMassKg.total)),
  };
}
