import { WALL } from "../vessel/index";
import {
  CORRECTIONS,
  type CorrectionName,
  DUE_CIRCLING,
  dryingOf,
  effectiveWarmth,
  FILL_MOST,
  TURNING_FROM_X,
  turningBySoftplus,
  turningPace,
} from "../roots/index";
import { fillAt, softplusAt } from "./curves";
import {
  fullness,
  USUAL_FULLNESS,
  GROUND_CIRCLING_MOST,
  growthFactor,
  isStep,
  isThere,
  type LadderMove,
  type LadderPart,
  type LadderProblem,
  type LadderState,
  type LadderTree,
  SIZE_EXPONENT,
  TAIL,
  HANDLED_SHOCK,
  plus,
} from "./model";
import { workMinutes } from "./minutes";
import type { LadderAction } from "./names";

/** A fuller ball than this can be moved. */
const X_LEAST_TO_MOVE = Math.log(0.35 / 0.65);
const TEASE_FROM = 0.5;
const SHAVE_FROM = 1;
/** Share of the ball renewed by cores, of the mix by a new top and by root-pruning. */
const CORE_SHARE = 0.1;
const TOP_SHARE = 0.12;
const PRUNE_SHARE = 0.35;
/** What is left of the mix's age. */
const AGE_KEPT = { "replace-top": 0.88, "root-prune": 0.65, "core-in-place": 0.9, shave: 0.8 } as const;
const TOUCHY_TAP = 1.5;
const X_LADDER_MOST = 8;
const FIXED_PARTS = ["pot", "mix", "labour", "handling", "shock"] as const;

const X_LEAST = Math.log(0.005 / 0.995);
const X_MOST = Math.log(0.995 / 0.005);
const logitOf = (f: number) => (f <= 0.005 ? X_LEAST : f >= 0.995 ? X_MOST : Math.log(f / (1 - f)));

/** What a pot costs a season whatever the state. */
interface PotTable {
  lift: number;
  liftHandled: number;
  depth: number;
  /** Growth its volume allows, against the goal's. */
  size: number;
  short: number;
  /** As good as the goal: it is to stay in it. */
  final: boolean;
  /** Days unrooted mix stays wet: A/(B + C·fill). */
  wetA: number;
  wetB: number;
  wetC: number;
  /** Pace at which roots turn at its wall. */
  turning: number;
}

/** A move with all that does not depend on the roots, and the turning it is for: from, and below. */
export interface LadderOption {
  move: LadderMove;
  /** Pot afterwards; as many as there are pots: the ground. */
  pot: number;
  fixed: Record<(typeof FIXED_PARTS)[number], number>;
  fixedTotal: number;
  /** New mix, L; work, minutes; money for pot and mix. */
  mixL: number;
  minutes: number;
  money: number;
  retained: number;
  circlingKept: number;
  /** Rise of logit fill in the season: pace times the warmth that counts after the lag. */
  rise: number;
  /** Share of the mix's age that stays in it. */
  ageKept: number;
  handled: boolean;
  fromCircling: number;
  belowCircling: number;
  /** Only from a ball that holds. */
  needsRoots: boolean;
  /** Least logit fill it may be taken from, and from which it may where roots do not turn much yet. */
  leastX: number;
  dueX: number;
  /** First season it may be taken. */
  fromSeason: number;
}

/** A problem with its tables, ready to be played many times. */
export interface LadderTables {
  problem: LadderProblem;
  wellFed: boolean;
  pots: PotTable[];
  /** By the pot a tree stands in; last, the ground. */
  options: LadderOption[][];
}

export function tablesOf(problem: LadderProblem): LadderTables {
  const { tree, pots, site, goal, weights: w } = problem;
  return {
    problem,
    wellFed: tree.wellFed ?? false,
    options: [...pots.map((_, p) => optionsOf(problem, p)), [inGround(problem)]],
    pots: pots.map((pot): PotTable => {
      const v = pot.volumeL;
      const over = plus(v * site.mixKgPerL + pot.massKg - site.liftKg);
      const [wetA, wetB, wetC] = dryingOf(v);
      return {
        lift: site.movedForWinter ? w.lift * over : 0,
        liftHandled: w.lift * over,
        depth: site.rootDepthNeedMm === null ? 0 : (w.depth * plus(site.rootDepthNeedMm - pot.heightMm)) / 10,
        size: Math.min(1, (v / goal.minL) ** SIZE_EXPONENT),
        short: plus(Math.log(goal.minL / v)),
        final: isThere(goal, v),
        wetA,
        wetB,
        wetC,
        turning: turningPace(tree.kPerDegreeDay, WALL[pot.wall].circling),
      };
    }),
  };
}

/** A touchy tap root is not root-pruned. */
export function bearsNoPruning({ tapRoot, tolerance }: LadderTree): boolean {
  return tapRoot && tolerance >= TOUCHY_TAP;
}

