import type { DayNumber } from "../dates/index";
import { clamp, quantileOf } from "../math/index";
import {
  killByDay,
  EVENING_MEASURES,
  type EveningKey,
  type Measure,
  potCourse,
  type PotInWinter,
  type RootLimits,
} from "../winter/index";
import { hoursAtPlace, type PlaceAir, type PotHours, weatherHours } from "../place/index";
import { extremesOfHours } from "../climate/index";
import { tooMild } from "./outlook";
import type { SiteWinter } from "./site-winter";
import { spread, weatherBetween } from "./weather-days";

/** Days before today that a pot's temperature is run from: roots harden over four weeks. */
const RUN_IN_DAYS = 70;
/** Nights ahead that are watched. */
export const WATCHED_NIGHTS = 3;
export const WATCHED_DAYS = 10;

/** Hours round pots at a place from some weeks ago until some days ahead, in so many courses. */
export interface Ahead {
  /** Day of the first hour. */
  startDay: DayNumber;
  /** Index of today among the days. */
  today: number;
  hours: PotHours[];
}

/** Courses enough for a few nights. */
const COURSES = 10;

export function hoursAhead(site: SiteWinter, air: PlaceAir): Ahead {
  const index = site.today - site.before[0].startDay;
  const from = Math.max(0, index - RUN_IN_DAYS);
  const to = Math.min(site.before[0].tminC.length, index + WATCHED_DAYS + 1);
  return {
    startDay: site.before[0].startDay + from,
    today: index - from,
    hours: spread(site.before, COURSES).map((s) =>
      hoursAtPlace(weatherHours(site.latitudeDeg, weatherBetween(s, from, to)), air),
    ),
  };
}

/** Air so mild that no root of these limits can be in danger in the coming nights. */
export function tooMildToHarm({ hours, today }: Ahead, limits: RootLimits): boolean {
  const coldest = Math.min(
    ...hours.map((h) =>
      h.airC.subarray(24 * today, 24 * (today + WATCHED_NIGHTS + 1)).reduce((a, b) => Math.min(a, b)),
    ),
  );
  return tooMild(coldest, limits);
}

/** Mean share of roots that the worst of the coming nights kills. */
export function rootsAhead(ahead: Ahead, pot: PotInWinter, limits: RootLimits, nights = WATCHED_NIGHTS): number {
  const from = ahead.today;
  let sum = 0;
  for (const hours of ahead.hours) {
    const kills = killByDay(potCourse(pot, hours), limits).subarray(from, from + nights + 1);
    sum += kills.reduce((a, b) => Math.max(a, b), 0);
  }
  return sum / ahead.hours.length;
}

/** A ball this cold through these days gives no water: leaves dry over it, °C and days before and after today. */
const FROZEN = { belowC: -0.5, before: 1, after: 3 } as const;

/** Share of the courses in which a pot is frozen through for days on end. */
export function frozenThrough(ahead: Ahead, pot: PotInWinter): number {
  const frozen = ahead.hours.filter((hours) =>
    potCourse(pot, hours)
      .coreMinC.subarray(ahead.today - FROZEN.before, ahead.today + FROZEN.after + 1)
      .every((t) => t < FROZEN.belowC),
  );
  return frozen.length / ahead.hours.length;
}

/** The least measure that brings the risk down; null where none does. */
export function leastMeasure(
  risk: number,
  riskWith: (change: Partial<PotInWinter>) => number,
  possible: (m: Measure<EveningKey>) => boolean,
): { measure: Measure<EveningKey>; risk: number } | null {
  for (const measure of EVENING_MEASURES) {
    if (!possible(measure)) continue;
    const left = riskWith(measure.change);
    if (left <= risk) return { measure, risk: left };
  }
  return null;
}

/** Water a pot loses in winter quarters (L): from its mix by the warmth there, through walls that breathe, through leaves. */
const LOSS = { mixMmAt5: 0.15, doublesPerC: 10, breathing: 0.3, leafMmAt10: 0.7, leafArea: 3.5 } as const;
/** Share of its water a pot may lose before it is watered, and the water its mix gives up, by volume (L). */
const MAY_LOSE = { leafless: 0.6, evergreen: 0.4, thirsty: 0.25 } as const;
const GIVES_UP = 0.25;
const WEEKS = { leafless: [14, 35], evergreen: [6, 28] } as const;

