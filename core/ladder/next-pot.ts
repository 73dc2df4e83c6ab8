import {
  brimHeightMm,
  freeboard,
  leastFreeboardMm,
  mixEstimate,
  type Pot,
  type PotCondition,
  type Vessel,
  vesselOf,
  USUAL_DOSE_PER_MIX_L,
} from "../vessel/index";
import { type CorrectionName, fillAfterMove, sideLoss } from "../roots/index";
import { type Ball, LEAST_GAP_MM, MOST_TRIM_SHARE, settingPlan } from "../setting/index";

/** A pot that stands in store, with how many of it are free. */
export interface StorePot {
  lotId: string;
  name: string;
  pot: Pot;
  free: number;
  condition?: PotCondition;
  /** A tree died in one of them lately, of what another could catch. */
  unclean?: boolean;
}

export type Misfit = "too-small" | "too-large" | "ball-too-wide" | "ball-too-tall" | "none-free" | "unsound";

export interface PotFit {
  lotId: string;
  ratio: number;
  /** Expected fill at the end of the season of the move. */
  fillAtSeasonEnd: number;
  misfit: Misfit | null;
  /** Distance from the ideal step, |ln|: smaller is better. */
  distance: number;
  /** What comes off each side of the ball so that the pot takes it, mm, and the share of roots that goes with it. */
  trim: { sideMm: number; share: number };
}

/** A tap root needs this depth of mix, mm (L). */
export const TAP_DEPTH_MM = 350;
const NO_TRIM = { sideMm: 0, share: 0 };

/** Least step worth the handling. */
export const LEAST_RATIO = 1.15;
/** A larger step is fine when the pot is expected to be half rooted by the season's end. */
export const HALF_ROOTED = 0.5;

/** Smallest step of the usual ones, where the ideal is close to the largest, as a share of that. */
const LOW_OF_LARGEST = 1 / 1.2;

/** Steps from this factor on are usual for a pace and kind. */
export function usualLeastStep(kPerDegreeDay: number, kindLargest: number | null = null): number {
  const { ideal, largest } = stepRule(kPerDegreeDay, kindLargest);
  return Math.min(ideal, LOW_OF_LARGEST * largest);
}

/** A kind that stands small steps only is given less than its largest. */
const IDEAL_OF_LARGEST = 0.9;

/**
 * Ideal and largest ordinary step by pace of growth (per °C·d): small for slow trees, long for fast ones; a kind may stand less.
 * Our judgement (L).
 * @example stepRule(0.002) // { ideal: 2.3, largest: 3.5 }
 */
export function stepRule(kPerDegreeDay: number, kindLargest: number | null = null): { ideal: number; largest: number } {
  const { ideal, largest } = byPace(kPerDegreeDay);
  if (kindLargest === null || kindLargest >= largest) return { ideal, largest };
  return { ideal: Math.min(ideal, IDEAL_OF_LARGEST * kindLargest), largest: kindLargest };
}

function byPace(kPerDegreeDay: number): { ideal: number; largest: number } {
  if (kPerDegreeDay < 0.00055) return { ideal: 1.5, largest: 1.7 };
  if (kPerDegreeDay < 0.00105) return { ideal: 1.9, largest: 2.5 };
  if (kPerDegreeDay < 0.0021) return { ideal: 2.3, largest: 3.5 };
  return { ideal: 5, largest: 6 };
}

/** So much off each side, in whole millimetres, and the share of roots that goes with it. */
function trimFor({ topWidthMm }: Ball, sideMm: number): PotFit["trim"] {
  const side = Math.ceil(sideMm);
  return { sideMm: side, share: sideLoss(topWidthMm, side) };
}

interface Prepared {
  vessel: Vessel;
  fillHeightMm: number;
  mixL: number;
}

/** What of a pot does not depend on the tree: worked out once a pot. */
const prepared = new WeakMap<Pot, Prepared>();
function prepare(pot: Pot): Prepared {
  let known = prepared.get(pot);
  if (!known) {
    const { vessel } = vesselOf(pot);
    const level = freeboard(vessel, { dosePerMixL: USUAL_DOSE_PER_MIX_L }, leastFreeboardMm(vessel));
    known = {
      vessel,
      fillHeightMm: level.fillHeightMm,
      mixL: pot.known === "measured" ? level.mixL : mixEstimate(pot).p50,
    };
    prepared.set(pot, known);
  }
  return known;
}

/** Litres of mix a pot takes, filled as usual. */
export const mixOfPot = (pot: Pot): number => prepare(pot).mixL;

export function fitPots(input: {
  fromMixL: number;
  fill: number;
  circling: number;
  kPerDegreeDay: number;
  correction: CorrectionName;
  warmthToSeasonEnd: number;
  /** Largest step the kind stands, where its pace alone does not say. */
  largestStep?: number | null;
  /** null: bare roots, which are no ball yet and whose first pot is no step from another. */
  ball: Ball | null;
  finalVolumeL: number | null;
  store: StorePot[];
  /** Of a tap root: so large a share of its roots may come off the sides for a pot that is deep enough. */
  mostTrim?: number;
  /** Its litres have been decided: only whether the ball goes in, and whether the pot is free and sound, is asked. */
  sized?: boolean;
}): PotFit[] {
  const rule = stepRule(input.kPerDegreeDay, input.largestStep);
  return input.store
    .map((candidate): PotFit => {
      const { vessel, fillHeightMm, mixL } = prepare(candidate.pot);
      const ratio = mixL / input.fromMixL;
      const fillAtSeasonEnd = fillAfterMove(
        { fill: input.fill, circling: input.circling, volumeL: input.fromMixL },
        mixL,
        input.correction,
        input.kPerDegreeDay,
        input.warmthToSeasonEnd,
      );
      let misfit: Misfit | null = null;
      let trim = NO_TRIM;
      if (candidate.free < 1) misfit = "none-free";
      else if (candidate.condition === "cracked" || candidate.condition === "brittle") misfit = "unsound";
      else if (!input.sized && input.ball && ratio < LEAST_RATIO) misfit = "too-small";
      else if (
        !input.sized &&
        input.ball &&
        ratio > rule.largest &&
        (fillAtSeasonEnd < HALF_ROOTED || input.largestStep)
      )
        misfit = "too-large";
      else if (!input.sized && input.finalVolumeL !== null && mixL > input.finalVolumeL * 1.1) misfit = "too-large";
      else if (input.ball) {
        const plan = settingPlan({ vessel, ball: input.ball, fillHeightMm });
        if (plan.smallestGapMm < LEAST_GAP_MM) {
          const deep = brimHeightMm(vessel) >= TAP_DEPTH_MM;
          trim = trimFor(input.ball, LEAST_GAP_MM - plan.smallestGapMm);
          if (!deep || trim.share > (input.mostTrim ?? 0)) [misfit, trim] = ["ball-too-wide", NO_TRIM];
        }
        if (misfit === null && plan.trimMm > MOST_TRIM_SHARE * input.ball.heightMm) misfit = "ball-too-tall";
      }
      return {
        lotId: candidate.lotId,
        ratio,
        fillAtSeasonEnd,
        misfit,
        distance: Math.abs(Math.log(ratio / (input.ball ? rule.ideal : 1))),
        trim,
      };
    })
    .sort((a, b) => Number(a.misfit !== null) - Number(b.misfit !== null) || a.distance - b.distance);
}
