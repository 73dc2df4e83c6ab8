import { dayAfterWarmth } from "@/core/climate/index";
import { type DayNumber, growingSeason, toDay, toIso } from "@/core/dates/index";
import {
  afterCut,
  type Aftercare,
  DECISION_FIGURES,
  type DecisionFacts,
  type DecisionQuestion,
  goesByStage,
  keptBack,
  type PlannedWork,
  type PottedFacts,
  shadeDays,
} from "@/core/decision/index";
import type { LoggedEvent } from "@/core/event/index";
import { newestRescue, rescueProtocol, rescueState } from "@/core/rescue/index";
import { CORRECTING_FIGURES } from "@/core/root-work/index";
import { CORRECTIONS, type CorrectionName, crossingDegreeDays } from "@/core/roots/index";
import { goalOf } from "./goal";
import type { TreePlan } from "./plan";
import { presumedPot } from "./replayed";
import { isYoung } from "./juvenile";
import type { Question } from "./narrow";
import { missedWindow } from "./overdue";
import { potFor } from "./promises";
import { daysToBudBreak, treeAdvice } from "./tree-advice";
import { feedsFrom } from "./state";
import type { TreeOnDay } from "./tree-on-day";
import { recoveredOn } from "./tree-windows";
import { JUDGEMENT_FIGURES } from "@/core/judgement/index";
import { WET_MIX_KG_PER_L } from "@/core/ladder/index";
import { likelyPotMassKg, vesselOf } from "@/core/vessel/index";
import { emptyAfter } from "@/core/winter/index";

/** Who has just looked is not sent to look again, unless what was seen does not fit. */
const FRESH_CHECK_DAYS = 45;
/** What is asked of the grower, by what narrows the belief. */
const QUESTION_OF: Record<Question, DecisionQuestion> = {
  look: "roots",
  feel: "roots",
  "measure-pot": "pot",
  "potting-date": "potted-on",
};

/** All that the decision about a tree on a day rests on; null where works were not outlined that far back. */
export function decisionFacts(day: TreeOnDay, plan = day.plan): DecisionFacts | null {
  const { works, record, profile, condition, roots } = day;
  if (!works) return null;
  const on = day.day;
  return {
    on,
    profile,
    purpose: record.purpose,
    plants: day.plants,
    young: isYoung(day),
    potted: roots.bare ? null : pottedFacts(day, works, plan),
    unpotted: roots.bare ? unpottedFacts(day) : null,
    health: { state: condition.health, on: condition.healthOn },
    rescue: rescueOf(day),
    windows: works,
    indoors: !day.yard.isOutdoors(day.placeId),
    feedsFrom: (from) => feedsFrom(day.tracks, from),
    mustLeave: mustLeave(day),
    crown: { cutOn: lastOf(day, "pruned") },
    woodCheckedOn: lastOf(day, "wood-read"),
    aftercare: () => aftercareOfLast(day),
    narrowing: () =>
      day.narrowing.slice(0, 2).map((n) => ({ code: QUESTION_OF[n.question], worth: n.before - n.after })),
  };
}

/** When its place must be empty; null where it may stay, and where nobody has said. */
function mustLeave(day: TreeOnDay): DecisionFacts["mustLeave"] {
  const build = (day.yard.indexed.records.places ?? []).find((p) => p.id === day.placeId)?.build;
  const stretch = build ? emptyAfter(build, day.day) : null;
  return stretch && { ...stretch, massKg: () => day.mass?.wetKg ?? null };
}

/** The last day a thing was done or seen; null where it never was. */
function lastOf({ events, day }: TreeOnDay, kind: LoggedEvent["payload"]["kind"]): DayNumber | null {
  const last = events.findLast((e) => e.payload.kind === kind && toDay(e.on.best) <= day);
  return last ? toDay(last.on.best) : null;
}

function unpottedFacts(day: TreeOnDay): DecisionFacts["unpotted"] {
  const left = daysToBudBreak(day);
  return {
    arrivedOn: day.roots.arrivedOn,
    leafless: left !== null || day.wood.stage === "dormant",
    budBreakOn: left === null ? null : day.day + left,
    spreadMm: spreadOf(day.events, day.day),
    choose: (...wanted) => potFor(day, wanted),
  };
}

