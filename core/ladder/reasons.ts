import { DUE_CIRCLING, DUE_FILL } from "../roots/index";
import type { LadderProblem } from "./model";
import type { LadderPlan } from "./plan";
import { HANDLINGS } from "./summary";

/** What speaks for a season's move, the weightiest first. */
export const REASONS = [
  "full",
  "turning",
  "old-mix",
  "too-heavy-to-lift",
  "ripe-for-the-ground",
  "room-for-the-goal",
  "not-full",
  "recovering",
  "nothing-gained",
] as const;
export type Reason = (typeof REASONS)[number];

export interface SeasonReason {
  reason: Reason;
  /** Fill and turning at the window, before the move; age of the mix. */
  fill: number;
  circling: number;
  mixAgeYears: number;
}

/** Mix this old against its life speaks for work. */
const OLD = 0.8;

/** Why each season has its move: read off the state in which its window finds the tree. */
export function reasonsOf(problem: LadderProblem, plan: LadderPlan): SeasonReason[] {
  const { tree, site } = problem;
  let before = { fill: tree.fill, circling: tree.circling, mixAgeYears: tree.mixAgeYears, shaken: false };
  return plan.steps.map((s) => {
    const { fill, circling, mixAgeYears } = before;
    const old = mixAgeYears >= OLD * site.mixLifeYears;
    const pick = (): Reason => {
      if (s.action === "plant-out") return "ripe-for-the-ground";
      if (s.action === "core-in-place") return "too-heavy-to-lift";
      if (s.action === "stay") {
        if (before.shaken && fill < DUE_FILL) return "recovering";
        return fill < DUE_FILL && circling < DUE_CIRCLING ? "not-full" : "nothing-gained";
      }
      if (fill >= DUE_FILL) return "full";
      if (circling >= DUE_CIRCLING) return "turning";
      if (old || s.action === "replace-top") return "old-mix";
      return s.action === "up-pot" ? "room-for-the-goal" : "turning";
    };
    const reason = pick();
    before = { fill: s.fill, circling: s.circling, mixAgeYears: s.mixAgeYears, shaken: HANDLINGS.has(s.action) };
    return { reason, fill, circling, mixAgeYears };
  });
}
