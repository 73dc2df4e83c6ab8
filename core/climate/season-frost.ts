import { type DayNumber, frostSlotOf } from "../dates/index";
import { SEASON_DAYS, SEASON_LEAD_DAYS, type Site } from "./site";

/** Midsummer, as an index into a season's slice. */
export const MIDSUMMER = SEASON_LEAD_DAYS + 182;

/** Index of the day by which the first autumn frost at a threshold has come in a tenth of the years; null where it is too rare. */
export function firstFrostIndex(site: Site, startDay: DayNumber, thresholdC: number): number | null {
  const slot = site.frost(thresholdC).first.preferred[0.1];
  if (slot === null) return null;
  const wanted = Math.max(0, Math.round(slot));
  for (let i = MIDSUMMER; i < SEASON_DAYS; i++) if (frostSlotOf(startDay + i, site.latitudeDeg) === wanted) return i;
  return null;
}

/** Index of the day after which a spring frost at a threshold still comes in a tenth of the years; null where it is too rare. */
export function lastFrostIndex(site: Site, startDay: DayNumber, thresholdC: number): number | null {
  const slot = site.frost(thresholdC).last.preferred[0.1];
  if (slot === null) return null;
  const wanted = Math.round(slot);
  for (let i = SEASON_LEAD_DAYS; i < MIDSUMMER; i++)
    if (frostSlotOf(startDay + i, site.latitudeDeg) === wanted) return i;
  return null;
}
