import { type SeasonSlice, type Site } from "../climate/index";
import { midwinterOf } from "../dates/index";
import { soilAfter, type WeatherDays } from "../place/index";
import type { SiteWinter } from "./site-winter";

/** So many of a list at most, spread over all of it. */
export function spread<T>(list: readonly T[], most: number): T[] {
  const step = Math.max(1, list.length / most);
  return Array.from({ length: Math.floor(list.length / step) }, (_, i) => list[Math.floor(i * step)]);
}

/** Some days of a season's slice as weather round a pot. */
export function weatherBetween(s: SeasonSlice, from: number, to: number): WeatherDays {
  return {
    startDay: s.startDay + from,
    tminC: s.tminC.subarray(from, to),
    tmaxC: s.tmaxC.subarray(from, to),
    solarMJ: s.solarMJ.subarray(from, to),
    rainMm: s.rainMm.subarray(from, to),
    windMs: s.windMs.subarray(from, to),
    soil: soilAfter(s.tminC, s.tmaxC, from),
  };
}

export const winterDays = ({ before, at }: SiteWinter): WeatherDays[] =>
  before.map((s) => weatherBetween(s, at, s.tminC.length));

/** Two months either side of midsummer, in so many courses. */
const SUMMER_DAYS = 60;
export function summerDays(site: Site, season: number, most: number): WeatherDays[] {
  const { slices } = site.season(season);
  const middle = midwinterOf(season, site.latitudeDeg) + 182 - slices[0].startDay;
  return spread(slices, most).map((s) => weatherBetween(s, middle - SUMMER_DAYS, middle + SUMMER_DAYS));
}
