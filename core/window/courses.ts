import {
  firstFrostIndex,
  lastFrostIndex,
  MIDSUMMER,
  SEASON_LEAD_DAYS,
  type SeasonSlice,
  type Site,
} from "../climate/index";
import { midwinterOf } from "../dates/index";
import { clamp } from "../math/index";
import type { Profile } from "../species/index";
import { crownSeason, rootSeason } from "./kind-season";
import { OPEN_FROM } from "./operations";
import {
  type HabitParameters,
  lateFlushRipeness,
  type OwnWood,
  PHASE,
  RIPE_FROM,
  woodMembers,
  woodPhase,
  type WoodSeason,
} from "../wood/index";

/** The warm season ends on the first day, from 45 days after midsummer on, when a week's root zone averages below the base. */
const END_SEARCH_FROM = MIDSUMMER + 45;
/** Roots need the warmth from five days after the work on. */
const WARMTH_DELAY = 5;
const REROOTING_DAYS = 21;
/** Autumn-averse kinds are left alone from so long before their roots stop. */
const AUTUMN_AVERSE_DAYS = 56;
/** Safety margin on root-killing temperatures, K: published sources differ by up to 8. */
export const ROOT_KILL_MARGIN_C = 2;

/** Heat that stops work begins here and ends all at the second, °C; warm-climate kinds are asked at the day's cool end. */
export const HEAT_C = { temperate: [30, 38], warm: [34, 42] } as const;
/** The cool half-day lies this far from the night towards the afternoon. */
const COOL_END_SHARE = 0.35;

/**
 * How well a day's heat stands with work, 0–1.
 * @example heatSuitability(18, 34, false) // 0.5
 */
export function heatSuitability(tminC: number, tmaxC: number, warmClimate: boolean): number {
  const [from, none] = warmClimate ? HEAT_C.warm : HEAT_C.temperate;
  const felt = warmClimate ? tminC + COOL_END_SHARE * (tmaxC - tminC) : tmaxC;
  return clamp((none - felt) / (none - from), 0, 1);
}

/** One course of a season, with running figures that make each day's questions quick. Indices are days into the slice. */
export interface Course {
  slice: SeasonSlice;
  h: HabitParameters;
  wood: WoodSeason;
  phase: Uint8Array;
  /** Leafless, from leaf fall to bud break. */
  dormant: Uint8Array;
  /** How well each day's heat stands with work. */
  heat: Float32Array;
  /** How well the kind stands the loss of many roots on this day, in growth. */
  timely: Float32Array;
  /** How well it stands hard cuts into its crown. */
  cuts: Float32Array;
  bloom: Uint8Array;
  /** Root warmth above the base from each day to the season's end: never rising. */
  warmthLeft: Float32Array;
  /** Lowest root zone and lowest night within the re-rooting time. */
  coldRoots: Float32Array;
  coldNight: Float32Array;
  /** Lowest root zone until the buds swell next. */
  coldToSpring: Float32Array;
  /** Some day within three days of it is free of hard frost, and of frozen mix besides. */
  workable: { crown: Uint8Array; roots: Uint8Array };
  /** Five-day mean of the root zone up to each day. */
  week: Float32Array;
  /** First day on which spring work may begin, by its root zone, its buds and the last frost. */
  springFrom: number;
  /** Day by which the first damaging frost has come in one year of ten. */
  frostIndex: number;
  /** Days whose wood would be ripe in time after work of a strength, by strength. */
  ripeAfter: Map<number, Uint8Array>;
}

/** Everything of a season that no operation changes. Arrays by day run from midwinter to midwinter. */
export interface SeasonCourses {
  profile: Profile;
  courses: Course[];
  days: number;
  /** Share of the courses that keep their leaves: all or none, unless nobody knows the habit. */
  evergreenShare: number;
  /** Buds break on more than half of the courses. */
  wakes: boolean;
  /** More than half of the courses are leafless. */
  leafless: Uint8Array;
  /** What holds of each course on each day, as bits. */
  flags: Uint8Array[];
  /** Means over the courses. */
  means: Record<SharedFactor, Float32Array>;
}

