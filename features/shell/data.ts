import "server-only";
import { cache } from "react";
import { frostProbabilityBySlot, type WeatherBasis } from "@/core/climate/index";
import { type DayNumber, toDay, toIso } from "@/core/dates/index";
import { namesTogether, type Profile } from "@/core/species/index";
import { woodOn, type WoodState, type Yard } from "@/model/index";
import { firstRing } from "../almanac/ahead";
import { type CollectionView, viewCollection, viewRecords } from "../collection/load";

/** One read of a collection per request, however many parts of the page ask. */
export const collectionView = cache(viewCollection);

/** The records alone, for pages that need no weather. */
export const recordsView = cache(viewRecords);

export interface StripData {
  /** What the weather years behind everything shown are generated from; null where they are a record of the site's own. */
  generatedFrom: Exclude<WeatherBasis, "record"> | null;
  /** The coming days are those of the simulated service. */
  simulatedForecast: boolean;
  /** Chance of frost within the days around, by calendar slot, per cent. */
  frost: number[];
  /** Wood by week from `woodFrom` on, of each kind. */
  woodFrom: string;
  woods: StripWood[];
  /** Days on which the last safe day of so many trees lies. */
  closing: WeekCount[];
  /** Weeks in which trees were potted on, and in which they fall due next. */
  potted: WeekCount[];
  due: WeekCount[];
  /** A night the keeper wants to be told of. */
  alarm: { name: string; on: string; chance: number } | null;
}

export interface StripWood {
  /** Of a kind its profile's key, of a tree `tree:` and its id. */
  key: string;
  name: string;
  /** Trees it stands for; a single tree is counted with its kind. */
  count: number;
  /** A letter a week: a soft … z ripe, capitals while leafless. */
  weeks: string;
}

export interface WeekCount {
  on: string;
  count: number;
}

const WEEK = 7;
/** Days before and after today the strip marks work on. */
const MARKED_DAYS = 900;

export function stripData(view: CollectionView): StripData {
  const { yard, loaded } = view;
  const { site } = yard;
  const today = toDay(view.today);
  const probability = frostProbabilityBySlot(site.latitudeDeg, site.minima.startDay, site.minima.tminC, 0);
  const kinds = new Map<string, { kind: Profile; names: Set<string>; count: number }>();
  for (const { kind } of yard.trees) {
    const known = kinds.get(kind.key) ?? { kind, names: new Set<string>(), count: 0 };
    kinds.set(kind.key, { kind, names: known.names.add(kind.name), count: known.count + 1 });
  }
  const [from, weeks] = woodRange(yard, [...kinds.values()][0]?.kind ?? null);
  const [closing, due, potted] = [weekCounter(today), weekCounter(today), weekCounter(today)];
  for (const state of yard.on(today).states) {
    if (Number.isFinite(state.pressDays) && Math.abs(state.pressDays) <= 400) closing.add(today + state.pressDays);
    if (!("none" in state.due) && state.due.p50 !== null && !state.isDue) due.add(toDay(state.due.p50));
  }
  for (const event of loaded.indexed.records.events)
    if (event.payload.kind === "potted" && event.treeId !== null) potted.add(toDay(event.on.best));
  return {
    generatedFrom: site.basis === "record" ? null : site.basis,
    simulatedForecast: view.weather.simulatedForecast,
    frost: Array.from(probability, (p) => Math.round(100 * p)),
    woodFrom: toIso(from),
    woods: [...kinds].map(([key, { kind, names, count }]) => ({
      key,
      name: namesTogether([...names]),
      count,
      weeks: woodLetters((day) => woodOn(yard.kindTracks(kind)!, day), from, weeks),
    })),
    closing: closing.list(),
    due: due.list(),
    potted: potted.list(),
    alarm: firstRing(view),
  };
}

/** Counts days by the week: marks a day apart could not be told apart. */
function weekCounter(today: DayNumber) {
  const counts = new Map<number, number>();
  return {
    add: (day: DayNumber) => {
      if (Math.abs(day - today) > MARKED_DAYS) return;
      const week = Math.round(day / WEEK) * WEEK;
      counts.set(week, (counts.get(week) ?? 0) + 1);
    },
    list: (): WeekCount[] => [...counts].map(([week, count]) => ({ on: toIso(week), count })),
  };
}

function woodRange(yard: Yard, kind: Profile | null): [DayNumber, number] {
  if (kind === null) return [yard.today, 0];
  const series = yard.kindTracks(kind)!.wood;
  return [series.startDay, Math.floor(series.phase.length / WEEK)];
}

function woodLetters(woodOn: (day: DayNumber) => WoodState, from: DayNumber, weeks: number): string {
  return Array.from({ length: weeks }, (_, w) => woodLetter(woodOn(from + w * WEEK))).join("");
}

/** Wood of a tree that goes its own pace or stands elsewhere than in the open; null where it goes as its kind does. Sent with the tree's own pages only. */
export function ownStripWood({ yard }: CollectionView, treeId: string): StripWood | null {
  const tree = yard.tree(treeId);
  const now = tree?.goesItsOwnWay ? tree.on(yard.today) : null;
  if (!tree || !now) return null;
  const [from, weeks] = woodRange(yard, tree.kind);
  return {
    key: `tree:${treeId}`,
    name: tree.record.tag,
    count: 0,
    weeks: woodLetters((day) => now.woodOn(day), from, weeks),
  };
}

function woodLetter({ stage, ripe }: WoodState): string {
  const letter = String.fromCharCode(97 + Math.round(25 * ripe.p50));
  return stage === "dormant" || stage === "swelling" ? letter.toUpperCase() : letter;
}
