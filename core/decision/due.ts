import { isAtRest, isEvergreen, isLeafless, JUDGEMENT_FIGURES as J, lossAllowed } from "../judgement/index";
import type { Option } from "../root-work/index";
import { BOUND_FILL, CORRECTIONS } from "../roots/index";
import { operationOf, type OutlinePeriod } from "../window/index";
import type { Exception, Reason } from "./codes";
import { feedAndQuarters } from "./care";
import { bestInSeason, bound, boundInLast, renewal } from "./correction";
import type { ActPot, Headline } from "./decision";
import { batchFigures, type Draft, endOf, minutesFor, samePot } from "./draft";
import type { PottedFacts } from "./facts";
import { DECISION_FIGURES as F } from "./figures";
import { inGoal, type StepWay } from "./litres";
import { isPlannedNow, keptBack, plannedSeason, putOffBy, renewsByPlan } from "./planned";
import { refuseCarry, refuseJump, refuseToday } from "./refusals";

/** It has used up its pot, or something else asks for work on its roots now. */
export function dueTree(draft: Draft): Headline | null {
  const { potted } = draft.facts;
  if (!potted) return null;
  const because = reasonsOf(potted);
  if (potted.anchored) sever(draft, potted);
  if (potted.tooHeavy && !potted.situation.broken) return inPlace(draft, potted, because);
  if (potted.situation.broken) return intoAnother(draft, potted, "broken", "broken", ["broken"]);
  return workOf(draft, potted, because);
}

/** Its plan names this season for work on it, before its pot is used up; or one of its set has used up its own. */
export function plannedNow(draft: Draft): Headline | null {
  const { potted } = draft.facts;
  if (!potted || potted.isDue || potted.tooHeavy) return null;
  const bySet = potted.set?.mateMoves() === true;
  if (!isPlannedNow(potted) && !bySet) return null;
  const best = bestInSeason(potted);
  const renews = inGoal(potted) || renewsByPlan(potted);
  const work = renews ? renewal(potted).work : operationOf(best.correction);
  const loss = renews ? renewal(potted).loss : best.price.loss;
  if (!draft.isOpen(work) || loss > lossAllowed(potted.situation, true) + 1e-9) return null;
  const because: Reason[] = [];
  if (isPlannedNow(potted)) because.push("planned");
  if (bySet) because.push("matched");
  if (potted.mates > 0) because.push("shared");
  return workOf(draft, potted, because);
}

/** Renewed in its last pot, or in this one where its plan has it so; else up into the next. */
function workOf(draft: Draft, potted: PottedFacts, because: Reason[]): Headline {
  // What goes whole into a narrow ring is the same in its last pot: there its roots are renewed.
  return inGoal(potted) || renewsByPlan(potted) ? renew(draft, potted, because) : step(draft, potted, because);
}

function reasonsOf({ fill, dueBy, driesWithinDay, isDue, mates, set }: PottedFacts): Reason[] {
  const list: Reason[] = [];
  if (isDue) list.push(dueBy === "circling" && fill.p50 < BOUND_FILL ? "turning" : "full");
  if (driesWithinDay) list.push("dries-within-day");
  if (mates > 0) list.push("shared");
  if (set) list.push("matched");
  return list;
}

/** Held by roots in the ground: severed at rest, or half now and half weeks later. */
function sever(draft: Draft, { situation: s }: PottedFacts): void {
  const season = draft.next("trim-outside");
  draft.act({
    work: "trim-outside",
    correction: "trim-outside",
    from: season?.from ?? null,
    because: ["anchored"],
    figures: { halves: s.phase === "dormant" ? 1 : 2 },
  });
}

/** Nobody lifts it: renewed where it stands, in the season for it. */
function inPlace(draft: Draft, potted: PottedFacts, why: Reason[]): Headline {
  const { situation: s } = potted;
  const because: Reason[] = [...why, "too-heavy"];
  // A slumped ball that turns is sliced on one side; else cores renew its outer half.
  const correction = s.slumped && potted.circling.p50 >= J.teaseFromCircling ? "slice-in-place" : "core-in-place";
  const loss = correction === "slice-in-place" ? J.sliceShare : 1 - CORRECTIONS[correction].retained;
  const open = draft.isOpen(correction) && loss <= lossAllowed(s, true) + 1e-9;
  const season = open ? draft.next(correction) : draft.later(correction);
  const from = season?.from ?? null;
  const top = draft.next("replace-top", from ?? draft.on);
  draft.act({
    work: "replace-top",
    correction: "replace-top",
    from: top?.from ?? null,
    because,
    minutes: minutesFor("replace-top", s.volumeL, draft.facts),
    figures: { mm: J.bigTopLowMm, toMm: J.bigTopHighMm },
  });
  draft.act({
    work: correction,
    correction,
    from,
    lossShare: loss,
    pot: samePot(s.volumeL),
    minutes: minutesFor("core-in-place", s.volumeL, draft.facts),
    because,
    figures: {
      rootZoneC: s.profile.values.springRootZoneC,
      stopAtRootMm: J.stopRootMm,
      ...(correction === "slice-in-place" ? { depthMm: J.sliceShare * s.ball.widthMm } : {}),
    },
  });
  draft.refuse("up-pot", "weight", { kg: s.massKg });
  draft.refuse(correction, "feed", {});
  draft.refuseClosed(correction);
  feedAndQuarters(draft, potted);
  return draft.headline("in-place", {
    work: correction,
    from,
    to: endOf(season),
    limiting: open ? "none" : draft.heldBy(correction),
    because,
  });
}

