import "server-only";
import { answersOf, nextDay, taskItems, tasksOf, type Task, todayList, type TodayRow } from "@/core/today/index";
import { todayItems } from "@/model/index";
import type { CollectionView } from "@/features/kernel/collection/load";

/** What a list draws of a tree in a row. */
export interface TodayTree {
  /** Of a tree's item its name begins with the tree's id: hundreds travel together, nothing is said twice. */
  item: string;
  tag: string;
}

export interface TodayLine extends Omit<TodayRow, "items"> {
  trees: TodayTree[];
}

export interface TodayFacts {
  on: string;
  groups: Record<TodayRow["group"], { placeId: string | null; place: string | null; rows: TodayLine[] }[]>;
  putOff: { tree: TodayTree; what: TodayRow["what"]; until: string | null; reason: string }[];
  /** First day on which anything begins after this one. */
  next: string | null;
  tasks: Task[];
  trees: number;
}

/** The list of a day, whole: for a page, a sheet of paper, a calendar. */
export function todayOf(view: CollectionView, on: string) {
  const { events } = view.loaded.indexed.records;
  const [tasks, answers] = [tasksOf(events), answersOf(events, on)];
  const yardDay = view.yard.on(on);
  return {
    tasks,
    trees: yardDay.living.length,
    list: todayList([...todayItems(yardDay), ...taskItems(tasks, answers, on)], answers, on),
  };
}

export function todayFacts(view: CollectionView, on: string): TodayFacts {
  const { tasks, list, trees } = todayOf(view, on);
  const places = new Map(view.loaded.places.map((p) => [p.id, p.name]));
  const line = ({ items, ...row }: TodayRow): TodayLine => ({
    ...row,
    trees: items.map(({ id, tag }) => ({ item: id, tag })),
  });
  const groups = Object.fromEntries(
    Object.entries(list.groups).map(([group, rounds]) => [
      group,
      rounds.map(({ placeId, rows }) => ({
        placeId,
        place: placeId === null ? null : (places.get(placeId) ?? null),
        rows: rows.map(line),
      })),
    ]),
  ) as TodayFacts["groups"];
  return {
    on,
    groups,
    putOff: list.putOff.map(({ item, until, reason }) => ({
      tree: { item: item.id, tag: item.tag },
      what: item.what,
      until,
      reason,
    })),
    next: nextDay(list),
    tasks,
    trees,
  };
}
