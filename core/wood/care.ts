import type { DayNumber } from "../dates/index";

/** Kinds of nitrogen by how long they go on feeding. */
export const FEED_FORMS = ["quick", "organic", "coated"] as const;
export type FeedForm = (typeof FEED_FORMS)[number];

/** Days after which a feed has fallen to 1/e of its strength: our judgement (L). */
const RELEASE_DAYS: Record<FeedForm, number> = { quick: 15, organic: 30, coated: 75 };

/** Nitrogen given: strength 1 is a full dose as the label says it. */
export interface Feed {
  on: DayNumber;
  form: FeedForm;
  strength: number;
}

/** Work that may wake the shoots again: strength 0 none … 1 full. */
export interface Waking {
  on: DayNumber;
  strength: number;
}

/** What was done to one tree that changes the pace of its wood. Days outside the season asked for do no harm. */
export interface WoodCare {
  feeds: readonly Feed[];
  wakings: readonly Waking[];
}
export const NO_CARE: WoodCare = { feeds: [], wakings: [] };

/** Nitrogen still at work on a day, 0–1: Σ strength · e^(−days/τ), never more than a full dose. */
export function residualNitrogen(feeds: readonly Feed[], day: DayNumber): number {
  let sum = 0;
  for (const feed of feeds) {
    if (feed.on <= day) sum += feed.strength * Math.exp(-(day - feed.on) / RELEASE_DAYS[feed.form]);
  }
  return Math.min(1, sum);
}
