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
  /** How well it stands hard and light cuts into its crown. */
  hardCuts: Float32Array;
  lightCuts: Float32Array;
  bloom: Uint8Array;
  /** Root warmth above the base from each day until the roots stop for the winter. */
  warmthLeft: Float32Array;
  /** Root warmth of the time in which cut roots must take hold; none for kinds that resent autumn work where their roots stop soon. */
  warmthSoon: Float32Array;
  /** The same past the winter into the next summer, for roots that may wait. */
  warmthAhead: Float32Array;
  /** Coolest five-day mean of the root zone in the weeks in which a ball moved whole settles. */
  settling: Float32Array;
  /** 1 where the coming month's root zone is no cooler than the past one's. */
  warming: Uint8Array;
  /** How readily work wakes buds in the warmth of the days after it, 0–1. */
  readiness: Float32Array;
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
  /** Day by which the first damaging frost has come in one year of ten; null where it is rarer or never comes. */
  frostIndex: number | null;
  /** Day from which shoots that work wakes open after the last damaging frost of spring, nine years in ten. */
  flushSafeIndex: number;
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
  /** Evergreen and too tender for most winters here: it stands under cover in the cold. */
  kept: boolean;
  /** More than half of the courses are leafless. */
  leafless: Uint8Array;
  /** What holds of each course on each day, as bits. */
  flags: Uint8Array[];
  /** Means over the courses. */
  means: Record<SharedFactor, Float32Array>;
}

export const FLAG = { mild: 1, warm: 2, cool: 4, quiet: 8, timely: 16, soft: 32, whole: 64, thawed: 128 } as const;
type SharedFactor =
  | "mild"
  | "warm"
  | "thawed"
  | "heat"
  | "bloom"
  | "timely"
  | "softLeafy"
  | "softEvergreen"
  | "fallen"
  | "hardCuts"
  | "lightCuts";

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
  workableRoots: Uint8Array;
  /** Lowest five-day mean of the root zone over the weeks in which a ball moved whole settles. */
  settling: { usual: Float32Array; averse: Float32Array };
  warming: Uint8Array;
  heat: Map<boolean, Float32Array>;
  warmthLeft: Map<number, Float32Array>;
  warmthSoon: Map<string, Float32Array>;
  warmthAhead: Map<number, Float32Array>;
  readiness: Map<number, Float32Array>;
  crownWorkable: Map<number, Uint8Array>;
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
    workableRoots: nearby(slice, (i) => slice.tminC[i] > HARD_FROST_C && slice.rootZoneC[i] > FROZEN_C),
    settling: { usual: rollingMin(week, SETTLE_DAYS), averse: rollingMin(week, SETTLE_AVERSE_DAYS) },
    warming: warmingOf(slice),
    heat: new Map(),
    warmthLeft: new Map(),
    warmthSoon: new Map(),
    warmthAhead: new Map(),
    readiness: new Map(),
    crownWorkable: new Map(),
  };
  factsOfSlice.set(slice, facts);
  return facts;
}

/** A frost on the day itself keeps hands off bare roots; at this root zone the mix begins to freeze. */
const HARD_FROST_C = -4;
/** Crowns of hardy kinds are cut in more frost than that: a third of what their wood stands, and never below this (L). */
const CROWN_FROST_SHARE = 1 / 3;
const CROWN_FROST_C = -10;
/** A ball moved whole in autumn wants so many days in which its root zone holds this warmth; autumn-averse kinds more. */
export const SETTLE_C = 8;
const SETTLE_DAYS = 42;
const SETTLE_AVERSE_DAYS = 56;
/** Roots that wait out the winter take hold within so many days, in the warmth of the next spring. */
const AHEAD_DAYS = 195;
/** Cut roots take hold within so many days or not at all that season. */
const SOON_DAYS = 90;
/** In days warmer than this over the base of growth, work wakes buds as strongly as it can; K. */
const MONTH_DAYS = 30;
const READY_K = 8;
const READY_DAYS = 14;
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

/** Root warmth above a base from each day until the roots stop for the winter. */
function warmthLeftOf({ rootZoneC }: SeasonSlice, baseC: number): Float32Array {
  const n = rootZoneC.length;
  const out = new Float32Array(n);
  let left = 0;
  for (let i = n - 1; i >= 0; i--) {
    if (i >= END_SEARCH_FROM && weekMean(rootZoneC, i) < baseC) left = 0;
    left += Math.max(0, rootZoneC[i] - baseC);
    out[Math.max(0, i - WARMTH_DELAY)] = left;
  }
  return out;
}

