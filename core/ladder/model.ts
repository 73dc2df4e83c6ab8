import {
  CIRCLING_BY_WALL,
  CORRECTIONS,
  type CorrectionName,
  dryingOf,
  effectiveWarmth,
  FILL_MOST,
  turningPace,
  turnOn,
  oversize,
} from "../roots/index";
import type { Wall } from "../vessel/index";
import type { LadderAction } from "./names";
import type { LadderWeights } from "./schools";

/** A pot the plan may use; the one the tree stands in is one of them. */
export interface LadderPot {
  id: string;
  /** Mix in place. */
  volumeL: number;
  heightMm: number;
  wall: Wall;
  massKg: number;
  price: number;
  owned: boolean;
}

export interface LadderTree {
  kPerDegreeDay: number;
  fill: number;
  circling: number;
  volumeL: number;
  mixAgeYears: number;
  tapRoot: boolean;
  /** Largest step its kind stands, as a factor of the mix; null: as the school has it. */
  largestStep: number | null;
  /** How hard a disturbance weighs: 1 usual. */
  tolerance: number;
}

export interface LadderSite {
  seasonDegreeDays: number;
  /** How cool and wet the resting season is, 0–1: what unrooted mix suffers. */
  coolWet: number;
  liftKg: number;
  movedForWinter: boolean;
  mixKgPerL: number;
  mixPricePerL: number;
  mixLifeYears: number;
  rootDepthNeedMm: number | null;
}

export interface LadderGoal {
  minL: number;
  maxL: number;
  /** Season (0 first) by whose end the goal is wanted; null: no date. */
  bySeason: number | null;
}

/** Parts a plan's cost is made of. */
export const LADDER_PARTS = [
  "pot",
  "mix",
  "labour",
  "handling",
  "shock",
  "oversize",
  "bound",
  "lift",
  "depth",
  "growth",
  "miss",
  "late",
  "age",
] as const;
export type LadderPart = (typeof LADDER_PARTS)[number];

/** State of a tree at a window: which pot, how full, how turned, how old the mix. */
export interface LadderState {
  pot: number;
  x: number;
  circling: number;
  age: number;
}

export interface LadderMove {
  action: LadderAction;
  correction: CorrectionName | null;
  pot: number;
}

/** A larger step than this gains something; a fuller ball than this can be moved. */
const LEAST_STEP = 1.15;
const X_LEAST_TO_MOVE = Math.log(0.35 / 0.65);
const TEASE_FROM = 0.5;
const SHAVE_FROM = 1;
/** Share of the ball renewed by cores, of the mix by a new top and by root-pruning. */
const CORE_SHARE = 0.1;
const TOP_SHARE = 0.12;
const PRUNE_SHARE = 0.35;
/** What is left of the mix's age. */
const AGE_KEPT = { "replace-top": 0.88, "root-prune": 0.65, "core-in-place": 0.9, shave: 0.8 } as const;
const SIZE_EXPONENT = 0.516;
/** The last season's lift, depth and growth count so many times: a plan must not cheat at its end. */
export const TAIL = 4;
const TOUCHY_TAP = 1.5;
/** Every lifting shakes a ball so much, in the unit of root loss. */
const HANDLED_SHOCK = 0.15;
const UP_POT_MINUTES = (v: number) => 8 + 1.6 * v ** 0.75;
const X_LADDER_MOST = 8;
const FIXED_PARTS = ["pot", "mix", "labour", "handling", "shock"] as const;

const X_LEAST = Math.log(0.005 / 0.995);
const X_MOST = Math.log(0.995 / 0.005);
const logitOf = (f: number) => (f <= 0.005 ? X_LEAST : f >= 0.995 ? X_MOST : Math.log(f / (1 - f)));
const plus = (v: number) => (v > 0 ? v : 0);

/** Everything a plan is worked out on. `pots[0]` is the pot the tree stands in. */
export interface LadderProblem {
  tree: LadderTree;
  pots: LadderPot[];
  site: LadderSite;
  goal: LadderGoal;
  seasons: number;
  weights: LadderWeights;
}

