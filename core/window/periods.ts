import type { DayNumber } from "../dates/index";
import { type Limit, LIMITS, OPEN_FROM } from "./operations";
import type { WindowSeries } from "./series";

export interface OpenPeriod {
  from: DayNumber;
  to: DayNumber;
  /** What closes it: the limiting factor of the day after its last. */
  closedBy: Limit;
}

/** A window shorter than this is a chance of weather, not a plan. */
const LEAST_OPEN_DAYS = 3;

export function suitabilityOn(
  series: WindowSeries,
  day: DayNumber,
): { suitability: number; limiting: Limit; safe: number } | null {
  const i = day - series.startDay;
  if (i < 0 || i >= series.suitability.length) return null;
  return { suitability: series.suitability[i] / 200, limiting: LIMITS[series.limiting[i]], safe: series.safe[i] / 100 };
}

/** Open stretches between two days, gaps of one or two days closed over. */
export function openPeriods(series: WindowSeries, from: DayNumber, to: DayNumber): OpenPeriod[] {
  const periods: OpenPeriod[] = [];
  const isOpen = (day: DayNumber) => {
    const at = suitabilityOn(series, day);
    return at !== null && at.suitability >= OPEN_FROM;
  };
  let start: DayNumber | null = null;
  let last = 0;
  const close = () => {
    if (start !== null && last - start + 1 >= LEAST_OPEN_DAYS) {
      periods.push({ from: start, to: last, closedBy: suitabilityOn(series, last + 1)?.limiting ?? "none" });
    }
    start = null;
  };
  for (let day = from; day <= to; day++) {
    if (isOpen(day)) {
      start ??= day;
      last = day;
    } else if (start !== null && day - last > 2) close();
  }
  close();
  return periods;
}

/** What most often holds closed days back between two days. */
export function mainLimit(series: WindowSeries, from: DayNumber, to: DayNumber): Limit {
  const counts = new Map<Limit, number>();
  for (let day = from; day <= to; day++) {
    const at = suitabilityOn(series, day);
    if (at && at.suitability < OPEN_FROM) counts.set(at.limiting, (counts.get(at.limiting) ?? 0) + 1);
  }
  return [...counts.entries()].sort((a, b) => b[1] - a[1])[0]?.[0] ?? "none";
}
