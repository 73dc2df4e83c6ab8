import type { SeasonSlice } from "../climate/index";
import type { DayNumber } from "../dates/index";

/**
 * A winter of a site in the courses it may take, with the growing season before it, which made the wood. Plain data: it crosses to
 * threads.
 */
export interface SiteWinter {
  latitudeDeg: number;
  winter: number;
  startDay: DayNumber;
  days: number;
  /** Day of the winter on which midwinter is. */
  midwinter: number;
  /** Record reaches so far. */
  observedUntil: DayNumber;
  today: DayNumber;
  /** The season before, one slice a course: from its index `at` on it is the winter. */
  before: SeasonSlice[];
  at: number;
}