/** Top growth of a season by how full and how turned the ball is. */
export function growthFactor(fill: number, circling: number): number {
  const over = plus((fill - 0.8) / 0.2);
  const held = 1 - 0.55 * over * Math.sqrt(over) - 0.06 * circling;
  return (0.6 + 0.4 * Math.min(1, fill / 0.35)) * Math.max(0.25, held);
}

/** Whether a move from one pot to another is a step of the school, of the kind, and within the goal. */
export function isStep({ tree, pots, goal, weights }: LadderProblem, from: number, to: number): boolean {
  const ratio = pots[to].volumeL / pots[from].volumeL;
  const most = Math.min(weights.maxRatio, tree.largestStep ?? Infinity);
  return to !== from && ratio >= LEAST_STEP && ratio <= most && pots[to].volumeL <= goal.maxL;
}

/** Least a season in this pot costs, whatever the roots do. */
export function leastSeasonCost(
  { pots, site, goal, seasons, weights: w }: LadderProblem,
  p: number,
  season: number,
): number {
  const { volumeL: v, massKg, heightMm } = pots[p];
  const last = season === seasons - 1;
  const tail = last ? TAIL : 1;
  const short = plus(Math.log(goal.minL / v));
  return (
    tail * w.growth * (1 - Math.min(1, (v / goal.minL) ** SIZE_EXPONENT)) +
    (site.movedForWinter ? tail * w.lift * plus(v * site.mixKgPerL + massKg - site.liftKg) : 0) +
    (site.rootDepthNeedMm === null ? 0 : (tail * w.depth * plus(site.rootDepthNeedMm - heightMm)) / 10) +
    (last ? w.miss * short : 0) +
    (goal.bySeason !== null && season >= goal.bySeason ? w.late * short : 0) +
    w.age * (1 / site.mixLifeYears) ** 2
  );
}

/** Least a step costs beside that: pot, mix, work, shock, and the mix it leaves without roots even if the ball was full. */
export function leastStepCost({ tree, pots, site, weights: w }: LadderProblem, from: number, to: number): number {
  const [a, b] = [pots[from].volumeL, pots[to].volumeL];
  const pot = pots[to];
  return (
    (pot.owned ? 0 : w.pot * pot.price) +
    w.mix * site.mixPricePerL * (b - a) +
    w.labour * UP_POT_MINUTES(b) +
    w.handling +
    w.shock * HANDLED_SHOCK * tree.tolerance +
    w.oversize * oversize(Math.min(0.995, (0.995 * a) / b), b, 0.22, site.coolWet).index
  );
}

/** What a move costs and does whatever the state: worked out once per problem. */
export interface MoveTable {
  /** Costs that do not depend on the roots, by part. */
  fixed: Record<"pot" | "mix" | "labour" | "handling" | "shock", number>;
  fixedTotal: number;
  retained: number;
  circlingKept: number;
  /** Warmth of the season that counts after its lag. */
  warmth: number;
  /** Old age of the mix that stays in it. */
  ageKept: number;
  handled: boolean;
}

/** What a pot costs a season whatever the state. */
interface PotTable {
  lift: number;
  liftHandled: number;
  depth: number;
  /** Growth its volume allows, against the goal's. */
  size: number;
  short: number;
  /** Days unrooted mix stays wet: A/(B + C·fill). */
  wet: readonly [number, number, number];
  /** Pace at which roots turn at its wall. */
  turning: number;
}

/** A move with its table, and the turning it is for: from, and below. */
export interface LadderOption {
  move: LadderMove;
  table: MoveTable;
  fromCircling: number;
  belowCircling: number;
  /** Only from a ball that holds. */
  needsRoots: boolean;
}

