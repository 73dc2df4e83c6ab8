import { toDay } from "../dates/index";
import { isEvergreen, JUDGEMENT_FIGURES as J } from "../judgement/index";
import { operationOf, usualOperation } from "../window/index";
import { feedAndQuarters } from "./care";
import { bestInSeason, renewal } from "./correction";
import type { Headline } from "./decision";
import { type Draft, endOf, minutesFor, samePot } from "./draft";
import type { PottedFacts } from "./facts";
import { DECISION_FIGURES as F } from "./figures";
import { inGoal } from "./litres";
import { plannedFrom, renewsByPlan } from "./planned";
import { refuseJump } from "./refusals";

/** Turning left in a ball from this grade on is named for its season. */
const LEFT_BEHIND = 1;
/** The season for root work after a potting is not the one it was potted in, days. */
const ANOTHER_SEASON_DAYS = 90;

/** Just potted: nothing is asked of its roots until they hold; what still turns is named for the kind's next season of root work. */
export function settling(draft: Draft): Headline | null {
  const { potted } = draft.facts;
  if (!potted?.settling || potted.situation.broken || potted.driesWithinDay) return null;
  const { on, holds } = potted.settling;
  if (potted.circling.p50 >= LEFT_BEHIND) {
    const later = bestInSeason(potted);
    const work = operationOf(later.correction);
    const season = draft.next(work, Math.max(draft.on, on + ANOTHER_SEASON_DAYS));
    if (later.price.loss > J.littleLoss && season)
      draft.act({
        work,
        correction: later.correction,
        depthMm: later.depthMm,
        lossShare: later.price.loss,
        mostShare: potted.situation.profile.values.rootShare,
        from: season.from,
        because: ["left-behind"],
        figures: { circling: potted.circling.p50 },
      });
  }
  return draft.headline("settle", { from: on, to: holds });
}

/** Nobody knows how full it is: a look before anything else. */
export function unknownRoots(draft: Draft): Headline | null {
  const { potted } = draft.facts;
  if (!potted) return null;
  const { fill, due } = potted;
  const urgent = potted.driesWithinDay || potted.situation.broken;
  const wide = fill.p90 - fill.p10 > F.tooWide;
  if (urgent || potted.anchored || !(wide || potted.surprise) || (potted.lookedLately && !potted.surprise)) return null;
  const from = due.p10 === null ? null : Math.max(draft.on, toDay(due.p10));
  const because = [potted.surprise ? ("surprise" as const) : ("unknown" as const)];
  draft.act({ work: "check-roots", from, to: null, because, minutes: null });
  draft.ask("roots", fill.p90 - fill.p10);
  return draft.headline("check-first", { work: "check-roots", from, because });
}

/** Room left: nothing but the top, and the step when the pot has been used up. */
export function notDue(draft: Draft): Headline | null {
  const { potted } = draft.facts;
  if (!potted || potted.isDue || potted.situation.broken || potted.driesWithinDay) return null;
  const { situation: s, due } = potted;
  const last = inGoal(potted) || renewsByPlan(potted);
  const best = bestInSeason(potted);
  const renewed = last ? renewal(potted) : null;
  if (renewed?.work !== "replace-top") renewTop(draft, potted);
  const work = renewed?.work ?? operationOf(best.correction);
  const day = due.p50 === null ? null : Math.max(draft.on, toDay(due.p50));
  // Whole balls move in the kind's own season for its roots, too, which may end a little before the pot is used up.
  const inSeason = last ? work : usualOperation(s.profile.values.rootShare);
  const early = plannedFrom(draft, potted) ?? (day === null ? null : Math.max(draft.on, day - F.earlyDays));
  const season = early === null ? null : draft.next(inSeason, early);
  const pot = last ? null : draft.pot(potted, "season", best.correction, best.price.loss);
  // Beyond two years only the year can be told.
  const from = season?.from ?? day;
  if (from !== null && (last || pot))
    draft.act({
      work,
      correction: renewed?.correction ?? best.correction,
      from,
      to: endOf(season),
      lossShare: renewed?.loss ?? Math.min(best.price.loss, J.littleLoss),
      mostShare: s.profile.values.rootShare,
      pot: pot ?? samePot(s.volumeL),
      massKg: potted.ballKg,
      minutes: minutesFor(last ? "root-prune" : "up-pot", pot?.highL ?? s.volumeL, draft.facts),
      because: inGoal(potted) ? ["final-pot"] : [potted.dueBy === "circling" ? "turning" : "full"],
      figures: { rootZoneC: s.profile.values.springRootZoneC, ...(work === "replace-top" ? { mm: J.topMm } : {}) },
    });
  if (s.fill >= F.tooWide) draft.refuseClosed("up-pot");
  refuseJump(draft, potted, s.growthOfSeason);
  feedAndQuarters(draft, potted);
  const there = inGoal(potted);
  return draft.headline(there ? "hold" : "not-due", { work, from: day, because: there ? ["final-pot"] : [] });
}

/** Sunken or used-up mix: the top at bud swell, in the season's own time for it. */
function renewTop(draft: Draft, { situation: s, yearsInPot }: PottedFacts): void {
  if (!s.slumped && (s.fill < J.topRenewedFromFill || yearsInPot < F.topAfterYears)) return;
  const spring = draft.next(isEvergreen(s) ? "up-pot" : "shave");
  const season = draft.next("replace-top", spring?.from ?? draft.on);
  if (!season) return;
  draft.act({
    work: "replace-top",
    correction: "replace-top",
    from: season.from,
    minutes: minutesFor("replace-top", s.volumeL, draft.facts),
    because: ["worn-mix"],
    figures: { mm: J.topMm },
  });
}
