import { wrong } from "./faults";
import { z } from "zod";
import { placeBuildSchema, WRAPS } from "@/core/winter/index";
import { whenSchema } from "./envelope";
import { contract } from "./contract";

/** A place is measured and described: what goes in, what it weighs, how cold reaches it. */
export const buildPlace = contract(
  "build-place",
  z.object({ placeId: z.uuid(), build: placeBuildSchema }),
  z.object({ placeId: z.uuid() }),
);

/** Pots are wrapped, mulched or sunk, or freed of it again. */
export const protectTrees = contract(
  "protect-trees",
  z.object({
    treeIds: z.array(z.uuid()).min(1, wrong("choose-trees")).max(5000),
    /** What is left out stays as it is. */
    wrap: z.enum(WRAPS).nullable().optional(),
    mulched: z.boolean().optional(),
    sunk: z.boolean().optional(),
    on: whenSchema,
  }),
  z.object({}),
);

export const waterTrees = contract(
  "water-trees",
  z.object({
    treeIds: z.array(z.uuid()).min(1, wrong("choose-trees")).max(5000),
    on: whenSchema,
  }),
  z.object({}),
);

/** The grower's own word on when trees come in. */
export const setWinterWord = contract(
  "set-winter-word",
  z.object({
    treeIds: z.array(z.uuid()).min(1).max(5000),
    inBelowC: z.number().min(-30).max(20).nullable(),
  }),
  z.object({}),
);

/** Puts the question who stands where down as a job; one at a time. */
export const planShelter = contract(
  "plan-shelter",
  z.object({
    winter: z.number().int().min(1900).max(2200),
    /** Person-minutes of carrying in at most; null: as many as it takes. */
    minutesMost: z.number().min(1).max(100_000).nullable().default(null),
  }),
  z.object({ jobId: z.uuid() }),
);

const metres = z.number().min(0).max(500);

/** Keeps where trees stand in a winter: all of them, or some that were set elsewhere. */
export const keepShelter = contract(
  "keep-shelter",
  z.object({
    winter: z.number().int().min(1900).max(2200),
    whole: z.boolean(),
    stands: z
      .array(z.object({ treeId: z.uuid(), placeId: z.uuid().nullable(), xM: metres.optional(), yM: metres.optional() }))
      .max(20_000),
    cost: z.number().optional(),
  }),
  z.object({}),
);
