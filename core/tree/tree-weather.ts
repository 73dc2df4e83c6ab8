import type { Site } from "../climate/index";
import type { DayNumber } from "../dates/index";

/** The next days at a place as the forecast has them; null without one for that day. */
export function extremesAhead(site: Site, on: DayNumber, days: number): { hottestC: number; coldestC: number } | null {
  const ahead = site.nights.filter((n) => n.day >= on && n.day < on + days);
  if (ahead.length === 0) return null;
  return {
    hottestC: Math.max(...ahead.map((n) => n.tmaxC)),
    coldestC: Math.min(...ahead.map((n) => n.tminC)),
  };
}
