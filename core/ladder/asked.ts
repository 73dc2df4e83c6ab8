import type { Wall } from "../vessel/index";
import { potToBuy } from "./market";
import type { LadderProblem } from "./model";
import type { LadderWeights } from "./schools";

/** What may be asked otherwise of a plan. Factors are of what stands in the problem; absent: as it is. */
export interface WhatIf {
  vigour?: number;
  warmth?: number;
  /** Wall of all pots it may go into. */
  wall?: Wall;
  liftKg?: number;
  goalL?: number;
  /** No pot is bought. */
  onlyOwned?: boolean;
  /** Money for pots and mix over the seasons shown. */
  budget?: number;
  weights?: LadderWeights;
}

/** Room above the goal: a pot a little larger is the goal's, too. */
const GOAL_ROOM = 1.05;

/** The goal as a volume: a pot of that size can always be bought. */
export function withGoal(problem: LadderProblem, goalL: number): LadderProblem {
  const goal = { ...problem.goal, minL: goalL, maxL: GOAL_ROOM * goalL };
  const there = problem.pots.some((p) => p.volumeL >= goalL && p.volumeL <= goal.maxL);
  return { ...problem, goal, pots: there ? problem.pots : [...problem.pots, potToBuy(goalL)] };
}

export function askedOf(problem: LadderProblem, ask: WhatIf): LadderProblem {
  const changed: LadderProblem = {
    ...problem,
    tree: { ...problem.tree, kPerDegreeDay: problem.tree.kPerDegreeDay * (ask.vigour ?? 1) },
    site: {
      ...problem.site,
      seasonDegreeDays: problem.site.seasonDegreeDays * (ask.warmth ?? 1),
      liftKg: ask.liftKg ?? problem.site.liftKg,
    },
    weights: ask.weights ?? problem.weights,
    ...(ask.onlyOwned === undefined ? {} : { onlyOwned: ask.onlyOwned }),
    ...(ask.budget === undefined ? {} : { budget: ask.budget }),
    pots: ask.wall ? problem.pots.map((p, i) => (i === 0 ? p : { ...p, wall: ask.wall! })) : problem.pots,
  };
  return ask.goalL === undefined ? changed : withGoal(changed, ask.goalL);
}
