import { z } from "zod";
import { parseIso } from "../dates/index";
import { ARRIVAL_FORMS } from "./forms";
import { CORRECTION_NAMES } from "../roots/index";
import { mixSchema, READY_MIX_NAMES } from "../mix/index";

/** A calendar day as text; the message speaks to the person who typed it. */
export const isoDate = z
  .string()
  .refine((text) => parseIso(text) !== null, { error: "This is not a day in the calendar. Write it as 2026-04-30." });

/** When something happened: a best day, and the range it may lie in when the day is rough. */
export const happened = z
  .object({ best: isoDate, from: isoDate, to: isoDate })
  .refine((h) => h.from <= h.best && h.best <= h.to, {
    path: ["from"],
    error: "The best day must lie within its range.",
  });
export type Happened = z.infer<typeof happened>;

const grade = z.number().int().min(0).max(4);
const text = (most: number) => z.string().max(most);
const id = z.uuid();

/** One discriminated union of everything that may have happened. Payloads are versioned in the log (`payload_version`). */
export const eventPayload = z.discriminatedUnion("kind", [
  z.object({
    kind: z.literal("arrived"),
    form: z.enum(ARRIVAL_FORMS),
    /** When it was last potted, if anyone knows. */
    lastPotted: happened.nullable(),
  }),
  z.object({
    kind: z.literal("potted"),
    correction: z.enum(CORRECTION_NAMES),
    retainedShare: z.number().min(0.05).max(1).nullable(),
    mix: z.union([z.enum(READY_MIX_NAMES), mixSchema]),
    mixName: text(80),
    /** Mix in place and levels as planned or measured. */
    mixL: z.number().positive().max(20_000),
    fillHeightMm: z.number().positive().max(5000).nullable(),
    bottomLayerMm: z.number().min(0).max(1000),
    wetMassKg: z.number().positive().max(50_000).nullable(),
  }),
  z.object({
    kind: z.literal("roots-read"),
    fillGrade: grade.nullable(),
    circlingGrade: grade.nullable(),
  }),
  z.object({ kind: z.literal("stocked"), count: z.number().int().min(1).max(100_000) }),
  z.object({ kind: z.literal("noted"), text: text(4000) }),
]);
export type EventPayload = z.infer<typeof eventPayload>;
export type EventKind = EventPayload["kind"];

/** An event as the replay reads it. `seq` orders events of one day by when they were recorded. */
export interface LoggedEvent {
  id: string;
  entryId: string;
  seq: number;
  ord: number;
  recordedAt: string;
  treeId: string | null;
  potLotId: string | null;
  on: Happened;
  payload: EventPayload;
}

export const idSchema = id;
