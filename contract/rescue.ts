import { wrong } from "./faults";
import { z } from "zod";
import { whenSchema } from "./envelope";
import { RESCUE_CAUSES, RESCUE_STEPS } from "@/core/event/index";
import { contract } from "./contract";

const share = z.number().min(0).max(1).nullable();

export const beginRescue = contract(
  "begin-rescue",
  z.object({
    treeId: z.uuid(),
    on: whenSchema,
    cause: z.enum(RESCUE_CAUSES, wrong("rescue-cause-needed")),
    greenWood: z.boolean().nullable(),
    liveRoots: share,
    soakMinutes: z.number().min(0).max(1440, wrong("soak-drowns")),
  }),
  z.object({ treeId: z.uuid() }),
  ["rescue-begun"],
);

export const recordCheckpoint = contract(
  "record-checkpoint",
  z.object({
    treeId: z.uuid(),
    on: whenSchema,
    step: z.enum(RESCUE_STEPS),
    sign: z.enum(["seen", "failed"]),
    note: z.string().trim().max(400).default(""),
  }),
  z.object({ treeId: z.uuid() }),
  ["checkpoint"],
);

export const endRescue = contract(
  "end-rescue",
  z.object({
    treeId: z.uuid(),
    on: whenSchema,
    how: z.enum(["recovered", "lost", "given-up"]),
  }),
  z.object({ treeId: z.uuid() }),
  ["rescue-ended"],
);
