import { type DayNumber, growingSeason } from "@/core/dates/index";
import { type Operation, windowsOf, type WindowSeries } from "@/core/window/index";
import type { Profile } from "@/core/species/index";
import type { Stay } from "./stays";
import type { Yard } from "./open-yard";

/** Days ahead that windows are worked out for: two years, wherever in the year one asks. */
export const WINDOW_DAYS = 730;

/** Windows of a kind in one place through some seasons, work by work as they are asked for. */
export type SeriesCache = Map<string, Partial<Record<Operation, WindowSeries>>>;

/** Sets of windows kept of one weather: kinds times places times pairs of seasons. */
const MOST_SETS = 600;

/** Windows of a kind in one place: trees of one kind and place share them from day to day and from page to page. */
export function seriesFor<O extends Operation>(
  yard: Yard,
  profile: Profile,
  stays: readonly Stay[],
  operations: readonly O[],
  on: DayNumber,
): Record<O, WindowSeries> {
  const [from, to] = seasonsAhead(on, yard.latitudeDeg);
  const { places, seriesCache, windowOptions } = yard;
  const key = `${profile.key}@${places.keyOf(stays)}@${from}-${to}@${windowOptions.risk}`;
  const known = seriesCache.get(key) ?? {};
  const missing = operations.filter((o) => known[o] === undefined);
  if (missing.length > 0)
    Object.assign(known, windowsOf(places.forStays(stays), profile, missing, from, to, windowOptions));
  seriesCache.delete(key);
  seriesCache.set(key, known);
  while (seriesCache.size > MOST_SETS) seriesCache.delete(seriesCache.keys().next().value!);
  return known as Record<O, WindowSeries>;
}

/** The growing seasons that those days reach into, first and last. */
function seasonsAhead(on: DayNumber, latitudeDeg: number): readonly [number, number] {
  return [growingSeason(on, latitudeDeg), growingSeason(on + WINDOW_DAYS, latitudeDeg)];
}