/** A problem with its tables, ready to be played many times. */
export interface LadderTables {
  problem: LadderProblem;
  pots: PotTable[];
  /** By the pot a tree stands in. */
  options: LadderOption[][];
}
export function tablesOf(problem: LadderProblem): LadderTables {
  const { tree, pots, site, goal, weights: w } = problem;
  return {
    problem,
    options: pots.map((_, p) => optionsOf(problem, p)),
    pots: pots.map((pot): PotTable => {
      const v = pot.volumeL;
      const over = plus(v * site.mixKgPerL + pot.massKg - site.liftKg);
      return {
        lift: site.movedForWinter ? w.lift * over : 0,
        liftHandled: w.lift * over,
        depth: site.rootDepthNeedMm === null ? 0 : (w.depth * plus(site.rootDepthNeedMm - pot.heightMm)) / 10,
        size: Math.min(1, (v / goal.minL) ** SIZE_EXPONENT),
        short: plus(Math.log(goal.minL / v)),
        wet: dryingOf(v),
        turning: turningPace(tree.kPerDegreeDay, CIRCLING_BY_WALL[pot.wall]),
      };
    }),
  };
}

/** All that may be done with a tree in a pot, whatever its roots. */
function optionsOf(problem: LadderProblem, p: number): LadderOption[] {
  const { tree, pots, site } = problem;
  const here = pots[p];
  const options: LadderOption[] = [];
  const add = (
    action: LadderAction,
    correction: CorrectionName | null,
    pot: number,
    [fromCircling, belowCircling]: readonly [number, number] = [0, Infinity],
  ) => {
    const move = { action, correction, pot };
    const table = moveTable(problem, p, move);
    options.push({ move, table, fromCircling, belowCircling, needsRoots: action === "up-pot" });
  };
  add("stay", null, p);
  add("replace-top", "replace-top", p);
  if (!(tree.tapRoot && tree.tolerance >= TOUCHY_TAP)) add("root-prune", "prune-and-return", p);
  if (here.volumeL * site.mixKgPerL + here.massKg > site.liftKg) add("core-in-place", "core-in-place", p);
  for (let q = 1; q < pots.length; q++) {
    if (!isStep(problem, p, q)) continue;
    add("up-pot", "none", q, [0, TEASE_FROM]);
    add("up-pot", "tease-and-clip", q, [TEASE_FROM, Infinity]);
    if (!tree.tapRoot) add("up-pot", "shave", q, [SHAVE_FROM, Infinity]);
  }
  return options;
}

/** Whether an option is open in a state. */
export function isOpen(o: LadderOption, x: number, circling: number): boolean {
  return circling >= o.fromCircling && circling < o.belowCircling && !(o.needsRoots && x <= X_LEAST_TO_MOVE);
}

function moveTable(problem: LadderProblem, from: number, move: LadderMove): MoveTable {
  const { tree, pots, site, weights: w } = problem;
  const [a, v] = [pots[from].volumeL, pots[move.pot].volumeL];
  const { action, correction } = move;
  const work = correction === null ? null : CORRECTIONS[correction];
  const retained = work?.retained ?? 1;
  const kept = correction === "shave" ? AGE_KEPT.shave : 1;
  const litres =
    action === "up-pot"
      ? v - kept * a
      : action === "replace-top"
        ? TOP_SHARE * v
        : action === "root-prune"
          ? PRUNE_SHARE * v
          : action === "core-in-place"
            ? CORE_SHARE * v
            : 0;
  const minutes =
    action === "up-pot"
      ? UP_POT_MINUTES(v)
      : action === "root-prune"
        ? 15 + 3 * v ** 0.75
        : action === "core-in-place"
          ? 20 + 0.5 * v
          : action === "replace-top"
            ? 3 + 0.15 * v
            : 0;
  const handled = action === "up-pot" || action === "root-prune";
  const fixed = {
    pot: action === "up-pot" && !pots[move.pot].owned ? w.pot * pots[move.pot].price : 0,
    mix: w.mix * site.mixPricePerL * plus(litres),
    labour: w.labour * minutes,
    handling: handled ? w.handling : 0,
    shock: work === null ? 0 : w.shock * ((handled ? HANDLED_SHOCK : 0) + 2 * (1 - retained)) * tree.tolerance,
  };
  return {
    fixed,
    fixedTotal: fixed.pot + fixed.mix + fixed.labour + fixed.handling + fixed.shock,
    retained: (retained * a) / v,
    circlingKept: work ? 1 - work.circlingRemoved : 1,
    warmth: effectiveWarmth(site.seasonDegreeDays, work?.lagDegreeDays ?? 0),
    ageKept: action === "up-pot" ? (kept * a) / v : action === "stay" ? 1 : AGE_KEPT[action],
    handled,
  };
}

