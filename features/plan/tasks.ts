import "server-only";
import { type PlanTask, USUAL_TERMS } from "@/core/ladder/index";
import type { LadderSetting, LadderShelf, OffLadder } from "@/model/index";
import type { CollectionView } from "@/features/collection/load";
import type { Chosen } from "@/features/tree-plan/facts";
import { digestOf } from "@/features/tree-plan/problem";
import { LADDER_OPERATIONS, usualWindows, type UsualWindows } from "@/features/tree-plan/windows";

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

/** Trees read before others of the process get their turn. */
const AT_ONCE = 10;

/** Every tree's problem on today's state, and the trees that are off the ladder. */
export async function collectionTasks(
  view: CollectionView,
  shelf: LadderShelf,
): Promise<{ tasks: CollectionTask[]; off: Partial<Record<OffLadder, number>> }> {
  const { yard } = view;
  const today = yard.on(view.today);
  const tasks: CollectionTask[] = [];
  const off: Partial<Record<OffLadder, number>> = {};
  let read = 0;
  for (const state of today.states) {
    if (++read % AT_ONCE === 0) await new Promise(setImmediate);
    const day = today.tree(state.treeId)!;
    const { record: tree, profile, events, site } = day;
    const setting = day.ladder(shelf);
    if (typeof setting === "string") {
      off[setting] = (off[setting] ?? 0) + 1;
      continue;
    }
    const windows = day.windows({ operations: LADDER_OPERATIONS });
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
      plants: day.plants,
      rootShare: profile.values.rootShare,
      windows: usualWindows(windows, setting.firstSeason, site.latitudeDeg),
      digest: digestOf(setting.problem),
      chosen,
    });
  }
  return { tasks, off };
}
