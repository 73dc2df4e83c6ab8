import { isStep, type LadderProblem, leastSeasonCost, leastStepCost } from "./model";
import type { LadderAction } from "./names";
import { isOpen, type LadderOption, type LadderTables, Played, playSeason, startOf } from "./season";

/** Labels that meet in a bucket keep the cheapest; each carries its exact state, so that a cost is always that of its plan. */
export interface Buckets {
  x: number;
  circling: number;
  age: number;
}

/** A plan found: its options, season by season, and what they cost. */
export interface Found {
  cost: number;
  options: LadderOption[];
}

/** A step somebody insists on: in this season this move, whatever the roots say of the rest. */
export interface FixedStep {
  season: number;
  action: LadderAction;
  /** Index into the problem's pots, for a move. */
  pot: number;
}

/**
 * Least cost from each season and pot to the end, whatever the roots do: growth as good as the pot allows, what must be lifted and
 * bought, and the mix that a step leaves without roots. Never more than the true one. Last entry of a season: the ground.
 */
export function optimistic(problem: LadderProblem): Float64Array[] {
  const { pots, seasons, goal } = problem;
  const n = pots.length;
  const step = new Float64Array(n * n).fill(Infinity);
  for (let p = 0; p < n; p++)
    for (let q = 1; q < n; q++) if (isStep(problem, p, q)) step[p * n + q] = leastStepCost(problem, p, q);
  const toGo = Array.from({ length: seasons + 1 }, () => new Float64Array(n + 1));
  for (let season = seasons - 1; season >= 0; season--) {
    const base = pots.map((_, p) => leastSeasonCost(problem, p, season));
    const after = toGo[season + 1];
    for (let p = 0; p < n; p++) {
      let best = goal.plantOut && season >= goal.plantOut.season ? 0 : base[p] + after[p];
      for (let q = 1; q < n; q++) {
        const cost = step[p * n + q] + base[q] + after[q];
        if (cost < best) best = cost;
      }
      toGo[season][p] = best;
    }
  }
  return toGo;
}

/** Labels of one season, in columns that are kept from search to search. */
class Labels {
  size = 0;
  private room = 0;
  pot = new Int32Array(0);
  /** x, circling, age and cost of each. */
  state = new Float64Array(0);
  /** Label of the season before, and the option taken there. */
  from = new Int32Array(0);
  option = new Int32Array(0);

  put(i: number, s: Readonly<Played>, cost: number, from: number, option: number): void {
    if (i >= this.room) this.grow();
    this.pot[i] = s.pot;
    this.state[4 * i] = s.x;
    this.state[4 * i + 1] = s.circling;
    this.state[4 * i + 2] = s.age;
    this.state[4 * i + 3] = cost;
    this.from[i] = from;
    this.option[i] = option;
    if (i >= this.size) this.size = i + 1;
  }

  private grow(): void {
    this.room = Math.max(256, 2 * this.room);
    const wider = <T extends Int32Array | Float64Array>(old: T, now: T): T => {
      now.set(old);
      return now;
    };
    this.pot = wider(this.pot, new Int32Array(this.room));
    this.state = wider(this.state, new Float64Array(4 * this.room));
    this.from = wider(this.from, new Int32Array(this.room));
    this.option = wider(this.option, new Int32Array(this.room));
  }
}

/** Logit fill lies within −6 and 8, turning within 4 grades; mix older than this is simply old. */
const X_FROM = 6;
const X_SPAN = 14;
const CIRCLING_SPAN = 4;
const AGE_SPAN = 16;
const MOST_TABLE = 4_000_000;
/** One table for all searches: each leaves it empty. */
let shared = new Int32Array(0);

/** Which bucket a state falls into, and the label that holds it: a table where it fits, for speed. */
class Places {
  private readonly nx: number;
  private readonly nc: number;
  private readonly na: number;
  private readonly perX: number;
  private readonly perCircling: number;
  private readonly perAge: number;
  private readonly table: Int32Array | null;
  private readonly map = new Map<number, number>();
  private touched: number[] = [];

