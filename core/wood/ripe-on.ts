import { SEASON_LEAD_DAYS } from "../climate/index";
import { type DayNumber, toIso } from "../dates/index";
import type { Basis, DateEstimate } from "../estimate/index";
import { weightedQuantiles } from "../math/index";
import type { HabitParameters } from "./habits";
import { RIPE_FROM, tipRipeness, type WoodSeason } from "./season";
import type { WoodMember } from "./series";

/** First day of a season from which its softest wood stays ripe; null where it never does. */
export function ripeFrom(h: HabitParameters, wood: WoodSeason): number | null {
  const end = SEASON_LEAD_DAYS + 365;
  if (tipRipeness(h, wood, end) < RIPE_FROM) return null;
  let i = end;
  while (i > 0 && tipRipeness(h, wood, i - 1) >= RIPE_FROM) i--;
  return i;
}

/** Day the season's wood is ripe, tips and all, over the courses it may take; a null end: not before winter is out. */
export function ripeOn(
  h: HabitParameters,
  members: readonly WoodMember[],
  startDay: DayNumber,
  basis: Basis,
): DateEstimate {
  const never = SEASON_LEAD_DAYS + 366;
  const days = members.map((m) => ripeFrom(h, m.wood) ?? never);
  const [p10, p50, p90] = weightedQuantiles(
    days,
    days.map(() => 1),
    [0.1, 0.5, 0.9],
  ).map((i) => (i >= never - 0.5 ? null : toIso(Math.round(startDay + i))));
  return { p10, p50, p90, basis };
}

/** Share of the courses in which the softest wood is ripe by a day of the season's slice. */
export function ripeShare(h: HabitParameters, members: readonly WoodMember[], i: number): number {
  return members.filter((m) => tipRipeness(h, m.wood, i) >= RIPE_FROM).length / members.length;
}
