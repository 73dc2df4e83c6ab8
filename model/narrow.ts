import { dayAfterWarmth } from "@/core/climate/index";
import { type DayNumber, toDay } from "@/core/dates/index";
import type { LoggedEvent } from "@/core/event/index";
import { logistic, weightedQuantiles } from "@/core/math/index";
import {
  BY_FEEL,
  BY_LOOK,
  checkBelief,
  copyBelief,
  type Eye,
  pointsOf,
  type RootBelief,
  warmthUntilDue,
} from "@/core/roots/index";
import { brimEstimate, vesselOf } from "@/core/vessel/index";
import type { KindTracks } from "./context";
import type { TreeOnDay } from "./tree-on-day";
import type { LotRecord } from "@/core/records/index";
import { replay } from "./replay";

/** One thing a grower can do or answer, and how wide the band of fill is expected to be after it. */
export type Question = "look" | "feel" | "measure-pot" | "potting-date";

export interface Narrowing {
  question: Question;
  /** Width of the 80 % band of fill, 0–1, before and, on average, after. */
  before: number;
  after: number;
  /** The same for the day it falls due: days between the early and the late end of its band. */
  daysBefore: number;
  daysAfter: number;
}

const BAND = [0.1, 0.9] as const;
const GRADES = [0, 1, 2, 3, 4];
/** Days beyond which the due day is "not for years". */
const MOST_DAYS = 2500;

/** Widths of the 80 % bands: of fill, and of the day it falls due. */
interface Widths {
  fill: number;
  days: number;
}

function widths(belief: RootBelief, kind: KindTracks, on: DayNumber): Widths {
  const points = pointsOf(belief);
  const [low, high] = weightedQuantiles(points.x, points.weight, BAND);
  const [soon, late] = weightedQuantiles(warmthUntilDue(belief, points).warmth, points.weight, BAND).map((w) =>
    w <= 0 ? 0 : Math.min(MOST_DAYS, (dayAfterWarmth(kind.warmth, kind.profile.warmth, on, w) ?? Infinity) - on),
  );
  return { fill: logistic(high) - logistic(low), days: late - soon };
}

/** Mean widths after a grade is seen, each grade weighed by how probable it is. */
function afterGrade(
  belief: RootBelief,
  eye: Eye,
  grades: readonly number[],
  of: (belief: RootBelief) => Widths,
): Widths {
  const mean = { fill: 0, days: 0 };
  let total = 0;
  for (const grade of grades) {
    const copy = copyBelief(belief);
    const probability = checkBelief(copy, grade, null, eye) ?? 0;
    const after = of(copy);
    mean.fill += probability * after.fill;
    mean.days += probability * after.days;
    total += probability;
  }
  return total > 0 ? { fill: mean.fill / total, days: mean.days / total } : of(belief);
}

/** Share of the doubt about its pace (variance of ln) that a look at the ball is expected to leave. */
export function paceLeftAfterLook(belief: RootBelief): number {
  const variance = ({ k, weight }: RootBelief) => {
    let [sum, mean, square] = [0, 0, 0];
    k.forEach((value, i) => {
      const ln = Math.log(value);
      sum += weight[i];
      mean += weight[i] * ln;
      square += weight[i] * ln * ln;
    });
    return square / sum - (mean / sum) ** 2;
  };
  const before = variance(belief);
  let [after, total] = [0, 0];
  for (const grade of GRADES) {
    const copy = copyBelief(belief);
    const probability = checkBelief(copy, grade, null, BY_LOOK) ?? 0;
    after += probability * variance(copy);
    total += probability;
  }
  return total > 0 && before > 1e-9 ? Math.min(1, after / total / before) : 1;
}

/** The same history with one answer known: what was rough is taken at its best value. */
function answered(events: readonly LoggedEvent[], lots: ReadonlyMap<string, LotRecord>, question: Question) {
  if (question === "measure-pot") {
    const exact = new Map(
      [...lots].map(([id, lot]) => [id, lot.pot.known === "measured" ? lot : { ...lot, pot: sharpened(lot) }]),
    );
    return { events, lots: exact };
  }
  const sharp = (h: LoggedEvent["on"]) => ({ best: h.best, from: h.best, to: h.best });
  return {
    events: events.map((e) =>
      e.payload.kind === "potted"
        ? { ...e, on: sharp(e.on) }
        : e.payload.kind === "arrived"
          ? { ...e, payload: { ...e.payload, lastPotted: guessedPotting(e) } }
          : e,
    ),
    lots,
  };
}

/** A potting nobody dates: two years before arrival is the likeliest of none to six. */
const LIKELIEST_YEARS = 2;
function guessedPotting(e: LoggedEvent): LoggedEvent["on"] | null {
  if (e.payload.kind !== "arrived") return null;
  if (e.payload.lastPotted)
    return { ...e.payload.lastPotted, from: e.payload.lastPotted.best, to: e.payload.lastPotted.best };
  const year = Number(e.on.best.slice(0, 4)) - LIKELIEST_YEARS;
  const best = `${year}-${e.on.best.slice(5) === "02-29" ? "02-28" : e.on.best.slice(5)}`;
  return { best, from: best, to: best };
}

function sharpened(lot: LotRecord): LotRecord["pot"] {
  const { vessel } = vesselOf(lot.pot);
  return { known: "measured", vessel: { ...vessel, measuredVolumeL: brimEstimate(lot.pot).p50 } };
}

/**
 * Which one look or answer would narrow what is known of a tree most, best first. Looks are weighed by what they may show; answers by
 * the band that would be left were the rough value certain. Questions that would change nothing are left out.
 */
export function whatNarrows({ events, profile, tracks, roots, day: on, yard }: TreeOnDay): Narrowing[] {
  const { lots } = yard.indexed;
  const of = (belief: RootBelief) => widths(belief, tracks, on);
  const before = of(roots.belief);
  const narrowing = (question: Question, after: Widths): Narrowing => ({
    question,
    before: before.fill,
    after: after.fill,
    daysBefore: before.days,
    daysAfter: after.days,
  });
  const found: Narrowing[] = [
    narrowing("look", afterGrade(roots.belief, BY_LOOK, GRADES, of)),
    narrowing("feel", afterGrade(roots.belief, BY_FEEL, GRADES.slice(1), of)),
  ];
  for (const question of ["measure-pot", "potting-date"] as const) {
    if (question === "potting-date" && !events.some(isRough)) continue;
    if (question === "measure-pot" && !events.some((e) => roughPot(e, lots))) continue;
    const known = answered(events, lots, question);
    const sure = replay(known.events, known.lots, profile, tracks.warmth, on);
    if (sure) found.push(narrowing(question, of(sure.belief)));
  }
  return found.filter((n) => n.after < n.before - 0.02).sort((a, b) => a.after - b.after);
}

function isRough(e: LoggedEvent): boolean {
  if (e.payload.kind === "potted") return toDay(e.on.to) - toDay(e.on.from) > 14;
  return (
    e.payload.kind === "arrived" &&
    (e.payload.lastPotted === null || e.payload.lastPotted.from !== e.payload.lastPotted.to)
  );
}

function roughPot(e: LoggedEvent, lots: ReadonlyMap<string, LotRecord>): boolean {
  const pot = e.potLotId === null ? undefined : lots.get(e.potLotId)?.pot;
  return pot !== undefined && pot.known !== "measured";
}
