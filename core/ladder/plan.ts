import { logistic } from "../math/index";
import {
  LADDER_PARTS,
  type LadderMove,
  type LadderPart,
  type LadderProblem,
  type LadderState,
  type LadderTables,
  isOpen,
  isStep,
  type LadderOption,
  leastSeasonCost,
  leastStepCost,
  playSeason,
  startOf,
  tablesOf,
} from "./model";
import type { CorrectionName } from "../roots/index";
import type { LadderAction } from "./names";

export interface LadderStep {
  season: number;
  action: LadderAction;
  correction: CorrectionName | null;
  /** Index into the problem's pots; 0: the pot it stands in. */
  pot: number;
  potId: string;
  volumeL: number;
  /** At the season's end. */
  fill: number;
  circling: number;
  mixAgeYears: number;
  massKg: number;
  cost: number;
}

export interface LadderPlan {
  cost: number;
  parts: Record<LadderPart, number>;
  steps: LadderStep[];
}

/** Labels that meet in a bucket keep the cheapest; each carries its exact state, so that a cost is always that of its plan. */
export interface Buckets {
  x: number;
  circling: number;
  age: number;
}
export const USUAL_BUCKETS: Buckets = { x: 0.4, circling: 0.5, age: 1 };
/** Coarser runs first: each gives the next one a cost that can be had, so that it need not follow what is dearer. */
const COARSER: readonly Buckets[] = [
  { x: 3, circling: 4, age: 8 },
  { x: 1, circling: 1.5, age: 3 },
];

/** Labels of one season, in columns. */
class Labels {
  pot: number[] = [];
  x: number[] = [];
  circling: number[] = [];
  age: number[] = [];
  cost: number[] = [];
  /** Label of the season before, and the option taken there. */
  from: number[] = [];
  option: number[] = [];
  get size(): number {
    return this.cost.length;
  }
  put(i: number, s: Readonly<LadderState>, cost: number, from: number, option: number): void {
    this.pot[i] = s.pot;
    this.x[i] = s.x;
    this.circling[i] = s.circling;
    this.age[i] = s.age;
    this.cost[i] = cost;
    this.from[i] = from;
    this.option[i] = option;
  }
}

interface Found {
  cost: number;
  options: LadderOption[];
}

/**
 * Least cost from each season and pot to the end, whatever the roots do: growth as good as the pot allows, what must be lifted and
 * bought, and the mix that a step leaves without roots. Never more than the true one.
 */
function optimistic(problem: LadderProblem): Float64Array[] {
  const { pots, seasons } = problem;
  const n = pots.length;
  const step = new Float64Array(n * n).fill(Infinity);
  for (let p = 0; p < n; p++)
    for (let q = 1; q < n; q++) if (isStep(problem, p, q)) step[p * n + q] = leastStepCost(problem, p, q);
  const toGo = Array.from({ length: seasons + 1 }, () => new Float64Array(n));
  for (let season = seasons - 1; season >= 0; season--) {
    const base = pots.map((_, p) => leastSeasonCost(problem, p, season));
    for (let p = 0; p < n; p++) {
      let best = base[p] + toGo[season + 1][p];
      for (let q = 1; q < n; q++) {
        const cost = step[p * n + q] + base[q] + toGo[season + 1][q];
        if (cost < best) best = cost;
      }
      toGo[season][p] = best;
    }
  }
  return toGo;
}

/** A step somebody insists on: in this season this move, whatever the roots say of the rest. */
export interface FixedStep {
  season: number;
  action: LadderAction;
  /** Index into the problem's pots, for a move. */
  pot: number;
}

/** Forward through the seasons; labels that cannot end below `bound` are dropped. */
function forward(
  tables: LadderTables,
  buckets: Buckets,
  bound: number,
  toGo: Float64Array[],
  fixed: readonly FixedStep[] = [],
): Found | null {
  const { problem } = tables;
  const all: Labels[] = [new Labels()];
  all[0].put(0, startOf(problem), 0, -1, -1);
  const state: LadderState = { pot: 0, x: 0, circling: 0, age: 0 };
  const places = new Places(problem.pots.length, buckets);
  for (let season = 0; season < problem.seasons; season++) {
    const last = season === problem.seasons - 1;
    const after = toGo[season + 1];
    const least = problem.pots.map((_, p) => leastSeasonCost(problem, p, season) + after[p]);
    const labels = all[season];
    const next = new Labels();
    places.clear();
    const must = fixed.find((f) => f.season === season);
    for (let i = 0; i < labels.size; i++) {
      state.pot = labels.pot[i];
      state.x = labels.x[i];
      state.circling = labels.circling[i];
      state.age = labels.age[i];
      const spent = labels.cost[i];
      const options = tables.options[state.pot];
      for (let o = 0; o < options.length; o++) {
        const option = options[o];
        const to = option.move.pot;
        if (must && (option.move.action !== must.action || (must.action === "up-pot" && to !== must.pot))) continue;
        if (spent + option.table.fixedTotal + least[to] > bound || !isOpen(option, state.x, state.circling)) continue;
        const played = playSeason(tables, state, option, season, last);
        const cost = spent + played.cost;
        if (cost + after[to] > bound) continue;
        const key = last ? 0 : places.keyOf(played);
        const known = places.get(key);
        if (known < 0) {
          places.set(key, next.size);
          next.put(next.size, played, cost, i, o);
        } else if (cost < next.cost[known]) next.put(known, played, cost, i, o);
      }
    }
    if (next.size === 0) return null;
    all.push(next);
  }
  // In the last season all labels meet in one.
  const options: LadderOption[] = [];
  for (let season = problem.seasons, i = 0; season > 0; season--) {
    const before = all[season].from[i];
    options.push(tables.options[all[season - 1].pot[before]][all[season].option[i]]);
    i = before;
  }
  return { cost: all[problem.seasons].cost[0], options: options.reverse() };
}

