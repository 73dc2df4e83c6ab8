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
  QUICK_SEARCH,
  USUAL_SEARCH,
  type WhatIf,
} from "@/core/ladder/index";

/** The browser's own planner: given a tree's problem once, then asked as often as a slider moves. */
let problem: LadderProblem | null = null;

const api = {
  open(given: LadderProblem): void {
    problem = given;
  },
  /** @param quick for a slider that is still moving */
  row(planner: Planner, weights: LadderWeights, ask: WhatIf, fixed: FixedStep[], quick: boolean): LadderRow | null {
    const search = quick ? QUICK_SEARCH : USUAL_SEARCH;
    return problem && ladderRow(askedOf(problem, { ...ask, weights }), planner, fixed, search);
  },
  detail(weights: LadderWeights, ask: WhatIf, row: LadderRow, doubt: LadderDoubt, left: number): LadderDetail | null {
    return problem && ladderDetail(askedOf(problem, { ...ask, weights }), row, doubt, left);
  },
};

export type LadderApi = typeof api;
Comlink.expose(api);
