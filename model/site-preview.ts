import { HOT_SD, nearestPlace, siteNormals } from "@/core/atlas/index";
import { answerFaults, buildSite, coldestOfMiddleYear, type SiteAnswers } from "@/core/climate/index";
import { type DayNumber, frostYearStartSlot, SLOTS_PER_YEAR, toDay, toIso } from "@/core/dates/index";

/** What is known before there is a collection; without a height that of the nearest known place is taken. */
export type SiteAsked = Omit<SiteAnswers, "elevationM"> & { elevationM?: number };

/** So much of the past is generated that every statistic has its years, days. */
const PAST_DAYS = 800;

/**
 * The months of a site and what they make of its year, as a yard opened there would have them. Answers that contradict each other are
 * left out; which they are is told where they are typed.
 */
export function previewSite(asked: SiteAsked, seed: number, today: DayNumber) {
  const { latitudeDeg, longitudeDeg } = asked;
  const nearest = nearestPlace(latitudeDeg, longitudeDeg);
  const said: SiteAnswers = { ...asked, elevationM: asked.elevationM ?? nearest.elevationM };
  const answers = answerFaults(said).length > 0 ? { latitudeDeg, longitudeDeg, elevationM: said.elevationM } : said;
  const { normals, prior, moved } = siteNormals(answers, seed);
  const site = buildSite({ latitudeDeg, normals, record: null, today, seed, historyFrom: today - PAST_DAYS });
  const frost = site.frost(0);
  const hottest = normals.tmaxC.indexOf(Math.max(...normals.tmaxC));
  const monthDay = (slot: number | null) =>
    slot === null
      ? null
      : toIso(toDay("2001-01-01") + ((Math.round(slot) + frostYearStartSlot(latitudeDeg)) % SLOTS_PER_YEAR)).slice(5);
  return {
    tminC: normals.tminC,
    tmaxC: normals.tmaxC,
    rainMm: normals.rainMm,
    errorC: prior.errorC,
    elevationM: said.elevationM,
    nearest,
    coldestNightC: coldestOfMiddleYear(latitudeDeg, site.minima.startDay, site.minima.tminC),
    lastSpringFrost: monthDay(frost.last.preferred[0.5]),
    firstAutumnFrost: monthDay(frost.first.preferred[0.5]),
    hotAfternoonC: normals.tmaxC[hottest] + HOT_SD * normals.tmaxSdC[hottest],
    moved,
  };
}
