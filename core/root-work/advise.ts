import { dayAfterWarmth, type RootWarmthSet, type WarmthTrack } from "../climate/index";
import { type DayNumber, type IsoDate, toIso } from "../dates/index";
import type { Purpose } from "../event/index";
import { crownToMatch, isHot, isLeafless, lossAllowed, type Situation } from "../judgement/index";
import { lazily, weightedQuantiles } from "../math/index";
import {
  BALL_CORRECTIONS,
  CORRECTIONS,
  type CorrectionName,
  crossingDegreeDays,
  isSour,
  liveShareOf,
  MUCH_ROOT_LOSS,
  type Reading,
  retainedAfterShave,
  SEASON_SD,
  usualShaveDepthMm,
} from "../roots/index";
import { applyRules, type Finding, type RuleSituation } from "../rules/index";
import type { Limit } from "../window/index";
import { CORRECTING_FIGURES as F } from "./figures";
import { type Price, priceOf } from "./price";

/** Today's window of a correction, and when it opens next. */
export interface CorrectionWindow {
  open: boolean;
  limiting: Limit;
  /** Share of weather years in which it would end well today; null where nobody worked that out. */
  safe: number | null;
  opens: IsoDate | null;
  closes: IsoDate | null;
}

/** The same with how sure the day is. */
export interface SureWindow extends CorrectionWindow {
  safe: number;
}

export interface AdviseInput {
  /** The tree on the day, with the grades as they were seen. */
  situation: Situation;
  reading: Reading | null;
  grafted: boolean;
  purpose: Purpose;
  ageYears: number | null;
  daysToBudBreak: number | null;
  windows: Partial<Record<CorrectionName, CorrectionWindow>>;
  /** The paces this tree may have, per °C·d, and their weights. */
  paces: { k: ArrayLike<number>; weight: ArrayLike<number> };
  /** Root warmth to come where it stands. */
  warmth: { track: WarmthTrack; set: RootWarmthSet; on: DayNumber };
}

/** Why a correction is refused today. */
export type Objection =
  | { code: "window"; limiting: Limit; safe: number | null }
  | { code: "share"; loss: number; most: number }
  | { code: "rule"; finding: Finding }
  | { code: "needless" }
  | { code: "tap-root" }
  | { code: "sour" };

/** Days until the roots have taken hold, or null beyond what the weather track reaches. */
export interface HoldDates {
  p10: IsoDate | null;
  p50: IsoDate | null;
  p90: IsoDate | null;
  /** Days to the middle one. */
  days: number | null;
}

export interface Option {
  correction: CorrectionName;
  /** Of a shave, millimetres a side. */
  depthMm: number | null;
  price: Price;
  hold: HoldDates;
  objections: Objection[];
  /** When its window opens next, where it is refused today for the day's sake. */
  rightFrom: IsoDate | null;
  /** Woody rings stay as they are. */
  leavesRings: boolean;
}

export interface Advice {
  /** Rotten roots are not bound: cut to live tissue and pot down. */
  sour: { liveShare: number; mostL: number } | null;
  /** What to do today; null where every work is refused. */
  pick: Option | null;
  /** The cheapest one were there no objection of the day: what is worth waiting for. Null where that is the pick. */
  later: Option | null;
  /** Every correction of a ball, the cheapest first, refused ones last. */
  options: Option[];
  /** What the rules say beside that: to do, to hold to, to watch for; and whether its crown may be cut now. */
  findings: Finding[];
  flare: { belowMm: number; loss: number; most: number; takeOffMm: number; leaveMm: number } | null;
  girdler: { share: number | null; twoSeasons: boolean; now: boolean } | null;
  anchored: { halves: boolean; weeks: number } | null;
  care: {
    shadeDays: number;
    coreWeeks: number;
    noFeedWeeks: number;
    /** Look for new roots, and take the stake off when they hold. */
    lookOn: IsoDate | null;
    /** Bare: nothing but damage is cut from the crown. */
    leafless: boolean;
    /** School "proportional": share of leaves it would take, in leaf. */
    crownBySchool: number;
  };
  lossAllowed: number;
}

/** Warmth after which roots hold in fresh mix: the lag, then one crossing. */
function holdDates(lagDegreeDays: number, { paces, warmth }: AdviseInput): HoldDates {
  const need: number[] = [];
  const weight: number[] = [];
  for (let j = 0; j < paces.k.length; j++)
    for (const z of [-1, 0, 1]) {
      // A season warmer or colder than the model, each a third.
      need.push((lagDegreeDays + F.holdCrossings * crossingDegreeDays(paces.k[j])) * (1 + 1.22 * SEASON_SD * z));
      weight.push(paces.weight[j] / 3);
    }
  const days = weightedQuantiles(Float64Array.from(need), Float64Array.from(weight), [0.1, 0.5, 0.9]).map((w) =>
    dayAfterWarmth(warmth.track, warmth.set, warmth.on, w),
  );
  const iso = (d: DayNumber | null) => (d === null ? null : toIso(d));
  return {
    p10: iso(days[0]),
    p50: iso(days[1]),
    p90: iso(days[2]),
    days: days[1] === null ? null : days[1] - warmth.on,
  };
}

