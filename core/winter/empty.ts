import { type DayNumber, dayFromParts, toDay, toIso, yearOf } from "../dates/index";
import type { PlaceBuild } from "./place-build";

/** A stretch in which a place must stand empty, last day included. */
export interface EmptyStretch {
  from: DayNumber;
  to: DayNumber;
}

/** The same month and day of another year; the last of February where that year has no 29th. */
function inYear(iso: string, year: number): DayNumber {
  const [month, day] = [Number(iso.slice(5, 7)), Number(iso.slice(8))];
  return dayFromParts(year, month, day) ?? dayFromParts(year, month, day - 1)!;
}

/** The stretch in which a place must be empty that has not ended on a day: the one that goes on, or the next; null without any. */
export function emptyAfter({ empty }: Pick<PlaceBuild, "empty">, on: DayNumber): EmptyStretch | null {
  if (!empty) return null;
  const [from, to] = [toDay(empty.from), toDay(empty.to)];
  if (!empty.yearly) return to >= on ? { from, to } : null;
  // Over New Year it ends in the year after the one it begins in.
  const later = yearOf(to) - yearOf(from);
  for (let year = Math.max(yearOf(on) - 1, yearOf(from)); ; year++) {
    const end = inYear(toIso(to), year + later);
    if (end >= on) return { from: inYear(toIso(from), year), to: end };
  }
}
