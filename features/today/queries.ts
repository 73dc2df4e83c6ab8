import "server-only";
import {
  answersOf,
  nextDay,
  taskItems,
  tasksOf,
  type Task,
  todayList,
  treeOf,
  type TodayRow,
} from "@/core/today/index";
import { todayItems } from "@/model/index";
import type { CollectionView } from "@/features/kernel/collection/load";
import { winterRounds } from "@/features/winter/moves-data";
import { moveItems } from "./moves";
import { type RowWeather, rowWeather } from "./row-weather";

/** What a list draws of a tree in a row. */
export interface TodayTree {
  /** Of a tree's item its name begins with the tree's id: hundreds travel together, nothing is said twice. */
  item: string;
  tag: string;
}

export interface TodayLine extends Omit<TodayRow, "items"> {
  trees: TodayTree[];
  /** The half-days ahead for work on a tree that is taken in hand; null where no forecast reaches it or it needs none. */
  weather: RowWeather | null;
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
export async function todayOf(view: CollectionView, on: string) {
  const { events } = view.loaded.indexed.records;
  const [tasks, answers] = [tasksOf(events), answersOf(events, on)];
  const yardDay = view.yard.on(on);
  // The moving plan is made for the day it is; a day that is past or far ahead has moves of its own.
  const rounds = on === view.today && yardDay.living.length > 0 ? await winterRounds(view) : null;
  const moves = rounds === null ? [] : moveItems(rounds, (id) => yardDay.tree(id)?.placeId ?? null, on);
  // A pot that is carried by the layout is not told to go in once more, nor are those that share it.
  const listed = new Set(moves.map((item) => treeOf(item.id)));
  const carried = new Set(
    (rounds?.in ?? []).flatMap((r) => r.moves.flatMap(({ treeIds }) => (listed.has(treeIds[0]) ? treeIds : []))),
  );
  const decided = todayItems(yardDay).filter(
    ({ id, what }) => !(what.kind === "act" && what.work === "bring-in" && carried.has(treeOf(id) ?? "")),
  );
  return {
    tasks,
    trees: yardDay.living.length,
    list: todayList([...decided, ...moves, ...taskItems(tasks, answers, on)], answers, on),
  };
}

export async function todayFacts(view: CollectionView, on: string): Promise<TodayFacts> {
  const { tasks, list, trees } = await todayOf(view, on);
  const places = new Map(view.loaded.places.map((p) => [p.id, p.name]));
  const weather = on === view.today ? rowWeather(view) : () => null;
  const line = ({ items, ...row }: TodayRow): TodayLine => ({
    ...row,
    trees: items.map(({ id, tag }) => ({ item: id, tag })),
    weather: weather(row.group, row.what, items[0].id),
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
