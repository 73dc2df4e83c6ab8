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
  const rest = restOf(season.profile, needs);
  const counts = countCourses(season, needs, options, open);
  for (let d = 0; d < days; d++) {
    const day =
      season.leafless[d] === 1
        ? judgeDormant(season, needs, rest, SEASON_LEAD_DAYS + d, d, options, open)
        : judgeGrowing(season, needs, counts, d, options);
    out.suitability[d] = day.suitability;
    out.limiting[d] = LIMIT_AT[day.limiting];
    out.safe[d] = day.safe;
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
    const evergreen = c.h.leaf === "evergreen";
    const need = c.h.rootNeedDegreeDays * needs.work;
    const ripe = ripeAfter(c, needs.flush);
    const bits = flags[m];
    const opens = open[m];
    const softBlocks = (evergreen ? inEvergreenFlush(needs) : needs.inSoftGrowth) < OPEN_FROM;
    const shareAllows = evergreen || spared;
    for (let d = 0; d < days; d++) {
      if (leafless[d] === 1) continue;
      const i = SEASON_LEAD_DAYS + d;
      const roots = needs.work === 0 || c.warmthSoon[i] >= need || (mayWait && waits(c, i, needs, need, killC));
      const wood = ripe[i] === 1;
      const bit = bits[d];
      if (roots) counts.rooted[d]++;
      if (wood) counts.ripened[d]++;
      if (!roots || !wood) continue;
      if ((asked & FLAG.mild) === 0 || (bit & FLAG.mild) !== 0) counts.safe[d]++;
      if ((bit & asked) === asked && shareAllows && !(softBlocks && (bit & FLAG.soft) !== 0)) opens[d] = 1;
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

interface Judged {
  suitability: number;
  limiting: Limit;
  safe: number;
}

/** The least of several factors; "none" when nothing holds the day back. */
function least(values: readonly (readonly [Limit, number])[], safe: number): Judged {
  let [limiting, suitability]: readonly [Limit, number] = ["none", 1];
  for (const [limit, value] of values) if (value < suitability - 1e-9) [limiting, suitability] = [limit, value];
  return { suitability, limiting: suitability > 0.95 ? "none" : limiting, safe };
}

function judgeGrowing(
  season: SeasonCourses,
  needs: OperationNeeds,
  counts: Counts,
  d: number,
  options: WindowOptions,
): Judged {
  const { courses, profile, means, evergreenShare } = season;
  const n = courses.length;
  const much = needs.rootLoss >= MUCH_ROOT_LOSS;
  const inBloom = needs.rootLoss === 0 ? 1 : much ? IN_BLOOM.much : IN_BLOOM.little;
  const hard = needs.flush >= HARD_CUT_FLUSH;
  const cuts = hard ? means.hardCuts[d] : means.lightCuts[d];
  const share = evergreenShare + (1 - evergreenShare) * inLeafSuitability(profile, needs);
  const flush =
    1 -
    means.softLeafy[d] * (1 - needs.inSoftGrowth) -
    means.softEvergreen[d] * (1 - inEvergreenFlush(needs)) -
    means.fallen[d] * (1 - AFTER_LEAF_FALL);
  const factors: [Limit, number][] = [
    ["root-warmth", byRisk(counts.rooted[d] / n, options.risk)],
    ["soil-cold", needs.work === 0 ? 1 : needs.toGround ? means.thawed[d] : means.warm[d]],
    ["wood", byRisk(counts.ripened[d] / n, options.risk)],
    ["cold-after", options.sheltered || (needs.crown && season.kept) ? 1 : byRisk(means.mild[d], options.risk)],
    ["flush", flush],
    ["heat", means.heat[d]],
    ["bloom", 1 - means.bloom[d] * (1 - inBloom)],
    ["season", much ? means.timely[d] : 1],
    ["sap", needs.crown ? cuts : 1],
    ["share", Math.min(share, shareSuitability(profile, needs))],
  ];
  const safe = counts.safe[d] / n;
  return needs.urgent ? urgent(factors, safe) : least(factors, safe);
}

function inEvergreenFlush(needs: OperationNeeds): number {
  return Math.min(1, needs.inSoftGrowth + EVERGREEN_FLUSH);
}

/** Cuts of the crown on a day; light ones forgive more. */
function cutSuitability(c: Course, needs: OperationNeeds, i: number): number {
  return (needs.flush >= HARD_CUT_FLUSH ? c.hardCuts : c.lightCuts)[i];
}

/** What must be done is done: open on any day that is not too hot, the risk it runs stands beside it. */
function urgent(factors: [Limit, number][], safe: number): Judged {
  const judged = least(factors, safe);
  const heat = factors.find(([limit]) => limit === "heat")?.[1] ?? 1;
  return { ...judged, suitability: Math.max(Math.min(judged.suitability, 1), heat >= OPEN_FROM ? OPEN_FROM : heat) };
}

/** Leaf fall to bud break: no root warmth asked, but roots must be safe from cold and the mix workable. */
function judgeDormant(
  season: SeasonCourses,
  needs: OperationNeeds,
  rest: Rest,
  i: number,
  d: number,
  options: WindowOptions,
  open: Uint8Array[],
): Judged {
  const { courses, profile } = season;
  const n = courses.length;
  let [workable, unhurt, timing, sap] = [0, 0, 0, 0];
  for (let m = 0; m < n; m++) {
    const c = courses[m];
    const safe = options.sheltered || needs.crown || rootsStay(c, profile, needs, i);
    const time = dormantTiming(c, rest, i);
    const cut = needs.crown ? cutSuitability(c, needs, i) : 1;
    workable += (needs.crown ? c.workable.crown : c.workable.roots)[i];
    unhurt += safe ? 1 : 0;
    timing += time;
    sap += cut;
    // Any workable day of the week will do, so frost on this one closes nothing.
    open[m][d] = safe && time >= OPEN_FROM && cut >= OPEN_FROM ? 1 : 0;
  }
  const factors: [Limit, number][] = [
    // Half of the days being workable is enough: one waits for the next.
    [needs.crown ? "cold-after" : "soil-cold", workable / n],
    ["cold-after", byRisk(unhurt / n, options.risk)],
    ["season", timing / n],
    ["sap", sap / n],
    ["share", shareSuitability(profile, needs)],
  ];
  return needs.urgent ? urgent(factors, unhurt / n) : least(factors, unhurt / n);
}

/** Roots stay above what kills young ones for the re-rooting time; where many were cut, until they can grow again in spring. */
function rootsStay(c: Course, profile: Profile, needs: OperationNeeds, i: number): boolean {
  const coldest = needs.rootLoss >= MUCH_ROOT_LOSS ? c.coldToSpring[i] : c.coldRoots[i];
  return coldest > profile.rootKillYoungC + ROOT_KILL_MARGIN_C;
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
  const fall = (from: number, to: number, share: number) => from + (to - from) * Math.min(1, share);
  if (until <= openDays)
    return fall(TIMING.best, OPEN_FROM, (until - BEST_BEFORE_BUD_BREAK) / (openDays - BEST_BEFORE_BUD_BREAK));
  return fall(OPEN_FROM, TIMING.shut, (until - openDays) / TIMING.shutAfterDays);
}

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
function dormantTiming(c: Course, rest: Rest, i: number): number {
  if (rest.crown) return TIMING.best;
  if (rest.bloomWaits && c.bloom[i] === 1) return 0.4;
  const { budBreak, swell, leafOut } = c.wood;
  // Of the winter before a season's own spring or the one after it: both wake as the course does.
  const until =
    budBreak < 0 ? TIMING_UNKNOWN_DAYS : i <= Math.max(budBreak, leafOut) ? budBreak - i : budBreak + 365 - i;
  if (swell >= 0 && until <= budBreak - swell) return rest.much && !rest.atSwell ? TIMING.late : 1;
  return timingOf(until, rest.openDays);
}
const TIMING_UNKNOWN_DAYS = 120;

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