function pottedFacts(day: TreeOnDay, works: DecisionFacts["windows"], plan: TreePlan | null): PottedFacts | null {
  const asked = treeAdvice(day, works);
  if (!asked) return null;
  const { state, roots, condition, profile, tracks } = day;
  const { situation, seen, advice } = asked;
  const on = day.day;
  const due = "none" in state.due ? { p10: null, p50: null, p90: null } : state.due;
  const kPerDegreeDay = situation.kPerDegreeDay;
  const dry = condition.health === "dry";
  const goal = goalOf(day);
  return {
    situation,
    sized: roots.pot !== null,
    fill: state.fill,
    circling: state.circling,
    due,
    isDue: state.isDue,
    dueBy: state.dueBy,
    lookedLately: roots.lastCheckOn !== null && on - roots.lastCheckOn < FRESH_CHECK_DAYS && !roots.doubted,
    surprise: state.surprise !== null,
    missed: missedWindow(day) !== null,
    yearsInPot: day.yearsInPot,
    reading: seen?.reading ?? null,
    advice,
    settling: settlingOf(day),
    mates: state.together.length,
    share: state.share,
    set: setOf(day),
    anchored: condition.anchoredOn !== null,
    driesWithinDay: dry && state.isDue,
    goal: { mostL: goal.maxL, ask: goal.ask },
    planned: isYoung(day) && goesByStage(profile, situation.volumeL) ? null : plannedOf(day, plan),
    ballKg: () => ballKg(day),
    tooHeavy: mayBeHeavy(day) && ballKg(day) > DECISION_FIGURES.liftOutMostKg,
    choose: (...wanted) => potFor(day, wanted),
    holdsOn: ({ correction }, from) => holdsOn(correction, kPerDegreeDay, from),
  };

  function holdsOn(correction: CorrectionName, k: number, from: DayNumber): DayNumber | null {
    const need = CORRECTIONS[correction].lagDegreeDays + CORRECTING_FIGURES.holdCrossings * crossingDegreeDays(k);
    return dayAfterWarmth(tracks.warmth, profile.warmth, from, need);
  }
}

/** What is lifted out of a pot that stays where it is. */
function ballKg({ roots, state, mass }: TreeOnDay): number {
  const pot = presumedPot(roots);
  const massKg = mass?.wetKg ?? WET_MIX_KG_PER_L * (state.volumeL.p50 / state.share);
  return pot && mass ? Math.max(0, massKg - likelyPotMassKg(vesselOf(pot).vessel).massKg) : massKg;
}

/** No wet mix with its tree weighs more than this, kg a litre. */
const HEAVIEST_KG_PER_L = 2;
/** Whether it is worth weighing at all. */
const mayBeHeavy = ({ state, record }: TreeOnDay) =>
  (record.trunkMm ?? 0) > 60 || HEAVIEST_KG_PER_L * (state.volumeL.p50 / state.share) > DECISION_FIGURES.liftOutMostKg;

/** The others of its set; null where nobody keeps it alike with any. */
function setOf({ record, yard, day }: TreeOnDay): PottedFacts["set"] {
  if (!record.set) return null;
  const mates = yard.trees.filter((t) => t.record.set === record.set && t.id !== record.id);
  const moves = (mate: TreeOnDay) => {
    if (!mate.state.isDue) return false;
    const planned = plannedOf(mate, mate.plan);
    return planned === null || !keptBack({ planned });
  };
  return {
    mateMoves: () =>
      mates.some((t) => {
        const mate = t.on(day);
        return mate !== null && moves(mate);
      }),
  };
}

/** The last work on its roots, as long as they have not taken hold since: of a potting by its new roots, else by the warmth it asks for. */
function settlingOf(day: TreeOnDay): PottedFacts["settling"] {
  const { roots, rerooting, tracks } = day;
  const on = day.day;
  if (roots.disturbedOn === null || roots.disturbedOn > on) return null;
  if (roots.pottedOn === roots.disturbedOn && rerooting) {
    const holds = rerooting.hold.p50 === null ? null : toDay(rerooting.hold.p50);
    const seen = rerooting.stake === "off" || (rerooting.seen !== null && rerooting.lookOn === null);
    return seen || (holds !== null && holds <= on) ? null : { on: roots.disturbedOn, holds };
  }
  const recovered = recoveredOn(day, tracks.warmth);
  return recovered > on && Number.isFinite(recovered) ? { on: roots.disturbedOn, holds: recovered } : null;
}

