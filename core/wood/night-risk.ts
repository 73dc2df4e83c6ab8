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
}

/** Both count as a risk worth a word from here on. */
export const NIGHT_AT_RISK = 0.1;

/**
 * Expected damage of a night: the killing temperature spreads within a crown by σ and the night's minimum by its error, so that the
 * share killed is Φ((LT50 − F)/√(σ² + e²)). Soft shoots die at the flush's killing frost, as far as any are out.
 */
export function nightRisk(
  h: HabitParameters,
  night: Pick<NightAhead, "minC" | "minErrorC">,
  place: PlaceClimate,
  lt50C: number,
  softShare: number,
): NightRisk {
  const [minC, errorC] = nightAt(place, night);
  return {
    minC,
    errorC,
    wood: normalCdf((lt50C - minC) / Math.hypot(h.sigmaC, errorC)),
    shoots: softShare * chanceBelow(h.flushFrostC, minC, errorC),
  };
}