/** Root warmth above a base within so many days of each day, from `WARMTH_DELAY` on. */
function warmthWithin({ rootZoneC }: SeasonSlice, baseC: number, days: number): Float32Array {
  const n = rootZoneC.length;
  const sums = new Float64Array(n + 1);
  for (let i = 0; i < n; i++) sums[i + 1] = sums[i] + Math.max(0, rootZoneC[i] - baseC);
  return Float32Array.from({ length: n }, (_, i) => {
    const from = Math.min(n, i + WARMTH_DELAY);
    return sums[Math.min(n, from + days)] - sums[from];
  });
}

/** For kinds that resent autumn work: none on days after which the root zone cools below the base within weeks. */
function withoutAutumn(soon: Float32Array, facts: SliceFacts, baseC: number): Float32Array {
  return soon.map((v, i) => (facts.warming[i] === 0 && facts.settling.averse[i] < baseC ? 0 : v));
}

/** Days from which on the root zone warms, month against month. */
function warmingOf({ rootZoneC }: SeasonSlice): Uint8Array {
  const n = rootZoneC.length;
  const sums = new Float64Array(n + 1);
  for (let i = 0; i < n; i++) sums[i + 1] = sums[i] + rootZoneC[i];
  return Uint8Array.from({ length: n }, (_, i) => {
    const [from, to] = [Math.max(0, i - MONTH_DAYS), Math.min(n, i + MONTH_DAYS)];
    return i > from && (sums[to] - sums[i]) / (to - i) >= (sums[i] - sums[from]) / (i - from) ? 1 : 0;
  });
}

/** How readily the warmth of the coming fortnight lets buds go. */
function readinessOf({ tminC, tmaxC }: SeasonSlice, baseC: number): Float32Array {
  const n = tminC.length;
  const sums = new Float64Array(n + 1);
  for (let i = 0; i < n; i++) sums[i + 1] = sums[i] + Math.max(0, (tminC[i] + tmaxC[i]) / 2 - baseC);
  return Float32Array.from({ length: n }, (_, i) => {
    const end = Math.min(n, i + READY_DAYS);
    return Math.min(1, (sums[end] - sums[i]) / ((end - i) * READY_K));
  });
}

function weekMean(values: Float32Array, i: number): number {
  let sum = 0;
  for (let k = 0; k < 7; k++) sum += values[i - k];
  return sum / 7;
}

function heatOf({ tminC, tmaxC }: SeasonSlice, warmClimate: boolean): Float32Array {
  return tminC.map((low, i) => heatSuitability(low, tmaxC[i], warmClimate));
}

/**
 * Phase of a course on a day. Until its buds move, a tree may still stand as the year before left it, in leaf or in soft growth: that
 * year ended as this one will.
 */
function phaseOn(h: HabitParameters, wood: WoodSeason, i: number, rests: boolean): number {
  const p = PHASE[woodPhase(h, wood, i)];
  if (i >= wood.swell || i + 365 >= wood.cessation.length) return p;
  const carried = PHASE[woodPhase(h, wood, i + 365)];
  return carried === PHASE.soft || (rests && carried !== PHASE.fallen) ? carried : p;
}

