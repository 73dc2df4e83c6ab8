import { dayAfterWarmth, warmthBetween, type WarmthTrack } from "@/core/climate/index";
import { type DayNumber, DAYS_PER_YEAR, type IsoDate, toDay, toIso } from "@/core/dates/index";
import { type DateEstimate, type Estimate, mapEstimate, weaker } from "@/core/estimate/index";
import type { LoggedEvent } from "@/core/event/index";
import { fitPots, type PotFit, type StorePot } from "@/core/ladder/index";
import { fedUntil, mixLife } from "@/core/mix/index";
import { logistic, weightedQuantiles } from "@/core/math/index";
import {
  type CorrectionName,
  fillStage,
  type FillStage,
  pointsOf,
  vigourFactors,
  warmthUntilDue,
} from "@/core/roots/index";
import type { Profile } from "@/core/species/index";
import { vesselOf } from "@/core/vessel/index";
import type { Limit } from "@/core/window/index";
import { WOOD_PHASES, woodStage, type WoodStage } from "@/core/wood/index";
import { ballInPot, usualFillHeightMm } from "@/core/potting/index";
import type { KindTracks, YardFacts } from "./context";
import type { LotRecord, TreeRecord } from "@/core/records/index";
import { replay } from "./replay";
import { presumedPot, type Replayed, yearsInPot } from "./replayed";

const BAND = [0.1, 0.5, 0.9] as const;

export interface WoodState {
  stage: WoodStage;
  ripe: Estimate;
}

export interface WindowState {
  open: boolean;
  suitability: number;
  limiting: Limit;
  /** Share of weather years in which work on this day ends well. */
  safe: number;
  /** The open stretch the day lies in, or the next one. */
  period: { from: IsoDate; to: IsoDate; closedBy: Limit } | null;
  /** The open stretches of the two years ahead. */
  periods: { from: IsoDate; to: IsoDate; closedBy: Limit }[];
  /** What holds the days until the next opening back, most often. */
  mainLimit: Limit;
}

export interface TreeState {
  treeId: string;
  on: string;
  lotId: string | null;
  pottedOn: string | null;
  volumeL: Estimate;
  /** Its share of the pot, and who stands in it together with it. */
  share: number;
  together: string[];
  fill: Estimate;
  circling: Estimate;
  stage: FillStage;
  /** This tree's pace against its kind's. */
  vigour: Estimate;
  due: DateEstimate;
  dueBy: "fill" | "circling";
  isDue: boolean;
  /** How full it is when it is due: a young plant as soon as its ball holds. */
  dueFill: number;
  mixAgeYears: number | null;
  /** What it stands in, until when that feeds it, and when it is worn out; null where nobody said which mix. */
  mix: { name: string; fedUntil: string | null; wornOutOn: string | null } | null;
  wood: WoodState;
  window: WindowState;
  correction: CorrectionName;
  /** The last look found what its history made very improbable: the day, and how improbable. */
  surprise: { on: string; probability: number } | null;
}

function estimateOf(values: ArrayLike<number>, weights: ArrayLike<number>, basis: Estimate["basis"]): Estimate {
  const [p10, p50, p90] = weightedQuantiles(values, weights, BAND);
  return { p10, p50, p90, basis };
}

const stageAt = ({ wood, profile }: KindTracks, i: number): WoodStage =>
  woodStage(profile.parameters[0].leaf, WOOD_PHASES[wood.phase[i]]);

export function woodOn(kind: KindTracks, day: DayNumber): WoodState {
  const { wood, profile } = kind;
  const i = Math.min(Math.max(day - wood.startDay, 0), wood.phase.length - 1);
  return {
    stage: stageAt(kind, i),
    ripe: { p10: wood.ripe10[i] / 100, p50: wood.ripe50[i] / 100, p90: wood.ripe90[i] / 100, basis: profile.basis },
  };
}

/** Stages in which a tree takes up feed and may have it: not while it rests, and none that would keep its shoots from hardening. */
const FED_IN: ReadonlySet<WoodStage> = new Set(["swelling", "soft", "flush", "firm"]);