const stateOf = ({ pot, x, circling, age }: Readonly<LadderState>): LadderState => ({ pot, x, circling, age });

/** Which bucket a state falls into, and the label that holds it: a table where it fits, for speed. */
class Places {
  private readonly nx: number;
  private readonly nc: number;
  private readonly na: number;
  private readonly table: Int32Array | null;
  private readonly map = new Map<number, number>();
  private touched: number[] = [];

  constructor(
    pots: number,
    private readonly b: Buckets,
  ) {
    this.nx = Math.ceil(X_SPAN / b.x) + 2;
    this.nc = Math.ceil(CIRCLING_SPAN / b.circling) + 2;
    this.na = Math.ceil(AGE_SPAN / b.age) + 2;
    const size = pots * this.nx * this.nc * this.na;
    this.table = size <= MOST_TABLE ? new Int32Array(size) : null;
  }

  keyOf(s: Readonly<LadderState>): number {
    const x = Math.round((s.x + X_FROM) / this.b.x);
    const c = Math.round(s.circling / this.b.circling);
    const a = Math.round(Math.min(AGE_SPAN, s.age) / this.b.age);
    return ((s.pot * this.nx + x) * this.nc + c) * this.na + a;
  }

  /** −1 where the bucket is empty. */
  get(key: number): number {
    return this.table ? this.table[key] - 1 : (this.map.get(key) ?? -1);
  }

  set(key: number, label: number): void {
    if (this.table) {
      this.table[key] = label + 1;
      this.touched.push(key);
    } else this.map.set(key, label);
  }

  clear(): void {
    if (this.table) for (const key of this.touched) this.table[key] = 0;
    this.touched = [];
    this.map.clear();
  }
}
/** Logit fill lies within −6 and 8, turning within 4 grades; mix older than this is simply old. */
const X_FROM = 6;
const X_SPAN = 14;
const CIRCLING_SPAN = 4;
const AGE_SPAN = 30;
const MOST_TABLE = 4_000_000;

/** The best sequence of stays, moves, root prunings and work in place: dynamic programming on the root model. */
export function planLadder(problem: LadderProblem, buckets: Buckets = USUAL_BUCKETS): LadderPlan {
  return planAround(problem, [], buckets)!;
}

/** The best plan round steps somebody insists on; null where they cannot be taken (too large a step, a ball that does not hold yet). */
export function planAround(
  problem: LadderProblem,
  fixed: readonly FixedStep[],
  buckets: Buckets = USUAL_BUCKETS,
): LadderPlan | null {
  const toGo = optimistic(problem);
  const tables = tablesOf(problem);
  let best: Found | null = null;
  for (const grain of [...COARSER, buckets]) {
    const found = forward(tables, grain, best ? best.cost + 1e-9 : Infinity, toGo, fixed);
    if (found && (!best || found.cost < best.cost)) best = found;
  }
  return best ? describe(tables, best.options) : null;
}

/** Sequences an exhaustive search may try. */
export const MOST_SEQUENCES = 400_000;

/** Every sequence: the truth, for small cases. Null where there are too many. */
export function exhaustiveLadder(problem: LadderProblem): LadderPlan | null {
  const tables = tablesOf(problem);
  let tried = 0;
  let best: Found | null = null;
  const path: LadderOption[] = [];
  const walk = (state: LadderState, cost: number, season: number): boolean => {
    if (season === problem.seasons) {
      if (!best || cost < best.cost) best = { cost, options: [...path] };
      return ++tried <= MOST_SEQUENCES;
    }
    for (const option of tables.options[state.pot]) {
      if (!isOpen(option, state.x, state.circling)) continue;
      const played = playSeason(tables, state, option, season, season === problem.seasons - 1);
      path.push(option);
      const whole = walk(stateOf(played), cost + played.cost, season + 1);
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

function describe(tables: LadderTables, options: readonly LadderOption[]): LadderPlan {
  const { problem } = tables;
  const parts = Object.fromEntries(LADDER_PARTS.map((p) => [p, 0])) as Record<LadderPart, number>;
  const steps: LadderStep[] = [];
  let state = startOf(problem);
  let cost = 0;
  options.forEach((option, season) => {
    const played = playSeason(tables, state, option, season, season === options.length - 1, parts);
    state = stateOf(played);
    cost += played.cost;
    const { move } = option;
    const pot = problem.pots[move.pot];
    steps.push({
      season,
      action: move.action,
      correction: move.correction,
      pot: move.pot,
      potId: pot.id,
      volumeL: pot.volumeL,
      fill: logistic(state.x),
      circling: state.circling,
      mixAgeYears: state.age,
      massKg: pot.volumeL * problem.site.mixKgPerL + pot.massKg,
      cost: played.cost,
    });
  });
  return { cost, parts, steps };
}
