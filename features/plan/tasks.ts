import "server-only";
import type { PlanTask } from "@/core/ladder/index";
import { type ChosenPlan, chosenPlan, type LadderSetting, type OffLadder, planTaskOf } from "@/model/index";
import type { CollectionView } from "@/features/kernel/collection/load";
import { digestOf } from "@/features/plan/tree/problem";
import { LADDER_OPERATIONS, usualWindows, type UsualWindows } from "@/features/plan/tree/windows";

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
  chosen: ChosenPlan | null;
}

/** Trees read before others of the process get their turn. */
const AT_ONCE = 10;

/** Every tree's problem on today's state, and the trees that are off the ladder. */
export async function collectionTasks(
  view: CollectionView,
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
    const setting = day.ladder();
    if (typeof setting === "string") {
      off[setting] = (off[setting] ?? 0) + 1;
      continue;
    }
    const windows = day.windows({ operations: LADDER_OPERATIONS });
    const task = planTaskOf(day);
    if (typeof task === "string") continue;
    tasks.push({
      task,
      setting,
      tag: tree.tag,
      name: profile.name,
      plants: day.plants,
      rootShare: profile.values.rootShare,
      windows: usualWindows(windows, setting.firstSeason, site.latitudeDeg),
      digest: digestOf(setting.problem),
      chosen: chosenPlan(events, day.day),
    });
  }
  return { tasks, off };
}
