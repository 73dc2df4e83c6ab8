import { type DayNumber, toIso } from "../dates/index";
import { isEvergreen, isLeafless, JUDGEMENT_FIGURES as J } from "../judgement/index";
import { CORRECTING_FIGURES as C } from "../root-work/index";
import { BALL_CORRECTIONS, type CorrectionName, CORRECTIONS, IN_PLACE_CORRECTIONS } from "../roots/index";
import type { ActPot, Aftercare } from "./decision";
import type { DecisionFacts } from "./facts";
import { DECISION_FIGURES as F } from "./figures";

const WEEK = 7;

/** Days of shade after so many roots went. */
export function shadeDays(loss: number, soft: boolean): number {
  if (loss > C.longShadeFromLoss) return C.shadeDaysMuch;
  return loss > C.shadeFromLoss || soft ? C.shadeDays : C.shadeDaysLittle;
}

/** What follows a work on the roots begun on a day, each with its date. */
export function aftercareOf(
  facts: DecisionFacts,
  correction: CorrectionName,
  from: DayNumber,
  pot: ActPot | null,
): Aftercare[] {
  const { potted } = facts;
  const list: Aftercare[] = [];
  const after = (code: Aftercare["code"], days: number) => list.push({ code, on: toIso(from + days) });
  if (!potted) return list;
  const { situation: s } = potted;
  const inPlace = IN_PLACE_CORRECTIONS.includes(correction);
  if (inPlace && correction !== "core-in-place" && correction !== "slice-in-place") return list;
  after("second-soak", 0);
  const loss = 1 - CORRECTIONS[correction].retained;
  if (inPlace) {
    after("guy", 0);
    after("shade-until", J.shadeWeeks * WEEK);
    after("no-nitrogen-until", J.noNitrogenHigh * WEEK);
    if (correction === "slice-in-place") after("opposite-side", F.oppositeSideDays);
    return list;
  }
  // Bare twigs need no shade; what follows while they are bare is no aftercare of leaves.
  const bare = !isEvergreen(s) && isLeafless(s);
  if (!bare || from > facts.on) after("shade-until", shadeDays(loss, s.phase === "soft"));
  if (BALL_CORRECTIONS.includes(correction) && correction !== "wash-bare") {
    const jump = pot !== null && pot.highL > J.longJump * s.volumeL;
    after("water-old-ball-until", (jump ? J.jumpWeeks : J.coreWeeks) * WEEK);
  }
  after("headspace-check", F.headspaceDays);
  const holds = potted.holdsOn({ correction }, from);
  list.push({ code: "look-for-roots", on: holds === null ? null : toIso(holds) });
  const fed = holds === null ? null : facts.feedsFrom(Math.max(holds, from + C.noFeedWeeks * WEEK));
  if (fed !== null) list.push({ code: "first-feed", on: toIso(fed) });
  return list;
}
