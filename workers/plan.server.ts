import { type PlannedLadder, planLot, type PlanTask } from "@/core/ladder/index";
import type { LinearModel, LinearSolution, SolveLimits } from "@/core/linear/index";
import { highsSolver } from "@/solve/highs";

/** Work for a thread of the server's pool: plain data in, plain data out. */
export type ThreadTask =
  { kind: "plan"; trees: PlanTask[] } | { kind: "solve"; model: LinearModel; limits: SolveLimits };
export interface ThreadAnswers {
  plan: PlannedLadder[];
  solve: LinearSolution;
}

export default function work(task: ThreadTask): PlannedLadder[] | Promise<LinearSolution> {
  return task.kind === "plan" ? planLot(task.trees) : highsSolver.solve(task.model, task.limits);
}
