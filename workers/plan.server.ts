import { type CalcAnswer, calculateAny } from "@/calc/registry";
import { type PlannedLadder, planLot, type PlanTask } from "@/core/ladder/index";
import type { LinearModel, LinearSolution, SolveLimits } from "@/core/linear/index";
import { type OutlookTask, outlookOf, type TreeOutlook } from "@/core/shelter/index";
import { highsSolver } from "@/solve/highs";

/** Work for a thread of the server's pool: plain data in, plain data out. */
export type ThreadTask =
  | { kind: "plan"; trees: PlanTask[] }
  | { kind: "solve"; model: LinearModel; limits: SolveLimits }
  | { kind: "winter"; task: OutlookTask }
  | { kind: "calc"; name: string; input: unknown };
export interface ThreadAnswers {
  plan: PlannedLadder[];
  solve: LinearSolution;
  winter: TreeOutlook[];
  calc: CalcAnswer;
}

export default function work(
  task: ThreadTask,
): ThreadAnswers["plan" | "winter"] | Promise<LinearSolution | CalcAnswer> {
  switch (task.kind) {
    case "plan":
      return planLot(task.trees);
    case "solve":
      return highsSolver.solve(task.model, task.limits);
    case "winter":
      return outlookOf(task.task);
    case "calc":
      return calculateAny(task.name, task.input);
  }
}
