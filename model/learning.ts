import type { WarmthTrack } from "@/core/climate/index";
import { type DayNumber, DAYS_PER_YEAR, type IsoDate, toDay, toIso } from "@/core/dates/index";
import type { Estimate } from "@/core/estimate/index";
import type { Happened, LoggedEvent } from "@/core/event/index";
import { weightedQuantiles } from "@/core/math/index";
import { gradeProbability, type RootBelief, vigourFactors } from "@/core/roots/index";
import type { Profile } from "@/core/species/index";
import { brimEstimate, vesselOf } from "@/core/vessel/index";
import type { LotRecord } from "@/core/records/index";
import { replay } from "./replay";

/** A belief about a tree's own factor of pace as a curve: density by ln of the factor at the grid's points. */
export interface PaceCurve {
  factor: number[];
  density: number[];
}

interface LearningStep {
  eventId: string;
  on: IsoDate;
  what: "look" | "feel" | "rerooting";
  fillGrade: number | null;
  circlingGrade: number | null;
  lengthMm: number | null;
  /** How probable it was before it was seen; null where only turning was read. */
  probability: number | null;
  /** Not believed about the pace yet: the history is in doubt. */
  doubted: boolean;
  confirmed: boolean;
  before: Estimate;
  after: Estimate;
  curve: PaceCurve;
}

/** Another history under which a surprising look would have been likelier. */
export interface OtherHistory {
  code: "as-recorded" | "pot-half" | "pot-double" | "potted-earlier" | "potted-later";
  figures: Record<string, number>;
  /** Probability of what was seen, were it so. */
  probability: number;
}

export interface Learning {
  prior: PaceCurve;
  /** Before this tree's own checks, with its mates'. */
  withMates: PaceCurve | null;
  steps: LearningStep[];
  now: Estimate;
  /** Where the last look is in doubt: what else might have been. The likeliest first. */
  doubt: { eventId: string; on: IsoDate; others: OtherHistory[] } | null;
}

function curveOf(belief: RootBelief, profile: Profile): PaceCurve {
  const { values, weights } = vigourFactors(belief, profile.kPerDegreeDay);
  const step = Math.log(values[1] / values[0]);
  return { factor: Array.from(values), density: Array.from(weights, (w) => w / step) };
}

function factorOf(belief: RootBelief, profile: Profile, seen: boolean): Estimate {
  const { values, weights } = vigourFactors(belief, profile.kPerDegreeDay);
  const [p10, p50, p90] = weightedQuantiles(values, weights, [0.1, 0.5, 0.9]);
  return { p10, p50, p90, basis: seen ? "derived" : "typical" };
}

const speaks = (e: LoggedEvent) => e.payload.kind === "roots-read" || e.payload.kind === "rerooting-read";

/**
 * What a tree's checks have taught, check by check: prior, each look's weight, posterior; and for a look that does not fit, which other
 * history would explain it.
 */
export function learningOf(input: {
  events: readonly LoggedEvent[];
  lots: ReadonlyMap<string, LotRecord>;
  /** With what its mates say. */
  profile: Profile;
  /** The kind alone. */
  kindProfile: Profile;
  track: WarmthTrack;
  on: DayNumber;
}): Learning | null {
  const { lots, profile, kindProfile, track, on } = input;
  const events = input.events.filter((e) => toDay(e.on.best) <= on);
  const first = events.findIndex((e) => e.payload.kind === "arrived");
  if (first < 0) return null;
  const arrival = events.slice(0, first + 1);
  const start = (p: Profile) => replay(arrival, lots, p, track, toDay(events[first].on.best))!.belief;
  const steps = events.flatMap((event, i): LearningStep[] => {
    if (!speaks(event) || i < first) return [];
    const day = toDay(event.on.best);
    const before = replay(events.slice(0, i), lots, profile, track, day)!;
    const after = replay(events.slice(0, i + 1), lots, profile, track, day)!;
    const { payload } = event;
    const read = payload.kind === "roots-read" ? payload : null;
    return [
      {
        eventId: event.id,
        on: event.on.best,
        what: read ? (read.by === "feel" ? "feel" : "look") : "rerooting",
        fillGrade: read?.fillGrade ?? null,
        circlingGrade: read?.circlingGrade ?? null,
        lengthMm: payload.kind === "rerooting-read" ? payload.lengthMm : null,
        probability: read
          ? read.fillGrade === null
            ? null
            : gradeProbability(before.belief, read.fillGrade)
          : (after.rerooted?.probability ?? null),
        doubted: read !== null && read.by !== "feel" && after.doubted,
        confirmed: read?.confirmed === true,
        before: factorOf(before.belief, profile, i > 0),
        after: factorOf(after.belief, profile, true),
        curve: curveOf(after.belief, profile),
      },
    ];
  });
  const last = [...steps].reverse().find((s) => s.what === "look");
  return {
    prior: curveOf(start(kindProfile), kindProfile),
    withMates: profile.vigourMean === undefined ? null : curveOf(start(profile), profile),
    steps,
    now: steps.at(-1)?.after ?? factorOf(start(profile), profile, false),
    doubt: last?.doubted ? { eventId: last.eventId, on: last.on, others: otherHistories(input, last) } : null,
  };
}

