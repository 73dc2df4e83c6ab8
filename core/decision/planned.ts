import { midwinterOf, type DayNumber } from "../dates/index";
import type { Operation, OutlinePeriod } from "../window/index";
import type { Reason } from "./codes";
import type { Draft } from "./draft";
import type { PottedFacts } from "./facts";

/** The first day on which what a plan names next may be done; null without a plan. */
export function plannedFrom({ latitudeDeg, on }: Draft, { planned }: PottedFacts): DayNumber | null {
  return planned && Math.max(on, midwinterOf(planned.season, latitudeDeg));
}

/** Its plan names this season for it. */
export const isPlannedNow = ({ planned }: PottedFacts): boolean => planned !== null && planned.thisSeason;

/** Its plan keeps it in its pot although it is full: the step is put off on purpose, not for want of a season. */
export const keptBack = ({ planned }: Pick<PottedFacts, "planned">): boolean =>
  planned !== null && planned.season > planned.firstSeason && !planned.thisSeason;

/** Why its plan keeps it back. */
export const putOffBy = ({ planned }: Pick<PottedFacts, "planned">): Reason[] =>
  planned?.forRoom ? ["planned-later", "no-room"] : ["planned-later"];

/** Its plan renews it in the pot it stands in, short of its goal. */
export function renewsByPlan({ planned }: PottedFacts): boolean {
  return planned !== null && planned.action !== "up-pot" && planned.action !== "plant-out";
}

/** When the work comes that a plan puts off; beyond what is known of windows only its season can be told. */
export function plannedSeason(draft: Draft, potted: PottedFacts, work: Operation): OutlinePeriod {
  const from = plannedFrom(draft, potted)!;
  return draft.next(work, from) ?? { from, to: from, closedBy: "none", closes: null };
}
