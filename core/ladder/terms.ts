import { z } from "zod";
import type { LadderProblem } from "./model";
import { PLANNERS } from "./names";
import { ladderWeightsSchema } from "./schools";

const size = z.number().positive().max(100_000).nullable();

/** How ladders are planned in a collection, unless a tree is asked otherwise. */
export const ladderTermsSchema = z.object({
  school: z.enum(PLANNERS),
  /** The grower's own weights. */
  own: ladderWeightsSchema.nullable(),
  /** Narrowest door and lowest headroom on the way in for the winter. */
  doorMm: size,
  headroomMm: size,
  /** Money for pots and mix in a year. */
  budget: z.number().min(0).max(10_000_000).nullable(),
  /** Room for pots, m². */
  summerM2: size,
  winterM2: size,
});
export type LadderTerms = z.infer<typeof ladderTermsSchema>;

export const USUAL_TERMS: LadderTerms = {
  school: "small-steps",
  own: null,
  doorMm: null,
  headroomMm: null,
  budget: null,
  summerM2: null,
  winterM2: null,
};

/** What a plan was worked out on, as far as it may change: kept beside a plan that is followed. */
export const ladderInputsSchema = z.object({
  kPerDegreeDay: z.number().positive(),
  fill: z.number().min(0).max(1),
  circling: z.number().min(0).max(4),
  volumeL: z.number().positive(),
  mixAgeYears: z.number().min(0),
  seasonDegreeDays: z.number().min(0),
  liftKg: z.number().positive(),
  movedForWinter: z.boolean(),
  goalL: z.number().positive(),
});
export type LadderInputs = z.infer<typeof ladderInputsSchema>;

/** What a plan rests on, as far as it may change. */
export function ladderInputsOf({ tree, site, goal }: LadderProblem): LadderInputs {
  return {
    kPerDegreeDay: tree.kPerDegreeDay,
    fill: tree.fill,
    circling: tree.circling,
    volumeL: tree.volumeL,
    mixAgeYears: tree.mixAgeYears,
    seasonDegreeDays: site.seasonDegreeDays,
    liftKg: site.liftKg,
    movedForWinter: site.movedForWinter,
    goalL: goal.minL,
  };
}
