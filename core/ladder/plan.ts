import { logistic } from "../math/index";
import {
  LADDER_PARTS,
  type LadderMove,
  type LadderPart,
  type LadderProblem,
  type LadderState,
  type LadderTables,
  isStep,
  leastSeasonCost,
  leastStepCost,
  movesFrom,
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

interface Label {
  state: LadderState;
  cost: number;
  from: Label | null;
  move: LadderMove | null;
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

/** Forward through the seasons; labels that cannot end below `bound` are dropped. */
function forward(tables: LadderTables, buckets: Buckets, bound: number, toGo: Float64Array[]): Label | null {
  const { problem } = tables;
  let labels: Label[] = [{ state: startOf(problem), cost: 0, from: null, move: null }];
  for (let season = 0; season < problem.seasons; season++) {
    const last = season === problem.seasons - 1;
    const after = toGo[season + 1];
    const best = new Map<number, Label>();
    for (const label of labels) {
      const room = bound - label.cost;
      for (const move of movesFrom(problem, label.state)) {
        if (after[move.pot] > room) continue;
        const played = playSeason(tables, label.state, move, season, last);
        if (played.cost + after[move.pot] > room) continue;
        const cost = label.cost + played.cost;
        const key = last ? 0 : keyOf(played, buckets);
        const known = best.get(key);
        if (known && known.cost <= cost) continue;
        best.set(key, { state: stateOf(played), cost, from: label, move });
      }
    }
    labels = [...best.values()];
    if (labels.length === 0) return null;
  }
  return labels.reduce((a, b) => (b.cost < a.cost ? b : a));
}

const stateOf = ({ pot, x, circling, age }: LadderState): LadderState => ({ pot, x, circling, age });

function keyOf(s: LadderState, b: Buckets): number {
  const x = Math.round((s.x + 6) / b.x);
  const c = Math.round(s.circling / b.circling);
  const a = Math.min(30, Math.round(s.age / b.age));
  return ((s.pot * 64 + x) * 16 + c) * 32 + a;
}

/** The best sequence of stays, moves, root prunings and work in place: dynamic programming on the root model. */
export function planLadder(problem: LadderProblem, buckets: Buckets = USUAL_BUCKETS): LadderPlan {
  const toGo = optimistic(problem);
  const tables = tablesOf(problem);
  let best: Label | null = null;
  for (const grain of [...COARSER, buckets]) {
    const found = forward(tables, grain, best ? best.cost + 1e-9 : Infinity, toGo);
    if (found && (!best || found.cost < best.cost)) best = found;
  }
  return describe(problem, best!);
}

/** Sequences an exhaustive search may try. */
export const MOST_SEQUENCES = 400_000;

/** Every sequence: the truth, for small cases. Null where there are too many. */
export function exhaustiveLadder(problem: LadderProblem): LadderPlan | null {
  const tables = tablesOf(problem);
  let tried = 0;
  let best: Label | null = null;
  const walk = (label: Label, season: number): boolean => {
    if (season === problem.seasons) {
      if (!best || label.cost < best.cost) best = label;
      return ++tried <= MOST_SEQUENCES;
    }
    for (const move of movesFrom(problem, label.state)) {
      const played = playSeason(tables, label.state, move, season, season === problem.seasons - 1);
      const next = { state: stateOf(played), cost: label.cost + played.cost, from: label, move };
      if (!walk(next, season + 1)) return false;
    }
    return true;
  };
  const whole = walk({ state: startOf(problem), cost: 0, from: null, move: null }, 0);
  return whole && best ? describe(problem, best) : null;
}

/** The plan of a row of moves, its cost counted anew: for a plan that somebody changed by hand. */
export function followLadder(problem: LadderProblem, moves: readonly LadderMove[]): LadderPlan {
  const parts = Object.fromEntries(LADDER_PARTS.map((p) => [p, 0])) as Record<LadderPart, number>;
  const steps: LadderStep[] = [];
  const tables = tablesOf(problem);
  let state = startOf(problem);
  let cost = 0;
  moves.forEach((move, season) => {
    const played = playSeason(tables, state, move, season, season === moves.length - 1, parts);
    state = stateOf(played);
    cost += played.cost;
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

function describe(problem: LadderProblem, end: Label): LadderPlan {
  const moves: LadderMove[] = [];
  for (let label: Label = end; label.from !== null; label = label.from) moves.push(label.move!);
  return followLadder(problem, moves.reverse());
}
