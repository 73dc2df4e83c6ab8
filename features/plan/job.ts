import "server-only";
import { addYears, growingSeason, midwinterOf, toDay, toIso } from "@/core/dates/index";
import {
  areasOf,
  busiestWeek,
  bySchool,
  changedInputs,
  easedDays,
  easingOf,
  HANDLINGS,
  ladderInputsOf,
  type LadderStep,
  monthLoads,
  type PlannedLadder,
  potToBuy,
  potWidthMm,
  potsToBuy,
  SCHOOLS,
  type SchoolTotal,
  schoolTotal,
  shownSeasons,
  type YearStep,
} from "@/core/ladder/index";
import type { LinearSolution } from "@/core/linear/index";
import { type GrowersCalendar, hoursBetween } from "@/core/people/index";
import { MODEL_VERSION, mostLiftedKg, PLANNED_SEASONS } from "@/model/index";
import type { JobHandler } from "@/server/job-runner";
import { threads } from "@/server/threads";
import type { ThreadTask } from "@/workers/plan.server";
import { viewCollection } from "@/features/kernel/collection/load";
import { makePlans, planned } from "@/features/kernel/collection/planning";
import { operationOfStep } from "@/features/plan/tree/windows";
import type { CollectionPlan, PlannedTree } from "./plan";
import { type CollectionTask, collectionTasks } from "./tasks";

/** Seasons whose weeks are eased one by one; later ones stand at the middle of their windows. */
const EASED_SEASONS = 3;
const EASE_LIMITS = { timeLimitS: 4, gap: 0.01 };
/** Without a window a step is put down for so many days after midwinter. */
const SPRING_DAYS = 100;

/** Plans every tree of a collection on the pool of threads, then its years. */
export const planLadders: JobHandler = async (job, beat) => {
  const from = performance.now();
  const view = await viewCollection(job.collectionId);
  if (!view) throw new Error("no such collection");
  const { shelf } = view.yard.on(view.today);
  const { tasks, off } = await collectionTasks(view);
  const { calendar } = view.loaded;
  const plans = await makePlans(view, { progress: beat });
  const total = tasks.length + 1;
  await beat(tasks.length, total);
  const ladders = new Map([...plans.rows].map(([treeId, row]) => [treeId, row.held?.ladder ?? row.free]));
  const held = new Map([...plans.rows].flatMap(([treeId, row]) => (row.held ? [[treeId, row.held] as const] : [])));

  const shown = shownSeasons(PLANNED_SEASONS);
  const { latitudeDeg } = view.yard.site;
  const steps = tasks.flatMap((t) => yearSteps(t, ladders.get(t.task.treeId)!, shown, latitudeDeg));
  const firstSeason = Math.min(
    ...tasks.map((t) => t.task.firstSeason),
    growingSeason(toDay(view.today), latitudeDeg) + 1,
  );
  const peak = await ease(steps, firstSeason, calendar);
  await beat(total, total);
  const liftKg = mostLiftedKg(calendar);
  const market = marketOf(tasks);
  const toBuy = potsToBuy(
    steps,
    new Map(shelf.stored.map((p) => [p.lotId, p.free])),
    (potId, volumeL) => market.get(potId)?.price ?? potToBuy(volumeL).price,
  );
  const stepsOf = new Map<string, YearStep[]>();
  for (const s of steps) stepsOf.set(s.treeId, [...(stepsOf.get(s.treeId) ?? []), s]);
  const plan: CollectionPlan = {
    today: view.today,
    revision: view.collection.revision,
    model: MODEL_VERSION,
    firstSeason,
    seasons: shown,
    trees: tasks.map((t) =>
      plannedTree(
        t,
        ladders.get(t.task.treeId)!,
        stepsOf.get(t.task.treeId) ?? [],
        held.get(t.task.treeId)?.cost ?? null,
        shown,
        toBuy.short,
      ),
    ),
    off,
    months: monthLoads(
      steps,
      (day) => toIso(day).slice(0, 7),
      liftKg,
      (s) => HANDLINGS.has(s.action),
    ).map((m) => ({ ...m, hours: hoursOfMonth(calendar, m.month) })),
    peak,
    pots: merged(toBuy.lines.map((p) => ({ ...p, name: market.get(p.potId)?.name ?? "" }))),
    areas: areasOf(
      tasks.map((t) => ({
        plants: t.plants,
        carried: t.setting.problem.site.movedForWinter,
        widths: widthsOf(t, ladders.get(t.task.treeId)!, shown, firstSeason),
      })),
      firstSeason,
      shown,
    ),
    liftKg,
    schools: await bySchools(tasks, firstSeason, shown, () => beat(total, total)),
    tookMs: performance.now() - from,
  };
  return JSON.stringify(plan);
};

