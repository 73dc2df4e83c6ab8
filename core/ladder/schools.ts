import type { School } from "./names";

/** Weights of a school of practice: what each kind of cost counts, per season, in one unit. All editable; our judgement (L). */
export interface LadderWeights {
  /** Per unit of money for a pot that must be bought, and for mix. */
  pot: number;
  mix: number;
  /** Per minute. */
  labour: number;
  /** Per handling. */
  handling: number;
  shock: number;
  oversize: number;
  bound: number;
  /** Per kg above what may be lifted. */
  lift: number;
  /** Per cm short of the depth its roots need. */
  depth: number;
  growth: number;
  miss: number;
  late: number;
  age: number;
  /** Largest step, as a factor of the mix. */
  maxRatio: number;
}

const weights = (
  pot: number,
  mix: number,
  labour: number,
  handling: number,
  shock: number,
  oversize: number,
  bound: number,
  lift: number,
  depth: number,
  growth: number,
  miss: number,
  late: number,
  age: number,
  maxRatio: number,
): LadderWeights => ({
  pot,
  mix,
  labour,
  handling,
  shock,
  oversize,
  bound,
  lift,
  depth,
  growth,
  miss,
  late,
  age,
  maxRatio,
});

export const SCHOOL_WEIGHTS: Record<School, LadderWeights> = {
  "small-steps": weights(1, 1, 0.1, 1, 6, 300, 25, 0.25, 0.4, 30, 80, 8, 4, 2.2),
  "long-jump": weights(1, 1, 0.3, 6, 10, 25, 25, 0.25, 0.4, 40, 80, 12, 4, 14),
  "hold-and-prune": weights(2, 1, 0.1, 2, 3, 120, 40, 1, 0.4, 16, 80, 6, 6, 2.6),
  "fewest-handlings": weights(1, 1, 0.5, 40, 8, 30, 10, 0.25, 0.4, 20, 80, 6, 3, 14),
};
