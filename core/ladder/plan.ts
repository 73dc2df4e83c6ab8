import { logistic } from "../math/index";
import { type CorrectionName, FILL_MOST } from "../roots/index";
import { climb } from "./climb";
import {
  isThere,
  fullness,
  growthFactor,
  LADDER_PARTS,
  type LadderMove,
  type LadderPart,
  type LadderProblem,
  sameVolume,
  shownSeasons,
} from "./model";
import type { LadderAction } from "./names";
import { type Buckets, type FixedStep, forward, type Found, optimistic } from "./search";
import { isOpen, type LadderOption, Played, playSeason, startOf, tablesOf, type LadderTables } from "./season";

export interface LadderStep {
  season: number;
  action: LadderAction;
  correction: CorrectionName | null;
  /** Index into the problem's pots, 0: the pot it stands in; as many as there are: the ground. */
  pot: number;
  potId: string;
  volumeL: number;
  /** At the season's end. */
  fill: number;
  circling: number;
  /** Top growth of the season, against an ever roomy ball. */
  growth: number;
  mixAgeYears: number;
  massKg: number;
  /** New mix, L; work, minutes; money for pot and mix. */
  mixL: number;
  minutes: number;
  money: number;
  cost: number;
}

export interface LadderPlan {
  cost: number;
  parts: Record<LadderPart, number>;
  steps: LadderStep[];
}

/** The ground's name among pots. */
export const GROUND = "ground";

/** How a plan is looked for. */
export interface LadderSearch {
  buckets: Buckets;
  /**
   * Share of what the best plan known costs above the optimistic bound, from each season on, that any other plan is taken to cost
   * too: 0 drops only what cannot be better; near 1 is quick and may, rarely, miss a better one.
   */
  trust: number;
}
export const USUAL_SEARCH: LadderSearch = { buckets: { x: 0.2, circling: 0.25, age: 0.5 }, trust: 0.9 };
/** For hundreds of trees at once: half the time, now and then a little dearer (performance.md). */
export const QUICK_SEARCH: LadderSearch = { buckets: { x: 0.4, circling: 0.5, age: 1 }, trust: 0.9 };
/** A coarse run first gives a cost that can be had, so that the fine one need not follow what is dearer. */
const COARSE: Buckets = { x: 3, circling: 4, age: 8 };

/** The best sequence of stays, moves, root prunings and work in place: dynamic programming on the root model. */
export function planLadder(problem: LadderProblem, search: LadderSearch = USUAL_SEARCH): LadderPlan {
  return planAround(problem, [], search)!;
}

/** The best plan round steps somebody insists on; null where they cannot be taken (too large a step, a ball that does not hold yet). */
export function planAround(
  problem: LadderProblem,
  fixed: readonly FixedStep[],
  search: LadderSearch = USUAL_SEARCH,
): LadderPlan | null {
  const { budget } = problem;
  const free = planFreely(problem, fixed, search);
  if (budget == null || !free || moneyOf(free) <= budget) return free;
  const at = (weight: number): LadderPlan => {
    const { weights } = problem;
    const dearer = { ...problem, weights: { ...weights, pot: weight * weights.pot, mix: weight * weights.mix } };
    const plan = planFreely(dearer, fixed, search)!;
    // Its cost by the weights as they are.
    return followLadder(problem, plan.steps)!;
  };
  let kept = at(DEAREST);
  let [low, high] = [0, Math.log(DEAREST)];
  for (let i = 0; i < BUDGET_TRIES && moneyOf(kept) <= budget; i++) {
    const mid = (low + high) / 2;
    const plan = at(Math.exp(mid));
    if (moneyOf(plan) <= budget) [kept, high] = [plan, mid];
    else low = mid;
  }
  return kept;
}

/** The weight of money is raised so far, in so many steps, until a plan keeps to its budget; beyond it the thriftiest stands. */
const DEAREST = 64;
const BUDGET_TRIES = 6;

/** Money for pots and mix over the seasons shown. */
export function moneyOf(plan: LadderPlan): number {
  return plan.steps.slice(0, shownSeasons(plan.steps.length)).reduce((sum, s) => sum + s.money, 0);
}

function planFreely(
  problem: LadderProblem,
  fixed: readonly FixedStep[],
  { buckets, trust }: LadderSearch,
): LadderPlan | null {
  const toGo = optimistic(problem);
  const tables = tablesOf(problem);
  const rough = forward(tables, COARSE, Infinity, toGo, fixed) ?? forward(tables, buckets, Infinity, toGo, fixed);
  if (!rough) return null;
  const known = climb(tables, rough.options, fixed);
  const fine = forward(tables, buckets, known.cost + 1e-9, trusted(tables, known, toGo, trust), fixed);
  const best = fine && fine.cost < known.cost ? climb(tables, fine.options, fixed) : known;
  return describe(tables, best.options);
}

/** The optimistic bound raised, season by season, by a share of what a known plan costs above it. */
function trusted(
  tables: LadderTables,
  known: Found,
  toGo: readonly Float64Array[],
  trust: number,
): readonly Float64Array[] {
  if (trust === 0) return toGo;
  const n = known.options.length;
  const raised = toGo.map((row) => Float64Array.from(row));
  const states = [startOf(tables.problem)];
  known.options.forEach((option, season) => {
    states.push(new Played());
    playSeason(tables, states[season], option, season, season === n - 1, states[season + 1]);
  });
  let left = 0;
  for (let season = n; season > 0; season--) {
    const excess = trust * Math.max(0, left - toGo[season][states[season].pot]);
    // Out of its pots a tree costs nothing more.
    for (let p = 0; p < tables.pots.length; p++) raised[season][p] += excess;
    left += states[season].cost;
  }
  return raised;
}

