import type { DayNumber } from "../dates/index";
import { LEAST_OPEN_DAYS } from "./judge";
import { type Limit, LIMITS, OPEN_FROM } from "./operations";
import type { WindowSeries } from "./series";

export interface OpenPeriod {
  from: DayNumber;
  to: DayNumber;
  /** What closes it: the limiting factor of the day after its last; "none" where it is still open on the last day looked at. */
  closedBy: Limit;
}

/** Closed days inside a stretch that count as part of it. */
export const MOST_GAP_DAYS = 2;

/** The threshold in the packed unit of the series. */
const OPEN_AT = 200 * OPEN_FROM;

export function suitabilityOn(
  series: WindowSeries,
  day: DayNumber,
): { suitability: number; limiting: Limit; safe: number } | null {
  const i = day - series.startDay;
  if (i < 0 || i >= series.suitability.length) return null;
  return { suitability: series.suitability[i] / 200, limiting: LIMITS[series.limiting[i]], safe: series.safe[i] / 100 };
}

/** Open stretches between two days, short gaps closed over; of one that began before the first day, its last days count however few. */
export function openPeriods(series: WindowSeries, from: DayNumber, to: DayNumber): OpenPeriod[] {
  const periods: OpenPeriod[] = [];
  let start: DayNumber | null = null;
  let last = 0;
  const end = Math.min(to, series.startDay + series.suitability.length - 1);
  const first = Math.max(from, series.startDay);
  const goesOn = first > series.startDay && series.suitability[first - 1 - series.startDay] >= OPEN_AT;
  const close = () => {
    if (start !== null && (last - start + 1 >= LEAST_OPEN_DAYS || (start === first && goesOn))) {
      // What is still open where one stops looking is closed by nothing.
      const closedBy = last >= end ? "none" : (suitabilityOn(series, last + 1)?.limiting ?? "none");
      periods.push({ from: start, to: last, closedBy });
    }
    start = null;
  };
  for (let day = first; day <= end; day++) {
    if (series.suitability[day - series.startDay] >= OPEN_AT) {
      start ??= day;
      last = day;
    } else if (start !== null && day - last > MOST_GAP_DAYS) close();
  }
  close();
  return periods;
}

/** What most often holds closed days back between two days. */
export function mainLimit(series: WindowSeries, from: DayNumber, to: DayNumber): Limit {
  const counts = new Uint16Array(LIMITS.length);
  const end = Math.min(to, series.startDay + series.suitability.length - 1);
  for (let day = Math.max(from, series.startDay); day <= end; day++) {
    const i = day - series.startDay;
    if (series.suitability[i] < OPEN_AT) counts[series.limiting[i]]++;
  }
  const most = counts.indexOf(Math.max(...counts));
  return counts[most] > 0 ? LIMITS[most] : "none";
}

/** What is left of an open period when nobody is there on some of its days. */
export function withoutStretches<P extends { from: DayNumber; to: DayNumber; closedBy: Limit }>(
  period: P,
  away: readonly (readonly [DayNumber, DayNumber])[],
): P[] {
  let parts = [period];
  for (const [a, b] of away) {
    parts = parts.flatMap((p) => {
      if (b < p.from || a > p.to) return [p];
      const left: P[] = a > p.from ? [{ ...p, to: a - 1, closedBy: "grower" }] : [];
      return b < p.to ? [...left, { ...p, from: b + 1 }] : left;
    });
  }
  return parts;
}
