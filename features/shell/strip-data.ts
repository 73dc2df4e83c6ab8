import "server-only";
import { frostProbabilityBySlot, type WeatherBasis } from "@/core/climate/index";
import { type DayNumber, toDay, toIso } from "@/core/dates/index";
import { namesTogether, type Profile } from "@/core/species/index";
import { woodOn } from "@/model/index";
import { firstRing } from "../climate/ahead";
import type { CollectionView } from "../kernel/collection/load";
import { woodLetters, woodRange } from "../kernel/own-wood";
import { type StripWood, WEEK } from "../kernel/strip-wood";

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

interface WeekCount {
  on: string;
  count: number;
}

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
    const { to = null } = yard.on(today).tree(state.treeId)?.decision?.headline ?? {};
    if (to !== null && Math.abs(toDay(to) - today) <= MARKED_DAYS) closing.add(toDay(to));
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
