import { z } from "zod";
import { PLANNERS, ladderInputsSchema, LADDER_ACTIONS, ladderTermsSchema } from "@/core/ladder/index";
import { CORRECTION_NAMES } from "@/core/roots/index";
import { contract } from "./contract";

const chosenPlanSchema = z.object({
  school: z.enum(PLANNERS),
  goalL: z.number().positive().max(5000),
  cost: z.number(),
  inputs: ladderInputsSchema,
  digest: z.string().max(80),
  steps: z
    .array(
      z.object({
        season: z.number().int(),
        action: z.enum(LADDER_ACTIONS),
        correction: z.enum(CORRECTION_NAMES).nullable(),
        volumeL: z.number().positive(),
        pot: z.string().max(160),
        potId: z.string().max(80),
        mixL: z.number().min(0),
        minutes: z.number().min(0),
        massKg: z.number().min(0),
      }),
    )
    .min(1)
    .max(40),
});

/** The ladder of pots to follow, kept as it was computed; null gives it up. */
export const chooseLadder = contract(
  "choose-ladder",
  z.object({ treeId: z.uuid(), plan: chosenPlanSchema.nullable() }),
  z.object({ treeId: z.uuid() }),
);

/** How ladders are planned here; only what is said changes. */
export const setLadderTerms = contract(
  "set-ladder-terms",
  z.object({ terms: ladderTermsSchema.partial() }),
  z.object({}),
);

/** Puts the planning of the whole collection down as a job; one at a time. */
export const planLadders = contract("plan-ladders", z.object({}), z.object({ jobId: z.uuid() }));

export const cancelJob = contract("cancel-job", z.object({ jobId: z.uuid() }), z.object({}));

/** Agrees to the ladders of some trees as the collection's plan has them. */
export const chooseLadders = contract(
  "choose-ladders",
  z.object({ jobId: z.uuid(), treeIds: z.array(z.uuid()).min(1).max(20_000) }),
  z.object({ trees: z.number() }),
);
