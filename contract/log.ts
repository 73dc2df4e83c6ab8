import { wrong } from "./faults";
import { z } from "zod";
import { whenSchema } from "./envelope";
import { FACES } from "@/core/roots/index";
import { contract } from "./contract";

/** Undo voids an entry; undoing an undo brings it back. Nothing is ever deleted. */
export const undoEntry = contract("undo-entry", z.object({ entryId: z.uuid() }), z.object({ entryId: z.uuid() }));

/** Several entries taken back as one: all of them or none; undoing this brings all of them back. */
export const undoTogether = contract(
  "undo-together",
  z.object({ entryIds: z.array(z.uuid()).min(1).max(20_000) }),
  z.object({ count: z.number() }),
);

export const addNote = contract(
  "add-note",
  z.object({
    treeId: z.uuid(),
    on: whenSchema,
    text: z.string().trim().min(1, wrong("write-something")).max(4000),
  }),
  z.object({ treeId: z.uuid() }),
  ["noted"],
);

/** A photograph, reduced and stripped before anything of it is kept. */
export const addPhoto = contract(
  "add-photo",
  z.object({
    treeId: z.uuid(),
    on: whenSchema,
    /** Which face of the ball it shows. */
    face: z.enum(FACES).optional(),
    photo: z.instanceof(Uint8Array, wrong("choose-picture")),
  }),
  z.object({ photoId: z.uuid() }),
);

/** "Seen": from now on shifts are counted from the dates as they stand. */
export const markSeen = contract("mark-seen", z.object({}), z.object({}));
