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
      error: "Say at least one of the two: how full, or how much turns.",
    }),
  z.object({ treeId: z.uuid() }),
);

/** New roots seen in the fresh mix, and whether it stands firm; the stake may come off with it. */
export const recordRerooting = contract(
  "record-rerooting",
  z.object({
    treeId: z.uuid(),
    on: whenSchema,
    lengthMm: z
      .number({ error: "The longest new roots, in millimetres; 0 where none are to be seen." })
      .min(0, { error: "0 mm or more." })
      .max(2000, { error: "More than 2 m of new roots: is it the right unit?" }),
    firm: z.boolean().nullable().default(null),
    stakeOff: z.boolean().default(false),
  }),
  z.object({ treeId: z.uuid() }),
);

/** Work on the roots of a tree that stays in its pot, as it was really done. */
export const recordWorkInPlace = contract(
  "record-work-in-place",
  z.object({
    treeId: z.uuid(),
    on: whenSchema,
    correction: z.enum(IN_PLACE_CORRECTIONS),
    retainedShare: z
      .number({ error: "The share of roots that stayed, in per cent." })
      .min(0.05, { error: "At least 5 % of the roots must stay: below that the tree is a cutting." })
      .max(1, { error: "At most 100 %." }),
    renewedShare: z.number().min(0).max(1, { error: "At most 100 % of the mix." }).default(0),
    circlingRemoved: z.number().min(0).max(1).optional(),
    where: z.string().trim().max(40, { error: "At most 40 characters." }).default(""),
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
);
