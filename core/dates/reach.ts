import { addYears, type IsoDate, parseIso } from "./dates";

/** How far back a day may lie: a tree may be older than its grower, everything else is of somebody's own time. */
export const YEARS_BACK = { tree: 300, other: 150 } as const;
/** Nothing is planned further ahead than this. */
export const YEARS_AHEAD = 100;

export type DatedThing = keyof typeof YEARS_BACK;

/** @example earliestDay("2026-05-15", "tree") // "1726-05-15" */
export function earliestDay(today: IsoDate, of: DatedThing): IsoDate {
  return addYears(today, -YEARS_BACK[of]);
}

/** @example latestDay("2026-05-15") // "2126-05-15" */
export function latestDay(today: IsoDate): IsoDate {
  return addYears(today, YEARS_AHEAD);
}

/** Whether a day lies so far off that it can only be a slip of the keys, such as year 26 or 1026. Text that is no day does not. */
export function outOfReach(iso: IsoDate, today: IsoDate, of: DatedThing): "too-old" | "too-far" | null {
  if (parseIso(iso) === null) return null;
  if (iso < earliestDay(today, of)) return "too-old";
  return iso > latestDay(today) ? "too-far" : null;
}
