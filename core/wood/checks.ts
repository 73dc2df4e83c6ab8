import type { SeasonSlice } from "../climate/index";
import type { DayNumber } from "../dates/index";
import { logistic, normalCdf, normalQuantile } from "../math/index";
import type { WoodCare } from "./care";
import type { HabitParameters } from "./habits";
import { ripeness } from "./hardiness";
import { runWoodSeason, tipRipeness } from "./season";

/** How a shoot answers when it is bent: folds like a stem of grass, stays bent, or snaps. */
export const BENDS = ["soft", "stays-bent", "snaps"] as const;
export type Bend = (typeof BENDS)[number];
/** How far the leaves have fallen. */
export const LEAF_FALLS = ["begun", "half", "all"] as const;
export type LeafFall = (typeof LEAF_FALLS)[number];

/** What a look at this season's shoots showed; only what was looked at is given. */
export interface WoodCheck {
  on: DayNumber;
  /** Share of the shoot's length that is woody, 0–1. */
  woodyShare?: number | null;
  bend?: Bend | null;
  terminalBud?: boolean | null;
  leafFall?: LeafFall | null;
}

/**
 * Stages of the BBCH scale for woody plants (principal stage 9, senescence) that speak of the wood: 91 shoot growth done and
 * terminal bud formed, 93 leaves begin to fall, 95 half of them fallen, 97 all fallen.
 */
export const BBCH_CHECKS: Record<number, Omit<WoodCheck, "on">> = {
  91: { terminalBud: true },
  93: { leafFall: "begun" },
  95: { leafFall: "half" },
  97: { leafFall: "all" },
};

/** What is believed of a tree's pace s: e^s scales stopping and ripening. */
export interface ShiftBelief {
  shifts: readonly number[];
  weights: readonly number[];
}

/** Spread of the pace between trees of one kind: s ~ N(0, .3²). */
export const SHIFT_SD = 0.3;
const GRID = 31;

/** The pace before anything was looked at: equal weights at the middles of equal shares. */
export const PRIOR_SHIFT: ShiftBelief = {
  shifts: Array.from({ length: GRID }, (_, i) => SHIFT_SD * normalQuantile((i + 0.5) / GRID)),
  weights: Array.from({ length: GRID }, () => 1 / GRID),
};

/** Errors of judgement by eye and hand; the middles of the leaf stages are our own (L). */
const WOODY_SD = 0.12;
const BEND_SD = 0.12;
const LEAF_STAGE: Record<LeafFall, number> = { begun: 0.6, half: 0.7, all: 0.8 };

/** Probability of what a look showed, given the ripeness of shoots and of their tips. */
export function checkLikelihood(check: Omit<WoodCheck, "on">, shoots: number, tips: number): number {
  let p = 1;
  if (check.woodyShare !== null && check.woodyShare !== undefined)
    p *= Math.exp(-0.5 * ((check.woodyShare - shoots) / WOODY_SD) ** 2);
  if (check.bend) {
    const soft = normalCdf((0.35 - tips) / BEND_SD);
    const snaps = 1 - normalCdf((0.7 - tips) / BEND_SD);
    p *= check.bend === "soft" ? soft : check.bend === "snaps" ? snaps : Math.max(0, 1 - soft - snaps);
  }
  if (check.terminalBud !== null && check.terminalBud !== undefined) {
    const set = 0.02 + 0.96 * logistic((tips - 0.35) / 0.08);
    p *= check.terminalBud ? set : 1 - set;
  }
  if (check.leafFall) p *= 0.02 + 0.96 * logistic((shoots - LEAF_STAGE[check.leafFall]) / 0.1);
  return p;
}

/** Weather years a check is weighed under where its day is not on record. */
const WEATHERS = 6;

/**
 * What a season's checks say of the pace of one tree: prior × likelihood on a grid, averaged over the weather the season may have
 * had. Sequential and all at once give the same.
 * @param slices the season's possible weathers; the first alone where all checks lie before `observedUntil`
 */
export function shiftFromChecks(
  h: HabitParameters,
  slices: readonly SeasonSlice[],
  observedUntil: DayNumber,
  latitudeDeg: number,
  care: WoodCare,
  checks: readonly WoodCheck[],
): ShiftBelief {
  if (checks.length === 0) return PRIOR_SHIFT;
  const known = checks.every((c) => c.on < observedUntil);
  const weathers = known ? slices.slice(0, 1) : slices.slice(0, WEATHERS);
  const weights = PRIOR_SHIFT.shifts.map((shift, k) => {
    let sum = 0;
    for (const slice of weathers) {
      const wood = runWoodSeason(h, slice, latitudeDeg, shift, care);
      let p = 1;
      for (const check of checks) {
        const i = Math.min(Math.max(check.on - slice.startDay, 0), wood.heat.length - 1);
        p *= checkLikelihood(check, ripeness(wood.heat[i], h.h50, h.n), tipRipeness(h, wood, i));
      }
      sum += p;
    }
    // A look no pace explains leaves the prior as it was instead of dividing by nothing.
    return PRIOR_SHIFT.weights[k] * (sum / weathers.length + 1e-12);
  });
  const total = weights.reduce((a, b) => a + b, 0);
  return { shifts: PRIOR_SHIFT.shifts, weights: weights.map((w) => w / total) };
}
