import { type CorrectionName, DUE_CIRCLING, oversize } from "../roots/index";
import type { Wall } from "../vessel/index";
import { workMinutes } from "./minutes";
import type { LadderAction } from "./names";
import type { LadderWeights } from "./schools";

/** A pot the plan may use; the one the tree stands in is one of them. */
export interface LadderPot {
  id: string;
  /** Mix in place. */
  volumeL: number;
  heightMm: number;
  /** Outside, at its widest; null or absent: as wide as tall. */
  widthMm?: number | null;
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
  /** Largest step of schools of long jumps, where each large one must be proven; absent: as the school has it. */
  provenStep?: number;
  /** Largest step of a seedling or liner, which goes up by stage whatever the school. */
  youngStep?: number;
  /** It is watered and fed well: a full ball whose roots do not turn much costs it little. */
  wellFed?: boolean;
  /** A smaller step than by this factor is not taken where a larger one may be; absent: as small as gains something. */
  leastStep?: number;
  /** A step by more than this factor must be half rooted by its season's end; absent: the school alone says. */
  ordinaryStep?: number;
  /** It moves up in a season in which it would else come to be so full; absent: as soon as its ball holds. */
  dueFill?: number;
  /** How hard a disturbance weighs: 1 usual. */
  tolerance: number;
  /** Height above the mix, where somebody measured it. */
  heightMm?: number | null;
  /** How its kind stands wind; usual where nobody said. */
  wind?: "sturdy" | "usual" | "brittle";
}

export interface LadderSite {
  seasonDegreeDays: number;
  /** How cool and wet the resting season is, 0–1: what unrooted mix suffers. */
  coolWet: number;
  liftKg: number;
  /** What gear and trained people lift at most: above it a ball stays where it is. Null or absent: no such limit. */
  gearKg?: number | null;
  movedForWinter: boolean;
  /** No larger pot is taken where it must be carried, L; null or absent: what is too heavy only costs. */
  mostCarriedL?: number | null;
  mixKgPerL: number;
  mixPricePerL: number;
  mixLifeYears: number;
  rootDepthNeedMm: number | null;
  /** Narrowest door and lowest headroom on its way in for the winter; null or absent: none in the way. */
  doorMm?: number | null;
  headroomMm?: number | null;
}

