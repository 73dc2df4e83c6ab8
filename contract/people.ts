import { z } from "zod";
import { SOLO_LIMIT_KG } from "@/core/mass/index";
import { isoDate } from "@/core/event/index";
import { toDay } from "@/core/dates/index";
import { contract } from "./contract";

/** The keeper or somebody who helps: what they may lift, when they are there. */
export const setPerson = contract(
  "set-person",
  z.object({
    personId: z.uuid(),
    name: z
      .string()
      .trim()
      .min(1, { error: "A name or a role, such as caretaker." })
      .max(80, { error: "At most 80 characters, please." }),
    self: z.boolean(),
    liftKg: z
      .number({ error: "Kilograms, as a number." })
      .min(1, { error: "At least 1 kg." })
      .max(SOLO_LIMIT_KG, {
        error: `Above ${SOLO_LIMIT_KG} kg nobody lifts alone. A limit may be lowered, not raised.`,
      }),
    hoursPerWeek: z
      .number()
      .min(0, { error: "0 or more hours." })
      .max(100, { error: "A week has 168 hours: at most 100 here." })
      .nullable(),
    weekdays: z.array(z.number().int().min(1).max(7)).max(7),
    gone: z.boolean().default(false),
  }),
  z.object({ personId: z.uuid() }),
);

/** Days on which somebody, or everybody, is away. These may lie ahead: they are a plan of people, not a record of trees. */
export const recordAbsence = contract(
  "record-absence",
  z
    .object({
      personId: z.uuid().nullable(),
      from: isoDate,
      to: isoDate,
      note: z.string().trim().max(160, { error: "At most 160 characters, please." }),
    })
    .refine((v) => v.from <= v.to, { path: ["to"], error: "The last day lies before the first." })
    .refine((v) => toDay(v.to) - toDay(v.from) <= 400, {
      path: ["to"],
      error: "More than 400 days: enter it in parts.",
    }),
  z.object({}),
);
