import type { LoggedEvent } from "./event";

/** What the counting rule reads of an entry. */
export interface EntryMark {
  id: string;
  seq: number;
  voidsEntryId: string | null;
}

/** What counts of a log and what does not, and why not. */
export interface Counting {
  /** Entries taken back by an entry that counts itself. */
  voided: Set<string>;
  /** Events a later entry said better or of another tree, by the entry that did. */
  withdrawnBy: Map<string, string>;
}

/**
 * Which entries and events count. An entry is void when a counting entry voids it, alone or together with others; latest first, so
 * that a redo (a void of a void) is seen before what it brings back. An event is withdrawn when a counting entry says so.
 */
export function countingOf(entries: readonly EntryMark[], events: readonly LoggedEvent[]): Counting {
  const voidsByEntry = new Map<string, string[]>();
  for (const e of entries) if (e.voidsEntryId !== null) voidsByEntry.set(e.id, [e.voidsEntryId]);
  for (const { payload, entryId } of events)
    if (payload.kind === "voided")
      voidsByEntry.set(entryId, [...(voidsByEntry.get(entryId) ?? []), ...payload.entryIds]);
  const voided = new Set<string>();
  for (const entry of [...entries].sort((a, b) => b.seq - a.seq)) {
    const targets = voidsByEntry.get(entry.id);
    if (targets && !voided.has(entry.id)) for (const target of targets) voided.add(target);
  }
  const withdrawnBy = new Map<string, string>();
  for (const { payload, entryId } of events)
    if (payload.kind === "withdrawn" && !voided.has(entryId))
      for (const id of payload.eventIds) withdrawnBy.set(id, entryId);
  return { voided, withdrawnBy };
}

/** Whether an event is part of what happened, as far as is known now. */
export function counts(counting: Counting, event: LoggedEvent): boolean {
  return !counting.voided.has(event.entryId) && !counting.withdrawnBy.has(event.id);
}