/** Old mix that stays in the ball, about, by what is done. */
const OLD_MIX: Partial<Record<CorrectionName, number>> = {
  "wash-bare": 0,
  split: 0.3,
  "rake-and-thin": 0.6,
  "prune-and-return": 0.6,
  shave: 0.7,
};

function rulesFor(input: AdviseInput, plan: RuleSituation["plan"]): Finding[] {
  const { situation: s, reading } = input;
  return applyRules({
    profile: s.profile,
    phase: s.phase,
    autumn: s.autumn,
    purpose: input.purpose,
    grafted: input.grafted,
    ...(input.ageYears === null ? {} : { ageYears: input.ageYears }),
    ...(input.daysToBudBreak === null ? {} : { daysToBudBreak: input.daysToBudBreak }),
    ...(reading
      ? {
          live: {
            share: liveShareOf(reading),
            mushy: reading.firmness === "mushy",
            sour: reading.smell === "sour",
            ballL: s.volumeL,
          },
          ...(reading.colour ? { colour: reading.colour } : {}),
          signs: reading.signs,
          ...(reading.unionMm === null ? {} : { unionClearMm: reading.unionMm }),
        }
      : {}),
    plan,
  });
}

function optionOf(input: AdviseInput, correction: CorrectionName, sour: boolean): Option {
  const { situation: s, windows } = input;
  const shave = correction === "shave";
  const depthMm = shave ? usualShaveDepthMm(s.ball.widthMm) : null;
  const loss =
    depthMm === null
      ? 1 - CORRECTIONS[correction].retained
      : 1 - retainedAfterShave(s.ball.widthMm, s.ball.heightMm, depthMm);
  const price = priceOf(correction, s.circling, s.profile.tolerance, loss);
  const objections: Objection[] = [];
  const window = windows[correction];
  if (sour) objections.push({ code: "sour" });
  const most = lossAllowed(s, window?.open ?? false);
  if (loss > most + 1e-9 && loss > 0) objections.push({ code: "share", loss, most });
  if (window && !window.open) objections.push({ code: "window", limiting: window.limiting, safe: window.safe });
  for (const finding of refusals(input, correction, loss)) objections.push({ code: "rule", finding });
  if (s.profile.roots === "tap" && CUTS_ROUND.has(correction)) objections.push({ code: "tap-root" });
  if (s.circling < F.needlessBelow && loss > 0.05 && correction !== "split") objections.push({ code: "needless" });
  const option = {
    correction,
    depthMm,
    price,
    objections,
    leavesRings: s.circling >= 4 && CORRECTIONS[correction].circlingRemoved < 0.5,
  };
  // Days of holding take longer than all else, and only a page of root work shows them.
  return lazily(
    lazily(option, "hold", () => holdDates(price.lagDegreeDays, input)),
    "rightFrom",
    () => (window && !window.open ? window.opens : null),
  );
}

/** Refusals of a kind's rules that no day lifts: of the season its window speaks. Trees of a kind that nobody looked at share them. */
function refusals(input: AdviseInput, correction: CorrectionName, loss: number): Finding[] {
  const find = () =>
    rulesFor(input, {
      rootLoss: loss,
      washed: correction === "wash-bare",
      oldMixKept: OLD_MIX[correction] ?? 1,
      ratio: 1,
      crownCutMm: 0,
      hardCrown: false,
    }).filter((f) => f.kind === "refuse" && !SEASONAL.has(f.code));
  if (input.reading) return find();
  const { situation: s } = input;
  let known = refused.get(s.profile.values);
  if (!known) refused.set(s.profile.values, (known = new Map<string, Finding[]>()));
  const key = [
    correction,
    s.phase,
    s.autumn,
    input.purpose,
    input.grafted,
    Math.floor(input.ageYears ?? 99),
    loss > MUCH_ROOT_LOSS,
  ].join();
  const found = known.get(key) ?? find();
  known.set(key, found);
  return found;
}
const refused = new WeakMap<Situation["profile"]["values"], Map<string, Finding[]>>();

/** Cuts sides and base: a tap root would go with them. */
const CUTS_ROUND = new Set<CorrectionName>(["shave", "rake-and-thin", "prune-and-return"]);
const SEASONAL = new Set<Finding["code"]>(["too-cold-yet", "frost-ahead", "too-late", "swell-only", "warm-only"]);
/** Objections that a later day lifts. */
const PASSING = new Set<Objection["code"]>(["window", "share"]);

