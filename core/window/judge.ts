import { MUCH_ROOT_LOSS } from "../roots/index";
import { SEASON_LEAD_DAYS } from "../climate/index";
import { clamp, quantileOf } from "../math/index";
import type { Profile } from "../species/index";
import { type Course, FLAG, ripeAfter, ROOT_KILL_MARGIN_C, type SeasonCourses } from "./courses";
import { SETTLE_C } from "./slice-facts";
import {
  BEYOND_SHARE,
  HARDY_CROWN_C,
  type Limit,
  LIMITS,
  OPEN_FROM,
  type Operation,
  OPERATION_NEEDS,
  type OperationNeeds,
} from "./operations";

export interface WindowOptions {
  /** Accepted share of bad years. */
  risk: number;
  /** Under shelter: cold after the work does not count. */
  sheltered: boolean;
}
export const DEFAULT_WINDOW: WindowOptions = { risk: 0.1, sheltered: false };

/** Dormant work is best in the weeks before bud break. */
const BEST_BEFORE_BUD_BREAK = 42;
/** Bloom and setting fruit: bad for root loss, tolerable for a ball moved whole. */
const IN_BLOOM = { much: 0.45, little: 0.6 } as const;
/** Crown work that wakes as much as this is hard. */
const HARD_CUT_FLUSH = 0.5;
/** Evergreens in flush forgive more than soft leafy shoots. */
const EVERGREEN_FLUSH = 0.45;
/** Leaves fallen, but most of the years still in leaf. */
const AFTER_LEAF_FALL = 0.4;
/** In leaf and hardened, half of what may go in dormancy. */
const IN_LEAF_SHARE = 0.5;

/** Suitability of a season's days for one operation, from midwinter to midwinter. */
export interface JudgedSeason {
  suitability: Float32Array;
  limiting: Uint8Array;
  safe: Float32Array;
  /** Open stretches with the spread of their ends over the courses, days from midwinter. */
  spans: Span[];
}

/** An open stretch, and when it opens and closes in the years: 10, 50, 90 %. */
export interface Span {
  from: number;
  to: number;
  opens: [number, number, number];
  closes: [number, number, number];
}

/** Maps a share of good years to suitability: .5 exactly at the accepted risk. */
function byRisk(share: number, risk: number): number {
  return clamp(0.5 + (share - (1 - risk)) / (2 * risk), 0, 1);
}

export function judgeSeason(season: SeasonCourses, operation: Operation, options: WindowOptions): JudgedSeason {
  const { courses, days } = season;
  const needs = needsOf(operation, season.profile);
  const out: JudgedSeason = {
    suitability: new Float32Array(days),
    limiting: new Uint8Array(days),
    safe: new Float32Array(days),
    spans: [],
  };
  const open = courses.map(() => new Uint8Array(days));
  const growing = countCourses(season, needs, options, open);
  const dormant = sumDormant(season, needs, restOf(season.profile, needs), options, open);
  const worst = new Worst();
  for (let d = 0; d < days; d++) {
    worst.clear();
    const safe =
      season.leafless[d] === 1
        ? judgeDormant(season, needs, dormant, d, options, worst)
        : judgeGrowing(season, needs, growing, d, options, worst);
    out.suitability[d] = needs.urgent ? urgent(worst) : worst.value;
    out.limiting[d] = LIMIT_AT[worst.value > UNLIMITED_FROM ? "none" : worst.limit];
    out.safe[d] = safe;
  }
  out.spans = spansOf(out.suitability, open);
  return out;
}

/** Limits by their number in packed arrays. */
const LIMIT_AT = Object.fromEntries(LIMITS.map((limit, i) => [limit, i])) as Record<Limit, number>;

/** Moves that are made as gently as the kind asks: one that stands no loss is moved with its ball whole. */
const ADAPTS: ReadonlySet<Operation> = new Set<Operation>(["up-pot", "plant-out"]);

/** Stone fruit is cut in summer, soft shoots or not: wounds close fast then. */
const STONE_IN_SOFT_GROWTH = 0.6;

function needsOf(operation: Operation, profile: Profile): OperationNeeds {
  const needs = OPERATION_NEEDS[operation];
  if (needs.flush >= HARD_CUT_FLUSH && profile.values.traits.includes("stone-fruit"))
    return { ...needs, inSoftGrowth: Math.max(needs.inSoftGrowth, STONE_IN_SOFT_GROWTH) };
  const stands = needs.rootLoss <= BEYOND_SHARE * profile.values.rootShare;
  const made = ADAPTS.has(operation) && !stands ? { ...OPERATION_NEEDS["slip-up"], toGround: needs.toGround } : needs;
  // Whole balls of hardy kinds settle in the autumn without waking a bud.
  const settles = !made.crown && made.rootLoss < MUCH_ROOT_LOSS && profile.values.crownC <= HARDY_CROWN_C;
  return settles && !profile.autumnAverse ? { ...made, flush: 0 } : made;
}