const DAY_SOAKED = 1;

/** How far bare roots spread, as they were measured when they came; null where nobody did. */
function spreadOf(events: readonly LoggedEvent[], on: DayNumber): number | null {
  const seen = events.findLast((e) => e.payload.kind === "inspected" && toDay(e.on.best) <= on);
  return seen?.payload.kind === "inspected" ? (seen.payload.spreadMm ?? null) : null;
}

/** What its plan names next, done or not. */
function plannedOf(day: TreeOnDay, plan: TreePlan | null): PlannedWork | null {
  // A new top is no work on its roots: it goes with the season for it.
  const step = plan?.steps.find((s) => s.action !== "replace-top");
  if (!plan || !step) return null;
  const { action, season, volumeL } = step;
  const { firstSeason } = plan;
  const thisSeason = season <= growingSeason(day.day, day.yard.latitudeDeg);
  return {
    action,
    season,
    thisSeason,
    firstSeason,
    volumeL,
    forRoom: plan.forRoom,
  };
}

/** What follows the last work on its crown and the last potting, and still lies ahead. */
function aftercareOfLast(day: TreeOnDay): Aftercare[] {
  const cutOn = lastOf(day, "pruned");
  const ofCut = cutOn === null ? [] : afterCut(cutOn).filter((a) => a.on === null || toDay(a.on) >= day.day);
  return [...aftercareOfPotting(day), ...ofCut];
}

function aftercareOfPotting(day: TreeOnDay): Aftercare[] {
  const { rerooting, events, wood } = day;
  if (!rerooting) return [];
  const on = day.day;
  const potted = toDay(rerooting.pottedOn);
  const last = events.findLast((e) => e.payload.kind === "potted" && toDay(e.on.best) === potted);
  const correction = last?.payload.kind === "potted" ? last.payload.correction : "none";
  const loss = 1 - CORRECTIONS[correction].retained;
  const list: Aftercare[] = [];
  const until = (code: Aftercare["code"], to: DayNumber) => {
    if (to >= on) list.push({ code, on: toIso(to) });
  };
  until("second-soak", potted + DAY_SOAKED);
  if (wood.stage !== "dormant") until("shade-until", potted + shadeDays(loss, false));
  until("water-old-ball-until", potted + 7 * JUDGEMENT_FIGURES.coreWeeks);
  until("headspace-check", potted + DECISION_FIGURES.headspaceDays);
  if (rerooting.lookOn !== null) list.push({ code: "look-for-roots", on: rerooting.lookOn });
  if (rerooting.stake === "off") list.push({ code: "stake-off", on: toIso(on) });
  if (rerooting.feedFrom !== null && !((lastOf(day, "fed") ?? -Infinity) > potted))
    until("first-feed", toDay(rerooting.feedFrom));
  return list;
}

/** The next checkpoint of a rescue that goes on. */
function rescueOf(day: TreeOnDay): DecisionFacts["rescue"] {
  const { events, tree, profile, state, tracks } = day;
  const begun = newestRescue(events, day.day);
  if (!begun) return null;
  const started = tree.on(begun.start.on) ?? day;
  const plan = rescueProtocol(begun.start, {
    profile,
    kPerDegreeDay: profile.kPerDegreeDay * state.vigour.p50,
    phase: started.situation?.phase ?? "soft",
    takeHoldLeft: 0,
    frostDays: null,
    volumeL: started.roots.volumeL.p50,
    warmth: { track: tracks.warmth, set: profile.warmth },
  });
  const { ended, next, stop } = rescueState(events, begun, plan.steps, day.day);
  if (ended) return null;
  if (stop) return { step: stop, from: null, to: null };
  return next && { step: next.step, from: next.due.p10, to: next.due.p90 };
}
