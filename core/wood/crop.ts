import {
  budWeather,
  degreeDays,
  lastFrostIndex,
  MIDSUMMER,
  SEASON_LEAD_DAYS,
  type SeasonSlice,
  type Site,
  WARMTH_BASE_C,
} from "../climate/index";
import { toIso } from "../dates/index";
import { normalQuantile, weightedQuantiles } from "../math/index";
import type { FruitClock } from "./clocks";
import type { HabitParameters } from "./habits";
import { fruitFrom, ripeningRate } from "./ripening";
import { runWoodSeason, type WoodSeason } from "./season";
import { woodMembers } from "./series";

/**
 * What a crop asks for, of a middling cultivar: its fruit clock where it has one, else warmth, °C·d above 10 °C from bud break to ripe
 * fruit.
 */
export type Crop = FruitClock | { degreeDays: number };

/** How a crop comes on: from which day, how much each day brings, and how much it asks for. */
function paceOf(crop: Crop, wood: WoodSeason, { tminC, tmaxC }: SeasonSlice) {
  if ("degreeDays" in crop)
    return {
      from: wood.budBreak,
      asks: crop.degreeDays,
      brings: (i: number) => degreeDays(tminC[i], tmaxC[i], WARMTH_BASE_C),
    };
  return {
    from: fruitFrom(wood, crop),
    asks: crop.ripeDays,
    brings: (i: number) => ripeningRate((tminC[i] + tmaxC[i]) / 2, crop.heatBound),
  };
}

/** What a crop asks for in its own unit. */
export const cropAsks = (crop: Crop): { amount: number; unit: "degree-days" | "ripening-days" } =>
  "degreeDays" in crop
    ? { amount: crop.degreeDays, unit: "degree-days" }
    : { amount: crop.ripeDays, unit: "ripening-days" };

/** Cultivars of a kind differ by about this much in the warmth they ask for: our judgement (L). */
const CULTIVAR_SPREAD = 0.12;
const CULTIVARS = 5;
/** The crop's season ends with the leaves, or with the first night this cold. */
const CROP_FROST_C = -2;

/** A bright place indoors where a tree is brought on. */
export const WARM_PLACE = { minC: 12, maxC: 18 };

export interface CropOutlook {
  /** Share of weather years and cultivars in which it ripens in time. */
  chance: number;
  /** Middle day it ripens, of the years it does; null where it hardly ever does. */
  ripeOn: string | null;
  /** What the middle season brings, in the unit of what the crop asks for. */
  seasonBrings: number;
}

function endOfSeason(slice: SeasonSlice, wood: WoodSeason): number {
  const last = SEASON_LEAD_DAYS + 365;
  for (let i = MIDSUMMER + 30; i < last; i++) {
    if (wood.leafFall >= 0 && i >= wood.leafFall) return i;
    if (slice.tminC[i] <= CROP_FROST_C) return i;
  }
  return last;
}

/** A season of one whose tree stood in warmth until a day: never colder there than the warm place keeps it. */
function broughtOn(latitudeDeg: number, slice: SeasonSlice, from: number, until: number): SeasonSlice {
  const tminC = slice.tminC.slice();
  const tmaxC = slice.tmaxC.slice();
  for (let i = Math.max(0, from); i < until; i++) {
    tminC[i] = Math.max(tminC[i], WARM_PLACE.minC);
    tmaxC[i] = Math.max(tmaxC[i], WARM_PLACE.maxC);
  }
  return { ...slice, tminC, tmaxC, growingHours: budWeather(latitudeDeg, slice.startDay, tminC, tmaxC).growingHours };
}

/** When a tree brought on in warmth goes out where spring frosts are too rare for a one-in-ten day: ninety days from midwinter (L). */
const OUT_WITHOUT_FROST = SEASON_LEAD_DAYS + 90;

/**
 * Chance that a crop ripens before its season ends, over the site's weather years and the spread of cultivars.
 * @param earlyWeeks weeks in a warm bright place before the one-in-ten day of the last frost, when the tree goes out
 */
export function cropOutlook(site: Site, season: number, h: HabitParameters, crop: Crop, earlyWeeks = 0): CropOutlook {
  const { slices } = site.season(season);
  const out = lastFrostIndex(site, slices[0].startDay, 0) ?? OUT_WITHOUT_FROST;
  const members = earlyWeeks === 0 ? woodMembers(site, season, h) : null;
  let [ripe, asked] = [0, 0];
  const days: number[] = [];
  const sums: number[] = [];
  slices.forEach((slice, m) => {
    const weather = earlyWeeks === 0 ? slice : broughtOn(site.latitudeDeg, slice, out - 7 * earlyWeeks, out);
    const wood = members ? members[m % members.length].wood : runWoodSeason(h, weather, site.latitudeDeg);
    const end = endOfSeason(slice, wood);
    const { from, asks, brings } = paceOf(crop, wood, weather);
    const needs = Array.from(
      { length: CULTIVARS },
      (_, k) => asks * (1 + CULTIVAR_SPREAD * normalQuantile((k + 0.5) / CULTIVARS)),
    );
    asked += CULTIVARS;
    let sum = 0;
    let next = 0;
    if (from >= 0) {
      for (let i = from; i < end; i++) {
        sum += brings(i);
        while (next < CULTIVARS && sum >= needs[next]) {
          days.push(i);
          ripe++;
          next++;
        }
      }
    }
    sums.push(sum);
  });
  const middle = (values: number[]) =>
    weightedQuantiles(
      values,
      values.map(() => 1),
      [0.5],
    )[0];
  return {
    chance: ripe / asked,
    ripeOn: days.length < asked / 20 ? null : toIso(Math.round(slices[0].startDay + middle(days))),
    seasonBrings: middle(sums),
  };
}

/**
 * Nights, in the mean year, that would kill new shoots between the day an early start wakes a tree and the one-in-ten day of the last
 * frost: so often it must stay in, be carried back or be covered.
 */
export function earlyStartNights(site: Site, season: number, h: HabitParameters, earlyWeeks: number): number {
  const { slices } = site.season(season);
  const out = lastFrostIndex(site, slices[0].startDay, 0) ?? OUT_WITHOUT_FROST;
  let nights = 0;
  for (const { tminC } of slices)
    for (let i = Math.max(0, out - 7 * earlyWeeks); i < out; i++) if (tminC[i] <= h.flushFrostC) nights++;
  return nights / slices.length;
}
