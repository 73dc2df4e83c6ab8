import {
  firstFrostIndex,
  lastFrostIndex,
  MIDSUMMER,
  SEASON_LEAD_DAYS,
  type SeasonSlice,
  type Site,
} from "../climate/index";
import { type DayNumber, midwinterOf } from "../dates/index";
import { clamp } from "../math/index";
import type { Profile } from "../species/index";
import {
  type HabitParameters,
  lateFlushRipeness,
  type OwnWood,
  RIPE_FROM,
  woodMembers,
  woodPhase,
  type WoodSeason,
} from "../wood/index";
import { type Limit, LIMITS, type Operation, OPERATION_NEEDS, type OperationNeeds } from "./operations";

/** Suitability (×200) and limiting factor by day, through whole growing seasons. */
export interface WindowSeries {
  startDay: DayNumber;
  suitability: Uint8Array;
  limiting: Uint8Array;
  /** Share of the site's weather years (×100) in which work that day ends well: roots take hold, wood ripens, no killing cold. */
  safe: Uint8Array;
}

export interface WindowOptions {
  /** Accepted share of bad years. */
  risk: number;
  /** Under shelter: cold after the work does not count. */
  sheltered: boolean;
}
export const DEFAULT_WINDOW: WindowOptions = { risk: 0.1, sheltered: false };

/** The warm season ends on the first day, from 45 days after midsummer on, when a week's root zone averages below the base. */
const END_SEARCH_FROM = MIDSUMMER + 45;
/** Roots need the warmth from five days after the work on. */
const WARMTH_DELAY = 5;
const REROOTING_DAYS = 21;
/** Safety margin on root-killing temperatures, K: published sources differ by up to 8. */
const ROOT_KILL_MARGIN_C = 2;
/** A frost on the day itself that keeps hands off bare roots. */
const HARD_FROST_C = -4;
/** Dormant work is best in the weeks before bud break. */
const BEST_BEFORE_BUD_BREAK = 42;

/** One course of the season, with running figures that make each day's questions quick. */
interface Course {
  slice: SeasonSlice;
  h: HabitParameters;
  wood: WoodSeason;
  /** Root warmth above the base from each day to the season's end. */
  warmthLeft: Float32Array;
  /** Lowest root zone and lowest night within the re-rooting time. */
  coldRoots: Float32Array;
  coldNight: Float32Array;
  /** Five-day mean of the root zone up to each day. */
  week: Float32Array;
  /** Day by which the first damaging frost has come in one year of ten. */
  frostIndex: number;
}

/** Maps a share of good years to suitability: .5 exactly at the accepted risk. */
function byRisk(share: number, risk: number): number {
  return clamp(0.5 + (share - (1 - risk)) / (2 * risk), 0, 1);
}

function rollingMin(values: Float32Array, days: number): Float32Array {
  const out = new Float32Array(values.length);
  for (let i = 0; i < out.length; i++) {
    let low = Infinity;
    for (let k = i; k < Math.min(values.length, i + days); k++) if (values[k] < low) low = values[k];
    out[i] = low;
  }
  return out;
}

function courseOf(slice: SeasonSlice, h: HabitParameters, wood: WoodSeason, frostIndex: number): Course {
  const n = slice.rootZoneC.length;
  let end = n - 1;
  let sum = 0;
  const week = new Float32Array(n);
  for (let i = 0; i < n; i++) {
    sum += slice.rootZoneC[i] - (i >= 5 ? slice.rootZoneC[i - 5] : 0);
    week[i] = sum / Math.min(5, i + 1);
  }
  for (let i = END_SEARCH_FROM; i < n; i++) {
    let mean = 0;
    for (let k = 0; k < 7; k++) mean += slice.rootZoneC[i - k] / 7;
    if (mean < h.rootBaseC) {
      end = i;
      break;
    }
  }
  const warmthLeft = new Float32Array(n);
  let left = 0;
  for (let i = end; i >= 0; i--) {
    left += Math.max(0, slice.rootZoneC[i] - h.rootBaseC);
    warmthLeft[Math.max(0, i - WARMTH_DELAY)] = left;
  }
  return {
    slice,
    h,
    wood,
    warmthLeft,
    coldRoots: rollingMin(slice.rootZoneC, REROOTING_DAYS),
    coldNight: rollingMin(slice.tminC, REROOTING_DAYS),
    week,
    frostIndex,
  };
}

/** Suitability of a season's days for one operation, from midwinter to midwinter. */
interface JudgedSeason {
  suitability: Float32Array;
  limiting: Uint8Array;
  safe: Float32Array;
}

