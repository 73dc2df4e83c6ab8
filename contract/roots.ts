import { wrong } from "./faults";
import { z } from "zod";
import { whenSchema } from "./envelope";
import { readingSchema, type Reading, gradesOf, IN_PLACE_CORRECTIONS } from "@/core/roots/index";
import { LIMITS } from "@/core/window/index";
import { contract } from "./contract";

const grade = z.number().int().min(0).max(4).nullable();

/** Anything at all was looked at. */
function says(reading: Reading | null): boolean {
  if (!reading) return false;
  const { fill, circling } = gradesOf(reading);
  return fill !== null || circling !== null || reading.smell !== null || reading.firmness !== null;
}

/** What was seen of a root ball: an observation, it corrects the state from its day on and this tree's own pace. */
export const recordRoots = contract(
  "record-roots",
  z
    .object({
      treeId: z.uuid(),
      on: whenSchema,
      fillGrade: grade.default(null),
      circlingGrade: grade.default(null),
      by: z.enum(["look", "feel"]).default("look"),
      reading: readingSchema.nullable().default(null),
      confirmed: z.boolean().default(false),
    })
    .refine((v) => v.fillGrade !== null || v.circlingGrade !== null || says(v.reading), {
      path: ["fillGrade"],
      ...wrong("roots-unseen"),
    }),
  z.object({ treeId: z.uuid() }),
  ["roots-read"],
);

/** New roots seen in the fresh mix, and whether it stands firm; the stake may come off with it. */
export const recordRerooting = contract(
  "record-rerooting",
  z.object({
    treeId: z.uuid(),
    on: whenSchema,
    lengthMm: z.number(wrong("new-roots-needed")).min(0).max(2000, wrong("new-roots-too-long")),
    firm: z.boolean().nullable().default(null),
    stakeOff: z.boolean().default(false),
  }),
  z.object({ treeId: z.uuid() }),
  ["rerooting-read"],
);

/** Work on the roots of a tree that stays in its pot, as it was really done. */
export const recordWorkInPlace = contract(
  "record-work-in-place",
  z.object({
    treeId: z.uuid(),
    on: whenSchema,
    correction: z.enum(IN_PLACE_CORRECTIONS),
    retainedShare: z.number(wrong("roots-that-stayed-needed")).min(0.05, wrong("cutting-not-tree")).max(1),
    renewedShare: z.number().min(0).max(1).default(0),
    circlingRemoved: z.number().min(0).max(1).optional(),
    where: z.string().trim().max(40).default(""),
    count: z.number().int().min(1).max(2000).optional(),
    widthMm: z.number().positive().max(5000).optional(),
    depthMm: z.number().positive().max(5000).optional(),
    /** Severs what held it in the ground. */
    severs: z.boolean().default(false),
    despite: z
      .object({ limiting: z.enum(LIMITS), safe: z.number().min(0).max(1) })
      .nullable()
      .default(null),
  }),
  z.object({ treeId: z.uuid() }),
  ["worked-in-place"],
);
