import { potToBuy, USUAL_VOLUMES_L } from "./market";
import { metIn, meets } from "./goal";
import type { LadderProblem } from "./model";
import { type LadderPlan, planLadder, QUICK_SEARCH } from "./plan";
import { bearsNoPruning } from "./season";
import type { LadderSummary } from "./summary";

/** What may stand between a tree and its goal. */
export const CONSTRAINTS = ["lift", "door", "school-step", "kind-step", "pots", "depth", "money", "seasons"] as const;
export type Constraint = (typeof CONSTRAINTS)[number];

export interface Relief {
  constraints: Constraint[];
  /** Season by whose end the goal would then be reached. */
  season: number;
}

const LONGER = 8;
const LONGEST = 30;

const RELAXED: Record<Constraint, (p: LadderProblem) => LadderProblem | null> = {
  lift: (p) => ({ ...p, site: { ...p.site, liftKg: 1e6 } }),
  door: (p) =>
    p.site.doorMm || p.site.headroomMm ? { ...p, site: { ...p.site, doorMm: null, headroomMm: null } } : null,
  "school-step": (p) => (p.weights.maxRatio < 14 ? { ...p, weights: { ...p.weights, maxRatio: 14 } } : null),
  "kind-step": (p) => (p.tree.largestStep === null ? null : { ...p, tree: { ...p.tree, largestStep: null } }),
  pots: (p) => ({ ...p, onlyOwned: false, pots: [...p.pots, ...USUAL_VOLUMES_L.map(potToBuy)] }),
  depth: (p) => (p.site.rootDepthNeedMm === null ? null : { ...p, site: { ...p.site, rootDepthNeedMm: null } }),
  money: (p) => (p.budget == null ? null : { ...p, budget: null }),
  seasons: (p) =>
    p.goal.bySeason === null && p.goal.plantOut === null && p.seasons < LONGEST
      ? { ...p, seasons: Math.min(LONGEST, p.seasons + LONGER) }
      : null,
};

/** What would have to give so that the goal is met: each constraint alone, or the pairs that do it together. Empty where it is met, or nothing helps. */
export function relieve(problem: LadderProblem, plan: LadderPlan): Relief[] {
  if (meets(problem, plan)) return [];
  const tryWith = (constraints: Constraint[]): Relief | null => {
    let relaxed: LadderProblem | null = problem;
    for (const c of constraints) relaxed = relaxed && RELAXED[c](relaxed);
    if (!relaxed) return null;
    const found = planLadder(relaxed, QUICK_SEARCH);
    return meets(relaxed, found) ? { constraints, season: metIn(relaxed, found)! } : null;
  };
  const alone = CONSTRAINTS.flatMap((c) => tryWith([c]) ?? []);
  if (alone.length > 0) return alone;
  return CONSTRAINTS.flatMap((a, i) => CONSTRAINTS.slice(i + 1).flatMap((b) => tryWith([a, b]) ?? []));
}

/**
 * Whether there is no good plan at all: roots that bear no pruning, bound for most of the seasons shown. Such a tree wants another
 * goal, or the ground.
 */
export function noGoodPlan({ tree }: LadderProblem, { seasonsBound }: LadderSummary, shown: number): boolean {
  return bearsNoPruning(tree) && seasonsBound > shown / 2;
}

/** Largest volume of mix that may still be lifted in a plastic pot of that size, L; null where it need not be. */
export function mostLiftedL({ site }: LadderProblem): number | null {
  if (!site.movedForWinter) return null;
  let [low, high] = [0, 5000];
  for (let i = 0; i < 40; i++) {
    const mid = (low + high) / 2;
    if (mid * site.mixKgPerL + potToBuy(mid).massKg <= site.liftKg) low = mid;
    else high = mid;
  }
  return low;
}
