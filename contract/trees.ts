import { wrong } from "./faults";
import { z } from "zod";
import {
  descriptionSchema,
  ENDINGS,
  DEATH_CAUSES,
  ARRIVAL_VERDICTS,
  ARRIVAL_FORMS,
  happened,
} from "@/core/event/index";
import { whenSchema } from "./envelope";
import { newTreeFields, NAMED } from "./tree-fields";
import { readingSchema } from "@/core/roots/index";
import { potSchema } from "@/core/vessel/index";
import { contract } from "./contract";

/** Tag, kind, cultivar, stock, mother …: said anew, for all days. */
export const describeTree = contract(
  "describe-tree",
  z.object({ treeId: z.uuid(), changes: descriptionSchema }),
  z.object({ treeId: z.uuid() }),
  ["described"],
);

/** A tree leaves: it died, was sold, given, planted out, scrapped, lost. Part of a batch may. */
export const endTree = contract(
  "end-tree",
  z.object({
    treeId: z.uuid(),
    on: whenSchema,
    how: z.enum(ENDINGS).exclude(["merged"]),
    count: z.number().int().min(1),
    cause: z.enum(DEATH_CAUSES).nullable(),
    potLeaves: z.boolean(),
    note: z.string().trim().max(400),
  }),
  z.object({ treeId: z.uuid() }),
  ["ended"],
);

/** "That was the other tree": an event counts for another one from now on. */
export const reassignEvent = contract(
  "reassign-event",
  z.object({ eventId: z.uuid(), toTreeId: z.uuid(wrong("choose-tree")) }),
  z.object({ fromTreeId: z.uuid(), toTreeId: z.uuid() }),
);

/** One tree entered twice: what was recorded on the second counts for the first, and the second goes. */
export const mergeTrees = contract(
  "merge-trees",
  z.object({ keepId: z.uuid(), dropId: z.uuid(wrong("choose-second-record")) }),
  z.object({ treeId: z.uuid() }),
);

/** Trees that stand in one pot: the first one's pot, in equal shares unless said otherwise. */
export const joinPot = contract(
  "join-pot",
  z.object({
    treeId: z.uuid(),
    withIds: z.array(z.uuid()).min(1, wrong("choose-companions")).max(11),
    on: whenSchema,
    correction: z.enum(["none", "loosen", "tease-and-clip"]).default("none"),
  }),
  z.object({ treeId: z.uuid() }),
);

const money = z.number().min(0).max(1_000_000).nullable();

/** A tree comes in and was looked over: its records, what was seen of it, and what that led to, as one entry. */
export const receiveTree = contract(
  "receive-tree",
  z
    .object({
      ...newTreeFields,
      verdict: z.enum(ARRIVAL_VERDICTS),
      findings: z.array(z.string().max(40)).max(40),
      reading: readingSchema.nullable().default(null),
      dry: z.boolean().default(false),
      pricePaid: money.default(null),
      repairCost: money.default(null),
      /** Of bare roots: how far they spread. */
      spreadMm: z.number().positive().max(3000).nullable().default(null),
    })
    .refine(NAMED.test, NAMED.fault),
  z.object({ treeId: z.uuid(), potLotId: z.uuid().nullable() }),
);

/** A tree comes into the collection in the pot it stands in. */
export const addTree = contract(
  "add-tree",
  z.object(newTreeFields).refine(NAMED.test, NAMED.fault),
  z.object({ treeId: z.uuid(), potLotId: z.uuid().nullable() }),
);

/** How a tree came, said anew: its day, its form, the pot it came in, when that was last potted. */
export const correctArrival = contract(
  "correct-arrival",
  z.object({
    treeId: z.uuid(),
    arrivedOn: whenSchema,
    form: z.enum(ARRIVAL_FORMS),
    lastPotted: happened.nullable(),
    pot: potSchema.nullable(),
    depthToMixMm: z.number().min(0).max(2000).nullable(),
    count: newTreeFields.count,
  }),
  z.object({ treeId: z.uuid() }),
  ["arrived"],
);

/** Some plants of a batch become a record of their own, with the batch's past. */
export const splitBatch = contract(
  "split-batch",
  z.object({
    treeId: z.uuid(),
    childId: z.uuid(),
    tag: newTreeFields.tag,
    count: newTreeFields.count,
    on: whenSchema,
  }),
  z.object({ treeId: z.uuid() }),
);
