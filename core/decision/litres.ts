import { HALF_ROOTED, LEAST_RATIO, stepRule, usualLeastStep } from "../ladder/index";
import { type CorrectionName, fillAfterMove } from "../roots/index";
import { JUDGEMENT_FIGURES as J } from "../judgement/index";
import { DECISION_FIGURES as F } from "./figures";
import type { Profile } from "../species/index";
import type { DecisionFacts, PottedFacts } from "./facts";

/** How a tree goes into another pot: in the season for work on its roots, whole in leaf, after a shave, or because its pot is broken. */
export type StepWay = "season" | "in-leaf" | "after-shave" | "broken";

export interface Litres {
  lowL: number;
  highL: number;
  /** The pot in mind is a proven long jump: roots fill half of it within the season. */
  jump: boolean;
}

const young = ([mostL, low, high]: readonly [number, number, number], volumeL: number) =>
  volumeL <= mostL ? ([low, high] as const) : null;

/** One year old and very vigorous: it goes straight into a large pot. */
const isYearling = (profile: Profile, volumeL: number) =>
  volumeL <= F.yearlingMostL && profile.kPerDegreeDay >= F.yearlingPace && profile.values.largestStep === null;

/** Whether a young plant's next size goes by its stage. */
export const goesByStage = (profile: Profile, volumeL: number) =>
  F.youngSteps.some(([mostL]) => volumeL <= mostL) || isYearling(profile, volumeL);

/** Next size of a seedling, liner or one-year plant, by stage: not by the step of a grown tree. */
function stageOf({ potted, profile }: DecisionFacts & { potted: PottedFacts }): readonly [number, number] | null {
  const { volumeL, growthLeft } = potted.situation;
  for (const step of F.youngSteps) {
    const found = young(step, volumeL);
    if (found) return found;
  }
  if (!isYearling(profile, volumeL)) return null;
  return growthLeft >= F.yearlingGrowth ? F.yearlingLongL : F.yearlingShortL;
}

/** Litres between which its next pot lies, before goal and weight cut them. */
function wanted(f: DecisionFacts & { potted: PottedFacts }, way: StepWay, correction: CorrectionName): Litres {
  const { situation: s } = f.potted;
  const { volumeL } = s;
  const rule = stepRule(s.kPerDegreeDay, s.profile.values.largestStep);
  const times = (low: number, high: number): Litres => ({
    lowL: Math.min(low, rule.largest) * volumeL,
    highL: Math.min(high, rule.largest) * volumeL,
    jump: false,
  });
  if (way === "broken") return times(J.brokenLow, J.brokenHigh);
  if (way === "after-shave") return times(1, J.afterShaveHigh);
  const stage = f.young ? stageOf(f) : null;
  if (stage) return { lowL: stage[0], highL: stage[1], jump: false };
  if (way === "in-leaf") return s.autumn ? times(J.lateRatioLow, J.lateRatioHigh) : times(J.slipLow, J.slipHigh);
  if (!f.potted.planned && provenJump(f, correction)) return { lowL: s.offeredL!, highL: s.offeredL!, jump: true };
  const usual = times(usualLeastStep(s.kPerDegreeDay, s.profile.values.largestStep), rule.largest);
  return planned(f.potted, correction, usual) ?? usual;
}

/** The litres its plan names: the usual range where they lie in it, else close to them, within the step rule or a long jump's proof. */
function planned(
  { situation: s, planned: step }: PottedFacts,
  correction: CorrectionName,
  usual: Litres,
): Litres | null {
  if (step?.action !== "up-pot" || step.volumeL < LEAST_RATIO * s.volumeL) return null;
  const { volumeL: toL } = step;
  if (toL >= usual.lowL && toL <= usual.highL) return null;
  const near = { lowL: toL / F.plannedNear, highL: toL * F.plannedNear, jump: false };
  if (toL < usual.lowL) return { ...near, highL: Math.min(near.highL, usual.highL) };
  // A season ahead it was proven by the plan; in the season itself by what is left of it.
  const holds = !step.thisSeason || fillIn(s, toL, correction, s.growthLeft) >= HALF_ROOTED;
  const proven = s.profile.values.largestStep === null && holds;
  return proven ? { lowL: toL, highL: toL, jump: true } : null;
}

/** The pot the grower has in mind would be half full of roots by the season's end, of a kind that stands large steps. */
export function provenJump({ potted }: { potted: PottedFacts }, correction: CorrectionName): boolean {
  const { situation: s } = potted;
  if (s.offeredL === null || s.profile.values.largestStep !== null) return false;
  if (s.offeredL <= stepRule(s.kPerDegreeDay).largest * s.volumeL) return false;
  return jumpFill(potted, correction) >= HALF_ROOTED;
}

/** How full the pot in mind would be by the season's end. */
export function jumpFill({ situation: s }: PottedFacts, correction: CorrectionName, growth = s.growthLeft): number {
  return fillIn(s, s.offeredL!, correction, growth);
}

const fillIn = (s: PottedFacts["situation"], toL: number, correction: CorrectionName, growth: number) =>
  fillAfterMove(s, toL, correction, s.kPerDegreeDay, growth);

/** Litres of the next pot, within the goal and what may be carried; null where no step is left that is worth the handling. */
export function nextLitres(
  f: DecisionFacts & { potted: PottedFacts },
  way: StepWay,
  correction: CorrectionName,
): Litres | null {
  const { situation: s, goal } = f.potted;
  const range = wanted(f, way, correction);
  const carriedL = s.carriedKg === null ? Infinity : s.carriedKg / J.allKgPerL;
  const mostL = Math.min(goal.mostL, Math.max(carriedL, s.volumeL));
  // Back into its own size after a shave, or out of a broken pot, is no step that must be worth its handling.
  const leastL = (way === "after-shave" ? 1 : way === "broken" ? J.brokenLow : LEAST_RATIO) * s.volumeL;
  const highL = Math.min(range.highL, Math.max(mostL, way === "broken" ? leastL : 0));
  if (highL < leastL - 1e-9) return null;
  return {
    lowL: Math.max(Math.min(range.lowL, highL), Math.min(leastL, highL)),
    highL,
    jump: range.jump && highL === range.highL,
  };
}

/** Whether it stands in as large a pot as it is to have. */
export function inGoal({ goal, situation }: PottedFacts): boolean {
  return situation.volumeL >= F.goalReached * goal.mostL;
}
