import { z } from "zod";
import { happened, isoDate } from "@/core/event/index";

/** Around every command's input: who asked, once, against which state of the collection. */
export const envelope = z.object({
  commandId: z.uuid(),
  collectionId: z.uuid(),
  /** The state the page was made from: a newer change of the same subject is then a conflict instead of being overwritten. */
  baseRevision: z.number().int().min(0).optional(),
  epoch: z.number().int().min(0).optional(),
  /** Newer revisions that the same tab wrote itself: its own changes are no surprise to it. */
  ownRevisions: z.array(z.number().int().min(0)).max(500).optional(),
  /** The event this command replaces: that one counts no more once the command has run. */
  replacesEventId: z.uuid().optional(),
});
export type Envelope = z.output<typeof envelope>;

/** A day, or a range it lies in. */
export const whenSchema = z.union([isoDate, happened]);
export type When = z.infer<typeof whenSchema>;
