import { z } from "zod";
import { ARRIVAL_FORMS, ENDINGS, happened, METHODS, PURPOSES } from "@/core/event/index";
import { POT_CONDITIONS, potSchema } from "@/core/vessel/index";
import { STOCK_PACES } from "@/core/species/index";
import { READY_MIX_NAMES } from "@/core/mix/index";
import { CORRECTION_NAMES } from "@/core/roots/index";
import { HABITS } from "@/core/wood/index";

/** Lines of a file as the commands take them: what the reader has made of the cells, checked once more at the door. */
const text = (most: number) => z.string().max(most);
const line = z.number().int().min(1);
const count = z.number().int().min(1).max(100_000);

export const treeLine = z.object({
  line,
  tag: text(40).min(1),
  kindId: text(60).nullable(),
  typedName: text(120).nullable(),
  habit: z.enum([...HABITS, "unknown"]).nullable(),
  cultivar: text(120).nullable(),
  purpose: z.enum(PURPOSES),
  count,
  arrived: happened.nullable(),
  form: z.enum(ARRIVAL_FORMS),
  lastPotted: happened.nullable(),
  pot: potSchema.nullable(),
  depthToMixMm: z.number().min(0).max(2000).nullable(),
  finalVolumeL: z.number().positive().max(5000).nullable(),
  trunkMm: z.number().positive().max(3000).nullable(),
  heightM: z.number().positive().max(60).nullable(),
  crownM: z.number().positive().max(40).nullable().default(null),
  rootstock: text(120).nullable(),
  stockPace: z.enum(STOCK_PACES).nullable(),
  place: text(120).nullable(),
  mother: text(160).nullable(),
  method: z.enum(METHODS).nullable(),
  raisedOn: happened.nullable(),
  ended: z.enum(ENDINGS).nullable().default(null),
  endedOn: happened.nullable().default(null),
  note: text(2000),
});

export const potLine = z.object({
  line,
  name: text(120).min(1),
  pot: potSchema,
  count: z.number().int().min(0).max(100_000),
  price: z.number().min(0).max(1_000_000).nullable(),
  condition: z.enum(POT_CONDITIONS),
  place: text(120).nullable(),
  toBuy: z.boolean(),
  since: happened.nullable(),
});

export const pottingLine = z.object({
  line,
  tag: text(40).min(1),
  when: happened,
  potName: text(120).nullable(),
  pot: potSchema.nullable(),
  mix: z.enum(READY_MIX_NAMES).nullable(),
  correction: z.enum(CORRECTION_NAMES),
  note: text(2000),
});