/** Into a pot a little larger, whole, whatever the season: its own is no pot any more. */
function intoAnother(
  draft: Draft,
  potted: PottedFacts,
  way: StepWay,
  excepted: Exception,
  because: Reason[],
): Headline {
  const { situation: s } = potted;
  const closed = !draft.isOpen("slip-up");
  const to = draft.on + F.withinDays;
  const pot = draft.pot(potted, way, "none") ?? samePot(s.volumeL);
  draft.act({
    work: "slip-up",
    correction: "none",
    to,
    mostShare: lossAllowed(s, !closed),
    pot,
    massKg: potted.ballKg,
    minutes: minutesFor("up-pot", pot.highL, draft.facts),
    because,
    ...(closed ? { excepted } : {}),
    figures: { rootZoneC: s.profile.values.takeHoldBaseC + J.brokenAboveBaseC },
  });
  return draft.headline("do-now", { work: "slip-up", from: draft.on, to, because });
}

/** In its last pot: roots and part of the mix renewed, in the season for it; a new top until then. */
function renew(draft: Draft, potted: PottedFacts, why: Reason[]): Headline {
  const { situation: s } = potted;
  const because: Reason[] = [...why];
  if (inGoal(potted)) because.push("final-pot");
  const { correction, work, loss } = renewal(potted);
  const kept = putOff(potted, boundInLast(potted));
  if (kept) because.push(...putOffBy(potted));
  const season = draft.next(work);
  const open = !kept && draft.isOpen(work) && loss <= lossAllowed(s, true) + 1e-9;
  if (!open && work !== "replace-top" && draft.isOpen("replace-top") && potted.yearsInPot >= F.topAfterYears)
    draft.act({
      work: "replace-top",
      correction: "replace-top",
      because: ["worn-mix"],
      minutes: minutesFor("replace-top", s.volumeL, draft.facts),
      figures: { mm: J.topMm },
    });
  const later = open ? season : kept ? plannedSeason(draft, potted, work) : draft.later(work);
  draft.act({
    work,
    correction,
    from: (open ? draft.on : later?.from) ?? null,
    lossShare: loss,
    pot: samePot(s.volumeL),
    massKg: work === "replace-top" ? null : potted.ballKg,
    minutes: minutesFor(work === "replace-top" ? "replace-top" : "root-prune", s.volumeL, draft.facts),
    because,
    figures: work === "replace-top" ? { mm: J.topMm } : { rootZoneC: s.profile.values.springRootZoneC },
  });
  refuseToday(draft, potted, work);
  feedAndQuarters(draft, potted);
  if (open)
    return draft.headline(boundInLast(potted) && !isAtRest(s) ? "do-now" : "do-by", {
      work,
      from: draft.on,
      to: endOf(season),
      because,
    });
  return draft.headline("wait", {
    work,
    from: later?.from ?? null,
    to: endOf(later),
    limiting: kept ? "none" : draft.heldBy(work),
    because,
  });
}

/** Up into the next pot: with its whole correction in the season for that, whole and now where it cannot wait. */
function step(draft: Draft, potted: PottedFacts, because: Reason[]): Headline {
  const { situation: s } = potted;
  const best = bestInSeason(potted);
  const work = operationOf(best.correction);
  const mayToday = draft.isOpen(work) && best.price.loss <= lossAllowed(s, true) + 1e-9;
  const pot = draft.pot(potted, "season", best.correction, best.price.loss);
  if (!pot) return renew(draft, potted, because);
  if (putOff(potted, bound(potted)) && !potted.driesWithinDay)
    return waitFor(draft, potted, best, pot, [...because, ...putOffBy(potted)], plannedSeason(draft, potted, work));
  if (mayToday) return stepNow(draft, potted, best, pot, because);
  const slips = draft.isOpen("slip-up") && work !== "slip-up";
  // At rest nothing is lost by waiting, and little where the whole correction is near.
  const waits = isLeafless(s) || (draft.later(work)?.from ?? Infinity) <= draft.on + F.soonDays;
  if (potted.driesWithinDay || (slips && pressing(potted) && !waits))
    return slipNow(draft, potted, best, draft.isOpen("slip-up"), because);
  return waitFor(draft, potted, best, pot, because);
}

/** Its plan keeps it back, and neither its roots nor its set say otherwise. */
const putOff = (p: PottedFacts, loses: boolean) => keptBack(p) && !loses && p.set?.mateMoves() !== true;

