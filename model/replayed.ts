import { warmthBetween, type WarmthTrack } from "@/core/climate/index";
import { type DayNumber, DAYS_PER_YEAR } from "@/core/dates/index";
import { type Estimate } from "@/core/estimate/index";
import type { ArrivalForm } from "@/core/event/index";
import { type Mix } from "@/core/mix/index";
import { growBelief, type RootBelief } from "@/core/roots/index";
import type { Profile } from "@/core/species/index";
import { MIX_SHARE_OF_BRIM, type Pot, USUAL_WALL } from "@/core/vessel/index";

/** A tree between two of its events: what is believed on `day`, ready to be grown to any later day. */
export interface Replayed {
  belief: RootBelief;
  day: DayNumber;
  lotId: string | null;
  pot: Pot | null;
  /** It came with bare roots and has not been potted since: it has no pot at all, as against one nobody described. */
  bare: boolean;
  /** Mix in place when it was set. */
  volumeL: Estimate;
  /** Its share of the pot's mix: 1 unless it stands in one pot with others. */
  share: number;
  together: string[];
  previousVolumeL: number | null;
  pottedOn: DayNumber | null;
  /** Day of the last disturbance of the roots. */
  disturbedOn: DayNumber | null;
  mix: Mix | null;
  mixName: string | null;
  /** Age of the mix when it was filled in: reclaimed mix starts older. */
  mixStartAgeYears: number;
  /** Months the mix feeds, as its recipe says. */
  fedMonths: number | null;
  /** Wet mass of the whole pot by a scale, right after the potting. */
  weighedKg: number | null;
  fillHeightMm: number | null;
  bottomLayerMm: number;
  arrivedOn: DayNumber;
  /** The form it came in. */
  form: ArrivalForm;
  lastCheckOn: DayNumber | null;
  /** Probability, before it was seen, of the last grade of fill: small = surprising. */
  lastCheckEvidence: number | null;
  /** The last grade was so improbable that the history is in doubt, and nobody has said that it is right. */
  doubted: boolean;
  /** Looks in a row that were off by more than a grade: above nought too full, below too empty. */
  strayed: number;
  /** The last look for new roots since the last potting. */
  rerooted: { on: DayNumber; lengthMm: number; firm: boolean | null; probability: number } | null;
}

/**
 * The pot a tree stands in as far as anyone knows: the described one, or one of usual proportions round the guess of its mix; null for
 * bare roots, which stand in none.
 */
export function presumedPot(replayed: Pick<Replayed, "pot" | "bare" | "volumeL">): Pot | null {
  if (replayed.pot !== null || replayed.bare) return replayed.pot;
  return { known: "about", litres: replayed.volumeL.p50 / MIX_SHARE_OF_BRIM.typical, wall: USUAL_WALL };
}

/** Years since the tree was last potted; a pot nobody remembers filling is taken as two years old. */
export function yearsInPot(replayed: Pick<Replayed, "pottedOn">, on: DayNumber): number {
  return replayed.pottedOn === null ? UNKNOWN_YEARS : (on - replayed.pottedOn) / DAYS_PER_YEAR;
}
const UNKNOWN_YEARS = 2;

/** Grows the belief in place to a later day. */
export function advance(state: Replayed, day: DayNumber, profile: Profile, track: WarmthTrack): void {
  if (day <= state.day) return;
  growBelief(state.belief, warmthBetween(track, profile.warmth, state.day, day));
  state.day = day;
}
