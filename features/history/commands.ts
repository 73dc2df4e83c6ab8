import { z } from "zod";
import type { Entry } from "@/data/log";
import type { LoadedRecords } from "../collection/load";
import { command, envelope, Refusal, refuse } from "../commands/define";

const input = envelope.extend({ entryId: z.uuid() });

/** Later counting entries that lean on this one: they touch a tree or pot it brought, or the same tree after it. */
export function leaningOn(loaded: LoadedRecords, entryId: string): Entry[] {
  const events = loaded.indexed.records.events;
  const own = events.filter((e) => e.entryId === entryId);
  const trees = new Set(own.map((e) => e.treeId).filter((id) => id !== null));
  const lots = new Set(own.filter((e) => e.payload.kind === "stocked").map((e) => e.potLotId));
  const seq = loaded.entries.find((e) => e.id === entryId)?.seq ?? 0;
  // A note or a check stands by itself; a potting and what came after it on the same tree do not.
  const carries = own.some(
    (e) => e.payload.kind === "arrived" || e.payload.kind === "potted" || e.payload.kind === "stocked",
  );
  if (!carries) return [];
  const ids = new Set(
    events
      .filter(
        (e) =>
          e.seq > seq && ((e.treeId !== null && trees.has(e.treeId)) || (e.potLotId !== null && lots.has(e.potLotId))),
      )
      .map((e) => e.entryId),
  );
  return loaded.entries.filter((e) => ids.has(e.id));
}

/** Undo voids an entry; undoing an undo brings it back. Nothing is ever deleted. */
export const undoEntry = command({
  name: "undo-entry",
  input,
  run: (context, v) => {
    const { loaded } = context;
    const entry = loaded.entries.find((e) => e.id === v.entryId) ?? refuse("entryId", "There is no such entry.");
    if (loaded.voided.has(entry.id)) refuse("entryId", "This has been undone already.");
    if (entry.command === "create-collection") refuse("entryId", "The start of the collection cannot be undone.");
    const leaning = leaningOn(loaded, entry.id);
    if (leaning.length > 0) {
      const list = leaning.map((e) => e.note ?? e.command).join("; ");
      throw new Refusal([{ path: "entryId", message: `Later entries lean on this one: ${list}.` }], {
        together: [...leaning.map((e) => e.id).reverse(), entry.id],
      });
    }
    context.voids(entry.id);
    if (
      entry.command === "import-weather" ||
      loaded.entries.find((e) => e.id === entry.voidsEntryId)?.command === "import-weather"
    )
      context.weatherChanged();
    context.note(entry.voidsEntryId === null ? `Undone: ${entry.note ?? entry.command}` : "Brought back");
    return Promise.resolve({ undone: entry.id });
  },
});