/** Days between waterings in winter quarters: by the water it holds, the warmth and light there, leaves or none. */
export function winterInterval(input: {
  volumeL: number;
  widthM: number;
  breathing: boolean;
  evergreen: boolean;
  even: boolean;
  meanC: number;
  light: number;
}): number {
  const { volumeL, widthM, breathing, evergreen, even, meanC, light } = input;
  const area = (Math.PI / 4) * widthM ** 2;
  const warm = 2 ** ((meanC - 5) / LOSS.doublesPerC);
  const wall = breathing ? LOSS.breathing * Math.PI * widthM * widthM : 0;
  const leaves =
    evergreen && meanC > 2
      ? LOSS.leafMmAt10 * 2 ** ((meanC - 10) / LOSS.doublesPerC) * (0.4 + 0.2 * light) * LOSS.leafArea * area
      : 0;
  const lossL = LOSS.mixMmAt5 * warm * (area + wall) + leaves;
  const share = evergreen ? (even ? MAY_LOSE.thirsty : MAY_LOSE.evergreen) : MAY_LOSE.leafless;
  const [least, most] = WEEKS[evergreen ? "evergreen" : "leafless"];
  return clamp((volumeL * GIVES_UP * share) / lossL, least, most);
}

/** The coming days of a place: what its air does, and what that asks for. */
export interface PlaceDay {
  day: DayNumber;
  lowC: number;
  highC: number;
  outsideHighC: number;
  door: boolean;
}

/** The door is opened by day when it is mild outside and warmer or stuffy within, °C. */
const DOOR = { outsideFromC: 5, outsideToC: 16, insideAboveC: 7 } as const;
/** Air this warm wakes leafless trees and breeds pests, mould grows in still, cool, damp air, °C. */
export const WARNINGS = { heatC: 15, leaflessC: 8, mouldFromC: 3, mouldToC: 14, stillRangeC: 5 } as const;

export interface PlaceAhead {
  days: PlaceDay[];
  /** Middle of the coming ten days, °C. */
  meanC: number;
  tooWarm: boolean;
  mould: boolean;
}

/** @param open hours outdoors, @param there at the place, same courses; a place without a door is never aired by it */
export function placeAhead(open: Ahead, there: Ahead, indoors: boolean): PlaceAhead {
  const low: number[][] = [];
  const high: number[][] = [];
  const outside: number[][] = [];
  there.hours.forEach((h, c) => {
    const inside = extremesOfHours(h.airC);
    const out = extremesOfHours(open.hours[c].airC);
    for (let k = 0; k < WATCHED_DAYS; k++) {
      const d = there.today + k;
      (low[k] ??= []).push(inside.tminC[d]);
      (high[k] ??= []).push(inside.tmaxC[d]);
      (outside[k] ??= []).push(out.tmaxC[d]);
    }
  });
  const middle = (values: number[]) =>
    quantileOf(
      [...values].sort((a, b) => a - b),
      0.5,
    );
  const days = low.map((_, k): PlaceDay => {
    const [lowC, highC, outsideHighC] = [middle(low[k]), middle(high[k]), middle(outside[k])];
    return {
      day: there.startDay + there.today + k,
      lowC,
      highC,
      outsideHighC,
      door:
        indoors && outsideHighC >= DOOR.outsideFromC && outsideHighC <= DOOR.outsideToC && highC >= DOOR.insideAboveC,
    };
  });
  const meanC = days.reduce((s, d) => s + (d.lowC + d.highC) / 2, 0) / days.length;
  const range = days.reduce((s, d) => s + d.highC - d.lowC, 0) / days.length;
  return {
    days,
    meanC,
    tooWarm: indoors && days.some((d) => d.highC > WARNINGS.heatC),
    mould:
      indoors &&
      meanC >= WARNINGS.mouldFromC &&
      meanC <= WARNINGS.mouldToC &&
      range < WARNINGS.stillRangeC &&
      !days.some((d) => d.door),
  };
}
