import { chanceBelow, nightAt, type NightAhead, type PlaceClimate } from "../climate/index";
import { normalCdf } from "../math/index";
import type { HabitParameters } from "./habits";

/** What one night may do to wood and to new shoots, and how cold it may get where the tree stands. */
export interface NightRisk {
  minC: number;
  errorC: number;
  /** Expected share of this year's wood killed. */
  wood: number;
  /** Chance that soft new shoots are killed. */
  shoots: number;
  /** Chance that flower buds, or open bloom, are killed. */
  flowers: number;
}

/** Flowers of a kind on a day: limits of bud and bloom, null where not known, and the shares of weather years in which they are there. */
export interface FlowersOut {
  budC: number | null;
  bloomC: number | null;
  budShare: number;
  openShare: number;
}
const NO_FLOWERS: FlowersOut = { budC: null, bloomC: null, budShare: 0, openShare: 0 };

const of = (limitC: number | null, share: number, minC: number, errorC: number) =>
  limitC === null ? 0 : share * chanceBelow(limitC, minC, errorC);

/** Both count as a risk worth a word from here on. */
export const NIGHT_AT_RISK = 0.1;

/**
 * Expected damage of a night: the killing temperature spreads within a crown by σ and the night's minimum by its error, so that the
 * share killed is Φ((LT50 − F)/√(σ² + e²)). Soft shoots die at the flush's killing frost, as far as any are out; bloom at its own, as far
 * as it is open, and flower buds at theirs while they wait.
 */
export function nightRisk(
  h: HabitParameters,
  night: Pick<NightAhead, "minC" | "minErrorC">,
  place: PlaceClimate,
  lt50C: number,
  softShare: number,
  flowers: FlowersOut = NO_FLOWERS,
): NightRisk {
  const [minC, errorC] = nightAt(place, night);
  return {
    minC,
    errorC,
    wood: normalCdf((lt50C - minC) / Math.hypot(h.sigmaC, errorC)),
    shoots: softShare * chanceBelow(h.flushFrostC, minC, errorC),
    flowers: of(flowers.bloomC, flowers.openShare, minC, errorC) + of(flowers.budC, flowers.budShare, minC, errorC),
  };
}