/** Seasons of which the schools' work is compared. */
const COMPARED_SEASONS = 2;

/** The same trees by each of the four schools. */
async function bySchools(
  tasks: readonly CollectionTask[],
  firstSeason: number,
  shown: number,
  /** Ends the work where somebody stopped it: this is its longest part. */
  beat: () => Promise<void>,
): Promise<SchoolTotal[]> {
  const plants = new Map(tasks.map((t) => [t.task.treeId, t.plants]));
  return Promise.all(
    SCHOOLS.map(async (school) => {
      const asked = tasks.map(({ task }) => ({ ...bySchool(task, school), withHold: false }));
      const ladders = await planned(asked);
      await beat();
      return schoolTotal(
        school,
        ladders.map((ladder) => ({ ladder, plants: plants.get(ladder.treeId)! })),
        { firstSeason, seasons: COMPARED_SEASONS, shown },
      );
    }),
  );
}

/** Width of its pot by season of the collection's plan; null once it is in the ground. */
function widthsOf(t: CollectionTask, ladder: PlannedLadder, shown: number, firstSeason: number): (number | null)[] {
  const late = t.task.firstSeason - firstSeason;
  return Array.from({ length: shown }, (_, i) => {
    const step = ladder.plan.steps.at(Math.max(0, i - late));
    return i < late ? potWidthMm(t.setting.problem, 0) : step ? potWidthMm(t.setting.problem, step.pot) : null;
  });
}

/** Pots to buy by id: what they are called and cost. */
function marketOf(tasks: readonly CollectionTask[]): Map<string, { name: string; price: number }> {
  const market = new Map<string, { name: string; price: number }>();
  for (const { setting } of tasks)
    for (const pot of setting.problem.pots)
      if (!market.has(pot.id))
        market.set(pot.id, {
          // Of a pot in store there may be no other like it: any of its size will do.
          name: pot.owned ? "" : (setting.potNames[pot.id] ?? ""),
          price: pot.owned ? potToBuy(pot.volumeL).price : pot.price,
        });
  return market;
}

/** Pots of one name and size in one line a season. */
function merged(lines: CollectionPlan["pots"]): CollectionPlan["pots"] {
  const kept = new Map<string, CollectionPlan["pots"][number]>();
  for (const line of lines) {
    const key = `${line.season}:${line.name}:${Math.round(line.volumeL)}`;
    const known = kept.get(key);
    if (known) {
      known.count += line.count;
      known.price += line.price;
    } else kept.set(key, { ...line });
  }
  return [...kept.values()];
}

function stepDays(t: CollectionTask, step: LadderStep, season: number, latitudeDeg: number) {
  const operation = operationOfStep(step, t.rootShare);
  const usual = operation && t.windows[operation];
  if (!usual) return { window: null, day: midwinterOf(season, latitudeDeg) + SPRING_DAYS };
  const by = season - growingSeason(toDay(usual.from), latitudeDeg);
  const window = [toDay(addYears(usual.from, by)), toDay(addYears(usual.to, by))] as const;
  return { window, day: Math.floor((window[0] + window[1]) / 2) };
}

