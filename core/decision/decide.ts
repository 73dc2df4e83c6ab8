import type { Decision, Headline } from "./decision";
import { Draft } from "./draft";
import type { DecisionFacts } from "./facts";
import { urgentCare, woodCheck } from "./care";
import { crownWork } from "./crown";
import { goesToPieces, plantedOut, quarantined, rescued, withoutPot } from "./first";
import { dueTree, plannedNow } from "./due";
import { notDue, settling, unknownRoots } from "./waiting";

/** Answers a case, or null where it is none of its. */
type Case = (draft: Draft) => Headline | null;

/** What overrides what: life before roots, roots before size. */
const CASES: readonly Case[] = [
  rescued,
  withoutPot,
  goesToPieces,
  quarantined,
  settling,
  plantedOut,
  unknownRoots,
  plannedNow,
  notDue,
  dueTree,
];

/**
 * The one answer about a tree on a day: what to do, with what, how far, by when and why; what is refused; what follows. Pure: the same
 * facts always give the same decision.
 */
export function decide(facts: DecisionFacts, latitudeDeg: number): Decision {
  const draft = new Draft(facts, latitudeDeg);
  urgentCare(draft);
  for (const answer of CASES) {
    const headline = answer(draft);
    if (!headline) continue;
    crownWork(draft, headline);
    woodCheck(draft, headline);
    return draft.done(headline);
  }
  return draft.done(draft.headline("not-due"));
}