  constructor(pots: number, b: Buckets) {
    this.nx = Math.ceil(X_SPAN / b.x) + 2;
    this.nc = Math.ceil(CIRCLING_SPAN / b.circling) + 2;
    this.na = Math.ceil(AGE_SPAN / b.age) + 2;
    this.perX = 1 / b.x;
    this.perCircling = 1 / b.circling;
    this.perAge = 1 / b.age;
    const size = pots * this.nx * this.nc * this.na;
    if (size <= MOST_TABLE && shared.length < size) shared = new Int32Array(size);
    this.table = size <= MOST_TABLE ? shared : null;
  }

  keyOf(s: Readonly<Played>): number {
    const x = ((s.x + X_FROM) * this.perX + 0.5) | 0;
    const c = (s.circling * this.perCircling + 0.5) | 0;
    const a = (Math.min(AGE_SPAN, s.age) * this.perAge + 0.5) | 0;
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

const kept: Labels[] = [];

/** Whether an option is what somebody insists on for its season. */
export function obeys(option: LadderOption, must: FixedStep | undefined): boolean {
  return !must || (option.move.action === must.action && (must.action !== "up-pot" || option.move.pot === must.pot));
}

/** Forward through the seasons; labels that cannot end below `bound` are dropped. */
export function forward(
  tables: LadderTables,
  buckets: Buckets,
  bound: number,
  toGo: readonly Float64Array[],
  fixed: readonly FixedStep[] = [],
  corridor: readonly Uint8Array[] | null = null,
): Found | null {
  const { problem } = tables;
  const pots = problem.pots.length;
  while (kept.length <= problem.seasons) kept.push(new Labels());
  kept[0].size = 0;
  kept[0].put(0, startOf(problem), 0, -1, -1);
  const state = new Played();
  const played = new Played();
  const places = new Places(pots + 1, buckets);
  const least = new Float64Array(pots + 1);
  for (let season = 0; season < problem.seasons; season++) {
    const last = season === problem.seasons - 1;
    const after = toGo[season + 1];
    for (let p = 0; p < pots; p++) least[p] = leastSeasonCost(problem, p, season) + after[p];
    const labels = kept[season];
    const next = kept[season + 1];
    next.size = 0;
    places.clear();
    const must = fixed.find((f) => f.season === season);
    const open = corridor?.[season];
    for (let i = 0; i < labels.size; i++) {
      state.pot = labels.pot[i];
      state.x = labels.state[4 * i];
      state.circling = labels.state[4 * i + 1];
      state.age = labels.state[4 * i + 2];
      const spent = labels.state[4 * i + 3];
      const options = tables.options[state.pot];
      for (let o = 0; o < options.length; o++) {
        const option = options[o];
        if (open && open[option.pot] === 0) continue;
        if (spent + option.fixedTotal + least[option.pot] > bound) continue;
        if (!isOpen(option, state.x, state.circling, season) || !obeys(option, must)) continue;
        playSeason(tables, state, option, season, last, played);
        const cost = spent + played.cost;
        if (cost + after[option.pot] > bound) continue;
        const key = last ? 0 : places.keyOf(played);
        const known = places.get(key);
        if (known < 0) {
          places.set(key, next.size);
          next.put(next.size, played, cost, i, o);
        } else if (cost < next.state[4 * known + 3]) next.put(known, played, cost, i, o);
      }
    }
    if (next.size === 0) {
      places.clear();
      return null;
    }
  }
  places.clear();
  // In the last season all labels meet in one.
  const options: LadderOption[] = [];
  for (let season = problem.seasons, i = 0; season > 0; season--) {
    const before = kept[season].from[i];
    options.push(tables.options[kept[season - 1].pot[before]][kept[season].option[i]]);
    i = before;
  }
  return { cost: kept[problem.seasons].state[3], options: options.reverse() };
}
