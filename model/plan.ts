import { type IsoDate, toIso } from "@/core/dates/index";
import {
  type LadderInputs,
  ladderInputsOf,
  LEAST_RATIO,
  type LadderPot,
  type LadderProblem,
  type LadderStep,
  type PlanChange,
  type PlannedLadder,
  bySchool,
  type Planner,
  type PlanTask,
  type School,
  planTree,
  sameVolume,
  shownSeasons,
} from "@/core/ladder/index";
import type { TreeGoal } from "./goal";
import { chosenPlan, type LadderSetting, type OffLadder } from "./ladder-problem";
import type { TreeOnDay } from "./tree-on-day";

/** A step of a plan, in a growing season by name. */
type PlannedStep = Omit<LadderStep, "pot" | "growth" | "circling" | "mixAgeYears" | "cost">;

/** What is planned for a tree over the years, as far as it is shown. */
export interface TreePlan {
  planner: Planner;
  /** Its grower follows this one; else it is made anew whenever something changes. */
  pinned: boolean;
  firstSeason: number;
  /** The mix it starts in, L, and the day of the potting before it: in another pot it is nobody's plan any more. */
  fromL: number;
  pottedOn: IsoDate | null;
  goal: TreeGoal;
  /** Without the seasons in which nothing is done. */
  steps: PlannedStep[];
  /** Season in which the goal is met; null: not within those shown. */
  meets: number | null;
  heldByLift: boolean;
  /** It waits a season, since room is short and others lose more by waiting. */
  forRoom: boolean;
  inputs: LadderInputs;
  /** How it differs from the one before, since when, and what of its grounds has changed; null: as before. */
  changed: { on: IsoDate; changes: PlanChange[]; why: (keyof LadderInputs)[] } | null;
}

/** Plans made before, as a yard is opened with them. */
export interface KeptPlans {
  of: ReadonlyMap<string, TreePlan>;
  /** Trees whose plan is being made anew. */
  making: ReadonlySet<string>;
}

/** A tree's plan as a task for a thread; why it has none. */
export function planTaskOf(day: TreeOnDay, setting: LadderSetting | OffLadder = day.ladder()): PlanTask | OffLadder {
  if (typeof setting === "string") return setting;
  const { terms } = day.yard.on(day.day).shelf;
  return {
    treeId: day.record.id,
    planner: setting.planner,
    problem: setting.problem,
    firstSeason: setting.firstSeason,
    agreed: chosenPlan(day.events, day.day)?.steps ?? [],
    set: day.record.set ?? null,
    hold: null,
    withHold: (terms?.summerM2 ?? null) !== null || (terms?.winterM2 ?? null) !== null,
  };
}

/** What is kept of a plan that was found. */
export function treePlanOf(
  { problem, agreed }: Pick<PlanTask, "problem" | "agreed">,
  { planner, firstSeason, plan, meets, heldByLift }: PlannedLadder,
  { goal, pottedOn, forRoom = false }: Pick<TreePlan, "goal" | "pottedOn"> & { forRoom?: boolean },
): TreePlan {
  return {
    planner,
    pinned: agreed.length > 0,
    firstSeason,
    fromL: problem.tree.volumeL,
    pottedOn,
    goal,
    steps: plan.steps.slice(0, shownSeasons(problem.seasons)).flatMap((s): PlannedStep[] => {
      if (s.action === "stay") return [];
      const { pot: _pot, growth: _growth, circling: _circling, mixAgeYears: _age, cost: _cost, ...step } = s;
      return [{ ...step, season: firstSeason + s.season }];
    }),
    meets: meets === null ? null : firstSeason + meets,
    heldByLift,
    forRoom,
    inputs: ladderInputsOf(problem),
    changed: null,
  };
}

/** The day its last potting is told by; null: it came in its pot. */
export const pottedOnOf = ({ roots }: Pick<TreeOnDay, "roots">): IsoDate | null =>
  roots.disturbedOn === null ? null : toIso(roots.disturbedOn);

/** A tree's plan made at once: of a question asked, where none are kept; by another school than its own, if asked, and free of what was accepted. */
export function planNow(day: TreeOnDay, school?: School): TreePlan | null {
  const setting = day.ladder();
  const own = planTaskOf(day, setting);
  if (typeof own === "string" || typeof setting === "string") return null;
  const task = school ? bySchool(own, school) : own;
  return treePlanOf(task, planTree(task), { goal: setting.goal, pottedOn: pottedOnOf(day) });
}

/** The plan that was kept for a tree, as far as it still stands in the pot it was made for. */
export function keptPlan(day: TreeOnDay, { of }: KeptPlans): TreePlan | null {
  const plan = of.get(day.record.id);
  if (!plan || plan.pottedOn !== pottedOnOf(day) || !day.roots.pot) return null;
  return sameVolume(plan.fromL, day.roots.volumeL.p50) ? plan : null;
}

/** What a plan rests on, apart from the pots in store: as text that is the same as long as they are. */
export function planBasis({ problem, agreed, firstSeason, planner, set, withHold }: PlanTask): string {
  const { pots, ...rest } = problem;
  const bought = pots.filter((p) => p.id === "now" || (!p.owned && isOnItsWay(problem, p)));
  return JSON.stringify([rest, bought, agreed, firstSeason, planner, set, withHold]);
}

/** A pot a tree might go into: smaller ones, and those beyond its goal, are none of its business. */
const isOnItsWay = ({ tree, goal }: LadderProblem, { volumeL }: LadderPot) =>
  volumeL >= LEAST_RATIO * tree.volumeL && volumeL <= goal.maxL;

const storedPots = (problem: LadderProblem) =>
  problem.pots
    .filter((p) => p.owned && p.id !== "now" && isOnItsWay(problem, p))
    .map((p) => `${p.id}:${p.volumeL.toPrecision(4)}`);

/** Pots of the store as a plan was made on them: all it could choose from, and those it uses. */
export interface PlanShelf {
  could: string[];
  uses: string[];
}

export function planShelfOf({ problem }: Pick<PlanTask, "problem">, { plan }: PlannedLadder): PlanShelf {
  const used = new Set(plan.steps.map((s) => s.potId));
  const could = storedPots(problem);
  return { could, uses: could.filter((key) => used.has(key.slice(0, key.lastIndexOf(":")))) };
}

/** Whether another store would leave a plan as it is: what it uses is there, and nothing is that it could not choose from. */
export function shelfStands({ problem }: Pick<PlanTask, "problem">, { could, uses }: PlanShelf): boolean {
  const now = storedPots(problem);
  return uses.every((key) => now.includes(key)) && now.every((key) => could.includes(key));
}
