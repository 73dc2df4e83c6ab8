import {
  type Mix,
  mixInPot,
  type MixInPot,
  type TextureJump,
  textureJump,
  TRIGGER_SUCTION_CM,
  waterContent,
} from "../mix/index";
import { type CorrectionName, sideLoss } from "../roots/index";
import {
  type Ball,
  type BareRoot,
  bareRootPlan,
  type BareRootPlan,
  type BareRootWarning,
  MOST_TRIM_SHARE,
  settingPlan,
  type SettingPlan,
  shavedBall,
  type SettingWarning,
  type Warning,
  WORKABLE_GAP_MM,
} from "../setting/index";
import {
  areaAtM2,
  brimHeightMm,
  dosePerMixL,
  freeboard,
  leastFreeboardMm,
  likelyPotMassKg,
  GRAVEL_KG_PER_L,
  type Pot,
  potAtEnd,
  usualWallMm,
  vesselOf,
  volumeL,
  type Vessel,
  wallOf,
  widthAtMm,
  USUAL_DOSE_PER_MIX_L,
} from "../vessel/index";
import { ballInPot, correctBall, usualFillHeightMm } from "./ball";
import { droopingKgPerL, type LiftAdvice, liftAdvice, treeKgOn, type TreeMeasures, UNKNOWN_MIX } from "../mass/index";

/** What is set: the ball its pot gives back, one measured at the bench, roots without a ball, or a decomposable pot planted whole. */
export type WhatIsSet =
  { as: "ball" } | { as: "measured"; ball: Ball } | { as: "bare-root"; roots: BareRoot } | { as: "whole-pot" };

export interface PottingChoice {
  pot: Pot;
  mix: Mix;
  /** Age of the mix on the day: 0 for fresh, more for reclaimed mix. */
  mixAgeYears?: number;
  correction: CorrectionName;
  retainedShare: number | null;
  crownMm: number;
  bottomLayerMm: number;
  set?: WhatIsSet;
  /** Off each side of the ball besides its correction, so that a narrow deep pot takes it, mm. */
  trimSideMm?: number;
  /** How far the stem stands off the axis of its ball, mm. */
  offAxisMm?: number;
  tiltDeg?: number;
  /** Depth of the flare below the surface as it is, and how much of that is taken off today. */
  flareDepthMm?: number;
  takenOffMm?: number;
  /** Graft union above the surface as it is; null where there is none. */
  unionMm?: number | null;
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
  setting: Omit<SettingPlan, "warnings"> & {
    warnings: (Omit<Warning, "code"> & { code: SettingWarning | BareRootWarning })[];
  };
  /** Roots spread over a mound, where there is no ball. */
  bare: BareRootPlan | null;
  texture: TextureJump | null;
  /** Mix in place after settling: ball and new mix together. */
  mixL: number;
  water: MixInPot;
  wetMassKg: { total: number; pot: number; soil: number; tree: number; bottomLayer: number; guessed: boolean };
  /** The same pot dried until the leaves droop: what stands in wind on a bad day. */
  dryMassKg: number;
  lift: LiftAdvice;
  bottomLayerMm: number;
  crownMm: number;
}

/** What a potting needs to know of how the tree stands now. */
export interface PottedNow {
  pot: Pot | null;
  fillHeightMm: number | null;
  bottomLayerMm: number;
  mix: Mix | null;
  mixStartAgeYears: number;
}

interface CurrentBall {
  ball: Ball;
  pot: Pot | null;
  guessedShape: boolean;
}

/** The ball the tree stands in today; null where nobody said which pot it is. */
export function currentBall(replayed: PottedNow, ageYears: number): CurrentBall | null {
  const { pot, bottomLayerMm, mix } = replayed;
  if (!pot) return null;
  const { vessel, guessed } = vesselOf(pot);
  const fillHeightMm = replayed.fillHeightMm ?? usualFillHeightMm(vessel);
  return {
    ball: ballInPot(vessel, fillHeightMm, bottomLayerMm, mix, ageYears),
    pot,
    guessedShape: guessed,
  };
}