/** The same events with the last pot so many times as large. */
function withPot(events: readonly LoggedEvent[], lots: ReadonlyMap<string, LotRecord>, times: number) {
  const last = [...events].reverse().find((e) => e.payload.kind === "potted" || e.payload.kind === "arrived");
  if (!last?.potLotId) return null;
  const lot = lots.get(last.potLotId);
  if (!lot) return null;
  const { vessel } = vesselOf(lot.pot);
  const pot: LotRecord["pot"] = {
    known: "measured",
    vessel: { ...vessel, measuredVolumeL: times * brimEstimate(lot.pot).p50 },
  };
  return {
    events: events.map((e) =>
      e.id === last.id && e.payload.kind === "potted" && e.payload.mixL !== null
        ? { ...e, payload: { ...e.payload, mixL: times * e.payload.mixL } }
        : e,
    ),
    lots: new Map(lots).set(lot.id, { ...lot, pot }),
  };
}

const shifted = (h: Happened, days: number): Happened => {
  const by = (iso: IsoDate) => toIso(toDay(iso) + days);
  return { best: by(h.best), from: by(h.from), to: by(h.to) };
};

/** The same events with the last potting so many days off; null where it would fall behind the look or nobody knows it. */
function withDate(events: readonly LoggedEvent[], days: number, upTo: IsoDate): LoggedEvent[] | null {
  const last = [...events].reverse().find((e) => e.payload.kind === "potted" || e.payload.kind === "arrived");
  if (!last) return null;
  const known = last.payload.kind === "arrived" ? last.payload.lastPotted : last.on;
  if (!known) return null;
  const moved = shifted(known, days);
  if (moved.best >= upTo) return null;
  const first = events.find((e) => e.payload.kind === "arrived");
  return events
    .map((e) => {
      if (e.id !== last.id) return e;
      if (e.payload.kind === "arrived") return { ...e, payload: { ...e.payload, lastPotted: moved } };
      // Not before it came.
      return first && moved.best < first.on.best ? { ...e, on: first.on } : { ...e, on: moved };
    })
    .sort((a, b) => a.on.best.localeCompare(b.on.best));
}

function otherHistories(
  { events, lots, profile, track }: Parameters<typeof learningOf>[0],
  look: LearningStep,
): OtherHistory[] {
  const day = toDay(look.on);
  const at = events.findIndex((e) => e.id === look.eventId);
  const before = events.slice(0, at);
  const chance = (list: readonly LoggedEvent[], known: ReadonlyMap<string, LotRecord>) => {
    const state = replay(list, known, profile, track, day);
    return state ? gradeProbability(state.belief, look.fillGrade!) : 0;
  };
  const others: OtherHistory[] = [{ code: "as-recorded", figures: {}, probability: chance(before, lots) }];
  for (const [code, times] of [
    ["pot-half", 0.5],
    ["pot-double", 2],
  ] as const) {
    const other = withPot(before, lots, times);
    if (other) others.push({ code, figures: { times }, probability: chance(other.events, other.lots) });
  }
  for (const [code, years] of [
    ["potted-earlier", -1],
    ["potted-later", 1],
  ] as const) {
    const other = withDate(before, Math.round(years * DAYS_PER_YEAR), look.on);
    if (other) others.push({ code, figures: { years: Math.abs(years) }, probability: chance(other, lots) });
  }
  return others.sort((a, b) => b.probability - a.probability);
}
