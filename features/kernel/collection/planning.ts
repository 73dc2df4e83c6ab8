import "server-only";
import { createHash } from "node:crypto";
import type { PlansNow } from "@/contract/queries";
import { growingSeason, toDay } from "@/core/dates/index";
import {
  changedInputs,
  changesFrom,
  heldBySpace,
  lotsOf,
  planLot,
  type PlannedLadder,
  type PlanTask,
  type RoomTask,
} from "@/core/ladder/index";
import {
  type LadderSetting,
  MODEL_VERSION,
  mostLiftedKg,
  planBasis,
  planShelfOf,
  planTaskOf,
  pottedOnOf,
  shelfStands,
  type TreeOnDay,
  type TreePlan,
  treePlanOf,
} from "@/model/index";
import { tx } from "@/data/db";
import { keepPlans } from "@/data/derived";
import { log } from "@/server/log";
import { writers } from "@/server/pool";
import { threads } from "@/server/threads";
import type { ThreadTask } from "@/workers/plan.server";
import { type CollectionView, stateKey, viewCollection } from "./load";
import { type KeptRow, knownPlans, type Plans, plansOf } from "./plans";
import { finishTracks } from "./tracks";

/** Trees a thread takes at once: small enough that a cancel is felt. */
const LOT = 20;
/** Trees looked at before others of the process get their turn. */
const AT_ONCE = 10;

type PlanLot = (trees: PlanTask[]) => Promise<PlannedLadder[]>;
/** Says how many trees have been planned; throws where nobody wants it any more. */
type Progress = (planned: number, total: number) => Promise<void>;

const inThread: PlanLot = (trees) =>
  threads().run({ kind: "plan", trees } satisfies ThreadTask) as Promise<PlannedLadder[]>;

/** A tree whose plan is looked at. */
interface Looked {
  day: TreeOnDay;
  setting: LadderSetting;
  task: PlanTask;
  basis: string;
}

/** One map a process, however often the file is bundled. */
const holder = globalThis as typeof globalThis & { aurelianPlanning?: Map<string, Promise<Plans>> };
const running = (holder.aurelianPlanning ??= new Map<string, Promise<Plans>>());

/**
 * Brings every tree's plan up to date: those that stand are left, the others are made in threads and kept as they come, so that a stop
 * loses little. One at a time for a collection; who comes meanwhile waits for it.
 */
export async function makePlans(
  view: CollectionView,
  { plan = inThread, progress }: { plan?: PlanLot; progress?: Progress } = {},
): Promise<Plans> {
  const key = stateKey(view.collection);
  while (running.has(key)) await running.get(key)!.catch(() => undefined);
  const made = makeAll(view, plan, progress ?? (() => Promise.resolve()));
  running.set(key, made);
  try {
    return await made;
  } finally {
    running.delete(key);
  }
}

/** Whether trees or what they share have changed since their plans were last looked at. */
export function plansAreDue(view: CollectionView): boolean {
  const seen = knownPlans(stateKey(view.collection))?.seen;
  if (!seen || running.has(stateKey(view.collection))) return true;
  const now = seenNow(view);
  return now.shared !== seen.shared || [...now.trees].some(([id, state]) => seen.trees.get(id) !== state);
}

/** Which plans there are, and whether newer ones are being made: what a page asks that waits for them. */
export async function plansNow(collectionId: string): Promise<PlansNow | null> {
  const view = await viewCollection(collectionId);
  return view && { version: view.plansVersion, making: plansAreDue(view) };
}

/** Makes all plans anew in this thread and says whether those kept on the same grounds were the same; null when nothing was kept. */
export async function rebuildPlans(view: CollectionView): Promise<boolean | null> {
  const plans = await plansOf(writers(), stateKey(view.collection), view.collection);
  const before = plans.rows;
  plans.rows = new Map();
  plans.seen = null;
  const { rows } = await makePlans(view, { plan: (trees) => Promise.resolve(planLot(trees)) });
  const grounds = ({ basis, shelf }: KeptRow) => JSON.stringify([basis, shelf.could]);
  const found = ({ free }: KeptRow) => JSON.stringify(free.plan.steps);
  const kept = [...rows].flatMap(([id, row]) => {
    const old = before.get(id);
    return old && grounds(old) === grounds(row) ? [found(old) === found(row)] : [];
  });
  return kept.length === 0 ? null : kept.every(Boolean);
}

/** In the background, while pages show what there is; whatever goes wrong is only logged. */
export function wakePlans(view: CollectionView): void {
  if (running.has(stateKey(view.collection))) return;
  makePlans(view)
    .then(() => finishTracks(writers(), { collectionId: view.collection.id }, view.yard))
    .catch((err: unknown) => log().error({ err }, "plans were not made"));
}