function judgeSeason(
  site: Site,
  profile: Profile,
  season: number,
  operation: Operation,
  options: WindowOptions,
  own?: OwnWood,
): JudgedSeason {
  const needs = OPERATION_NEEDS[operation];
  const { slices } = site.season(season);
  const startDay = slices[0].startDay;
  const courses: Course[] = [];
  let springIndex = 0;
  for (const h of profile.parameters) {
    const frostIndex = firstFrostIndex(site, startDay, h.flushFrostC) ?? SEASON_LEAD_DAYS + 365;
    if (h.springFrostC !== null) springIndex = lastFrostIndex(site, startDay, h.springFrostC) ?? 0;
    woodMembers(site, season, h, own).forEach((member, m) => {
      courses.push(courseOf(slices[slices.length === 1 ? 0 : m], h, member.wood, frostIndex));
    });
  }
  const days = midwinterOf(season + 1, site.latitudeDeg) - midwinterOf(season, site.latitudeDeg);
  const out = { suitability: new Float32Array(days), limiting: new Uint8Array(days), safe: new Float32Array(days) };
  for (let d = 0; d < days; d++) {
    const day = judgeDay(courses, profile, needs, SEASON_LEAD_DAYS + d, springIndex, options);
    out.suitability[d] = day.suitability;
    out.limiting[d] = LIMITS.indexOf(day.limiting);
    out.safe[d] = day.safe;
  }
  return out;
}

interface Judged {
  suitability: number;
  limiting: Limit;
  safe: number;
}

/** The regime most courses are in decides which questions are asked. */
function judgeDay(
  courses: Course[],
  profile: Profile,
  needs: OperationNeeds,
  i: number,
  springIndex: number,
  options: WindowOptions,
): Judged {
  let dormant = 0;
  for (const c of courses) if (c.h.leaf === "deciduous" && isDormant(c, i)) dormant++;
  return dormant * 2 > courses.length
    ? judgeDormant(courses, profile, needs, i, options)
    : judgeGrowing(courses, profile, needs, i, springIndex, options);
}

function isDormant(c: Course, i: number): boolean {
  const phase = woodPhase(c.h, c.wood, i);
  return phase === "dormant" || phase === "fallen" || phase === "swelling";
}

/** Factors as running figures over the courses: shares of good years, or means of a graded suitability. */
class Factors {
  private readonly values: [Limit, number][] = [];
  add(limit: Limit, value: number): void {
    this.values.push([limit, value]);
  }
  /** The least of them; "none" when nothing holds the day back. */
  least(safe: number): Judged {
    let [limiting, suitability]: [Limit, number] = ["none", 1];
    for (const [limit, value] of this.values) if (value < suitability - 1e-9) [limiting, suitability] = [limit, value];
    return { suitability, limiting: suitability > 0.95 ? "none" : limiting, safe };
  }
}

function judgeGrowing(
  courses: Course[],
  profile: Profile,
  needs: OperationNeeds,
  i: number,
  springIndex: number,
  options: WindowOptions,
): Judged {
  const n = courses.length;
  let [rooted, ripe, warmEnough, mild, flush, heat, bloom, safe] = [0, 0, 0, 0, 0, 0, 0, 0];
  for (const c of courses) {
    const roots = c.warmthLeft[i] >= c.h.rootNeedDegreeDays * needs.work;
    const wood = lateFlushRipeness(c.h, c.wood, i, Math.max(i, c.frostIndex), needs.flush) >= RIPE_FROM;
    const spring = i < MIDSUMMER;
    const evergreen = c.h.leaf === "evergreen";
    const warm = c.week[i] >= (spring || evergreen ? c.h.springRootZoneC : 0);
    const cold = evergreen
      ? c.coldNight[i] > c.h.flushFrostC && !(spring && i < springIndex)
      : c.coldRoots[i] > profile.rootKillYoungC + ROOT_KILL_MARGIN_C;
    rooted += roots ? 1 : 0;
    ripe += wood ? 1 : 0;
    warmEnough += warm ? 1 : 0;
    mild += cold ? 1 : 0;
    if (roots && wood && (cold || options.sheltered)) safe++;
    const phase = woodPhase(c.h, c.wood, i);
    flush += evergreen ? needs.evergreen : phase === "soft" ? needs.inSoftGrowth : phase === "fallen" ? 0.4 : 1;
    heat += clamp(((profile.warmClimate ? 42 : 38) - c.slice.tmaxC[i]) / 8, 0, 1);
    bloom += inBloom(profile, c, i) && needs.rootLoss > 0 ? 0.45 : 1;
  }
  const factors = new Factors();
  factors.add("root-warmth", byRisk(rooted / n, options.risk));
  factors.add("soil-cold", clamp(warmEnough / n, 0, 1));
  factors.add("wood", byRisk(ripe / n, options.risk));
  if (!options.sheltered) factors.add("cold-after", byRisk(mild / n, options.risk));
  factors.add("flush", flush / n);
  factors.add("heat", heat / n);
  factors.add("bloom", bloom / n);
  return factors.least(safe / n);
}

