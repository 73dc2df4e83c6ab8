import { MOST_DAYS_AWAY } from "./limits";
import { wrong } from "./faults";
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
    name: z.string().trim().min(1, wrong("person-name-needed")).max(80),
    self: z.boolean(),
    liftKg: z.number().min(1).max(SOLO_LIMIT_KG, wrong("lift-above-limit")),
    hoursPerWeek: z.number().min(0).max(100).nullable(),
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
      note: z.string().trim().max(160),
    })
    .refine((v) => v.from <= v.to, { path: ["to"], ...wrong("last-before-first") })
    .refine((v) => toDay(v.to) - toDay(v.from) <= MOST_DAYS_AWAY, { path: ["to"], ...wrong("away-too-long") }),
  z.object({}),
  ["absence"],
);