async function makeAll(view: CollectionView, plan: PlanLot, progress: Progress): Promise<Plans> {
  const plans = await plansOf(writers(), stateKey(view.collection), view.collection);
  // Pages go on with the last plans until all are made: at one version they never see some of these and some of those.
  const next: Rows = new Map(plans.rows);
  try {
    plans.seen = await bringUp(view, plans, next, plan, progress);
  } finally {
    plans.making = new Set();
    // What pages show of a plan is its steps: made anew on newer grounds they may stay as they were.
    if (stepsOf(next) !== stepsOf(plans.rows)) plans.version++;
    plans.rows = next;
  }
  return plans;
}

async function bringUp(
  view: CollectionView,
  plans: Plans,
  rows: Rows,
  plan: PlanLot,
  progress: Progress,
): Promise<Plans["seen"]> {
  const { looked, seen, gone } = await lookOver(view, plans);
  for (const id of gone) rows.delete(id);
  const stale = staleOf(looked, rows);
  const scope = { collectionId: view.collection.id };
  let done = 0;
  plans.making = new Set(stale.map((l) => l.task.treeId));
  const byId = new Map(looked.map((l) => [l.task.treeId, l]));
  await progress(0, stale.length);
  await inLots(
    stale.map((l) => l.task),
    plan,
    async (planned) => {
      const made = planned.map((p) => ({ treeId: p.treeId, row: rowOf(view, byId.get(p.treeId)!, p, rows) }));
      await keep(scope, made, rows);
      await progress((done += planned.length), stale.length);
    },
  );
  await makeRoom(view, looked, rows, plan);
  return seen;
}

type Rows = Plans["rows"];

const stepsOf = (rows: Rows) =>
  sha(JSON.stringify([...rows].map(([id, { plan }]) => [id, plan.pottedOn, plan.steps, plan.changed])));

/** Runs lots beside one another; the first failure stops the rest from being kept. */
async function inLots(tasks: PlanTask[], plan: PlanLot, take: (planned: PlannedLadder[]) => Promise<void>) {
  if (tasks.length > 0) await Promise.all(lotsOf(tasks, LOT).map(async (lot) => take(await plan(lot))));
}

/** Plans that are only compared, and not kept. */
export async function planned(tasks: PlanTask[]): Promise<PlannedLadder[]> {
  const all: PlannedLadder[] = [];
  await inLots(tasks, inThread, (lot) => Promise.resolve(void all.push(...lot)));
  return all;
}

/** Rows in memory, and beside the log for the next start. */
async function keep(scope: { collectionId: string }, made: { treeId: string; row: KeptRow }[], rows: Rows) {
  for (const { treeId, row } of made) rows.set(treeId, row);
  const packed = made.map(({ treeId, row }) => ({ treeId, packed: JSON.stringify(row) }));
  try {
    await tx(writers(), (db) => keepPlans(db, scope, MODEL_VERSION, packed));
  } catch (err) {
    // Where they cannot be kept, the next start makes them anew: nothing else is lost.
    log().warn({ err }, "plans were not kept");
  }
}

/** The trees whose plans may have to be made anew: those with new entries, or all where something has changed that all share. */
async function lookOver(view: CollectionView, { seen, rows }: Plans) {
  const today = view.yard.on(view.today);
  const { living } = today;
  const { shared, trees } = seenNow(view);
  const same = seen?.shared === shared ? seen.trees : new Map<string, string>();
  // A set is planned together.
  const changed = new Set(living.filter((t) => !rows.has(t.id) || same.get(t.id) !== trees.get(t.id)));
  const sets = new Set([...changed].flatMap((t) => t.set ?? []));
  const asked = hasRoom(view) ? living : living.filter((t) => changed.has(t) || (t.set && sets.has(t.set)));
  const looked: Looked[] = [];
  let read = 0;
  for (const { id } of asked) {
    if (++read % AT_ONCE === 0) await new Promise(setImmediate);
    const day = today.tree(id)!;
    const setting = day.ladder();
    const task = planTaskOf(day, setting);
    if (typeof setting === "string" || typeof task === "string") continue;
    looked.push({ day, setting, task, basis: sha(planBasis(task)) });
  }
  const planned = new Set(looked.map((l) => l.task.treeId));
  const off = new Set(asked.map((t) => t.id).filter((id) => !planned.has(id)));
  const gone = [...rows.keys()].filter((id) => off.has(id) || !trees.has(id));
  return { looked, seen: { shared, trees }, gone };
}

/** What the trees and what they share look like now. */
function seenNow(view: CollectionView): NonNullable<Plans["seen"]> {
  const { yard } = view;
  const today = yard.on(view.today);
  const trees = today.living.map(({ id }): [string, string] => {
    const tree = yard.tree(id)!;
    const newest = tree.events.reduce((latest, e) => Math.max(latest, e.seq), 0);
    // A look at one may have taught something of its mates' pace, and of the eye that looked at all.
    const pace = tree.mates(today.day)?.mean.toFixed(2) ?? "";
    const eye = tree.eye(today.day)?.mean.toFixed(1) ?? "";
    return [id, `${tree.events.length}:${newest}:${today.plants(id)}:${pace}:${eye}`];
  });
  return { shared: sharedKey(view), trees: new Map(trees) };
}