/** All that may be done with a tree in a pot, whatever its roots. */
function optionsOf(problem: LadderProblem, p: number): LadderOption[] {
  const { tree, pots, site, goal } = problem;
  const here = pots[p];
  const options: LadderOption[] = [];
  const add = (
    action: LadderAction,
    correction: CorrectionName | null,
    pot: number,
    [fromCircling, belowCircling]: readonly [number, number] = [0, Infinity],
  ) => options.push(optionOf(problem, p, { action, correction, pot }, fromCircling, belowCircling));
  add("stay", null, p);
  add("replace-top", "replace-top", p);
  const massKg = here.volumeL * site.mixKgPerL + here.massKg;
  const liftable = !site.gearKg || massKg <= site.gearKg;
  if (liftable && !bearsNoPruning(tree)) add("root-prune", "prune-and-return", p);
  if (massKg > site.liftKg) add("core-in-place", "core-in-place", p);
  const worthIt = liftable ? stepsFrom(problem, p) : [];
  for (const q of worthIt) {
    add("up-pot", "none", q, [0, TEASE_FROM]);
    add("up-pot", "tease-and-clip", q, [TEASE_FROM, Infinity]);
    if (!tree.tapRoot) add("up-pot", "shave", q, [SHAVE_FROM, Infinity]);
  }
  if (goal.plantOut) {
    add("plant-out", "none", pots.length, [0, GROUND_CIRCLING_MOST]);
    add("plant-out", "tease-and-clip", pots.length, [GROUND_CIRCLING_MOST, Infinity]);
  }
  return options;
}

/** Pots it may go up into: none by a smaller step than is usual, where one by a usual step may be carried. */
function stepsFrom(problem: LadderProblem, p: number): number[] {
  const { tree, pots, site } = problem;
  const steps = pots.flatMap((_, q) => (q > 0 && isStep(problem, p, q) ? [q] : []));
  const { leastStep, ordinaryStep = Infinity } = tree;
  if (!leastStep) return steps;
  const ratio = (q: number) => pots[q].volumeL / pots[p].volumeL;
  const carried = (q: number) =>
    !site.movedForWinter || pots[q].volumeL * site.mixKgPerL + pots[q].massKg <= site.liftKg;
  const usual = steps.some((q) => ratio(q) >= leastStep && ratio(q) <= ordinaryStep && carried(q));
  return usual ? steps.filter((q) => ratio(q) >= leastStep) : steps;
}

/** Whether an option is open in a state. */
export function isOpen(o: LadderOption, x: number, circling: number, season: number): boolean {
  return (
    circling >= o.fromCircling &&
    circling < o.belowCircling &&
    !(o.needsRoots && x <= X_LEAST_TO_MOVE) &&
    x >= o.leastX &&
    (x >= o.dueX || circling >= DUE_CIRCLING) &&
    season >= o.fromSeason
  );
}

function optionOf(
  problem: LadderProblem,
  from: number,
  move: LadderMove,
  fromCircling: number,
  belowCircling: number,
): LadderOption {
  const { tree, pots, site, goal, weights: w } = problem;
  const { action, correction } = move;
  const out = action === "plant-out";
  const a = pots[from].volumeL;
  const v = out ? a : pots[move.pot].volumeL;
  const work = correction === null ? null : CORRECTIONS[correction];
  const retained = work?.retained ?? 1;
  const kept = correction === "shave" ? AGE_KEPT.shave : 1;
  const [litres, ageKept] = {
    stay: [0, 1],
    "up-pot": [v - kept * a, (kept * a) / v],
    "replace-top": [TOP_SHARE * v, AGE_KEPT["replace-top"]],
    "root-prune": [PRUNE_SHARE * v, AGE_KEPT["root-prune"]],
    "core-in-place": [CORE_SHARE * v, AGE_KEPT["core-in-place"]],
    "plant-out": [0, 1],
  }[action];
  const minutes = workMinutes(action, v);
  const handled = action === "up-pot" || action === "root-prune" || out;
  const rise = tree.kPerDegreeDay * effectiveWarmth(site.seasonDegreeDays, work?.lagDegreeDays ?? 0);
  const fixed = {
    pot: action === "up-pot" && !pots[move.pot].owned ? w.pot * pots[move.pot].price : 0,
    mix: w.mix * site.mixPricePerL * plus(litres),
    labour: w.labour * minutes,
    handling: handled ? w.handling : 0,
    shock: work === null ? 0 : w.shock * ((handled ? HANDLED_SHOCK : 0) + 2 * (1 - retained)) * tree.tolerance,
  };
  return {
    move,
    pot: move.pot,
    fixed,
    mixL: plus(litres),
    minutes,
    money: (action === "up-pot" && !pots[move.pot].owned ? pots[move.pot].price : 0) + site.mixPricePerL * plus(litres),
    fixedTotal: fixed.pot + fixed.mix + fixed.labour + fixed.handling + fixed.shock,
    retained: (retained * a) / v,
    circlingKept: work ? 1 - work.circlingRemoved : 1,
    rise,
    ageKept,
    handled,
    fromCircling,
    belowCircling,
    needsRoots: action === "up-pot" || out,
    leastX:
      action === "up-pot" && v > (tree.ordinaryStep ?? Infinity) * a
        ? halfRootedFromX((retained * a) / v, rise)
        : -Infinity,
    dueX:
      action === "up-pot" && tree.dueFill
        ? logitOf(tree.dueFill) - tree.kPerDegreeDay * site.seasonDegreeDays
        : -Infinity,
    fromSeason: out && goal.plantOut ? goal.plantOut.season : 0,
  };
}

