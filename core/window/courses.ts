import {
  firstFrostIndex,
  lastFrostIndex,
  MIDSUMMER,
  SEASON_LEAD_DAYS,
  type SeasonSlice,
  type Site,
} from "../climate/index";
import { midwinterOf } from "../dates/index";
import type { Profile } from "../species/index";
import { crownSeason, rootSeason } from "./kind-season";
import { HARDY_CROWN_C, OPEN_FROM } from "./operations";
import { crownFrostOf, REROOTING_DAYS, sliceFacts } from "./slice-facts";
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

/** Safety margin on root-killing temperatures, K: published sources differ by up to 8. */
export const ROOT_KILL_MARGIN_C = 2;

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
  flags: Uint16Array[];
  /** Days from each day to the bud break it waits for, of each course. */
  untilBudBreak: Int16Array[];
  /** Means over the courses. */
  means: Record<SharedFactor, Float32Array>;
}

export const FLAG = {
  mild: 1,
  warm: 2,
  cool: 4,
  quiet: 8,
  timely: 16,
  soft: 32,
  whole: 64,
  thawed: 128,
  /** Bared roots stay above what kills young ones for the re-rooting time, and until they can grow again in spring. */
  staysWarm: 256,
  staysWarmToSpring: 512,
  /** In the days between swelling and bud break. */
  swelling: 1024,
} as const;
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
  return {
    slice,
    h,
    wood,
    phase,
    dormant,
    heat: facts.heat(profile.warmClimate),
    bloom,
    timely: rootSeason(profile, h, wood, phase),
    ...crownSeason(profile, wood, slice, frostIndex, flushSafeIndex),
    warmthLeft: facts.warmthLeft(h.rootBaseC),
    warmthSoon: facts.warmthSoon(h.rootBaseC, averse),
    warmthAhead: facts.warmthAhead(h.rootBaseC),
    settling: facts.settling(averse),
    warming: facts.warming,
    readiness: facts.readiness(h.growthBaseC),
    coldRoots: facts.coldRoots,
    coldNight: facts.coldNight,
    coldToSpring: coldestToSpring(slice.rootZoneC, wood.swell),
    workable: {
      crown: facts.crownWorkable(crownFrostOf(profile.values.crownC)),
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

/** Hardy evergreens go into ground as cool as this, as leafless trees do, °C (L). */
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

/** Where no bud break is on the course, rest is taken to go on so long. */
const TIMING_UNKNOWN_DAYS = 120;

/** Of the winter before a season's own spring or the one after it: both wake as the course does. */
function untilBudBreakOf({ wood: { budBreak, leafOut } }: Course, days: number): Int16Array {
  return Int16Array.from({ length: days }, (_, d) => {
    const i = SEASON_LEAD_DAYS + d;
    if (budBreak < 0) return TIMING_UNKNOWN_DAYS;
    return budBreak - i + (i <= Math.max(budBreak, leafOut) ? 0 : 365);
  });
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
  const hardy = crownC <= HARDY_CROWN_C && profile.values.springRootZoneC <= COOL_KIND_C;
  const gentleC = hardy ? COOL_MIX_C : Infinity;
  const untilBudBreak = courses.map((c) => untilBudBreakOf(c, days));
  const flags = courses.map((c, m) => {
    const bits = new Uint16Array(days);
    const until = untilBudBreak[m];
    const lastDaysOfRest = c.wood.swell < 0 ? -Infinity : c.wood.budBreak - c.wood.swell;
    const evergreen = c.h.leaf === "evergreen";
    for (let d = 0; d < days; d++) {
      const i = SEASON_LEAD_DAYS + d;
      const spring = i < MIDSUMMER;
      const soft = c.phase[i] === PHASE.soft;
      const staysWarm = c.coldRoots[i] > killC;
      const mild = staysWarm && (!evergreen || evergreenStands(c, i, crownC));
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
        (c.hardCuts[i] >= OPEN_FROM ? FLAG.whole : 0) |
        (staysWarm ? FLAG.staysWarm : 0) |
        (c.coldToSpring[i] > killC ? FLAG.staysWarmToSpring : 0) |
        (until[d] <= lastDaysOfRest ? FLAG.swelling : 0);
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
    untilBudBreak,
    means,
    leafless: Uint8Array.from(dormant, (v) => (2 * v > n ? 1 : 0)),
  };
}
