import { growingSeason, toDay } from "@/core/dates/index";
import type { LadderStep } from "@/core/ladder/index";
import type { OperationWindow } from "@/model/index";
import { type Operation, usualOperation } from "@/core/window/index";

/** The window in which a step is taken: days of the year it usually opens and closes, and how early or late it may open. */
interface UsualWindow {
  from: string;
  to: string;
  opens: [string, string, string] | null;
}
export type UsualWindows = Partial<Record<Operation, UsualWindow>>;

/** Work a step asks for; null: none. */
export function operationOfStep(step: Pick<LadderStep, "action" | "correction">, rootShare: number): Operation | null {
  switch (step.action) {
    case "stay":
      return null;
    case "up-pot":
      return step.correction === "shave" ? "shave" : step.correction === "none" ? usualOperation(rootShare) : "up-pot";
    default:
      return step.action;
  }
}

export const LADDER_OPERATIONS = [
  "up-pot",
  "slip-up",
  "shave",
  "root-prune",
  "core-in-place",
  "replace-top",
  "plant-out",
] as const satisfies readonly Operation[];

/** Shorter openings are gaps between two frosts, and no window to plan by. */
const LEAST_DAYS = 5;

/** Of each work the window of the plan's first season: the first one in it that is long enough. */
export function usualWindows(
  windows: readonly OperationWindow[],
  firstSeason: number,
  latitudeDeg: number,
): UsualWindows {
  const usual: UsualWindows = {};
  for (const w of windows) {
    const long = w.periods.filter((p) => toDay(p.to) - toDay(p.from) >= LEAST_DAYS);
    const own = long.find((p) => growingSeason(toDay(p.from), latitudeDeg) === firstSeason) ?? long[0];
    if (own) usual[w.operation] = { from: own.from, to: own.to, opens: own.opens };
  }
  return usual;
}