function yearSteps(t: CollectionTask, ladder: PlannedLadder, shown: number, latitudeDeg: number): YearStep[] {
  return ladder.plan.steps.slice(0, shown).flatMap((s): YearStep[] => {
    if (s.action === "stay") return [];
    const season = ladder.firstSeason + s.season;
    return [
      {
        treeId: t.task.treeId,
        season,
        action: s.action,
        correction: s.correction,
        potId: s.potId,
        volumeL: s.volumeL,
        plants: t.plants,
        mixL: s.mixL * t.plants,
        minutes: s.minutes * t.plants,
        money: s.money * t.plants,
        massKg: s.massKg,
        ...stepDays(t, s, season, latitudeDeg),
      },
    ];
  });
}

/** Shifts the steps of the coming seasons inside their windows so that no week asks for more than it must. */
async function ease(
  steps: YearStep[],
  firstSeason: number,
  calendar: GrowersCalendar,
): Promise<CollectionPlan["peak"]> {
  const hoursIn = (week: number) => hoursBetween(calendar, 7 * week, 7 * week + 6);
  const eased = steps.filter((s) => s.season < firstSeason + EASED_SEASONS);
  const before = busiestWeek(eased, (s) => s.day, hoursIn);
  if (!before) return null;
  const unmoved = new Map(eased.map((s) => [s, s.day]));
  for (let season = firstSeason; season < firstSeason + EASED_SEASONS; season++) {
    const easing = easingOf(
      eased.filter((s) => s.season === season),
      hoursIn,
    );
    if (easing.groups.length === 0) continue;
    const task: ThreadTask = { kind: "solve", model: easing.model, limits: EASE_LIMITS };
    const solution = (await threads().run(task)) as LinearSolution;
    if (solution.status === "none") continue;
    for (const [step, day] of easedDays(easing, solution)) step.day = day;
  }
  const after = busiestWeek(eased, (s) => s.day, hoursIn)!;
  const better = after.over < before.over || (after.over === before.over && after.hours < before.hours);
  if (!better) for (const [step, day] of unmoved) step.day = day;
  const end = better ? after : before;
  return {
    hoursKnown: hoursIn(before.week) !== null,
    before: before.hours,
    after: end.hours,
    overBefore: before.over,
    overAfter: end.over,
    moved: eased.filter((s) => Math.abs(s.day - unmoved.get(s)!) > 3).length,
  };
}

function hoursOfMonth(calendar: GrowersCalendar, month: string): number | null {
  const first = toDay(`${month}-01`);
  const next = new Date(`${month}-01T00:00:00Z`);
  next.setUTCMonth(next.getUTCMonth() + 1);
  return hoursBetween(calendar, first, toDay(next.toISOString().slice(0, 10)) - 1);
}

function plannedTree(
  t: CollectionTask,
  ladder: PlannedLadder,
  steps: readonly YearStep[],
  heldCost: number | null,
  shown: number,
  short: ReadonlySet<YearStep>,
): PlannedTree {
  const { problem } = t.setting;
  const inputs = ladderInputsOf(problem);
  const own = new Map(steps.map((s) => [s.season, s]));
  return {
    treeId: t.task.treeId,
    tag: t.tag,
    name: t.name,
    set: t.task.set,
    plants: t.plants,
    planner: ladder.planner,
    goalL: problem.goal.minL,
    cost: ladder.plan.cost,
    inputs,
    digest: t.digest,
    seasons: shown,
    steps: ladder.plan.steps.slice(0, shown).flatMap((s) => {
      const year = own.get(ladder.firstSeason + s.season);
      if (!year) return [];
      return [
        {
          season: year.season,
          action: s.action,
          correction: s.correction,
          potId: s.potId,
          pot: t.setting.potNames[s.potId] ?? "",
          toBuy: short.has(year),
          volumeL: s.volumeL,
          mixL: s.mixL,
          minutes: s.minutes,
          money: s.money,
          massKg: s.massKg,
          fill: s.fill,
          window: year.window && ([toIso(year.window[0]), toIso(year.window[1])] satisfies [string, string]),
          day: toIso(year.day),
        },
      ];
    }),
    meets: ladder.meets,
    heldByLift: ladder.heldByLift,
    kept: ladder.kept,
    changes: ladder.changes,
    why: t.chosen?.inputs ? changedInputs(t.chosen.inputs, inputs) : [],
    heldBySpace: heldCost,
  };
}