export interface LadderGoal {
  minL: number;
  /** Share of it that is as good; absent: the whole. */
  near?: number;
  maxL: number;
  /** Season (0 first) by whose end the goal is wanted; null: no date. */
  bySeason: number | null;
  /** It goes into the ground in this season, or as soon after it as its roots allow; null: it stays in pots. */
  plantOut: { season: number } | null;
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

/** Schools whose largest step is this or more take long jumps. */
const LONG_JUMPS_FROM = 10;
/** A larger step than this gains something. */
const LEAST_STEP = 1.15;
/** Growth a volume allows goes with its power: what trees in pots of many sizes weighed. */
export const SIZE_EXPONENT = 0.516;
/** The last season's lift, depth and growth count so many times: a plan must not cheat at its end. */
export const TAIL = 4;
/** Every lifting shakes a ball so much, in the unit of root loss. */
export const HANDLED_SHOCK = 0.15;

/** Roots that turn more than this are corrected before they go into the ground. */
export const GROUND_CIRCLING_MOST = 1;

export const plus = (v: number) => (v > 0 ? v : 0);

/** Pots nearer than this in volume are the same to a plan. */
export const sameVolume = (a: number, b: number) => Math.abs(Math.log(a / b)) < 0.03;

/** Everything a plan is worked out on. `pots[0]` is the pot the tree stands in. */
export interface LadderProblem {
  tree: LadderTree;
  pots: LadderPot[];
  site: LadderSite;
  goal: LadderGoal;
  seasons: number;
  weights: LadderWeights;
  /** Only pots that are there already; absent: what is needed is bought. */
  onlyOwned?: boolean;
  /** Money for pots and mix over the seasons shown; null or absent: no such limit. */
  budget?: number | null;
}

/**
 * What a full ball costs in growth, and as bound, where it is watered and fed well, its roots turn less than grade 2 and its mix is no
 * older than so many years; by so many more the packed ball has all of its usual weight (L).
 */
export const WELL_FED = { over: 0.1, bound: 0.1, keepsYears: 4, tiresYears: 10 } as const;
export const USUAL_FULLNESS = { over: 0.55, bound: 1 } as const;
/** Share of its usual weight a full ball has: little up to a grade of turning of 2 in fresh mix, all of it at grade 4 or in old mix. */
export function fullness(
  wellFed: boolean | undefined,
  circling: number,
  mixAgeYears: number,
): { over: number; bound: number } {
  if (!wellFed) return USUAL_FULLNESS;
  const share = packedShare(circling, mixAgeYears);
  return {
    over: WELL_FED.over + (USUAL_FULLNESS.over - WELL_FED.over) * share,
    bound: WELL_FED.bound + (USUAL_FULLNESS.bound - WELL_FED.bound) * share,
  };
}

function packedShare(circling: number, mixAgeYears: number): number {
  const turned = plus(circling - DUE_CIRCLING) / (4 - DUE_CIRCLING);
  const tired = plus(mixAgeYears - WELL_FED.keepsYears) / WELL_FED.tiresYears;
  return Math.min(1, Math.max(turned, tired));
}

/**
 * Top growth of a season by how full and how turned the ball is.
 * @example growthFactor(0.5, 0) // 1
 */
export function growthFactor(fill: number, circling: number, overWeight: number = USUAL_FULLNESS.over): number {
  const over = plus((fill - 0.8) / 0.2);
  const held = 1 - overWeight * over * Math.sqrt(over) - 0.06 * circling;
  return (0.6 + 0.4 * Math.min(1, fill / 0.35)) * Math.max(0.25, held);
}

/** A tree grows taller with about the third root of its mass. Our judgement (L). */
const HEIGHT_EXPONENT = SIZE_EXPONENT / 3;

/** Height above the mix in so much mix, mm; 0 where nobody measured it. */
export function heightAtMm({ heightMm, volumeL }: LadderTree, inL: number): number {
  return heightMm ? heightMm * (inL / volumeL) ** HEIGHT_EXPONENT : 0;
}

/** Why a tree in this pot could not be brought in for the winter; null: it could, or need not be. */
export function barredBy({ tree, pots, site }: LadderProblem, p: number): "door" | "headroom" | null {
  if (!site.movedForWinter) return null;
  const pot = pots[p];
  if (site.doorMm && (pot.widthMm ?? pot.heightMm) > site.doorMm) return "door";
  return site.headroomMm && pot.heightMm + heightAtMm(tree, pot.volumeL) > site.headroomMm ? "headroom" : null;
}

/** Whether a move from one pot to another is a step of the school, of the kind, within the goal, and can be brought in. */
export function isStep(problem: LadderProblem, from: number, to: number): boolean {
  const { tree, pots, goal, weights } = problem;
  const ratio = pots[to].volumeL / pots[from].volumeL;
  const school = tree.provenStep && weights.maxRatio >= LONG_JUMPS_FROM ? tree.provenStep : weights.maxRatio;
  const most = Math.min(tree.youngStep ?? school, tree.largestStep ?? Infinity);
  return (
    to !== from &&
    ratio >= LEAST_STEP &&
    ratio <= most &&
    pots[to].volumeL <= Math.min(goal.maxL, problem.site.mostCarriedL ?? Infinity) &&
    (pots[to].owned || !problem.onlyOwned) &&
    barredBy(problem, to) === null
  );
}

/** Whether so many litres are the goal, or close enough to be as good. */
export const isThere = ({ minL, near = 0.999 }: LadderGoal, volumeL: number): boolean => volumeL >= near * minL;

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
    w.labour * workMinutes("up-pot", b) +
    w.handling +
    w.shock * HANDLED_SHOCK * tree.tolerance +
    w.oversize * oversize(Math.min(0.995, (0.995 * a) / b), b, 0.22, site.coolWet).index
  );
}

/** The last third of a plan is bent by its end. */
export const shownSeasons = (seasons: number) => Math.max(1, Math.round((2 * seasons) / 3));
