import type { DecisionWork } from "../decision/index";

/** Figures of the day's list: our judgement (L). */
export const TODAY_FIGURES = {
  /** "This week" is today and the six days after it; the month reaches so far. */
  weekDays: 6,
  monthDays: 30,
  /** What lies further ahead is a matter of the plan. */
  mostDays: 400,
} as const;

/** Minutes of looks and of care at one tree: tools in hand, without the way there. Our judgement (L). */
export const CARE_MINUTES: Partial<Record<DecisionWork, number>> = {
  "check-roots": 5,
  "look-for-girdler": 5,
  "look-again": 2,
  "check-wood": 2,
  checkpoint: 5,
  bath: 5,
  shade: 5,
  "expose-flare": 10,
  "keep-moist": 5,
  "trim-outside": 10,
  "water-by-weight": 2,
  "feed-little": 2,
};