export interface SeasonResult {
  pot: number;
  x: number;
  circling: number;
  age: number;
  cost: number;
}
/** One result is handed out again and again: read it before the next season is played. */
const result: SeasonResult = { pot: 0, x: 0, circling: 0, age: 0, cost: 0 };

/**
 * One move and the season after it. Adds to `parts` where given. The answer is one shared object: copy what is to be kept.
 * @param last the plan's last season
 */
export function playSeason(
  tables: LadderTables,
  s: Readonly<LadderState>,
  { move, table: m }: LadderOption,
  season: number,
  last: boolean,
  parts?: Record<LadderPart, number>,
): Readonly<SeasonResult> {
  const { tree, site, goal, weights: w } = tables.problem;
  const p = tables.pots[move.pot];
  const f0 = 1 / (1 + Math.exp(-s.x));
  const fillStart = Math.min(FILL_MOST, m.retained * f0);
  const x0 = m.retained === 1 ? s.x : logitOf(fillStart);
  const c0 = m.circlingKept * s.circling;
  const x1 = Math.min(X_LADDER_MOST, x0 + tree.kPerDegreeDay * m.warmth);
  const f1 = 1 / (1 + Math.exp(-x1));
  const c1 = turnOn(c0, x0, m.retained === 1 ? f0 : fillStart, x1, f1, p.turning);
  const ageBefore = m.ageKept * s.age;
  const age = ageBefore + 1;

  const tail = last ? TAIL : 1;
  const airShort = Math.min(1, Math.max(0, (0.35 - Math.max(0.05, 0.22 - 0.02 * ageBefore)) / 0.25));
  const days = p.wet[0] / (p.wet[1] + p.wet[2] * fillStart);
  const wet = days > 7 ? (1 - fillStart) * (1 - Math.exp(-(days - 7) / 10)) * airShort * site.coolWet : 0;
  const g = growthFactor((fillStart + f1) / 2, (c0 + c1) / 2);
  const overdue = goal.bySeason !== null && season >= goal.bySeason;
  const oversized = w.oversize * wet;
  const bound = w.bound * (5 * plus(f1 - 0.9) + plus(c1 - 1) / 3);
  const lift = tail * (m.handled ? p.liftHandled : p.lift);
  const depth = tail * p.depth;
  const growth = tail * w.growth * (1 - g * p.size);
  const miss = last ? w.miss * (p.short > 0 ? p.short : plus(0.5 - f1)) : 0;
  const late = overdue ? w.late * p.short : 0;
  const aged = w.age * (age / site.mixLifeYears) ** 2;
  if (parts) {
    for (const part of FIXED_PARTS) parts[part] += m.fixed[part];
    parts.oversize += oversized;
    parts.bound += bound;
    parts.lift += lift;
    parts.depth += depth;
    parts.growth += growth;
    parts.miss += miss;
    parts.late += late;
    parts.age += aged;
  }
  result.pot = move.pot;
  result.x = x1;
  result.circling = c1;
  result.age = age;
  result.cost = m.fixedTotal + oversized + bound + lift + depth + growth + miss + late + aged;
  return result;
}

export function startOf({ tree }: LadderProblem): LadderState {
  return { pot: 0, x: logitOf(tree.fill), circling: tree.circling, age: tree.mixAgeYears };
}
