import type { LadderProblem } from "./model";
import { type LadderPlan, planLadder } from "./plan";
import { summaryOf } from "./summary";

/** Steps in which the weight of money is raised. */
const TRIES = 6;
const DEAREST = 64;

/**
 * The best plan within so much money over the seasons shown: the weight of money is raised until it keeps to it. Null where even
 * the thriftiest does not.
 */
export function planWithin(problem: LadderProblem, budget: number): LadderPlan | null {
  const weighed = (factor: number): LadderProblem => ({
    ...problem,
    weights: { ...problem.weights, pot: factor * problem.weights.pot, mix: factor * problem.weights.mix },
  });
  const spent = (plan: LadderPlan) => summaryOf(problem, plan).money;
  const free = planLadder(problem);
  if (spent(free) <= budget) return free;
  let kept = planLadder(weighed(DEAREST));
  if (spent(kept) > budget) return null;
  let [low, high] = [0, Math.log(DEAREST)];
  for (let i = 0; i < TRIES; i++) {
    const mid = (low + high) / 2;
    const plan = planLadder(weighed(Math.exp(mid)));
    if (spent(plan) <= budget) [kept, high] = [plan, mid];
    else low = mid;
  }
  return kept;
}
