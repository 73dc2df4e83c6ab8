import { oversize, BOUND_CIRCLING, BOUND_FILL } from "../roots/index";
import { type LadderProblem, shownSeasons } from "./model";
import type { LadderAction } from "./names";
import { type LadderPlan, moneyOf } from "./plan";
import { metIn } from "./goal";

/** What a plan comes to, in a grower's figures. */
export interface LadderSummary {
  /** Seasons until the goal is met; null: not within the seasons shown. */
  seasonsToGoal: number | null;
  seasonsBound: number;
  /** Worst rot-risk index after a move: not a probability. */
  rotRisk: number;
  /** Times it is lifted out of its pot. */
  handlings: number;
  /** Wet pot and mix, heaviest over the seasons shown, kg; and seasons above what may be lifted. */
  heaviestKg: number;
  seasonsTooHeavy: number;
  /** Pots bought and mix, in money; minutes of work. */
  money: number;
  minutes: number;
}

/** Lifted out of its pot. */
export const HANDLINGS: ReadonlySet<LadderAction> = new Set(["up-pot", "root-prune", "plant-out"]);

/** Over the seasons that are shown: the last third of any plan is bent by its end, and counted nowhere. */
export function summaryOf(problem: LadderProblem, plan: LadderPlan): LadderSummary {
  const { site } = problem;
  const shown = plan.steps.slice(0, shownSeasons(plan.steps.length));
  const reached = metIn(problem, plan);
  let rotRisk = 0;
  let before = problem.tree.fill;
  let volume = problem.tree.volumeL;
  for (const s of shown) {
    if (s.action === "up-pot")
      rotRisk = Math.max(rotRisk, oversize((before * volume) / s.volumeL, s.volumeL, 0.22, site.coolWet).index);
    before = s.fill;
    volume = s.volumeL;
  }
  const sum = (of: (s: (typeof shown)[number]) => number) => shown.reduce((total, s) => total + of(s), 0);
  return {
    seasonsToGoal: reached === null || reached >= shown.length ? null : reached + 1,
    seasonsBound: shown.filter((s) => s.fill >= BOUND_FILL || s.circling >= BOUND_CIRCLING).length,
    rotRisk,
    handlings: shown.filter((s) => HANDLINGS.has(s.action)).length,
    heaviestKg: Math.max(...shown.map((s) => s.massKg)),
    seasonsTooHeavy: shown.filter((s) => s.massKg > site.liftKg).length,
    money: moneyOf(plan),
    minutes: sum((s) => s.minutes),
  };
}
