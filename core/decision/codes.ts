import type { Operation } from "../window/index";

/** What is said of a tree on a day, in one word. */
export const HEADLINE_CODES = [
  "rescue",
  "do-now",
  "do-by",
  "wait",
  "check-first",
  "not-due",
  "settle",
  "hold",
  "in-place",
  "plant-out",
  "give-up",
] as const;
export type HeadlineCode = (typeof HEADLINE_CODES)[number];

/** Acts that no window of the season rules: care, looks, and what cannot wait. */
export const CARES = [
  "checkpoint",
  "give-up",
  "bath",
  "shade",
  "expose-flare",
  "keep-moist",
  "first-potting",
  "pot-down",
  "discard-mix",
  "look-again",
  "check-roots",
  "look-for-girdler",
  "check-wood",
  "clear-place",
  "feed-little",
  "bring-in",
  "keep-bright",
  "water-by-weight",
] as const;
export type Care = (typeof CARES)[number];

/** What an act is: a work with a window, by its name among works, or care. */
export type DecisionWork = Operation | Care;

/** Why a work is advised on a day its own window is closed. */
export const EXCEPTIONS = ["broken", "dries-within-day", "sour", "pests"] as const;
export type Exception = (typeof EXCEPTIONS)[number];

/** Why an act is advised. */
export const REASONS = [
  "full",
  "turning",
  "dries-within-day",
  "broken",
  "sour",
  "pests",
  "no-pot",
  "young",
  "too-heavy",
  "final-pot",
  "worn-mix",
  "left-behind",
  "dry",
  "hot",
  "flare-hidden",
  "girdler",
  "unknown",
  "surprise",
  "winter-near",
  "planned",
  "planned-later",
  "shared",
  "matched",
  "anchored",
  "ill",
  "rescue",
  "root-loss",
  "size",
  "sick-wood",
  "wood-unsure",
  "place-empties",
  "no-room",
] as const;
export type Reason = (typeof REASONS)[number];

/** What follows a work, and when. */
export const AFTERCARES = [
  "second-soak",
  "shade-until",
  "water-old-ball-until",
  "headspace-check",
  "look-for-roots",
  "stake-off",
  "first-feed",
  "no-nitrogen-until",
  "guy",
  "opposite-side",
  "water-less",
  "look-at-shoots",
] as const;
export type AftercareCode = (typeof AFTERCARES)[number];

/** What the grower could tell or look at that would change the answer most. */
export const QUESTIONS = ["roots", "pot", "potted-on", "goal", "girdler", "spread", "wood"] as const;
export type DecisionQuestion = (typeof QUESTIONS)[number];

/** What is refused although a grower might think of it today. */
export const REFUSED_FOR = ["window", "step", "weight", "feed"] as const;
export type RefusedFor = (typeof REFUSED_FOR)[number];