/** The first day from one on on which it is fed; null beyond what its wood is worked out for. */
export function feedsFrom(kind: KindTracks, from: DayNumber): DayNumber | null {
  const { startDay, phase } = kind.wood;
  for (let i = Math.max(0, from - startDay); i < phase.length; i++)
    if (FED_IN.has(stageAt(kind, i))) return startDay + i;
  return null;
}

/** What one would do to the ball at this grade of circling: a clean ball is left alone. */
function usualCorrection(circling: number): CorrectionName {
  return circling < 0.5 ? "none" : "tease-and-clip";
}

/** Day estimates later than the track are answered as null ends: beyond the horizon. */
function dueEstimate(
  track: WarmthTrack,
  profile: Profile,
  on: DayNumber,
  warmth: Float64Array,
  weight: Float64Array,
  basis: Estimate["basis"],
): DateEstimate {
  const ends = weightedQuantiles(warmth, weight, BAND).map((w) => {
    const day = w <= 0 ? on : dayAfterWarmth(track, profile.warmth, on, w);
    return day === null ? null : toIso(day);
  });
  return { p10: ends[0], p50: ends[1], p90: ends[2], basis };
}

/** A tree on a day, replayed, and the store it is held against. */
export interface StateInput {
  tree: TreeRecord;
  replayed: Replayed;
  /** The kind's as its stock and its mates change it. */
  profile: Profile;
  kind: KindTracks;
  yard: YardFacts;
  /** The window of its usual work. */
  window: WindowState;
  on: DayNumber;
}

/** State of a tree on a day. Pure: the same records, yard and day always give the same state. */
export function stateOf(input: StateInput): TreeState {
  const { tree, replayed, profile, kind, yard, on, window } = input;
  const basis = weaker(weaker(profile.basis, replayed.volumeL.basis), yard.guessedWeather ? "guess" : "derived");
  const points = pointsOf(replayed.belief);
  // Fill rises with x, so the quantiles of x are those of fill.
  const fill = mapEstimate(estimateOf(points.x, points.weight, basis), logistic);
  const circling = estimateOf(points.circling, points.weight, basis);
  const factors = vigourFactors(replayed.belief, profile.kPerDegreeDay);
  const vigour = estimateOf(factors.values, factors.weights, replayed.lastCheckOn === null ? "typical" : "derived");

  const until = warmthUntilDue(replayed.belief, points);
  const due = dueEstimate(kind.warmth, profile, on, until.warmth, points.weight, basis);
  let byCircling = 0;
  let isDueShare = 0;
  for (let i = 0; i < points.weight.length; i++) {
    byCircling += until.byCircling[i] ? points.weight[i] : 0;
    isDueShare += until.warmth[i] <= 0 ? points.weight[i] : 0;
  }
  const isDue = isDueShare >= 0.5;

  const wood = woodOn(kind, on);
  const correction = usualCorrection(circling.p50);
  return {
    treeId: tree.id,
    on: toIso(on),
    lotId: replayed.lotId,
    pottedOn: replayed.pottedOn === null ? null : toIso(replayed.pottedOn),
    volumeL: replayed.volumeL,
    share: replayed.share,
    together: replayed.together,
    fill,
    circling,
    stage: fillStage(fill.p50),
    vigour,
    due,
    dueBy: byCircling > 0.5 ? "circling" : "fill",
    isDue,
    dueFill: Number(logistic(replayed.belief.dueX).toFixed(4)),
    mixAgeYears: replayed.pottedOn === null ? null : replayed.mixStartAgeYears + yearsInPot(replayed, on),
    mix: mixFacts(replayed),
    wood,
    window,
    correction,
    surprise:
      replayed.doubted && replayed.lastCheckOn !== null && replayed.lastCheckEvidence !== null
        ? { on: toIso(replayed.lastCheckOn), probability: replayed.lastCheckEvidence }
        : null,
  };
}

