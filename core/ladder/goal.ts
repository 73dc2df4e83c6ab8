import { isThere, type LadderProblem, shownSeasons } from "./model";
import type { LadderPlan } from "./plan";

/** Season in which the goal is met, as its date asks; null: not within the plan. */
export function metIn({ goal }: LadderProblem, plan: LadderPlan): number | null {
  const large = plan.steps.findIndex((s) => isThere(goal, s.volumeL));
  if (!goal.plantOut) return large < 0 ? null : large;
  const out = plan.steps.findIndex((s) => s.action === "plant-out");
  return out < 0 || !isThere(goal, plan.steps[out].volumeL) ? null : out;
}

/** Whether a plan meets its goal, in time where a date was given. */
export function meets(problem: LadderProblem, plan: LadderPlan): boolean {
  const season = metIn(problem, plan);
  const by = problem.goal.plantOut?.season ?? problem.goal.bySeason ?? shownSeasons(problem.seasons) - 1;
  return season !== null && season <= by;
}