export const FLAG = { mild: 1, warm: 2, cool: 4, quiet: 8, timely: 16, soft: 32, whole: 64 } as const;
type SharedFactor = "mild" | "warm" | "heat" | "bloom" | "timely" | "softLeafy" | "softEvergreen" | "fallen" | "cuts";

function rollingMin(values: Float32Array, days: number): Float32Array {
  const out = new Float32Array(values.length);
  // Days that may still be the lowest of a stretch, the lowest first.
  const queue = new Int32Array(values.length);
  let [head, tail] = [0, 0];
  for (let i = values.length - 1; i >= 0; i--) {
    while (tail > head && values[queue[tail - 1]] >= values[i]) tail--;
    queue[tail++] = i;
    while (queue[head] >= i + days) head++;
    out[i] = values[queue[head]];
  }
  return out;
}

/** What kinds read of the same weather: worked out once for a course of weather, whoever asks. */
interface SliceFacts {
  week: Float32Array;
  coldRoots: Float32Array;
  coldNight: Float32Array;
  workable: Course["workable"];
  heat: Map<boolean, Float32Array>;
  warmthLeft: Map<string, Float32Array>;
}
const factsOfSlice = new WeakMap<SeasonSlice, SliceFacts>();

function sliceFacts(slice: SeasonSlice): SliceFacts {
  let facts = factsOfSlice.get(slice);
  if (facts) return facts;
  const n = slice.rootZoneC.length;
  const week = new Float32Array(n);
  let sum = 0;
  for (let i = 0; i < n; i++) {
    sum += slice.rootZoneC[i] - (i >= 5 ? slice.rootZoneC[i - 5] : 0);
    week[i] = sum / Math.min(5, i + 1);
  }
  facts = {
    week,
    coldRoots: rollingMin(slice.rootZoneC, REROOTING_DAYS),
    coldNight: rollingMin(slice.tminC, REROOTING_DAYS),
    workable: {
      crown: nearby(slice, (i) => slice.tminC[i] > HARD_FROST_C),
      roots: nearby(slice, (i) => slice.tminC[i] > HARD_FROST_C && slice.rootZoneC[i] > FROZEN_C),
    },
    heat: new Map(),
    warmthLeft: new Map(),
  };
  factsOfSlice.set(slice, facts);
  return facts;
}

/** A frost on the day itself keeps hands off bare roots; at this root zone the mix begins to freeze. */
const HARD_FROST_C = -4;
const FROZEN_C = 0.5;
/** Any workable day of the week will do: one waits for it. */
const NEARBY_DAYS = 3;

function nearby({ tminC }: SeasonSlice, able: (i: number) => boolean): Uint8Array {
  const out = new Uint8Array(tminC.length);
  for (let i = 0; i < out.length; i++)
    if (able(i)) out.fill(1, Math.max(0, i - NEARBY_DAYS), Math.min(out.length, i + NEARBY_DAYS + 1));
  return out;
}

function remembered<K, V>(cache: Map<K, V>, key: K, make: () => V): V {
  let value = cache.get(key);
  if (value === undefined) cache.set(key, (value = make()));
  return value;
}

/** Root warmth above a base from each day to the season's end; kinds that resent autumn work are let be for its last weeks, however warm. */
function warmthLeftOf({ rootZoneC }: SeasonSlice, baseC: number, averse: boolean): Float32Array {
  const n = rootZoneC.length;
  const out = new Float32Array(n);
  let [left, end] = [0, n - 1];
  for (let i = n - 1; i >= 0; i--) {
    if (i >= END_SEARCH_FROM && weekMean(rootZoneC, i) < baseC) {
      // Roots stop here; what comes after, indoors or in spring, is another stretch of warmth.
      [left, end] = [0, i];
    }
    left += Math.max(0, rootZoneC[i] - baseC);
    out[Math.max(0, i - WARMTH_DELAY)] = left;
  }
  if (averse) out.fill(0, Math.min(n, Math.max(MIDSUMMER, end - AUTUMN_AVERSE_DAYS)), Math.min(n, end + 1));
  return out;
}

