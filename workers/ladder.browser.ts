import * as Comlink from "comlink";
import {
  askedOf,
  type FixedStep,
  ladderDetail,
  type LadderDetail,
  type LadderDoubt,
  type LadderProblem,
  ladderRow,
  type LadderRow,
  type LadderWeights,
  type Planner,
  type WhatIf,
} from "@/core/ladder/index";

/** The browser's own planner: given a tree's problem once, then asked as often as a slider moves. */
let problem: LadderProblem | null = null;

const api = {
  open(given: LadderProblem): void {
    problem = given;
  },
  /** Found as the server finds it: asked the same, both say the same. */
  row(planner: Planner, weights: LadderWeights, ask: WhatIf, fixed: FixedStep[]): LadderRow | null {
    return problem && ladderRow(askedOf(problem, { ...ask, weights }), planner, fixed);
  },
  detail(weights: LadderWeights, ask: WhatIf, row: LadderRow, doubt: LadderDoubt, left: number): LadderDetail | null {
    return problem && ladderDetail(askedOf(problem, { ...ask, weights }), row, doubt, left);
  },
};

export type LadderApi = typeof api;
Comlink.expose(api);