/** Where room is short, each tree's plan is everybody's business. */
function hasRoom({ yard, today }: CollectionView): boolean {
  const { terms } = yard.on(today).shelf;
  return (terms?.summerM2 ?? null) !== null || (terms?.winterM2 ?? null) !== null;
}

/** Names what the plans of all trees share: the day's season and weather, terms, store, people. */
function sharedKey({ yard, today, weather }: CollectionView): string {
  const { shelf } = yard.on(today);
  const stored = shelf.stored.map((p) => [p.lotId, p.free > 0, p.condition]);
  const { latitudeDeg } = yard;
  return sha(
    JSON.stringify([
      MODEL_VERSION,
      growingSeason(toDay(today), latitudeDeg),
      weather.key,
      { ...shelf, stored },
      mostLiftedKg(yard.calendar),
      yard.indexed.records.places,
    ]),
  );
}

const sha = (text: string) => createHash("sha256").update(text).digest("hex").slice(0, 32);

function staleOf(looked: readonly Looked[], rows: Rows): Looked[] {
  const stands = ({ task, basis }: Looked) => {
    const row = rows.get(task.treeId);
    return row?.basis === basis && shelfStands(task, row.shelf);
  };
  const fresh = new Set(looked.filter(stands).map((l) => l.task.treeId));
  const sets = new Set(looked.flatMap((l) => (fresh.has(l.task.treeId) ? [] : (l.task.set ?? []))));
  return looked.filter((l) => !fresh.has(l.task.treeId) || (l.task.set !== null && sets.has(l.task.set)));
}

function rowOf(view: CollectionView, looked: Looked, free: PlannedLadder, rows: Rows): KeptRow {
  const { task, basis, setting, day } = looked;
  const plan = treePlanOf(task, free, { goal: setting.goal, pottedOn: pottedOnOf(day) });
  plan.changed = changedFrom(rows.get(task.treeId)?.plan, plan, view.today, free);
  return { basis, shelf: planShelfOf(task, free), free, held: null, plan };
}

/** What a new plan does otherwise than the one before it and why; a plan for another pot is no change of mind. */
function changedFrom(
  before: TreePlan | undefined,
  plan: TreePlan,
  today: string,
  { firstSeason, plan: found }: PlannedLadder,
): TreePlan["changed"] {
  if (!before || before.pottedOn !== plan.pottedOn) return null;
  const changes = changesFrom(before.steps, firstSeason, found);
  if (changes.length === 0) return before.changed;
  return { on: today, changes, why: changedInputs(before.inputs, plan.inputs) };
}

/** Where room for pots is short, some trees wait a season: those for which waiting costs least. */
async function makeRoom(view: CollectionView, looked: readonly Looked[], rows: Rows, plan: PlanLot): Promise<void> {
  if (!hasRoom(view)) return;
  const { terms } = view.yard.on(view.today).shelf;
  const byId = new Map(looked.map((l) => [l.task.treeId, l]));
  const free = new Map([...rows].map(([id, row]) => [id, row.free]));
  const held = heldBySpace(looked.map(roomTask), free, terms);
  const stays = [...rows].filter(([id, row]) => row.held && !held.has(id));
  const scope = { collectionId: view.collection.id };
  const of = (l: Looked, row: KeptRow, ladder: PlannedLadder, wait: KeptRow["held"]): KeptRow => ({
    ...row,
    held: wait,
    plan: {
      ...treePlanOf(l.task, ladder, {
        goal: l.setting.goal,
        pottedOn: pottedOnOf(l.day),
        forRoom: wait !== null,
      }),
      changed: row.plan.changed,
    },
  });
  await keep(
    scope,
    stays.flatMap(([treeId, row]) => {
      const l = byId.get(treeId);
      return l ? [{ treeId, row: of(l, row, row.free, null) }] : [];
    }),
    rows,
  );
  const waiting = [...held].filter(([id, { season }]) => rows.get(id)!.held?.season !== season);
  await inLots(
    waiting.map(([id, { season }]) => ({ ...byId.get(id)!.task, hold: season })),
    plan,
    (planned) =>
      keep(
        scope,
        planned.map((ladder) => {
          const { treeId } = ladder;
          return {
            treeId,
            row: of(byId.get(treeId)!, rows.get(treeId)!, ladder, { ...held.get(treeId)!, ladder }),
          };
        }),
        rows,
      ),
  );
}

const roomTask = ({ task, day }: Looked): RoomTask => ({
  treeId: task.treeId,
  problem: task.problem,
  plants: day.plants,
  agreed: task.agreed,
});