/** Fill line that leaves room for one watering of this mix in this pot. Two rounds: the share of water depends on the fill a little. */
function fillLine(vessel: Vessel, mix: Mix, ageYears: number, bottomLayerMm: number) {
  let level = freeboard(vessel, { dosePerMixL: USUAL_DOSE_PER_MIX_L }, leastFreeboardMm(vessel));
  for (let i = 0; i < 2; i++) {
    const { waterFraction } = mixInPot(mix, vessel, level.fillHeightMm, bottomLayerMm, ageYears);
    const dose = dosePerMixL(waterFraction, waterContent(mix, TRIGGER_SUCTION_CM, ageYears));
    level = freeboard(vessel, { dosePerMixL: dose }, leastFreeboardMm(vessel));
  }
  return level;
}

/** A decomposable pot as the ball it becomes: its wall and floor on the ball in it, and how far its rim stands above that. */
function wholePot(pot: Pot, current: CurrentBall, bottomLayerMm: number): { ball: Ball; rimAboveMm: number } {
  const { vessel } = vesselOf(pot);
  const brim = brimHeightMm(vessel);
  const wall = vessel.wallMm ?? usualWallMm(wallOf(pot), widthAtMm(vessel, brim));
  return {
    ball: shavedBall(current.ball, -wall, -(vessel.floorMm ?? wall)),
    rimAboveMm: brim - bottomLayerMm - current.ball.heightMm,
  };
}

/** The ball as it will be set: as found, less what comes off the top, after the correction. */
function ballToSet(current: CurrentBall, bottomLayerMm: number, choice: PottingChoice) {
  const set = choice.set ?? { as: "ball" };
  const whole = set.as === "whole-pot" && current.pot ? wholePot(current.pot, current, bottomLayerMm) : null;
  const found = whole?.ball ?? (set.as === "measured" ? set.ball : current.ball);
  const takenOff = Math.min(choice.takenOffMm ?? 0, found.heightMm / 2);
  const lowered = takenOff > 0 ? { ...found, heightMm: found.heightMm - takenOff } : found;
  const corrected = whole
    ? { ball: lowered, retainedShare: 1, depthMm: null }
    : trimmedSides(correctBall(lowered, choice.correction), choice.trimSideMm ?? 0);
  return { ...corrected, takenOff, rimAboveMm: whole ? whole.rimAboveMm + takenOff : undefined };
}

/** A corrected ball with so much more off each side. */
function trimmedSides(corrected: ReturnType<typeof correctBall>, sideMm: number): ReturnType<typeof correctBall> {
  if (sideMm <= 0) return corrected;
  const { ball, retainedShare } = corrected;
  return {
    ...corrected,
    ball: shavedBall(ball, sideMm, 0),
    retainedShare: Math.max(0.05, retainedShare - sideLoss(ball.topWidthMm, sideMm)),
  };
}

