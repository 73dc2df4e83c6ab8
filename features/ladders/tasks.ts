import "server-only";
import { toDay } from "@/core/dates/index";
import { type PlanTask, USUAL_TERMS } from "@/core/ladder/index";
import {
  collectionAt,
  type LadderSetting,
  type OffLadder,
  profileFor,
  replay,
  seriesAround,
  treeWindows,
  staysOf,
  tracksOf,
} from "@/model/index";
import { plantsOn } from "@/core/records/index";
import { type CollectionView, windowOptions } from "../collection/load";
import type { Chosen } from "../ladder/facts";
import { digestOf, type LadderShelf, settingOf } from "../ladder/problem";
import { LADDER_OPERATIONS, usualWindows, type UsualWindows } from "../ladder/windows";

/** One tree of the collection's plan, before it is planned. */
export interface CollectionTask {
  task: PlanTask;
  setting: LadderSetting;
  tag: string;
  name: string;
  plants: number;
  rootShare: number;
  windows: UsualWindows;
  digest: string;
  chosen: Chosen | null;
}

type Series = ReturnType<typeof seriesAround<(typeof LADDER_OPERATIONS)[number]>>;

/** Trees read before others of the process get their turn. */
const AT_ONCE = 10;

/** Every tree's problem on today's state, and the trees that are off the ladder. */
export async function collectionTasks(
  view: CollectionView,
  shelf: LadderShelf,
): Promise<{ tasks: CollectionTask[]; off: Partial<Record<OffLadder, number>> }> {
  const { loaded, context, places, collection } = view;
  const { indexed } = loaded;
  const on = toDay(view.today);
  const options = windowOptions(collection);
  const trees = new Map(loaded.trees.map((t) => [t.id, t]));
  const series = new Map<string, Series>();
  const tasks: CollectionTask[] = [];
  const off: Partial<Record<OffLadder, number>> = {};
  let read = 0;
  for (const state of collectionAt(indexed, context, on)) {
    if (++read % AT_ONCE === 0) await new Promise(setImmediate);
    const tree = trees.get(state.treeId)!;
    const events = indexed.eventsByTree.get(tree.id) ?? [];
    const kind = tracksOf(context, tree, on);
    const profile = profileFor(context, tree, kind, on);
    const replayed = replay(events, indexed.lots, profile, kind.warmth, on);
    if (!replayed) continue;
    const stays = staysOf(events, on);
    const site = places.forStays(stays);
    const setting = settingOf(view, { tree, profile, replayed, state, site, events }, shelf);
    if (typeof setting === "string") {
      off[setting] = (off[setting] ?? 0) + 1;
      continue;
    }
    const key = `${kind.profile.key}@${places.keyOf(stays)}`;
    let known = series.get(key);
    if (!known) series.set(key, (known = seriesAround(site, profile, LADDER_OPERATIONS, on, options)));
    const windows = treeWindows(
      {
        sites: places,
        tree,
        profile,
        events,
        replayed,
        calendar: loaded.calendar,
        away: context.away,
        options,
        on,
        operations: LADDER_OPERATIONS,
        withoutCurves: true,
      },
      known,
    );
    const last = [...events].reverse().find((e) => e.payload.kind === "ladder-chosen");
    const chosen =
      last?.payload.kind === "ladder-chosen" && last.payload.plan ? { on: last.on.best, ...last.payload.plan } : null;
    tasks.push({
      task: {
        treeId: tree.id,
        planner: chosen?.school ?? shelf.terms?.school ?? USUAL_TERMS.school,
        problem: setting.problem,
        firstSeason: setting.firstSeason,
        agreed: chosen?.steps ?? [],
        set: tree.set ?? null,
        hold: null,
        withHold: (shelf.terms?.summerM2 ?? null) !== null || (shelf.terms?.winterM2 ?? null) !== null,
      },
      setting,
      tag: tree.tag,
      name: profile.name,
      plants: plantsOn(indexed.presence.get(tree.id) ?? [], on),
      rootShare: profile.values.rootShare,
      windows: usualWindows(windows, setting.firstSeason, site.latitudeDeg),
      digest: digestOf(setting.problem),
      chosen,
    });
  }
  return { tasks, off };
}
