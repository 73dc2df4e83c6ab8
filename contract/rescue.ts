import { z } from "zod";
import { whenSchema } from "./envelope";
import { RESCUE_CAUSES, RESCUE_STEPS } from "@/core/event/index";
import { contract } from "./contract";

const share = z.number().min(0, { error: "0 to 100 %." }).max(1, { error: "0 to 100 %." }).nullable();

export const beginRescue = contract(
  "begin-rescue",
  z.object({
    treeId: z.uuid(),
    on: whenSchema,
    cause: z.enum(RESCUE_CAUSES, { error: "Say what happened to it, as far as you can tell." }),
    greenWood: z.boolean().nullable(),
    liveRoots: share,
    soakMinutes: z
      .number()
      .min(0, { error: "0 minutes or more." })
      .max(1440, { error: "More than a day under water drowns what is left." }),
  }),
  z.object({ treeId: z.uuid() }),
);

export const recordCheckpoint = contract(
  "record-checkpoint",
  z.object({
    treeId: z.uuid(),
    on: whenSchema,
    step: z.enum(RESCUE_STEPS),
    sign: z.enum(["seen", "failed"]),
    note: z.string().trim().max(400, { error: "At most 400 characters here." }).default(""),
  }),
  z.object({ treeId: z.uuid() }),
);

export const endRescue = contract(
  "end-rescue",
  z.object({
    treeId: z.uuid(),
    on: whenSchema,
    how: z.enum(["recovered", "lost", "given-up"]),
  }),
  z.object({ treeId: z.uuid() }),
);