/** Logit fill from which a pot is half rooted by the season's end; infinite where no ball is full enough. */
function halfRootedFromX(retained: number, rise: number): number {
  const fill = 1 / (1 + Math.exp(rise)) / retained;
  return fill > FILL_MOST ? Infinity : logitOf(fill);
}

/** Out of the pots nothing is asked of a plan any more. */
function inGround(problem: LadderProblem): LadderOption {
  const ground = problem.pots.length;
  const stay = optionOf(problem, 0, { action: "stay", correction: null, pot: 0 }, 0, Infinity);
  return { ...stay, move: { ...stay.move, pot: ground }, pot: ground };
}

/** A state, and what it cost to come there: one shape for all, which keeps the search quick. */
export class Played implements LadderState {
  pot = 0;
  x = 0.1;
  circling = 0.1;
  age = 0.1;
  cost = 0.1;
  set(s: Readonly<LadderState>): this {
    this.pot = s.pot;
    this.x = s.x;
    this.circling = s.circling;
    this.age = s.age;
    return this;
  }
}

/**
 * One move and the season after it, into `to`. Adds to `parts` where given.
 * @param last the plan's last season
 */
export function playSeason(
  tables: LadderTables,
  s: Readonly<Played>,
  m: LadderOption,
  season: number,
  last: boolean,
  to: Played,
  parts?: Record<LadderPart, number>,
): void {
  const { site, goal, weights: w } = tables.problem;
  const tail = last ? TAIL : 1;
  to.pot = m.pot;
  if (m.pot === tables.pots.length) {
    // Planting out is the last that counts; size short of the goal is missed for good.
    const out = m.needsRoots ? tables.pots[s.pot] : null;
    const lift = out ? out.liftHandled : 0;
    const miss = out ? w.miss * out.short : 0;
    to.x = s.x;
    to.circling = m.circlingKept * s.circling;
    to.age = s.age + 1;
    to.cost = out ? m.fixedTotal + lift + miss : 0;
    if (parts && out) {
      for (const part of FIXED_PARTS) parts[part] += m.fixed[part];
      parts.lift += lift;
      parts.miss += miss;
    }
    return;
  }
  const p = tables.pots[m.pot];
  const f0 = fillAt(s.x);
  let fillStart = f0;
  let x0 = s.x;
  if (m.retained !== 1) {
    fillStart = Math.min(FILL_MOST, m.retained * f0);
    x0 = logitOf(fillStart);
  }
  const c0 = m.circlingKept * s.circling;
  const x1 = Math.min(X_LADDER_MOST, x0 + m.rise);
  const f1 = fillAt(x1);
  const c1 =
    x1 <= TURNING_FROM_X
      ? c0
      : turningBySoftplus(c0, x0, x0 > TURNING_FROM_X ? softplusAt(x0) : 0, x1, softplusAt(x1), p.turning);
  const ageBefore = m.ageKept * s.age;
  const age = ageBefore + 1;

  const airShort = Math.min(1, Math.max(0, (0.35 - Math.max(0.05, 0.22 - 0.02 * ageBefore)) / 0.25));
  const days = p.wetA / (p.wetB + p.wetC * fillStart);
  const wet = days > 7 ? (1 - fillStart) * (1 - Math.exp((7 - days) / 10)) * airShort * site.coolWet : 0;
  let overWeight: number = USUAL_FULLNESS.over;
  let boundWeight: number = USUAL_FULLNESS.bound;
  // A full ball is kept cheaply in the pot it is to stay in; on its way to a larger one, full is slow.
  if (tables.wellFed && p.final) ({ over: overWeight, bound: boundWeight } = fullness(true, c1, age));
  const g = growthFactor((fillStart + f1) / 2, (c0 + c1) / 2, overWeight);
  const overdue = goal.bySeason !== null && season >= goal.bySeason;
  const oversized = w.oversize * wet;
  const bound = w.bound * boundWeight * (5 * plus(f1 - 0.9) + plus(c1 - 1) / 3);
  const lift = tail * (m.handled ? p.liftHandled : p.lift);
  const depth = tail * p.depth;
  const growth = tail * w.growth * (1 - g * p.size);
  const notOut = goal.plantOut !== null && season >= goal.plantOut.season;
  const miss = last ? w.miss * ((p.short > 0 ? p.short : plus(0.5 - f1)) + (notOut ? 1 : 0)) : 0;
  const late = (overdue ? w.late * p.short : 0) + (notOut ? w.late : 0);
  const old = age / site.mixLifeYears;
  const aged = w.age * old * old;
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
  to.x = x1;
  to.circling = c1;
  to.age = age;
  to.cost = m.fixedTotal + oversized + bound + lift + depth + growth + miss + late + aged;
}

export function startOf({ tree }: LadderProblem): Played {
  return new Played().set({ pot: 0, x: logitOf(tree.fill), circling: tree.circling, age: tree.mixAgeYears });
}
