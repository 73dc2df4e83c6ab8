import { toIso } from "@/core/dates/index";
import { itemsOf, type TodayItem } from "@/core/today/index";
import type { YardOnDay } from "./yard-on-day";

/** What every tree that is there asks for on a day: the acts of its decision and what follows the last work on it. */
export function todayItems(yardDay: YardOnDay): TodayItem[] {
  return yardDay.living.flatMap((record) => {
    const tree = yardDay.tree(record.id);
    const decision = tree?.decision;
    if (!tree || !decision) return [];
    const worked = tree.roots.disturbedOn;
    return itemsOf(decision, {
      treeId: record.id,
      tag: record.tag,
      placeId: tree.placeId,
      plants: tree.plants,
      workedOn: worked === null ? null : toIso(worked),
    });
  });
}