function courseOf(
  profile: Profile,
  slice: SeasonSlice,
  h: HabitParameters,
  wood: WoodSeason,
  frostIndex: number | null,
  springIndex: number,
  flushSafeIndex: number,
): Course {
  const n = slice.rootZoneC.length;
  const facts = sliceFacts(slice);
  const { week } = facts;
  const phase = new Uint8Array(n);
  const dormant = new Uint8Array(n);
  const bloom = new Uint8Array(n);
  const deciduous = h.leaf === "deciduous";
  // Where the leaves never fall it does not rest.
  const rests = deciduous && wood.leafFall >= 0 && wood.flush === null;
  for (let i = 0; i < n; i++) {
    const p = phaseOn(h, wood, i, rests);
    phase[i] = p;
    dormant[i] = rests && (p === PHASE.dormant || p === PHASE.fallen || p === PHASE.swelling) ? 1 : 0;
  }
  // Flowers of the next year may open before its midwinter.
  if (wood.bloomFrom >= 0)
    for (const year of [0, 365])
      bloom.fill(1, year + wood.bloomFrom, year + (wood.bloomTo < 0 ? wood.fullBloom : wood.bloomTo) + 1);
  let springFrom = deciduous ? Math.max(SEASON_LEAD_DAYS, wood.swell) : Math.max(SEASON_LEAD_DAYS, springIndex);
  while (springFrom < MIDSUMMER && week[springFrom] < h.springRootZoneC) springFrom++;
  const averse = profile.autumnAverse;
  const crownFrostC = Math.round(
    Math.min(HARD_FROST_C, Math.max(CROWN_FROST_C, CROWN_FROST_SHARE * profile.values.crownC)),
  );
  return {
    slice,
    h,
    wood,
    phase,
    dormant,
    heat: remembered(facts.heat, profile.warmClimate, () => heatOf(slice, profile.warmClimate)),
    bloom,
    timely: rootSeason(profile, h, wood, phase),
    ...crownSeason(profile, wood, slice, frostIndex, flushSafeIndex),
    warmthLeft: remembered(facts.warmthLeft, h.rootBaseC, () => warmthLeftOf(slice, h.rootBaseC)),
    warmthSoon: remembered(facts.warmthSoon, `${h.rootBaseC}:${averse}`, () => {
      const soon = warmthWithin(slice, h.rootBaseC, SOON_DAYS);
      return averse ? withoutAutumn(soon, facts, h.rootBaseC) : soon;
    }),
    warmthAhead: remembered(facts.warmthAhead, h.rootBaseC, () => warmthWithin(slice, h.rootBaseC, AHEAD_DAYS)),
    settling: facts.settling[averse ? "averse" : "usual"],
    warming: facts.warming,
    readiness: remembered(facts.readiness, h.growthBaseC, () => readinessOf(slice, h.growthBaseC)),
    coldRoots: facts.coldRoots,
    coldNight: facts.coldNight,
    coldToSpring: coldestToSpring(slice.rootZoneC, wood.swell),
    workable: {
      crown: remembered(facts.crownWorkable, crownFrostC, () => nearby(slice, (i) => slice.tminC[i] > crownFrostC)),
      roots: facts.workableRoots,
    },
    week,
    springFrom,
    frostIndex,
    flushSafeIndex,
    ripeAfter: new Map(),
  };
}

/** Roots may grow again by then where no swelling is on the course. */
const NEXT_SPRING = SEASON_LEAD_DAYS + 365 + 75;

function coldestToSpring(rootZoneC: Float32Array, swell: number): Float32Array {
  const out = rootZoneC.slice();
  const spring = swell >= 0 ? swell : NEXT_SPRING - 365;
  for (let i = Math.min(spring, MIDSUMMER) - 1; i >= 0; i--) out[i] = Math.min(out[i], out[i + 1]);
  for (let i = Math.min(spring + 365, out.length - 1) - 1; i > MIDSUMMER; i--) out[i] = Math.min(out[i], out[i + 1]);
  return out;
}

/** Whether shoots that work of a strength would wake on each day ripen before the damaging frost. */
export function ripeAfter(course: Course, strength: number): Uint8Array {
  let found = course.ripeAfter.get(strength);
  if (!found) {
    const { h, wood, frostIndex, flushSafeIndex, readiness } = course;
    found = new Uint8Array(course.phase.length).fill(1);
    // Where no damaging frost comes there is nothing to be ripe for.
    if (frostIndex !== null && wood.budBreak >= 0) {
      for (let i = wood.budBreak; i < found.length; i++)
        found[i] = lateFlushRipeness(h, wood, i, Math.max(i, frostIndex), strength * readiness[i]) >= RIPE_FROM ? 1 : 0;
      // Shoots that open when frosts are over have the whole season; until the buds break the wood is last year's.
      found.fill(1, flushSafeIndex + 365);
      for (let i = 0; i < wood.budBreak && i + 365 < found.length; i++) found[i] = found[i + 365];
    }
    course.ripeAfter.set(strength, found);
  }
  return found;
}

/** Buds that work wakes open so long after it. */
const FLUSH_OPENS_DAYS = 20;
/** Where frost after midwinter is too rare for a one-in-ten day, it is over so long after it: with the frost year's split. */
const RARE_SPRING_FROST_DAYS = 27;

/** The courses a season may take for a profile at a site: its weather years, each with its own pace of wood. */
export function seasonCourses(site: Site, profile: Profile, season: number, own?: OwnWood): SeasonCourses {
  const { slices } = site.season(season);
  const { startDay } = slices[0];
  const courses: Course[] = [];
  for (const h of profile.parameters) {
    const frostIndex = firstFrostIndex(site, startDay, h.flushFrostC);
    const spring = h.springFrostC === null ? 0 : (lastFrostIndex(site, startDay, h.springFrostC) ?? 0);
    const lastFrost = lastFrostIndex(site, startDay, h.flushFrostC) ?? SEASON_LEAD_DAYS + RARE_SPRING_FROST_DAYS;
    woodMembers(site, season, h, own).forEach((member, m) => {
      const slice = slices[slices.length === 1 ? 0 : m];
      courses.push(courseOf(profile, slice, h, member.wood, frostIndex, spring, lastFrost - FLUSH_OPENS_DAYS));
    });
  }
  const days = midwinterOf(season + 1, site.latitudeDeg) - midwinterOf(season, site.latitudeDeg);
  return summed(profile, courses, days);
}