/** Sequences an exhaustive search may try. */
export const MOST_SEQUENCES = 400_000;

/** Every sequence: the truth, for small cases. Null where there are too many. */
export function exhaustiveLadder(problem: LadderProblem): LadderPlan | null {
  const tables = tablesOf(problem);
  let tried = 0;
  let best: Found | null = null;
  const path: LadderOption[] = [];
  const walk = (state: Played, cost: number, season: number): boolean => {
    if (season === problem.seasons) {
      if (!best || cost < best.cost) best = { cost, options: [...path] };
      return ++tried <= MOST_SEQUENCES;
    }
    for (const option of tables.options[state.pot]) {
      if (!isOpen(option, state.x, state.circling, season)) continue;
      const played = new Played();
      playSeason(tables, state, option, season, season === problem.seasons - 1, played);
      path.push(option);
      const whole = walk(played, cost + played.cost, season + 1);
      path.pop();
      if (!whole) return false;
    }
    return true;
  };
  const whole = walk(startOf(problem), 0, 0);
  const found = best as Found | null;
  return whole && found ? describe(tables, found.options) : null;
}

/** The plan of a row of moves, its cost counted anew: for a plan that somebody changed by hand. Null where a move is not one of the options. */
export function followLadder(problem: LadderProblem, moves: readonly LadderMove[]): LadderPlan | null {
  const tables = tablesOf(problem);
  const options: LadderOption[] = [];
  let pot = 0;
  for (const move of moves) {
    const option = tables.options[pot].find(
      (o) => o.move.action === move.action && o.move.correction === move.correction && o.move.pot === move.pot,
    );
    if (!option) return null;
    options.push(option);
    pot = move.pot;
  }
  return describe(tables, options);
}

/** A move by the name of its pot: what another tree may follow, whose pots are in another order. */
export type NamedMove = Pick<LadderStep, "action" | "correction" | "potId" | "volumeL">;

/** The plan of another tree's moves: a move its own roots do not allow yet waits, and those after it wait with it. */
export function followMoves(problem: LadderProblem, moves: readonly NamedMove[]): LadderPlan {
  const tables = tablesOf(problem);
  const taken: LadderOption[] = [];
  let state = startOf(problem);
  let at = 0;
  for (let season = 0; season < problem.seasons; season++) {
    const wanted = moves.at(at);
    const options = tables.options[state.pot];
    const found =
      wanted && at < moves.length
        ? options.find((o) => answers(problem, o, wanted) && isOpen(o, state.x, state.circling, season))
        : undefined;
    // A step smaller than any it could take is no step for it: it goes on without.
    const passed =
      wanted?.action === "up-pot" &&
      wanted.volumeL <= 1.1 * tables.problem.pots[Math.min(state.pot, problem.pots.length - 1)].volumeL;
    if (found || passed) at++;
    const option = found ?? options[0];
    const played = new Played();
    playSeason(tables, state, option, season, season === problem.seasons - 1, played);
    taken.push(option);
    state = played;
  }
  return describe(tables, taken);
}

/** Whether the ball is loosened is decided when it is seen; a shave is a decision. */
const shaved = (correction: CorrectionName | null) => correction === "shave";

function answers(problem: LadderProblem, { move }: LadderOption, wanted: NamedMove): boolean {
  if (move.action !== wanted.action) return false;
  if (move.action !== "up-pot") return true;
  const pot = problem.pots[move.pot];
  const same = pot.id === wanted.potId || sameVolume(pot.volumeL, wanted.volumeL);
  return same && shaved(move.correction) === shaved(wanted.correction);
}

function describe(tables: LadderTables, options: readonly LadderOption[]): LadderPlan {
  const { problem } = tables;
  const parts = Object.fromEntries(LADDER_PARTS.map((p) => [p, 0])) as Record<LadderPart, number>;
  const steps: LadderStep[] = [];
  let state = startOf(problem);
  let volumeL = problem.tree.volumeL;
  let cost = 0;
  options.forEach((option, season) => {
    const played = new Played();
    playSeason(tables, state, option, season, season === options.length - 1, played, parts);
    const before = state;
    state = played;
    cost += played.cost;
    const { move } = option;
    const pot = problem.pots.at(move.pot);
    if (pot) volumeL = pot.volumeL;
    steps.push({
      season,
      action: move.action,
      correction: move.correction,
      pot: move.pot,
      potId: pot?.id ?? GROUND,
      volumeL,
      fill: logistic(state.x),
      circling: state.circling,
      growth: growthFactor(
        (Math.min(FILL_MOST, option.retained * logistic(before.x)) + logistic(state.x)) / 2,
        (option.circlingKept * before.circling + state.circling) / 2,
        fullness(problem.tree.wellFed && isThere(problem.goal, volumeL), state.circling, state.age).over,
      ),
      mixAgeYears: state.age,
      massKg: pot ? pot.volumeL * problem.site.mixKgPerL + pot.massKg : 0,
      mixL: option.mixL,
      minutes: option.minutes,
      money: option.money,
      cost: played.cost,
    });
  });
  return { cost, parts, steps };
}