function inBloom(profile: Profile, c: Course, i: number): boolean {
  if (!profile.bloomDays || c.wood.budBreak < 0) return false;
  return i >= c.wood.budBreak + profile.bloomDays[0] && i <= c.wood.budBreak + profile.bloomDays[1];
}

/** Leaf fall to bud break: no root warmth asked, but roots must be safe from cold and the mix workable. */
function judgeDormant(
  courses: Course[],
  profile: Profile,
  needs: OperationNeeds,
  i: number,
  options: WindowOptions,
): Judged {
  const n = courses.length;
  let [workable, safeRoots, timing] = [0, 0, 0];
  for (const c of courses) {
    workable += c.slice.rootZoneC[i] > 0.5 && c.slice.tminC[i] > HARD_FROST_C ? 1 : 0;
    safeRoots += c.coldRoots[i] > profile.rootKillYoungC + ROOT_KILL_MARGIN_C ? 1 : 0;
    timing += dormantTiming(c, profile, needs, i);
  }
  const factors = new Factors();
  // Any workable day of the week will do, so half of the days being workable is enough.
  factors.add("soil-cold", clamp(workable / n, 0, 1));
  if (!options.sheltered) factors.add("cold-after", byRisk(safeRoots / n, options.risk));
  factors.add("root-warmth", timing / n);
  return factors.least(safeRoots / n);
}

/** How well the day lies before bud break: roots cut earlier sit wounded and idle in cold mix. */
function dormantTiming(c: Course, profile: Profile, needs: OperationNeeds, i: number): number {
  const budBreak = i < MIDSUMMER ? c.wood.budBreak : -1;
  const until = budBreak >= 0 ? budBreak - i : 200;
  const swelling = c.wood.swell >= 0 && i >= c.wood.swell && i < MIDSUMMER;
  if (swelling) return 1;
  if (profile.tolerance === "touchy" || profile.autumnAverse) {
    if (needs.rootLoss === 0) return until <= BEST_BEFORE_BUD_BREAK ? 0.8 : 0.4;
    return until <= 14 ? 0.7 : 0.2;
  }
  if (until <= BEST_BEFORE_BUD_BREAK) return 0.9;
  if (needs.rootLoss < 0.1) return 0.55;
  return profile.tolerance === "robust" ? 0.45 : 0.3;
}

/**
 * Windows of one operation for trees of one profile through whole seasons. Seasons already finished, and the one running, use the
 * record as far as it goes; the rest the site's weather years. A day's suitability is the smallest of its named factors.
 */
export function windowSeries(
  site: Site,
  profile: Profile,
  operation: Operation,
  fromSeason: number,
  toSeason: number,
  options: WindowOptions = DEFAULT_WINDOW,
  own?: OwnWood,
): WindowSeries {
  const startDay = midwinterOf(fromSeason, site.latitudeDeg);
  const length = midwinterOf(toSeason + 1, site.latitudeDeg) - startDay;
  const series: WindowSeries = {
    startDay,
    suitability: new Uint8Array(length),
    limiting: new Uint8Array(length),
    safe: new Uint8Array(length),
  };
  // Seasons the record does not touch are all judged by the same weather years: judge one, copy it.
  let usual: JudgedSeason | null = null;
  for (let season = fromSeason; season <= toSeason; season++) {
    const opening = midwinterOf(season, site.latitudeDeg);
    const { observedUntil, slices } = site.season(season);
    const untouched = observedUntil <= slices[0].startDay;
    const judged: JudgedSeason =
      untouched && usual ? usual : judgeSeason(site, profile, season, operation, options, own);
    if (untouched) usual = judged;
    const days = midwinterOf(season + 1, site.latitudeDeg) - opening;
    for (let d = 0; d < days; d++) {
      const from = Math.min(d, judged.suitability.length - 1);
      const at = opening - startDay + d;
      series.suitability[at] = Math.round(200 * judged.suitability[from]);
      series.limiting[at] = judged.limiting[from];
      series.safe[at] = Math.round(100 * judged.safe[from]);
    }
  }
  return series;
}
