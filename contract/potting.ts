import { wrong } from "./faults";
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
    potLotId: z.uuid(wrong("choose-pot")),
    /** A ready mix by name, `recipe:<id>` or `reclaimed:<id>`. */
    mix: z.string(wrong("choose-mix")).min(1, wrong("choose-mix")).max(60),
    correction: z.enum(CORRECTION_NAMES),
    retainedShare: z.number().min(0.05, wrong("cutting-not-tree")).max(1).nullable(),
    crownMm: z.number().min(0).max(80, wrong("ball-too-proud")),
    bottomLayerMm: z.number().min(0).max(400),
    set: whatIsSet.default({ as: "ball" }),
    offAxisMm: z.number().min(-500).max(500).default(0),
    tiltDeg: z.number().min(0).max(45).default(0),
    facing: z.string().trim().max(60).default(""),
    flareDepthMm: z.number().min(0).max(600).default(0),
    takenOffMm: z.number().min(0).max(600).default(0),
    /** Off each side of the ball, so that a narrow deep pot takes it. */
    trimSideMm: z.number().min(0).max(300).default(0),
    unionMm: z.number().min(0).max(2000).nullable().default(null),
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
        rimMm: z.number().min(0).max(2000).nullable(),
        looseMixL: z.number().positive().max(20_000).nullable(),
        wetKg: z.number().positive().max(50_000).nullable(),
      })
      .default({ rimMm: null, looseMixL: null, wetKg: null }),
  }),
  z.object({ treeId: z.uuid() }),
  ["potted"],
);

/** What is remembered of an old potting; any of it may be unknown. */
const pastPottingFields = {
  when: happened,
  /** The pot it went into: one that is on record, one described now, or nobody knows. */
  potLotId: z.uuid().nullable(),
  pot: potSchema.nullable(),
  mix: z.enum(READY_MIX_NAMES).nullable(),
  correction: z.enum(CORRECTION_NAMES),
  note: z.string().trim().max(2000).default(""),
};

/** A potting of long ago, as far as anyone remembers: nothing is measured against the store of today. */
export const recordPastPotting = contract(
  "record-past-potting",
  z.object({ treeId: z.uuid(), ...pastPottingFields }),
  z.object({ treeId: z.uuid(), potLotId: z.uuid().nullable() }),
  ["potted"],
);

export type PastPotting = z.output<typeof recordPastPotting.input>;
