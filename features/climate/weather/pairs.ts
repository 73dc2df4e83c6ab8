import type { NightPair, Site } from "@/core/climate/index";
import { dailyExtremes, type LoggerHour } from "@/formats/logger-csv";

/** Nights a place was read in, beside the site's record of them. */
export function nightPairs(hours: readonly LoggerHour[], site: Site, today: number): NightPair[] {
  const run = site.observed;
  if (!run) return [];
  const pairs: NightPair[] = [];
  for (const [day, { minC }] of dailyExtremes(hours)) {
    const siteC = run.tminC[day - run.startDay];
    if (day < today && siteC !== undefined && !Number.isNaN(siteC)) pairs.push({ day, siteC, placeC: minC });
  }
  return pairs;
}
