import { z } from "zod";
import { DEATH_CAUSES, ENDINGS, HEALTH_STATES, isoDate, PRUNING_PURPOSES } from "@/core/event/index";
import { CORRECTION_NAMES } from "@/core/roots/index";
import { contract } from "./contract";
import { whenSchema } from "./envelope";
import { wrong } from "./faults";

const grade = z.number().int().min(0).max(4).nullable();

/** What may be recorded of several trees alike: each as its own command records it of one. */
const recorded = z.discriminatedUnion("kind", [
  z.object({
    kind: z.literal("note"),
    on: whenSchema,
    text: z.string().trim().min(1, wrong("write-something")).max(4000),
  }),
  z.object({
    kind: z.literal("pruned"),
    on: whenSchema,
    how: z.enum(["light", "hard"]),
    crownShare: z.number().min(0.01).max(1).nullable(),
    purpose: z.enum(PRUNING_PURPOSES).nullable(),
  }),
  z
    .object({
      kind: z.literal("roots-read"),
      on: whenSchema,
      fillGrade: grade,
      circlingGrade: grade,
      by: z.enum(["look", "feel"]),
    })
    .refine((v) => v.fillGrade !== null || v.circlingGrade !== null, { path: ["fillGrade"], ...wrong("roots-unseen") }),
  z.object({ kind: z.literal("health"), on: whenSchema, state: z.enum(HEALTH_STATES) }),
  /** All plants of each record leave. */
  z.object({
    kind: z.literal("ended"),
    on: whenSchema,
    how: z.enum(ENDINGS).exclude(["merged"]),
    cause: z.enum(DEATH_CAUSES).nullable(),
    potLeaves: z.boolean(),
    note: z.string().trim().max(400),
  }),
  /** Each into a pot of the same sort, in the same mix. */
  z.object({
    kind: z.literal("potted"),
    on: isoDate,
    potLotId: z.uuid(wrong("choose-pot")),
    mix: z.string(wrong("choose-mix")).min(1, wrong("choose-mix")).max(60),
    correction: z.enum(CORRECTION_NAMES),
  }),
]);

/** The same thing done to several trees: one entry, taken back as one. */
export const recordForTrees = contract(
  "record-for-trees",
  z.object({ treeIds: z.array(z.uuid()).min(1, wrong("choose-trees")).max(5000), what: recorded }),
  z.object({ trees: z.number() }),
);

export type RecordedForTrees = z.output<typeof recordForTrees.input>["what"];