/** What of a ball decides which pots it fits. */
interface BallState {
  fill: number;
  circling: number;
  kPerDegreeDay: number;
  correction: CorrectionName;
}

/** How a tree in this state fits each pot of a shelf, the best first. */
export function potsFor(
  input: StateInput,
  state: TreeState,
  shelf: readonly StorePot[],
  correction: CorrectionName = state.correction,
  sized = false,
  mostTrim = 0,
): PotFit[] {
  const { fill, circling, vigour } = state;
  const kPerDegreeDay = vigour.p50 * input.profile.kPerDegreeDay;
  return fitsOf(input, { fill: fill.p50, circling: circling.p50, kPerDegreeDay, correction }, shelf, sized, mostTrim);
}

function mixFacts(replayed: Replayed): TreeState["mix"] {
  const { mix, pottedOn, fedMonths } = replayed;
  if (mix === null || pottedOn === null) return null;
  const life = mixLife(mix);
  const after = (years: number) => toIso(Math.round(pottedOn + years * DAYS_PER_YEAR));
  return {
    name: replayed.mixName ?? "",
    fedUntil: fedMonths === null ? null : fedUntil(pottedOn, fedMonths),
    wornOutOn: life.by === "long" ? null : after(Math.max(0, life.years - replayed.mixStartAgeYears)),
  };
}

function fitsOf(
  input: StateInput,
  roots: BallState,
  shelf: readonly StorePot[],
  sized: boolean,
  mostTrim: number,
): PotFit[] {
  const { tree, replayed, yard, kind, on } = input;
  // A pot nobody described is guessed with its ball; bare roots have none, and are fitted by a usual first pot.
  const pot = presumedPot(replayed);
  const vessel = pot && vesselOf(pot).vessel;
  const ball =
    vessel &&
    ballInPot(
      vessel,
      replayed.fillHeightMm ?? usualFillHeightMm(vessel),
      replayed.bottomLayerMm,
      replayed.mix,
      yearsInPot(replayed, on),
    );
  const end = seasonEndAfter(yard, on);
  return fitPots({
    // Pots are whole: what shares one moves together.
    fromMixL: replayed.volumeL.p50 / replayed.share,
    ...roots,
    warmthToSeasonEnd: warmthBetween(kind.warmth, kind.profile.warmth, on, end),
    ball,
    finalVolumeL: tree.finalVolumeL === null ? null : tree.finalVolumeL / replayed.share,
    largestStep: kind.profile.values.largestStep,
    store: shelf.filter((pot) => pot.lotId !== replayed.lotId),
    sized,
    mostTrim,
  });
}

/** The next midwinter at least four months away: where a move made now or at the coming swell is judged. */
function seasonEndAfter(yard: YardFacts, on: DayNumber): DayNumber {
  const year = Number(toIso(on).slice(0, 4));
  const monthDay = yard.latitudeDeg >= 0 ? "12-21" : "06-21";
  for (const y of [year, year + 1, year + 2]) {
    const end = toDay(`${y}-${monthDay}`);
    if (end - on > 120) return end;
  }
  return on + 365;
}

/** Fill, circling and their bands on a row of days ahead: what the time picture draws. */
export interface ProjectionPoint {
  on: string;
  fill: [number, number, number];
  circling: [number, number, number];
}

export function project(
  events: readonly LoggedEvent[],
  lots: ReadonlyMap<string, LotRecord>,
  track: WarmthTrack,
  profile: Profile,
  days: readonly DayNumber[],
  knownUntil: DayNumber,
): ProjectionPoint[] {
  const seen = events.filter((event) => toDay(event.on.best) <= knownUntil);
  return days.flatMap((day) => {
    const replayed = replay(seen, lots, profile, track, day);
    if (!replayed) return [];
    const points = pointsOf(replayed.belief);
    const band = (values: ArrayLike<number>) =>
      weightedQuantiles(values, points.weight, BAND) as [number, number, number];
    return [
      {
        on: toIso(day),
        fill: band(points.x).map(logistic) as [number, number, number],
        circling: band(points.circling),
      },
    ];
  });
}