/** Of the courses: those whose roots take hold, whose wood ripens, and both without killing cold, by day. */
interface Counts {
  rooted: Uint16Array;
  ripened: Uint16Array;
  safe: Uint16Array;
}

/** The part of the judgement that differs from work to work, course by course; days on which a course alone is open are marked. */
function countCourses(
  season: SeasonCourses,
  needs: OperationNeeds,
  options: WindowOptions,
  open: Uint8Array[],
): Counts {
  const { courses, days, flags, leafless, profile } = season;
  const counts = { rooted: new Uint16Array(days), ripened: new Uint16Array(days), safe: new Uint16Array(days) };
  const much = needs.rootLoss >= MUCH_ROOT_LOSS;
  let asked: number = FLAG.cool;
  if (needs.work > 0) asked |= needs.toGround ? FLAG.thawed : FLAG.warm;
  if (!options.sheltered && !(needs.crown && season.kept)) asked |= FLAG.mild;
  if (much) asked |= FLAG.timely | FLAG.quiet;
  if (needs.crown && needs.flush >= HARD_CUT_FLUSH) asked |= FLAG.whole;
  const spared = inLeafSuitability(profile, needs) >= OPEN_FROM;
  const mayWait = !much && profile.values.takeHoldBaseC < TENDER_BASE_C;
  const killC = profile.rootKillYoungC + ROOT_KILL_MARGIN_C;
  for (let m = 0; m < courses.length; m++) {
    const c = courses[m];
    const { warmthSoon } = c;
    const evergreen = c.h.leaf === "evergreen";
    const need = c.h.rootNeedDegreeDays * needs.work;
    const ripe = ripeAfter(c, needs.flush);
    const bits = flags[m];
    const opens = open[m];
    const softBlocks = (evergreen ? inEvergreenFlush(needs) : needs.inSoftGrowth) < OPEN_FROM;
    const shareAllows = evergreen || spared;
    const shut = softBlocks ? FLAG.soft : 0;
    for (let d = 0; d < days; d++) {
      if (leafless[d] === 1) continue;
      const i = SEASON_LEAD_DAYS + d;
      const roots = needs.work === 0 || warmthSoon[i] >= need || (mayWait && waits(c, i, needs, need, killC));
      const wood = ripe[i] === 1;
      if (roots) counts.rooted[d]++;
      if (wood) counts.ripened[d]++;
      if (!roots || !wood) continue;
      const bit = bits[d];
      if ((asked & FLAG.mild) === 0 || (bit & FLAG.mild) !== 0) counts.safe[d]++;
      if ((bit & asked) === asked && shareAllows && (bit & shut) === 0) opens[d] = 1;
    }
  }
  return counts;
}

/** Kinds whose roots want mix this warm do not wait in cool wet mix for spring, °C. */
const TENDER_BASE_C = 12;

/** In its coldest days the ground at root depth is so much warmer than a pot in the open, K (L). */
const GROUND_WARMER_C = 6;

/**
 * Roots that stay safe through the winter find their warmth in spring. Into the ground they wait from autumn on; in a pot a ball moved
 * whole must settle in warm mix first, unless the mix is warming already.
 */
function waits(c: Course, i: number, needs: OperationNeeds, need: number, killC: number): boolean {
  const inGround = needs.toGround === true;
  if (c.warmthAhead[i] < need || c.coldToSpring[i] + (inGround ? GROUND_WARMER_C : 0) <= killC) return false;
  return inGround || c.settling[i] > SETTLE_C || c.warming[i] === 1;
}

/** From this suitability on nothing is said to hold a day back. */
const UNLIMITED_FROM = 0.95;

/** The least of several factors, and heat apart, which urgent work stops at. */
class Worst {
  limit: Limit = "none";
  value = 1;
  heat = 1;

  clear(): void {
    this.limit = "none";
    this.value = 1;
    this.heat = 1;
  }

  weigh(limit: Limit, value: number): void {
    if (limit === "heat") this.heat = value;
    if (value < this.value - 1e-9) [this.limit, this.value] = [limit, value];
  }
}

/** What must be done is done: open on any day that is not too hot, the risk it runs stands beside it. */
function urgent({ value, heat }: Worst): number {
  return Math.max(Math.min(value, 1), heat >= OPEN_FROM ? OPEN_FROM : heat);
}

