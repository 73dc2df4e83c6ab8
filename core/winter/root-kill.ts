import { normalCdf } from "../math/index";

/** Temperatures that kill roots of a kind, °C in the root zone: young ones at the wall, mature ones in the core. */
export interface RootLimits {
  youngC: number;
  matureC: number;
}

/** Sources of a kind's limits differ by up to 8 K; a margin of so much is prudent, K (L). */
export const LIMIT_MARGIN_C = 2.5;
export const withMargin = ({ youngC, matureC }: RootLimits): RootLimits => ({
  youngC: youngC + LIMIT_MARGIN_C,
  matureC: matureC + LIMIT_MARGIN_C,
});

/** Spread of what sources and plants differ by, K, and how roots divide between shell and core. */
const SPREAD_C = 1.5;
const SHELL_SHARE = 0.45;
/** Roots stand their mature limit once the core has been colder than this for four weeks, and until it has been warm for one. */
const HARD_BELOW_C = 5;
const HARD_AFTER_DAYS = 28;
const SOFT_ABOVE_C = 7;
const SOFT_AFTER_DAYS = 7;

/**
 * Whether mature roots are hardened, day by day, by the core's daily means.
 * @example Array.from(hardenedByDay([10, 5, 4])) // [0, 0, 0]
 */
export function hardenedByDay(coreMeanC: ArrayLike<number>): Uint8Array {
  const hard = new Uint8Array(coreMeanC.length);
  let [cold, warm, state] = [0, 0, 0];
  for (let i = 0; i < coreMeanC.length; i++) {
    cold = coreMeanC[i] < HARD_BELOW_C ? cold + 1 : 0;
    warm = coreMeanC[i] > SOFT_ABOVE_C ? warm + 1 : 0;
    if (cold >= HARD_AFTER_DAYS) state = 1;
    if (warm >= SOFT_AFTER_DAYS) state = 0;
    hard[i] = state;
  }
  return hard;
}

/** Share of the roots a day kills: shell against the young limit, core against the mature one where it has hardened. */
export function rootKill(
  minShellC: number,
  minCoreC: number,
  { youngC, matureC }: RootLimits,
  hardened: boolean,
): number {
  const core = hardened ? matureC : youngC;
  return (
    SHELL_SHARE * normalCdf((youngC - minShellC) / SPREAD_C) +
    (1 - SHELL_SHARE) * normalCdf((core - minCoreC) / SPREAD_C)
  );
}
