import type { Profile } from "./profile";

/** A tree as the bees see it. */
export interface Flowering {
  id: string;
  profile: Profile;
  cultivar: string | null;
}

export interface PartnerAdvice {
  /** Whether it bears without one. */
  need: "none" | "helps" | "needed" | "other-sex";
  /** Trees of the collection that may serve. */
  partners: string[];
}

/** Days that two blooms must share to be of use: our judgement (L). */
const LEAST_OVERLAP_DAYS = 5;

function overlapDays(a: Profile, b: Profile): number {
  if (!a.bloomDays || !b.bloomDays) return LEAST_OVERLAP_DAYS;
  return Math.min(a.bloomDays[1], b.bloomDays[1]) - Math.max(a.bloomDays[0], b.bloomDays[0]);
}

/**
 * Who may fertilise a tree: kinds of its circle whose bloom overlaps. A tree of its own sort is no partner, unless sexes differ
 * from plant to plant; where nobody wrote the sort down, it may be one.
 */
export function partnersOf(tree: Flowering, others: readonly Flowering[]): PartnerAdvice {
  const { pollination, circle } = tree.profile.values;
  const need =
    pollination === "partner"
      ? "needed"
      : pollination === "two-sexes"
        ? "other-sex"
        : pollination === "partly"
          ? "helps"
          : "none";
  if (need === "none" || circle === null) return { need, partners: [] };
  const partners = others
    .filter((o) => o.id !== tree.id && o.profile.values.circle === circle)
    .filter((o) => overlapDays(tree.profile, o.profile) >= LEAST_OVERLAP_DAYS)
    .filter(
      (o) => need === "other-sex" || o.profile.kindId !== tree.profile.kindId || !sameSort(o.cultivar, tree.cultivar),
    )
    .map((o) => o.id);
  return { need, partners };
}

function sameSort(a: string | null, b: string | null): boolean {
  return a !== null && b !== null && a.toLocaleLowerCase() === b.toLocaleLowerCase();
}
