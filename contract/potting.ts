import { z } from "zod";
import { isoDate, happened } from "@/core/event/index";
import { CORRECTION_NAMES } from "@/core/roots/index";
import { ballSchema, bareRootSchema } from "@/core/setting/index";
import { LIMITS } from "@/core/window/index";
import { potSchema } from "@/core/vessel/index";
import { READY_MIX_NAMES } from "@/core/mix/index";
import { contract } from "./contract";

const whatIsSet = z.discriminatedUnion("as", [
  z.object({ as: z.literal("ball") }),
  z.object({ as: z.literal("measured"), ball: ballSchema }),
  z.object({ as: z.literal("bare-root"), roots: bareRootSchema }),
  z.object({ as: z.literal("whole-pot") }),
]);

/** "Potted": one entry that changes the tree's pot, its roots' state and the store. */
export const recordPotting = contract(
  "record-potting",
  z.object({
    treeId: z.uuid(),
    on: isoDate,
    potLotId: z.uuid({ error: "Choose a pot." }),
    /** A ready mix by name, `recipe:<id>` or `reclaimed:<id>`. */
    mix: z.string({ error: "Choose a mix." }).min(1, { error: "Choose a mix." }).max(60),
    correction: z.enum(CORRECTION_NAMES),
    retainedShare: z
      .number()
      .min(0.05, { error: "At least 5 % of the roots must stay: below that the tree is a cutting." })
      .max(1, { error: "At most 100 %." })
      .nullable(),
    crownMm: z
      .number()
      .min(0, { error: "0 mm or more." })
      .max(80, { error: "At most 80 mm proud: more leaves roots in the air." }),
    bottomLayerMm: z.number().min(0, { error: "0 mm or more." }).max(400),
    set: whatIsSet.default({ as: "ball" }),
    offAxisMm: z.number().min(-500).max(500, { error: "At most 500 mm." }).default(0),
    tiltDeg: z
      .number()
      .min(0, { error: "0 to 45 degrees from upright." })
      .max(45, { error: "0 to 45 degrees from upright." })
      .default(0),
    facing: z.string().trim().max(60, { error: "At most 60 characters." }).default(""),
    flareDepthMm: z.number().min(0, { error: "0 mm or more." }).max(600, { error: "At most 600 mm." }).default(0),
    takenOffMm: z.number().min(0, { error: "0 mm or more." }).max(600, { error: "At most 600 mm." }).default(0),
    unionMm: z.number().min(0, { error: "0 mm or more." }).max(2000).nullable().default(null),
    /** It rocked and was staked. */
    staked: z.boolean().default(false),
    /** Done although its window was closed: what closed it and the share of weather years that end well, as they were shown. */
    despite: z
      .object({ limiting: z.enum(LIMITS), safe: z.number().min(0).max(1) })
      .nullable()
      .default(null),
    /** What was measured once the tree stood: it counts instead of the plan. */
    measured: z
      .object({
        rimMm: z.number().min(0, { error: "0 mm or more." }).max(2000).nullable(),
        looseMixL: z.number().positive({ error: "More than 0 L." }).max(20_000).nullable(),
        wetKg: z.number().positive({ error: "More than 0 kg." }).max(50_000).nullable(),
      })
      .default({ rimMm: null, looseMixL: null, wetKg: null }),
  }),
  z.object({ treeId: z.uuid() }),
);

/** What is remembered of an old potting; any of it may be unknown. */
export const pastPottingFields = {
  when: happened,
  /** The pot it went into: one that is on record, one described now, or nobody knows. */
  potLotId: z.uuid().nullable(),
  pot: potSchema.nullable(),
  mix: z.enum(READY_MIX_NAMES).nullable(),
  correction: z.enum(CORRECTION_NAMES),
  note: z.string().trim().max(2000, { error: "At most 2,000 characters here." }).default(""),
};

/** A potting of long ago, as far as anyone remembers: nothing is measured against the store of today. */
export const recordPastPotting = contract(
  "record-past-potting",
  z.object({ treeId: z.uuid(), ...pastPottingFields }),
  z.object({ treeId: z.uuid(), potLotId: z.uuid().nullable() }),
);

export type PastPotting = z.output<typeof recordPastPotting.input>;