/** Evergreens that stand such frost are hardy: they go into cool ground as leafless trees do (L). */
const HARDY_EVERGREEN_C = -8;
const COOL_MIX_C = 5;
/** Kinds that want a warmer root zone in spring than this are moved in warmth only, however hardy: palms. */
const COOL_KIND_C = 12;
/** New growth of kinds as hardy as this freezes or not with or without the work: no reason to wait. */
const VERY_HARDY_C = -15;
/** What ripe wood and leaves stand less this is safe enough for a crown that was just moved, K (L). */
const CROWN_MARGIN_C = 3;

/** An evergreen's crown through the weeks after work: new growth must not freeze, nor firm growth come near its limit. */
function evergreenStands(c: Course, i: number, crownC: number): boolean {
  const flushes = i < c.wood.budBreak && i + REROOTING_DAYS >= c.wood.budBreak;
  const soft = crownC > VERY_HARDY_C && (c.phase[i] === PHASE.soft || flushes);
  return c.coldNight[i] > (soft ? c.h.flushFrostC : Math.min(c.h.flushFrostC, crownC + CROWN_MARGIN_C));
}

function summed(profile: Profile, courses: Course[], days: number): SeasonCourses {
  const zero = () => new Float32Array(days);
  const means = {
    mild: zero(),
    warm: zero(),
    thawed: zero(),
    heat: zero(),
    bloom: zero(),
    timely: zero(),
    softLeafy: zero(),
    softEvergreen: zero(),
    fallen: zero(),
    hardCuts: zero(),
    lightCuts: zero(),
  };
  const dormant = zero();
  const killC = profile.rootKillYoungC + ROOT_KILL_MARGIN_C;
  const { crownC } = profile.values;
  const hardy = crownC <= HARDY_EVERGREEN_C && profile.values.springRootZoneC <= COOL_KIND_C;
  const gentleC = hardy ? COOL_MIX_C : Infinity;
  const flags = courses.map((c) => {
    const bits = new Uint8Array(days);
    const evergreen = c.h.leaf === "evergreen";
    for (let d = 0; d < days; d++) {
      const i = SEASON_LEAD_DAYS + d;
      const spring = i < MIDSUMMER;
      const soft = c.phase[i] === PHASE.soft;
      const mild = evergreen ? evergreenStands(c, i, crownC) && c.coldRoots[i] > killC : c.coldRoots[i] > killC;
      const asked = spring || evergreen || c.wood.leafFall < 0 ? c.h.springRootZoneC : 0;
      const warm = c.week[i] >= asked;
      const thawed = c.week[i] >= Math.min(asked, gentleC);
      dormant[d] += c.dormant[i];
      means.mild[d] += mild ? 1 : 0;
      means.warm[d] += warm ? 1 : 0;
      means.thawed[d] += thawed ? 1 : 0;
      means.heat[d] += c.heat[i];
      means.bloom[d] += c.bloom[i];
      means.timely[d] += c.timely[i];
      means[evergreen ? "softEvergreen" : "softLeafy"][d] += soft ? 1 : 0;
      means.fallen[d] += c.phase[i] === PHASE.fallen && !evergreen ? 1 : 0;
      means.hardCuts[d] += c.hardCuts[i];
      means.lightCuts[d] += c.lightCuts[i];
      bits[d] =
        (mild ? FLAG.mild : 0) |
        (warm ? FLAG.warm : 0) |
        (thawed ? FLAG.thawed : 0) |
        (c.heat[i] >= OPEN_FROM ? FLAG.cool : 0) |
        (c.bloom[i] === 0 ? FLAG.quiet : 0) |
        (c.timely[i] >= OPEN_FROM ? FLAG.timely : 0) |
        (soft ? FLAG.soft : 0) |
        (c.hardCuts[i] >= OPEN_FROM ? FLAG.whole : 0);
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
    kept: most((c) => c.h.leaf === "evergreen" && Math.min(...c.slice.tminC) < crownC) > 0.5,
    flags,
    means,
    leafless: Uint8Array.from(dormant, (v) => (2 * v > n ? 1 : 0)),
  };
}
