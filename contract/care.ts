import { wrong } from "./faults";
import { z } from "zod";
import { whenSchema } from "./envelope";
import { HEALTH_STATES, PRUNING_PURPOSES } from "@/core/event/index";
import { potSchema } from "@/core/vessel/index";
import { BENDS, LEAF_FALLS, FEED_FORMS } from "@/core/wood/index";
import { contract } from "./contract";

/** How a tree is. */
export const recordHealth = contract(
  "record-health",
  z.object({ treeId: z.uuid(), on: whenSchema, state: z.enum(HEALTH_STATES) }),
  z.object({ treeId: z.uuid() }),
  ["health"],
);

/** Roots through the pot into the ground, or severed again. */
export const recordAnchored = contract(
  "record-anchored",
  z.object({ treeId: z.uuid(), on: whenSchema, anchored: z.boolean() }),
  z.object({ treeId: z.uuid() }),
  ["anchored"],
);

/** Trees that are kept alike and move together; an empty name takes them out of their set. */
export const matchTrees = contract(
  "match-trees",
  z.object({
    treeIds: z.array(z.uuid()).min(1, wrong("choose-trees")).max(200),
    set: z.string().trim().min(1, wrong("set-name-needed")).max(60).nullable(),
  }),
  z.object({ set: z.string().nullable() }),
);

/** The pot a tree stands in, and the tree, as a tape found them. A measured pot is that pot for all the days it was used. */
export const recordMeasure = contract(
  "record-measure",
  z
    .object({
      treeId: z.uuid(),
      on: whenSchema,
      pot: potSchema.nullable(),
      depthToMixMm: z.number().min(0).max(2000, wrong("not-that-deep")).nullable(),
      trunkMm: z.number().positive().max(3000).nullable(),
      heightM: z.number().positive().max(60).nullable(),
      crownM: z.number().positive().max(40).nullable().default(null),
      /** Felt on the way round, 1–4. */
      feel: z.number().int().min(1).max(4).nullable().default(null),
    })
    .refine((v) => [v.pot, v.depthToMixMm, v.trunkMm, v.heightM, v.crownM, v.feel].some((x) => x !== null), {
      path: ["pot"],
      ...wrong("measure-something"),
    }),
  z.object({ treeId: z.uuid() }),
  ["measured"],
);

/** The BBCH stages a look at the wood may name. */
const BBCH_STAGES = [91, 93, 95, 97] as const;

/** This season's shoots as looked at: it corrects the pace of this tree's wood from its day on. */
export const recordWood = contract(
  "record-wood",
  z
    .object({
      treeId: z.uuid(),
      on: whenSchema,
      woodyShare: z.number().min(0).max(1).nullable(),
      bend: z.enum(BENDS).nullable(),
      terminalBud: z.boolean().nullable(),
      leafFall: z.enum(LEAF_FALLS).nullable(),
      bbch: z
        .number()
        .refine((n) => (BBCH_STAGES as readonly number[]).includes(n), wrong("wood-stage"))
        .nullable(),
    })
    .refine(
      (v) =>
        v.woodyShare !== null || v.bend !== null || v.terminalBud !== null || v.leafFall !== null || v.bbch !== null,
      { path: ["bend"], ...wrong("see-something") },
    ),
  z.object({ treeId: z.uuid() }),
  ["wood-read"],
);

/** Nitrogen given to one tree or to several at once. */
export const recordFeed = contract(
  "record-feed",
  z.object({
    treeIds: z.array(z.uuid()).min(1, wrong("choose-trees")).max(5000),
    on: whenSchema,
    form: z.enum(FEED_FORMS),
    strength: z.number().min(0.05).max(2),
    what: z.string().trim().max(120),
  }),
  z.object({}),
  ["fed"],
);

export const recordPruning = contract(
  "record-pruning",
  z.object({
    treeId: z.uuid(),
    on: whenSchema,
    how: z.enum(["light", "hard"]),
    crownShare: z.number().min(0.01).max(1).nullable().optional(),
    purpose: z.enum(PRUNING_PURPOSES).nullable().optional(),
  }),
  z.object({ treeId: z.uuid() }),
  ["pruned"],
);
