import { type LadderDoubt, type StepBand, stepBands, worthOfLooking, type WorthOfLooking } from "./unknown";
import type { LadderProblem } from "./model";
import type { Planner } from "./names";
import { type LadderPlan, type LadderSearch, planAround, planLadder, QUICK_SEARCH } from "./plan";
import { reasonsOf, type SeasonReason } from "./reasons";
import { relieve, type Relief } from "./relax";
import type { FixedStep } from "./search";
import { growthKept, pruningEvery } from "./size";
import { type LadderSummary, summaryOf } from "./summary";

/** One planner's ladder with all that its row shows. */
export interface LadderRow extends LadderPlan {
  planner: Planner;
  summary: LadderSummary;
  reasons: SeasonReason[];
  growthKept: number;
  pruningEvery: number | null;
  /** Steps were asked for otherwise: whether they can be taken, and what that costs above doing without. */
  change: { possible: boolean; dearer: number } | null;
}

export function ladderRow(
  problem: LadderProblem,
  planner: Planner,
  fixed: readonly FixedStep[] = [],
  search: LadderSearch = QUICK_SEARCH,
): LadderRow {
  const free = planLadder(problem, search);
  const around = fixed.length === 0 ? free : planAround(problem, fixed, search);
  // A plan found round a wish may turn out better than the free one: the search is thrifty.
  const plan = around ?? free;
  return {
    ...plan,
    planner,
    summary: summaryOf(problem, plan),
    reasons: reasonsOf(problem, plan),
    growthKept: growthKept(plan),
    pruningEvery: pruningEvery(plan),
    change: fixed.length === 0 ? null : { possible: around !== null, dearer: Math.max(0, plan.cost - free.cost) },
  };
}

/** What takes several plans to say: how sure the steps are, what a look is worth, what stands in the way of the goal. */
export interface LadderDetail {
  bands: StepBand[];
  worth: WorthOfLooking;
  reliefs: Relief[];
}

export function ladderDetail(problem: LadderProblem, plan: LadderPlan, doubt: LadderDoubt, left: number): LadderDetail {
  return {
    bands: stepBands(problem, plan, doubt),
    worth: worthOfLooking(problem, doubt, left),
    reliefs: relieve(problem, plan),
  };
}
