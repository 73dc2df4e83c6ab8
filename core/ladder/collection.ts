import { type AgreedStep, changesFrom, keptSteps, type PlanChange } from "./keep";
import { metIn } from "./goal";
import { type LadderProblem, shownSeasons } from "./model";
import { HANDLINGS } from "./summary";
import type { Planner, School } from "./names";
import { SCHOOL_WEIGHTS } from "./schools";
import type { FixedStep } from "./search";
import { followMoves, type LadderPlan, planAround, planLadder, QUICK_SEARCH } from "./plan";

/** One tree to plan, as plain data: it travels to a worker thread. */
export interface PlanTask {
  treeId: string;
  planner: Planner;
  problem: LadderProblem;
  firstSeason: number;
  /** Steps agreed to earlier; empty: none. */
  agreed: AgreedStep[];
  /** The set it is kept alike with. */
  set: string | null;
  /** Waits with its next step in this season (from the plan's first), for want of room. */
  hold: number | null;
  /** Also say what waiting one season with its next step would cost. */
  withHold: boolean;
}

export interface PlannedLadder {
  treeId: string;
  planner: Planner;
  firstSeason: number;
  plan: LadderPlan;
  /** Agreed steps of the coming seasons: kept, or they cannot be taken any more; null: nothing was agreed. */
  kept: boolean | null;
  changes: PlanChange[];
  /** Season (from the plan's first) in which the goal is met; null: not within the seasons shown. */
  meets: number | null;
  /** It would get to its goal if more could be lifted. */
  heldByLift: boolean;
  /** Season of its next step into a larger pot, where it comes soon, and what waiting with it costs. */
  nextStep: number | null;
  /** What waiting a season with its next step into a larger pot costs, in the planner's unit; null: no such step soon, or not asked. */
  holdCost: number | null;
}

/** An agreed ladder is only left for one that is better by more than this share. */
const WORTH_A_CHANGE = 0.01;

export function planTree(task: PlanTask): PlannedLadder {
  const { problem, agreed, firstSeason } = task;
  const held: FixedStep[] = task.hold === null ? [] : [{ season: task.hold, action: "stay", pot: 0 }];
  const keeping = (seasons?: number) => [
    ...held,
    ...keptSteps(problem, firstSeason, agreed, seasons).filter((f) => f.season !== task.hold),
  ];
  const fixed = keeping();
  const around = fixed.length > 0 ? planAround(problem, fixed, QUICK_SEARCH) : null;
  const anew = around ?? planLadder(problem, QUICK_SEARCH);
  const asAgreed = agreed.length > 0 ? planAround(problem, keeping(problem.seasons), QUICK_SEARCH) : null;
  const stands = asAgreed !== null && asAgreed.cost <= (1 + WORTH_A_CHANGE) * anew.cost;
  const kept = agreed.length === 0 ? null : fixed.length === 0 || around !== null;
  return planned(task, stands ? asAgreed : anew, kept);
}

/** Trees of one set on one ladder: of their own ladders the one that suits all of them best. */
export function planSet(tasks: readonly PlanTask[]): PlannedLadder[] {
  const own = tasks.map(planTree);
  if (tasks.length < 2) return own;
  let best: LadderPlan[] | null = null;
  let least = Infinity;
  for (const leader of own) {
    const plans = tasks.map((t) => followMoves(t.problem, leader.plan.steps));
    const cost = plans.reduce((sum, p) => sum + p.cost, 0);
    if (cost < least) [best, least] = [plans, cost];
  }
  return tasks.map((t, i) => planned(t, best![i], own[i].kept));
}

function planned(task: PlanTask, plan: LadderPlan, kept: boolean | null): PlannedLadder {
  const { problem, firstSeason } = task;
  const shown = shownSeasons(problem.seasons);
  const within = (season: number | null) => (season === null || season >= shown ? null : season);
  const meets = within(metIn(problem, plan));
  const free = (): LadderProblem => ({ ...problem, site: { ...problem.site, liftKg: 1e6 } });
  const heldByLift =
    meets === null && problem.site.movedForWinter && within(metIn(problem, planLadder(free(), QUICK_SEARCH))) !== null;
  const next = plan.steps.findIndex((s) => s.action === "up-pot");
  const soon = next >= 0 && next < 2;
  const held =
    task.withHold && soon ? planAround(problem, [{ season: next, action: "stay", pot: 0 }], QUICK_SEARCH) : null;
  return {
    treeId: task.treeId,
    planner: task.planner,
    firstSeason,
    plan,
    kept,
    changes: changesFrom(task.agreed, firstSeason, plan),
    meets,
    heldByLift,
    nextStep: soon ? next : null,
    holdCost: held ? Math.max(0, held.cost - plan.cost) : null,
  };
}

/** The same task by a school's weights, free of what was accepted. */
export function bySchool(task: PlanTask, school: School): PlanTask {
  return { ...task, planner: school, agreed: [], problem: { ...task.problem, weights: SCHOOL_WEIGHTS[school] } };
}

/** What a school asks of a collection: work, mix and money of the coming seasons, and how many trees get where they are to. */
export interface SchoolTotal {
  school: School;
  /** Plants worked on, litres, minutes and money in each of the first seasons. */
  seasons: { plants: number; mixL: number; minutes: number; money: number }[];
  /** Of all plants, within the seasons shown: those that get to their goal; liftings of a ball. */
  reached: number;
  plants: number;
  handlings: number;
}

export function schoolTotal(
  school: School,
  planned: readonly { ladder: PlannedLadder; plants: number }[],
  { firstSeason, seasons, shown }: { firstSeason: number; seasons: number; shown: number },
): SchoolTotal {
  const total: SchoolTotal = {
    school,
    seasons: Array.from({ length: seasons }, () => ({ plants: 0, mixL: 0, minutes: 0, money: 0 })),
    reached: 0,
    plants: 0,
    handlings: 0,
  };
  for (const { ladder, plants } of planned) {
    total.plants += plants;
    if (ladder.meets !== null) total.reached += plants;
    for (const step of ladder.plan.steps.slice(0, shown)) {
      if (step.action === "stay") continue;
      if (HANDLINGS.has(step.action)) total.handlings += plants;
      const of = total.seasons.at(ladder.firstSeason + step.season - firstSeason);
      if (!of || ladder.firstSeason + step.season < firstSeason) continue;
      of.plants += plants;
      of.mixL += plants * step.mixL;
      of.minutes += plants * step.minutes;
      of.money += plants * step.money;
    }
  }
  return total;
}

/** Trees in lots of a size, sets kept whole. */
export function lotsOf(tasks: readonly PlanTask[], size: number): PlanTask[][] {
  const sets = new Map<string, PlanTask[]>();
  for (const t of tasks) {
    const key = t.set ?? t.treeId;
    sets.set(key, [...(sets.get(key) ?? []), t]);
  }
  const lots: PlanTask[][] = [[]];
  for (const members of sets.values()) {
    if (lots[lots.length - 1].length >= size) lots.push([]);
    lots[lots.length - 1].push(...members);
  }
  return lots.filter((lot) => lot.length > 0);
}

/** Plans a lot: trees alone, sets together. */
export function planLot(tasks: readonly PlanTask[]): PlannedLadder[] {
  const sets = new Map<string, PlanTask[]>();
  for (const t of tasks) if (t.set !== null) sets.set(t.set, [...(sets.get(t.set) ?? []), t]);
  return [...tasks.filter((t) => t.set === null).map(planTree), ...[...sets.values()].flatMap(planSet)];
}