/** It loses by waiting: bound, or past a window that has closed. */
const pressing = (p: PottedFacts) => bound(p) || p.missed;

function stepNow(draft: Draft, potted: PottedFacts, best: Option, pot: ActPot, because: Reason[]): Headline {
  const { situation: s } = potted;
  const work = operationOf(best.correction);
  const season = draft.next(work);
  draft.act({
    work,
    correction: best.correction,
    depthMm: best.depthMm,
    lossShare: best.price.loss,
    mostShare: lossAllowed(s, true),
    to: endOf(season),
    pot,
    massKg: potted.ballKg,
    minutes: minutesFor("up-pot", pot.highL, draft.facts),
    because,
    figures: () => ({
      ...fullMass(pot),
      ...batchFigures(draft.facts, pot, s.volumeL),
      rootZoneC: s.profile.values.springRootZoneC,
    }),
  });
  refuseJump(draft, potted, s.growthLeft);
  refuseCarry(draft, potted, best);
  refuseToday(draft, potted, work);
  // At rest nothing is lost until it wakes.
  const press = !isAtRest(s) && (bound(potted) || potted.missed);
  return draft.headline(press ? "do-now" : "do-by", { work, from: draft.on, to: endOf(season), because });
}

/** Whole and now; what must be cut waits for its season. */
function slipNow(draft: Draft, potted: PottedFacts, best: Option, open: boolean, because: Reason[]): Headline {
  const { situation: s } = potted;
  const pot = draft.pot(potted, "in-leaf", "none") ?? samePot(s.volumeL);
  const end = endOf(draft.next("slip-up"));
  const to = Math.min(draft.on + F.withinDays, end ?? Infinity);
  draft.act({
    work: "slip-up",
    correction: "none",
    lossShare: Math.min(lossAllowed(s, draft.isOpen("up-pot")), J.littleLoss),
    mostShare: lossAllowed(s, draft.isOpen("up-pot")),
    to: open ? to : draft.on + F.withinDays,
    ...(open ? {} : { excepted: "dries-within-day" as const }),
    pot,
    massKg: potted.ballKg,
    minutes: minutesFor("up-pot", pot.highL, draft.facts),
    because,
    figures: () => ({ ...fullMass(pot), ...batchFigures(draft.facts, pot, s.volumeL) }),
  });
  const work = operationOf(best.correction);
  const season = draft.later(work);
  if (best.price.loss > J.littleLoss && season)
    draft.act({
      work,
      correction: best.correction,
      depthMm: best.depthMm,
      lossShare: Math.min(best.price.loss, s.profile.values.rootShare),
      mostShare: s.profile.values.rootShare,
      from: season.from,
      pot: { lowL: s.volumeL, highL: J.afterShaveHigh * s.volumeL, choice: null, buy: false, same: false, mostTrim: 0 },
      massKg: potted.ballKg,
      minutes: minutesFor("root-prune", s.volumeL, draft.facts),
      because: ["left-behind"],
      figures: { circling: potted.circling.p50 },
    });
  refuseToday(draft, potted, work);
  refuseJump(draft, potted, s.growthLeft, true);
  draft.refuse("slip-up", "feed", {});
  return draft.headline("do-now", {
    work: "slip-up",
    from: draft.on,
    to: open ? to : draft.on + F.withinDays,
    because,
  });
}

/** The step waits for a season: the one its plan puts it off to, or the next one for its work. */
function waitFor(
  draft: Draft,
  potted: PottedFacts,
  best: Option,
  pot: ActPot,
  because: Reason[],
  putOff: OutlinePeriod | null = null,
): Headline {
  const { situation: s } = potted;
  const work = operationOf(best.correction);
  const season = putOff ?? draft.later(work);
  if (season)
    draft.act({
      work,
      correction: best.correction,
      depthMm: best.depthMm,
      lossShare: best.price.loss,
      mostShare: s.profile.values.rootShare,
      from: season.from,
      pot,
      massKg: potted.ballKg,
      minutes: minutesFor("up-pot", pot.highL, draft.facts),
      because,
      figures: () => ({
        ...fullMass(pot),
        ...batchFigures(draft.facts, pot, s.volumeL),
        rootZoneC: s.profile.values.springRootZoneC,
      }),
    });
  refuseToday(draft, potted, work);
  refuseJump(draft, potted, s.growthLeft);
  refuseCarry(draft, potted, best);
  if (s.autumn && isEvergreen(s) && draft.isOpen("replace-top") && potted.yearsInPot >= F.topAfterYears)
    draft.act({ work: "replace-top", correction: "replace-top", because: ["worn-mix"], figures: { mm: J.topMm } });
  feedAndQuarters(draft, potted);
  return draft.headline("wait", {
    work,
    from: season?.from ?? null,
    to: endOf(season),
    limiting: putOff ? "none" : draft.heldBy(work),
    because,
  });
}

/** The full pot afterwards, wet. */
const fullMass = (pot: ActPot) => ({ lowKg: J.wetLow * pot.lowL, highKg: J.allKgPerL * pot.highL });