/** A day in leaf, or of an evergreen; returns the share of courses in which the work ends well. */
function judgeGrowing(
  season: SeasonCourses,
  needs: OperationNeeds,
  counts: Counts,
  d: number,
  options: WindowOptions,
  worst: Worst,
): number {
  const { courses, profile, means, evergreenShare } = season;
  const n = courses.length;
  const much = needs.rootLoss >= MUCH_ROOT_LOSS;
  const inBloom = needs.rootLoss === 0 ? 1 : much ? IN_BLOOM.much : IN_BLOOM.little;
  const hard = needs.flush >= HARD_CUT_FLUSH;
  const share = evergreenShare + (1 - evergreenShare) * inLeafSuitability(profile, needs);
  const flush =
    1 -
    means.softLeafy[d] * (1 - needs.inSoftGrowth) -
    means.softEvergreen[d] * (1 - inEvergreenFlush(needs)) -
    means.fallen[d] * (1 - AFTER_LEAF_FALL);
  const sparesCold = options.sheltered || (needs.crown && season.kept);
  worst.weigh("root-warmth", byRisk(counts.rooted[d] / n, options.risk));
  if (needs.work > 0) worst.weigh("soil-cold", needs.toGround ? means.thawed[d] : means.warm[d]);
  worst.weigh("wood", byRisk(counts.ripened[d] / n, options.risk));
  if (!sparesCold) worst.weigh("cold-after", byRisk(means.mild[d], options.risk));
  worst.weigh("flush", flush);
  worst.weigh("heat", means.heat[d]);
  worst.weigh("bloom", 1 - means.bloom[d] * (1 - inBloom));
  if (much) worst.weigh("season", means.timely[d]);
  if (needs.crown) worst.weigh("sap", hard ? means.hardCuts[d] : means.lightCuts[d]);
  worst.weigh("share", Math.min(share, shareSuitability(profile, needs)));
  return counts.safe[d] / n;
}

function inEvergreenFlush(needs: OperationNeeds): number {
  return Math.min(1, needs.inSoftGrowth + EVERGREEN_FLUSH);
}

/** Sums over the courses, by day; of leafless days alone. */
interface DormantSums {
  workable: Float64Array;
  unhurt: Float64Array;
  timing: Float64Array;
  sap: Float64Array;
}

/** Leaf fall to bud break, course by course: no root warmth asked, but roots must be safe from cold and the mix workable. */
function sumDormant(
  season: SeasonCourses,
  needs: OperationNeeds,
  rest: Rest,
  options: WindowOptions,
  open: Uint8Array[],
): DormantSums {
  const { courses, days, flags, leafless, untilBudBreak } = season;
  const zero = () => new Float64Array(days);
  const sums: DormantSums = { workable: zero(), unhurt: zero(), timing: zero(), sap: zero() };
  const staysWarm = rest.much ? FLAG.staysWarmToSpring : FLAG.staysWarm;
  const unhurt = options.sheltered || needs.crown;
  const hard = needs.flush >= HARD_CUT_FLUSH;
  for (let m = 0; m < courses.length; m++) {
    const c = courses[m];
    const bits = flags[m];
    const until = untilBudBreak[m];
    const opens = open[m];
    const workable = needs.crown ? c.workable.crown : c.workable.roots;
    const cuts = hard ? c.hardCuts : c.lightCuts;
    for (let d = 0; d < days; d++) {
      if (leafless[d] === 0) continue;
      const i = SEASON_LEAD_DAYS + d;
      const safe = unhurt || (bits[d] & staysWarm) !== 0;
      const time = dormantTiming(rest, bits[d], until[d]);
      const cut = needs.crown ? cuts[i] : 1;
      sums.workable[d] += workable[i];
      sums.unhurt[d] += safe ? 1 : 0;
      sums.timing[d] += time;
      sums.sap[d] += cut;
      // Any workable day of the week will do, so frost on this one closes nothing.
      opens[d] = safe && time >= OPEN_FROM && cut >= OPEN_FROM ? 1 : 0;
    }
  }
  return sums;
}

/** A leafless day; returns the share of courses in which the work ends well. */
function judgeDormant(
  { courses, profile }: SeasonCourses,
  needs: OperationNeeds,
  sums: DormantSums,
  d: number,
  options: WindowOptions,
  worst: Worst,
): number {
  const n = courses.length;
  const unhurt = sums.unhurt[d] / n;
  // Half of the days being workable is enough: one waits for the next.
  worst.weigh(needs.crown ? "cold-after" : "soil-cold", sums.workable[d] / n);
  worst.weigh("cold-after", byRisk(unhurt, options.risk));
  worst.weigh("season", sums.timing[d] / n);
  worst.weigh("sap", sums.sap[d] / n);
  worst.weigh("share", shareSuitability(profile, needs));
  return unhurt;
}

function shareSuitability(profile: Profile, needs: OperationNeeds): number {
  return needs.rootLoss > BEYOND_SHARE * profile.values.rootShare + 1e-6 ? 0.1 : 1;
}