/** Everything the bench needs to know before the tree is out of its pot. */
export function planPotting(
  replayed: PottedNow,
  ageYears: number,
  tree: TreeMeasures,
  choice: PottingChoice,
): PottingPlan | null {
  const current = currentBall(replayed, ageYears);
  const set = choice.set ?? { as: "ball" };
  if (!current && (set.as === "ball" || set.as === "whole-pot")) return null;
  const found: CurrentBall = current ?? { ...NO_BALL, ball: set.as === "measured" ? set.ball : NO_BALL.ball };
  const { vessel, guessed } = vesselOf(choice.pot);
  const { ball, retainedShare, depthMm, takenOff, rimAboveMm } = ballToSet(found, replayed.bottomLayerMm, choice);
  const mixAge = choice.mixAgeYears ?? 0;
  const level = fillLine(vessel, choice.mix, mixAge, choice.bottomLayerMm);
  const levels = {
    vessel,
    fillHeightMm: level.fillHeightMm,
    crownMm: choice.crownMm,
    bottomLayerMm: choice.bottomLayerMm,
  };
  const union = choice.unionMm ?? null;
  const bare = set.as === "bare-root" ? bareRootPlan({ ...levels, roots: { ...set.roots, unionMm: union } }) : null;
  const texture = bare ? null : textureJump(replayed.mix, choice.mix);
  const setting = bare
    ? settingOfBare(bare)
    : settingPlan({
        ...levels,
        ball,
        offAxisMm: choice.offAxisMm,
        tiltDeg: choice.tiltDeg,
        flareBelowMm: Math.max(0, (choice.flareDepthMm ?? 0) - takenOff),
        unionMm: union === null ? null : union + takenOff,
        texture,
        rimAboveMm,
      });
  const water = mixInPot(choice.mix, vessel, level.fillHeightMm, choice.bottomLayerMm, mixAge);
  const oldMix = replayed.mix ?? UNKNOWN_MIX;
  const oldAge = replayed.mix ? replayed.mixStartAgeYears + ageYears : 0;
  const oldWet = mixInPot(oldMix, vessel, level.fillHeightMm, choice.bottomLayerMm, oldAge).wetKgPerL;
  const bottomKg = volumeL(vessel, choice.bottomLayerMm) * GRAVEL_KG_PER_L;
  const soil = setting.ballL * oldWet + setting.settledMixL * water.wetKgPerL;
  const drySoil =
    setting.ballL * droopingKgPerL(oldMix, oldAge) + setting.settledMixL * droopingKgPerL(choice.mix, mixAge);
  const pot = likelyPotMassKg(vessel);
  const above = treeKgOn(tree, soil);
  const total = soil + pot.massKg + above.kg + bottomKg;
  // A litre on a square metre stands a millimetre high.
  const topM2 = areaAtM2(vessel, level.fillHeightMm);
  return {
    vessel,
    guessedShape: guessed || found.guessedShape,
    ball,
    ballBefore: found.ball,
    bare,
    texture,
    retainedShare: choice.retainedShare ?? retainedShare,
    shaveDepthMm: depthMm,
    fillHeightMm: level.fillHeightMm,
    freeboardMm: level.freeboardMm,
    looseFillHeightMm: Math.min(
      brimHeightMm(vessel),
      level.fillHeightMm + (setting.looseMixL - setting.settledMixL) / topM2,
    ),
    setting,
    mixL: setting.ballL + setting.settledMixL,
    water,
    wetMassKg: {
      total,
      pot: pot.massKg,
      soil,
      tree: above.kg,
      bottomLayer: bottomKg,
      guessed: !above.measured || pot.basis === "guess",
    },
    dryMassKg: total - soil + drySoil,
    lift: liftAdvice(total),
    bottomLayerMm: choice.bottomLayerMm,
    crownMm: choice.crownMm,
  };
}

/** Nothing is known of the pot it stands in: what is measured at the bench has to do. */
const NO_BALL: CurrentBall = {
  ball: { topWidthMm: 100, baseWidthMm: 100, heightMm: 100 },
  pot: null,
  guessedShape: false,
};

function settingOfBare(bare: BareRootPlan): PottingPlan["setting"] {
  const { baseLayerMm, settledMixL, looseMixL, sideGapTopMm, warnings } = bare;
  return {
    baseLayerMm,
    looseBaseLayerMm: baseLayerMm * (looseMixL / Math.max(settledMixL, 1e-9)),
    trimMm: 0,
    ballL: 0,
    settledMixL,
    looseMixL,
    sideGapTopMm,
    endGapTopMm: sideGapTopMm,
    smallestGapMm: sideGapTopMm,
    shiftMm: 0,
    tiltWedgeMm: 0,
    warnings,
  };
}

export type PottingFault =
  | { code: "ball-too-wide"; ballMm: number; potMm: number; shaveMm: number }
  | { code: "ball-too-tall"; trimMm: number; trimShare: number };

/** Why this ball cannot stand in this pot; null when it can. */
export function pottingFault(plan: PottingPlan): PottingFault | null {
  const { setting, ball } = plan;
  if (plan.bare) return null;
  const gapMm = setting.smallestGapMm;
  if (gapMm < 0) {
    const potMm = ball.topWidthMm + 2 * gapMm;
    return { code: "ball-too-wide", ballMm: ball.topWidthMm, potMm, shaveMm: WORKABLE_GAP_MM - gapMm };
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
  tree: TreeMeasures,
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