/**
 * Which correction a ball wants, what it costs, when its roots hold again, and what is refused and until when. Corrections are held
 * against each other by one price: roots lost, turning left behind, season lost.
 */
export function adviseCorrection(input: AdviseInput): Advice {
  const { situation: s, reading, windows } = input;
  const sour = reading !== null && isSour(reading);
  const live = reading ? liveShareOf(reading) : 1;
  const options = BALL_CORRECTIONS.filter((c) => c !== "split" && c !== "prune-and-return")
    .map((c) => optionOf(input, c, sour))
    .sort((a, b) => Number(a.objections.length > 0) - Number(b.objections.length > 0) || a.price.total - b.price.total);
  const pick = options[0]?.objections.length === 0 ? options[0] : null;
  const free = options
    .filter((o) => o.objections.every((x) => PASSING.has(x.code)) && stands(o, s))
    .sort((a, b) => a.price.total - b.price.total)[0];
  const most = lossAllowed(s, windows["tease-and-clip"]?.open ?? false);
  const loss = pick?.price.loss ?? 0;
  const plan = {
    rootLoss: loss,
    washed: pick?.correction === "wash-bare",
    oldMixKept: pick ? (OLD_MIX[pick.correction] ?? 1) : 1,
    ratio: 1,
    crownCutMm: 0,
    hardCrown: false,
  };
  const findings = () => [
    ...rulesFor(input, plan).filter((f) => f.kind !== "refuse" || f.rule === "grafted"),
    ...rulesFor(input, { ...plan, crownCutMm: CROWN_CUT_MM }).filter((f) => f.rule === "bleeder"),
  ];
  const care = (): Advice["care"] => ({
    shadeDays:
      sour || loss > F.longShadeFromLoss
        ? F.shadeDaysMuch
        : loss > F.shadeFromLoss || s.phase === "soft"
          ? F.shadeDays
          : F.shadeDaysLittle,
    coreWeeks: F.coreWeeks,
    noFeedWeeks: F.noFeedWeeks,
    lookOn: pick?.hold.p50 ?? null,
    leafless: s.profile.values.leaf === "deciduous" && isLeafless(s),
    crownBySchool: crownToMatch(sour ? 1 - live : loss),
  });
  const advice = {
    sour: sour ? { liveShare: live, mostL: F.potDown * live * s.volumeL } : null,
    pick: sour ? null : pick,
    later: sour || !free || free.correction === pick?.correction ? null : free,
    options,
    flare: flareOf(input, flareMost(input, most)),
    girdler: girdlerOf(s, reading),
    anchored: reading?.anchored === true ? { halves: !isLeafless(s), weeks: F.severWeeks } : null,
    lossAllowed: most,
  };
  return lazily(lazily(advice, "findings", findings), "care", care);
}

/** A cut worth calling one: what bleeders and stone fruit are asked about. */
const CROWN_CUT_MM = 15;

/** In its own season the kind stands so much at once. */
function stands(o: Option, s: Situation): boolean {
  return o.price.loss <= s.profile.values.rootShare + 1e-9;
}

/** What may go with the mix above the flare: no more than a slip-up in a season closed to root loss, nothing where even that is closed. */
function flareMost({ windows }: AdviseInput, most: number): number {
  const shut = (name: CorrectionName) => windows[name] !== undefined && !windows[name].open;
  if (shut("replace-top")) return 0;
  return shut("tease-and-clip") ? Math.min(most, F.flareLittle) : most;
}

/** How much of what buries the flare may come off today, by the roots that live in it. */
function flareOf({ situation: s, reading }: AdviseInput, most: number): Advice["flare"] {
  const belowMm = reading?.flareBelowMm ?? 0;
  if (belowMm <= 0) return null;
  const perMm = (F.topDensity * s.fill) / s.ball.heightMm;
  const loss = Math.min(1, perMm * belowMm);
  const allowed = Math.min(belowMm, Math.floor(most / perMm / 5) * 5);
  const takeOffMm = loss <= most ? belowMm : Math.max(0, allowed);
  return { belowMm, loss, most, takeOffMm, leaveMm: belowMm - takeOffMm };
}

function girdlerOf(s: Situation, reading: Reading | null): Advice["girdler"] {
  const seen = reading?.girdlerShare ?? null;
  if (seen === null && !s.girdler) return null;
  const share = seen === null || seen === 0 ? (s.girdler?.shareOfGirth ?? null) : seen;
  const twoSeasons = share !== null && share > F.girdlerSoon;
  return { share, twoSeasons, now: !isHot(s) && !twoSeasons };
}
