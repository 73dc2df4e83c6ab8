import { budWeather, extremesOfHours, SEASON_LEAD_DAYS, type SeasonSlice, type Site } from "../climate/index";
import { type DayNumber, growingSeason, midwinterOf } from "../dates/index";
import { hoursAtPlace, type PlaceAir, type PotHours, weatherHours } from "../place/index";
import type { SiteWinter } from "./site-winter";
import { spread, winterDays } from "./weather-days";
import { type HabitParameters, hardinessCourse, PRIOR_SHIFT, runWoodSeason, spreadShifts } from "../wood/index";

/** A winter is looked at from so long before midwinter: tender kinds come in early in autumn. */
const WINTER_LEAD_DAYS = 100;
/** So long after midwinter the next winter is meant. */
const NEXT_AFTER_DAYS = 130;

/**
 * The winter that is on, or the next one; named by the year of its midwinter's season.
 * @example winterOn(20624, 48) // 2027
 */
export function winterOn(on: DayNumber, latitudeDeg: number): number {
  const running = growingSeason(on, latitudeDeg);
  return on > midwinterOf(running, latitudeDeg) + NEXT_AFTER_DAYS ? running + 1 : running;
}

/** @param most courses at most, spread over all */
export function siteWinter(site: Site, winter: number, most = Infinity): SiteWinter {
  const { latitudeDeg } = site;
  const { slices, observedUntil } = site.season(winter - 1);
  const startDay = midwinterOf(winter, latitudeDeg) - WINTER_LEAD_DAYS;
  const before = spread(slices, most);
  const at = startDay - before[0].startDay;
  return {
    latitudeDeg,
    winter,
    startDay,
    days: before[0].tminC.length - at,
    midwinter: WINTER_LEAD_DAYS,
    observedUntil,
    today: site.today,
    before,
    at,
  };
}

/** Weather of the open, hour by hour, course by course. */
export const openHours = (winter: SiteWinter): PotHours[] =>
  winterDays(winter).map((days) => weatherHours(winter.latitudeDeg, days));

/** The same winter at a place: hours round its pots, days as wood meets them, portions of chill by day. */
export interface PlaceWinter {
  hours: PotHours[];
  tminC: Float32Array[];
  tmaxC: Float32Array[];
  portions: Float32Array[];
  growingHours: Float32Array[];
  /** Mean of the three months round midwinter, over all courses, °C. */
  meanC: number;
}

const MIDDLE_DAYS = 45;

export function placeWinter(winter: SiteWinter, open: readonly PotHours[], air: PlaceAir): PlaceWinter {
  const hours = open.map((h) => hoursAtPlace(h, air));
  const days = hours.map(({ airC }) => extremesOfHours(airC));
  const tminC = days.map((d) => d.tminC);
  const tmaxC = days.map((d) => d.tmaxC);
  const buds = tminC.map((low, c) => budWeather(winter.latitudeDeg, winter.startDay, low, tmaxC[c]));
  let [sum, n] = [0, 0];
  for (let c = 0; c < tminC.length; c++)
    for (let d = winter.midwinter - MIDDLE_DAYS; d < winter.midwinter + MIDDLE_DAYS; d++) {
      sum += (tminC[c][d] + tmaxC[c][d]) / 2;
      n++;
    }
  return {
    hours,
    tminC,
    tmaxC,
    portions: buds.map((b) => b.portions),
    growingHours: buds.map((b) => b.growingHours),
    meanC: sum / n,
  };
}

/** A crown through a winter at a place, course by course. */
export interface CrownWinter {
  /** Temperature that kills half of the wood, °C, by day. */
  lt50C: Float32Array[];
  /** Days on which buds swell and break; the winter's length where they do not. */
  swell: number[];
  budBreak: number[];
}

/** Wood that ripened outdoors hardens and wakes by the air of the place it winters in. */
export function crownWinter(winter: SiteWinter, place: PlaceWinter, h: HabitParameters): CrownWinter {
  const shifts = spreadShifts(PRIOR_SHIFT, winter.before.length);
  const out: CrownWinter = { lt50C: [], swell: [], budBreak: [] };
  winter.before.forEach((season, c) => {
    const inPlace = (open: Float32Array, there: Float32Array) => {
      const joined = open.slice();
      joined.set(there.subarray(0, winter.days), winter.at);
      return joined;
    };
    const slice: SeasonSlice = {
      ...season,
      tminC: inPlace(season.tminC, place.tminC[c]),
      tmaxC: inPlace(season.tmaxC, place.tmaxC[c]),
    };
    const lt50C = hardinessCourse(h, slice, runWoodSeason(h, slice, winter.latitudeDeg, shifts[c])).subarray(winter.at);
    // A growing season is run from its own first day, a while after the winter's.
    const late = winter.midwinter - SEASON_LEAD_DAYS;
    const next: SeasonSlice = {
      ...season,
      startDay: winter.startDay + late,
      tminC: place.tminC[c].subarray(late),
      tmaxC: place.tmaxC[c].subarray(late),
      portions: place.portions[c].subarray(late),
      growingHours: place.growingHours[c].subarray(late),
    };
    const { swell, budBreak } = runWoodSeason(h, next, winter.latitudeDeg, shifts[c]);
    out.lt50C.push(lt50C.map((t) => (Number.isNaN(t) ? h.hardiness.hMin : t)));
    out.swell.push(swell < 0 ? winter.days : late + swell);
    out.budBreak.push(budBreak < 0 ? winter.days : late + budBreak);
  });
  return out;
}