/** In leaf a deciduous tree loses half of what it may lose in dormancy. */
function inLeafSuitability(profile: Profile, needs: OperationNeeds): number {
  return needs.rootLoss > IN_LEAF_SHARE * profile.values.rootShare + 0.02 ? 0.1 : 1;
}

/**
 * How early before bud break dormant work is still open: by days before it. Roots cut earlier sit wounded and idle in cold mix, and
 * those of touchy and fleshy-rooted kinds rot; robust kinds stand it from leaf fall on where their roots stay above what kills them.
 */
const DORMANT_OPEN_DAYS = { robust: 240, normal: 110, touchy: 90 } as const;
/** Balls that lose hardly any roots: so much longer. */
const WHOLE_BALL_DAYS = 60;
const TIMING = { best: 0.9, late: 0.6, shut: 0.2, shutAfterDays: 50 } as const;

/** From best in the last weeks, in a straight line to just open at `openDays`, and on to shut. */
function timingOf(until: number, openDays: number): number {
  if (until <= BEST_BEFORE_BUD_BREAK) return TIMING.best;
  if (until <= openDays)
    return between(TIMING.best, OPEN_FROM, (until - BEST_BEFORE_BUD_BREAK) / (openDays - BEST_BEFORE_BUD_BREAK));
  return between(OPEN_FROM, TIMING.shut, (until - openDays) / TIMING.shutAfterDays);
}

const between = (from: number, to: number, share: number) => from + (to - from) * Math.min(1, share);

/** What of a kind and a work the time of their rest asks for: looked up once for a season. */
interface Rest {
  much: boolean;
  crown: boolean;
  /** In bloom its roots are let be. */
  bloomWaits: boolean;
  /** Its own root work goes on while it swells. */
  atSwell: boolean;
  openDays: number;
}

function restOf({ values, tolerance, autumnAverse }: Profile, needs: OperationNeeds): Rest {
  const much = needs.rootLoss >= MUCH_ROOT_LOSS;
  const averse = tolerance === "touchy" || autumnAverse;
  return {
    much,
    crown: needs.crown,
    bloomWaits: needs.rootLoss > 0 && values.rootWork.includes("after-bloom"),
    atSwell: values.rootWork.includes("swell"),
    openDays: DORMANT_OPEN_DAYS[averse ? "touchy" : tolerance] + (much ? 0 : WHOLE_BALL_DAYS),
  };
}

/** How well the day lies before bud break. */
function dormantTiming(rest: Rest, bits: number, until: number): number {
  if (rest.crown) return TIMING.best;
  if (rest.bloomWaits && (bits & FLAG.quiet) === 0) return IN_BLOOM_AT_REST;
  if ((bits & FLAG.swelling) !== 0) return rest.much && !rest.atSwell ? TIMING.late : 1;
  return timingOf(until, rest.openDays);
}
const IN_BLOOM_AT_REST = 0.4;

const GAP_DAYS = 2;
/** A window shorter than this is a chance of weather, not a plan. */
export const LEAST_OPEN_DAYS = 3;

/** Open stretches of a season with the spread of their ends over the courses. */
function spansOf(suitability: Float32Array, open: Uint8Array[]): Span[] {
  const spans: Span[] = [];
  let start = -1;
  let last = -1;
  const close = () => {
    if (start >= 0 && last - start + 1 >= LEAST_OPEN_DAYS) spans.push(spread(start, last, open));
    start = -1;
  };
  for (let d = 0; d < suitability.length; d++) {
    if (suitability[d] >= OPEN_FROM) {
      if (start < 0) start = d;
      last = d;
    } else if (start >= 0 && d - last > GAP_DAYS) close();
  }
  close();
  return spans;
}

/** From the middle of a stretch to both sides: how long each course alone would keep it open. */
function spread(from: number, to: number, open: Uint8Array[]): Span {
  const middle = (from + to) >> 1;
  const opens: number[] = [];
  const closes: number[] = [];
  for (const days of open) {
    opens.push(runEnd(days, middle, -1));
    closes.push(runEnd(days, middle, 1));
  }
  const three = (values: number[]): [number, number, number] => {
    values.sort((a, b) => a - b);
    return [0.1, 0.5, 0.9].map((p) => Math.round(quantileOf(values, p))) as [number, number, number];
  };
  return { from, to, opens: three(opens), closes: three(closes) };
}

/** The last open day going one way from the middle, gaps of a few hot or cold days stepped over. */
function runEnd(days: Uint8Array, middle: number, step: 1 | -1): number {
  let end = middle;
  let shut = 0;
  for (let d = middle; d >= 0 && d < days.length; d += step) {
    if (days[d] === 1) {
      end = d;
      shut = 0;
    } else if (++shut > GAP_DAYS + 3) break;
  }
  return end;
}
