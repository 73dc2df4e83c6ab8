import { MIDSUMMER, SEASON_LEAD_DAYS, type Site, warmthBetween } from "../climate/index";
import { type DayNumber, growingSeason, midwinterOf } from "../dates/index";
import { quantileOf } from "../math/index";
import type { Profile } from "../species/index";
import { seasonCourses } from "../window/index";
import { PHASE, WOOD_PHASES } from "../wood/index";
import type { Situation } from "./situation";

/** What the season tells of a kind on a day: the middle course of the weather years. */
export interface SeasonFacts extends Pick<Situation, "phase" | "autumn" | "growthLeft" | "growthOfSeason"> {
  /** Root zone now, °C. */
  rootZoneC: number;
  /** Root warmth above the kind's base until it grows too cold: what work asks for. */
  takeHoldLeft: number;
  /** Weeks until damaging frost has come in one year of ten; null where it does not. */
  weeksToFrost: number | null;
  /** Spring frost is rarer than one year in ten from here on. */
  frostPast: boolean;
  daysToBudBreak: number | null;
  /** Until the root zone is too cold for roots to take hold. */
  weeksToCold: number;
}

export function seasonFacts(site: Site, profile: Profile, on: DayNumber): SeasonFacts {
  const season = growingSeason(on, site.latitudeDeg);
  const { courses } = seasonCourses(site, profile, season);
  const opening = midwinterOf(season, site.latitudeDeg);
  const end = midwinterOf(season + 1, site.latitudeDeg);
  const i = SEASON_LEAD_DAYS + on - opening;
  const middle = (values: number[]) =>
    quantileOf(
      values.sort((a, b) => a - b),
      0.5,
    );
  const phase = Math.round(middle(courses.map((c) => c.phase[i])));
  const spring = courses.map((c) => c.springFrom);
  const budBreak = courses.map((c) => c.wood.budBreak).filter((d) => d >= 0);
  return {
    phase: WOOD_PHASES[phase],
    autumn: i >= MIDSUMMER,
    rootZoneC: middle(courses.map((c) => c.week[i])),
    takeHoldLeft: middle(courses.map((c) => c.warmthLeft[i])),
    growthLeft: warmthBetween(site.warmth, profile.warmth, on, end),
    growthOfSeason: Math.max(1, warmthBetween(site.warmth, profile.warmth, opening, end)),
    weeksToFrost: weeksToFrost(courses[0].frostIndex, i),
    // Deciduous kinds fear no spring frost at their roots; evergreens wait for it to be past.
    frostPast: i >= MIDSUMMER || courses[0].h.springFrostC === null || i >= middle(spring),
    weeksToCold: middle(courses.map((c) => daysOfHold(c.warmthLeft, i))) / 7,
    daysToBudBreak: phase <= PHASE.swelling && budBreak.length > 0 ? middle(budBreak) - i : null,
  };
}

/** Weeks to the one-in-ten day of the first damaging frost; 0 once it has passed, null where frost is too rare to wait for. */
function weeksToFrost(frostIndex: number | null, i: number): number | null {
  if (frostIndex === null) return null;
  return i < frostIndex ? (frostIndex - i) / 7 : i >= MIDSUMMER ? 0 : null;
}

/** Days from `i` on until no warmth is left to take hold in. */
function daysOfHold(warmthLeft: ArrayLike<number>, i: number): number {
  let d = i;
  while (d < warmthLeft.length && warmthLeft[d] > 0) d++;
  return d - i;
}
