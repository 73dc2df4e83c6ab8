import { z } from "zod";
import type { School } from "./names";

const weight = z.number().min(0).max(10_000);
/** Weights of a school of practice: what each kind of cost counts, per season, in one unit. All editable; our judgement (L). */
export const ladderWeightsSchema = z.strictObject({
  /** Per unit of money for a pot that must be bought, and for mix. */
  pot: weight,
  mix: weight,
  /** Per minute. */
  labour: weight,
  /** Per handling. */
  handling: weight,
  shock: weight,
  oversize: weight,
  bound: weight,
  /** Per kg above what may be lifted. */
  lift: weight,
  /** Per cm short of the depth its roots need. */
  depth: weight,
  growth: weight,
  miss: weight,
  late: weight,
  age: weight,
  /** Largest step, as a factor of the mix. */
  maxRatio: z.number().min(1.15).max(40),
});
export type LadderWeights = z.infer<typeof ladderWeightsSchema>;
export type LadderWeight = keyof LadderWeights;
export const LADDER_WEIGHTS = Object.keys(ladderWeightsSchema.shape) as LadderWeight[];

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