function weekMean(values: Float32Array, i: number): number {
  let sum = 0;
  for (let k = 0; k < 7; k++) sum += values[i - k];
  return sum / 7;
}

function heatOf({ tminC, tmaxC }: SeasonSlice, warmClimate: boolean): Float32Array {
  return tminC.map((low, i) => heatSuitability(low, tmaxC[i], warmClimate));
}

function courseOf(
  profile: Profile,
  slice: SeasonSlice,
  h: HabitParameters,
  wood: WoodSeason,
  frostIndex: number,
  springIndex: number,
): Course {
  const n = slice.rootZoneC.length;
  const facts = sliceFacts(slice);
  const { week } = facts;
  const phase = new Uint8Array(n);
  const dormant = new Uint8Array(n);
  const bloom = new Uint8Array(n);
  const deciduous = h.leaf === "deciduous";
  for (let i = 0; i < n; i++) {
    const p = PHASE[woodPhase(h, wood, i)];
    phase[i] = p;
    dormant[i] = deciduous && (p === PHASE.dormant || p === PHASE.fallen || p === PHASE.swelling) ? 1 : 0;
  }
  if (profile.bloomDays && wood.budBreak >= 0)
    bloom.fill(
      1,
      Math.max(0, wood.budBreak + profile.bloomDays[0]),
      Math.max(0, wood.budBreak + profile.bloomDays[1] + 1),
    );
  let springFrom = deciduous ? Math.max(SEASON_LEAD_DAYS, wood.swell) : Math.max(SEASON_LEAD_DAYS, springIndex);
  while (springFrom < MIDSUMMER && week[springFrom] < h.springRootZoneC) springFrom++;
  const averse = profile.autumnAverse;
  return {
    slice,
    h,
    wood,
    phase,
    dormant,
    heat: remembered(facts.heat, profile.warmClimate, () => heatOf(slice, profile.warmClimate)),
    bloom,
    timely: rootSeason(profile, h, wood, phase),
    cuts: crownSeason(profile, wood, n),
    warmthLeft: remembered(facts.warmthLeft, `${h.rootBaseC}:${averse}`, () =>
      warmthLeftOf(slice, h.rootBaseC, averse),
    ),
    coldRoots: facts.coldRoots,
    coldNight: facts.coldNight,
    coldToSpring: coldestToSpring(slice.rootZoneC, wood.swell),
    workable: facts.workable,
    week,
    springFrom,
    frostIndex,
    ripeAfter: new Map(),
  };
}

/** Roots may grow again by then where no swelling is on the course. */
const NEXT_SPRING = SEASON_LEAD_DAYS + 365 + 75;

function coldestToSpring(rootZoneC: Float32Array, swell: number): Float32Array {
  const out = rootZoneC.slice();
  const spring = swell >= 0 ? swell : MIDSUMMER;
  for (let i = Math.min(spring, MIDSUMMER) - 1; i >= 0; i--) out[i] = Math.min(out[i], out[i + 1]);
  for (let i = Math.min(NEXT_SPRING, out.length - 1) - 1; i > MIDSUMMER; i--) out[i] = Math.min(out[i], out[i + 1]);
  return out;
}

/** Whether shoots that work of a strength would wake on each day ripen before the damaging frost. */
export function ripeAfter(course: Course, strength: number): Uint8Array {
  let found = course.ripeAfter.get(strength);
  if (!found) {
    const { h, wood, frostIndex } = course;
    found = new Uint8Array(course.phase.length).fill(1);
    for (let i = Math.max(0, wood.budBreak); i < found.length && wood.budBreak >= 0; i++)
      found[i] = lateFlushRipeness(h, wood, i, Math.max(i, frostIndex), strength) >= RIPE_FROM ? 1 : 0;
    course.ripeAfter.set(strength, found);
  }
  return found;
}

