import type { KindValues } from "../species/index";

/** What a feed may do to a kind. */
export const FEED_REMARKS = ["too-late", "half-dose", "no-phosphate", "hungry"] as const;
export type FeedRemark = (typeof FEED_REMARKS)[number];

/** Of phosphorus-sensitive kinds' feed at most this, % P (of P₂O₅ 2.3 times as much). */
export const SENSITIVE_MOST_P_PERCENT = 1;
const P_IN_P2O5 = 0.4364;
/** Lean kinds get half the label's dose at most (L). */
const LEAN_STRENGTH = 0.5;
/** Hungry kinds less than this are short of food in growth (L). */
const HUNGRY_STRENGTH = 0.5;

/**
 * What there is to say of feeding a kind: a last day for nitrogen where late growth harms it, half doses of the lean, hardly any phosphate.
 * @param daysAfterMidsummer of the feeding; negative before
 * @param strength 1 is a full dose by the label
 * @param phosphatePercent P₂O₅ by the label; null where nobody said
 * @example feedRemarks({ feeding: "lean", phosphate: "usual" }, { daysAfterMidsummer: -20, strength: 1, phosphatePercent: 5 }) // ["half-dose"]
 */
export function feedRemarks(
  values: Pick<KindValues, "feeding" | "phosphate">,
  feed: { daysAfterMidsummer: number; strength: number; phosphatePercent: number | null },
): FeedRemark[] {
  const { feeding } = values;
  const low = feeding === "low-phosphate" || values.phosphate === "sensitive";
  const p = feed.phosphatePercent === null ? null : feed.phosphatePercent * P_IN_P2O5;
  const growing = feed.daysAfterMidsummer <= 0 && feed.daysAfterMidsummer > -80;
  const found: Record<FeedRemark, boolean> = {
    "too-late": feeding === "late-nitrogen-harms" && feed.daysAfterMidsummer > LATE_FROM_DAYS,
    "half-dose": (feeding === "lean" || low) && feed.strength > LEAN_STRENGTH,
    "no-phosphate": low && (p === null || p > SENSITIVE_MOST_P_PERCENT),
    hungry: feeding === "hungry" && growing && feed.strength < HUNGRY_STRENGTH,
  };
  return FEED_REMARKS.filter((name) => found[name]);
}

/** Nitrogen given later than this after midsummer keeps shoots growing into autumn: growers' practice (L). */
export const LATE_FROM_DAYS = 25;
