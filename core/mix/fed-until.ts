import { type DayNumber, DAYS_PER_YEAR, toIso } from "../dates/index";

/** Less than this is no feed to speak of. */
const LEAST_FEED_MONTHS = 0.5;

/**
 * Until when a mix feeds what was potted on a day; null where it hardly does.
 * @example fedUntil(20513, 4) // "2026-07-01"
 */
export function fedUntil(pottedOn: DayNumber, months: number): string | null {
  return months < LEAST_FEED_MONTHS ? null : toIso(Math.round(pottedOn + (months / 12) * DAYS_PER_YEAR));
}
