import { normalQuantile } from "../math/index";
import { askedOf } from "./asked";
import type { LadderProblem } from "./model";
import { followMoves, type LadderPlan, planLadder, QUICK_SEARCH } from "./plan";

/** What is not known of a tree's years: spread of ln of its pace, and of ln of a season's warmth. */
export interface LadderDoubt {
  vigourSd: number;
  warmthSd: number;
}

/** Seasons over which the weather of years evens out before a usual step. */
const SEASONS_A_STEP = 3;
/** Middles of five equal shares. */
const SHARES = [0.1, 0.3, 0.5, 0.7, 0.9];

/** Factors of pace, each as likely as the other. */
function paces({ vigourSd, warmthSd }: LadderDoubt): number[] {
  const sd = Math.sqrt(vigourSd ** 2 + warmthSd ** 2 / SEASONS_A_STEP);
  return SHARES.map((q) => Math.exp(sd * normalQuantile(q)));
}

export interface StepBand {
  season: number;
  /** In a slow and in a quick case (one in ten each) the same volume is reached in these seasons; null: not within the plan. */
  late: number | null;
  early: number | null;
}

/** When each step into another pot would come if the tree, or the years, turn out slower or quicker. */
export function stepBands(problem: LadderProblem, plan: LadderPlan, doubt: LadderDoubt): StepBand[] {
  const factors = paces(doubt);
  const [slow, quick] = [factors[0], factors[factors.length - 1]].map((vigour) =>
    planLadder(askedOf(problem, { vigour })),
  );
  const reached = (other: LadderPlan, volumeL: number): number | null => {
    const i = other.steps.findIndex((s) => s.volumeL >= 0.95 * volumeL);
    return i < 0 ? null : i;
  };
  return plan.steps.flatMap((s): StepBand[] => {
    if (s.action === "plant-out") {
      const out = (other: LadderPlan) => {
        const i = other.steps.findIndex((o) => o.action === "plant-out");
        return i < 0 ? null : i;
      };
      return [{ season: s.season, early: out(quick), late: out(slow) }];
    }
    if (s.action !== "up-pot") return [];
    const [early, late] = [reached(quick, s.volumeL), reached(slow, s.volumeL)];
    // A quick tree may go straight into a larger pot, later: the band holds the plan's own season in any case.
    return [
      {
        season: s.season,
        early: early === null ? s.season : Math.min(early, s.season),
        late: late === null ? null : Math.max(late, s.season),
      },
    ];
  });
}

export interface WorthOfLooking {
  /** Pace, in times the middle one, whose plan is the safest where nobody looks. */
  safestPace: number;
  /** Least expected cost of one plan followed blindly, and of the plan that suits each pace, in the school's unit. */
  blind: number;
  knowing: number;
  /** Of one root check now that leaves so much of the doubt: what it is reckoned to save. */
  check: number;
}

/**
 * What not knowing the pace costs, and what a look at the roots would save of it: the loss goes with the variance, of which a look
 * leaves `left`. Following a plan blindly for all its seasons is the worst case: whoever plans anew each year loses less.
 */
export function worthOfLooking(problem: LadderProblem, doubt: LadderDoubt, left: number): WorthOfLooking {
  const factors = paces(doubt);
  const cases = factors.map((vigour) => askedOf(problem, { vigour }));
  const plans = cases.map((c) => planLadder(c, QUICK_SEARCH));
  const mean = (values: readonly number[]) => values.reduce((a, b) => a + b, 0) / values.length;
  /** By plan, then by case. */
  const costs = plans.map((plan) => cases.map((c) => followMoves(c, plan.steps).cost));
  const knowing = mean(cases.map((_, i) => Math.min(...costs.map((of) => of[i]))));
  const blindly = costs.map(mean);
  const blind = Math.min(...blindly);
  return {
    safestPace: factors[blindly.indexOf(blind)],
    blind,
    knowing,
    check: Math.max(0, blind - knowing) * Math.max(0, 1 - left),
  };
}
