import { type DayNumber, toDay } from "../dates/index";
import type { LoggedEvent } from "../event/index";
import { logistic, weightedQuantiles } from "../math/index";
import { BY_FEEL, BY_LOOK, checkBelief, copyBelief, type Eye, pointsOf, type RootBelief } from "../roots/index";
import { brimEstimate, vesselOf } from "../vessel/index";
import type { KindTracks, ReplayContext } from "./context";
import { profileFor } from "./mates";
import type { LotRecord, TreeRecord } from "./records";
import { replay } from "./replay";

/** One thing a grower can do or answer, and how wide the band of fill is expected to be after it. */
export type Question = "look" | "feel" | "measure-pot" | "potting-date";

export interface Narrowing {
  question: Question;
  /** Width of the 80 % band of fill, 0–1, before and, on average, after. */
  before: number;
  after: number;
}

const BAND = [0.1, 0.9] as const;
const GRADES = [0, 1, 2, 3, 4];

function width(belief: RootBelief): number {
  const points = pointsOf(belief);
  const [low, high] = weightedQuantiles(points.x, points.weight, BAND);
  return logistic(high) - logistic(low);
}

/** Mean width after a grade is seen, each grade weighed by how probable it is. */
function widthAfterGrade(belief: RootBelief, eye: Eye, grades: readonly number[]): number {
  let [mean, total] = [0, 0];
  for (const grade of grades) {
    const copy = copyBelief(belief);
    const probability = checkBelief(copy, grade, null, eye) ?? 0;
    mean += probability * width(copy);
    total += probability;
  }
  return total > 0 ? mean / total : width(belief);
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
export function whatNarrows(
  tree: TreeRecord,
  events: readonly LoggedEvent[],
  lots: ReadonlyMap<string, LotRecord>,
  context: ReplayContext,
  kind: KindTracks,
  on: DayNumber,
): Narrowing[] {
  const profile = profileFor(context, tree, kind, on);
  const state = replay(events, lots, profile, kind.warmth, on);
  if (!state) return [];
  const before = width(state.belief);
  const found: Narrowing[] = [
    { question: "look", before, after: widthAfterGrade(state.belief, BY_LOOK, GRADES) },
    { question: "feel", before, after: widthAfterGrade(state.belief, BY_FEEL, GRADES.slice(1)) },
  ];
  for (const question of ["measure-pot", "potting-date"] as const) {
    if (question === "potting-date" && !events.some(isRough)) continue;
    if (question === "measure-pot" && !events.some((e) => roughPot(e, lots))) continue;
    const known = answered(events, lots, question);
    const sure = replay(known.events, known.lots, profile, kind.warmth, on);
    if (sure) found.push({ question, before, after: width(sure.belief) });
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
