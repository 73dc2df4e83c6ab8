import { wrong } from "./faults";
import { z } from "zod";
import { ARRIVAL_FORMS, happened, isoDate, METHODS, PURPOSES } from "@/core/event/index";
import { looksSchema, STOCK_PACES } from "@/core/species/index";
import { potSchema } from "@/core/vessel/index";
import { HABITS } from "@/core/wood/index";

const shortText = (most: number) => z.string().trim().max(most);

/** What may be said of a tree when it comes into the records. Only tag and kind must be said. */
export const newTreeFields = {
  treeId: z.uuid(),
  tag: shortText(40).min(1, wrong("tag-needed")),
  kindId: z.string().max(60).nullable(),
  typedName: shortText(120).nullable(),
  habit: z.enum([...HABITS, "unknown"]).nullable(),
  looks: looksSchema.nullable().default(null),
  cultivar: shortText(120).nullable(),
  purpose: z.enum(PURPOSES),
  count: z.number().int().min(1).max(100_000),
  form: z.enum(ARRIVAL_FORMS),
  arrivedOn: z.union([isoDate, happened]),
  lastPotted: happened.nullable(),
  /** null: nobody has said which pot it stands in. */
  pot: potSchema.nullable(),
  depthToMixMm: z.number().min(0).max(2000, wrong("not-that-deep")).nullable().default(null),
  /** How full it feels through pot and surface, 1–4. */
  feel: z.number().int().min(1).max(4).nullable().default(null),
  finalVolumeL: z.number().positive().max(5000).nullable(),
  trunkMm: z.number().positive().max(3000).nullable(),
  heightM: z.number().positive().max(60).nullable(),
  crownM: z.number().positive().max(40).nullable().default(null),
  rootstock: shortText(120).nullable().default(null),
  stockPace: z.enum(STOCK_PACES).nullable().default(null),
  placeId: z.uuid().nullable().default(null),
  motherId: z.uuid().nullable().default(null),
  motherName: shortText(160).nullable().default(null),
  method: z.enum(METHODS).nullable().default(null),
  raisedOn: happened.nullable().default(null),
  note: shortText(2000).default(""),
};
export type NewTree = z.output<z.ZodObject<typeof newTreeFields>>;

export const NAMED = {
  test: (v: { kindId: string | null; typedName: string | null }) =>
    v.kindId !== null || (v.typedName !== null && v.typedName.length > 0),
  fault: { path: ["typedName"], ...wrong("kind-needed") },
};
