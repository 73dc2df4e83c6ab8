import { counts, type LoggedEvent, SETTINGS, type Subject, subjectsOf } from "@/core/event/index";
import type { LoadedRecords } from "@/features/kernel/collection/load";

/** Settings stand in the collection's row: their entries have no event to read them from. */
export const SETTINGS_COMMANDS = new Set(["set-units", "set-currency", "describe-collection"]);

/**
 * What somebody else has changed since a page was made, of what this command is about; null when nothing. Undone and corrected events
 * count as changes of what they were about.
 *
 * @param base revision the page was made from
 * @param own newer revisions that the same page wrote itself
 */
export function changedSince(
  loaded: LoadedRecords,
  base: number,
  own: ReadonlySet<number>,
  subjects: ReadonlySet<Subject>,
): Subject | null {
  if (subjects.size === 0) return null;
  const newer = loaded.entries.filter((e) => e.seq > base && !own.has(e.seq) && !loaded.counting.voided.has(e.id));
  if (newer.length === 0) return null;
  const ids = new Set(newer.map((e) => e.id));
  const touched = touchedEvents(loaded, ids, new Set(newer.flatMap((e) => e.voidsEntryId ?? [])));
  for (const event of touched) for (const s of subjectsOf(event)) if (subjects.has(s)) return s;
  if (subjects.has(SETTINGS) && newer.some((e) => SETTINGS_COMMANDS.has(e.command))) return SETTINGS;
  return null;
}

/** Events of these entries, and those they take back, withdraw or bring back. */
function touchedEvents(loaded: LoadedRecords, entryIds: ReadonlySet<string>, voids: Set<string>): LoggedEvent[] {
  const withdrawn = new Set<string>();
  for (const { entryId, payload } of loaded.log) {
    if (!entryIds.has(entryId)) continue;
    if (payload.kind === "voided") for (const id of payload.entryIds) voids.add(id);
    if (payload.kind === "withdrawn") for (const id of payload.eventIds) withdrawn.add(id);
  }
  return loaded.log.filter(
    (e) => (entryIds.has(e.entryId) && counts(loaded.counting, e)) || voids.has(e.entryId) || withdrawn.has(e.id),
  );
}