/** The courses a season may take for a profile at a site: its weather years, each with its own pace of wood. */
export function seasonCourses(site: Site, profile: Profile, season: number, own?: OwnWood): SeasonCourses {
  const { slices } = site.season(season);
  const { startDay } = slices[0];
  const courses: Course[] = [];
  let springIndex = 0;
  for (const h of profile.parameters) {
    const frostIndex = firstFrostIndex(site, startDay, h.flushFrostC) ?? SEASON_LEAD_DAYS + 365;
    const spring = h.springFrostC === null ? 0 : (lastFrostIndex(site, startDay, h.springFrostC) ?? 0);
    springIndex = Math.max(springIndex, spring);
    woodMembers(site, season, h, own).forEach((member, m) => {
      courses.push(courseOf(profile, slices[slices.length === 1 ? 0 : m], h, member.wood, frostIndex, spring));
    });
  }
  const days = midwinterOf(season + 1, site.latitudeDeg) - midwinterOf(season, site.latitudeDeg);
  return summed(profile, courses, springIndex, days);
}

function summed(profile: Profile, courses: Course[], springIndex: number, days: number): SeasonCourses {
  const zero = () => new Float32Array(days);
  const means = {
    mild: zero(),
    warm: zero(),
    heat: zero(),
    bloom: zero(),
    timely: zero(),
    softLeafy: zero(),
    softEvergreen: zero(),
    fallen: zero(),
    cuts: zero(),
  };
  const dormant = zero();
  const killC = profile.rootKillYoungC + ROOT_KILL_MARGIN_C;
  const flags = courses.map((c) => {
    const bits = new Uint8Array(days);
    const evergreen = c.h.leaf === "evergreen";
    for (let d = 0; d < days; d++) {
      const i = SEASON_LEAD_DAYS + d;
      const spring = i < MIDSUMMER;
      const mild = evergreen
        ? c.coldNight[i] > c.h.flushFrostC && !(spring && i < springIndex)
        : c.coldRoots[i] > killC;
      const warm = c.week[i] >= (spring || evergreen ? c.h.springRootZoneC : 0);
      const soft = c.phase[i] === PHASE.soft;
      dormant[d] += c.dormant[i];
      means.mild[d] += mild ? 1 : 0;
      means.warm[d] += warm ? 1 : 0;
      means.heat[d] += c.heat[i];
      means.bloom[d] += c.bloom[i];
      means.timely[d] += c.timely[i];
      means[evergreen ? "softEvergreen" : "softLeafy"][d] += soft ? 1 : 0;
      means.fallen[d] += c.phase[i] === PHASE.fallen && !evergreen ? 1 : 0;
      means.cuts[d] += c.cuts[i];
      bits[d] =
        (mild ? FLAG.mild : 0) |
        (warm ? FLAG.warm : 0) |
        (c.heat[i] >= OPEN_FROM ? FLAG.cool : 0) |
        (c.bloom[i] === 0 ? FLAG.quiet : 0) |
        (c.timely[i] >= OPEN_FROM ? FLAG.timely : 0) |
        (soft ? FLAG.soft : 0) |
        (c.cuts[i] >= OPEN_FROM ? FLAG.whole : 0);
    }
    return bits;
  });
  const n = courses.length;
  for (const mean of Object.values(means)) for (let d = 0; d < days; d++) mean[d] /= n;
  const most = (holds: (c: Course) => boolean) => courses.filter(holds).length / n;
  return {
    profile,
    courses,
    days,
    evergreenShare: most((c) => c.h.leaf === "evergreen"),
    wakes: most((c) => c.wood.budBreak >= 0) > 0.5,
    flags,
    means,
    leafless: Uint8Array.from(dormant, (v) => (2 * v > n ? 1 : 0)),
  };
}
