import { type Fault, fault } from "@/contract/faults";
import { eventIs } from "@/core/event/index";
import type { Entry } from "@/data/log";
import type { LoadedRecords } from "../kernel/collection/load";
import { SETTINGS_COMMANDS } from "@/features/kernel/conflicts";
import { happening } from "@/features/kernel/days";
import { addsOnly, command, type CommandContext, Refusal, refuse } from "@/features/kernel/define";

/** Later counting entries that lean on this one: they touch a tree or pot it brought, the same tree after it, or say one of its events anew. */
function leaningOn(loaded: LoadedRecords, entryId: string): Entry[] {
  const events = loaded.indexed.records.events;
  const mine = loaded.log.filter((e) => e.entryId === entryId);
  const own = events.filter((e) => e.entryId === entryId);
  const seq = loaded.entries.find((e) => e.id === entryId)?.seq ?? 0;
  const ids = new Set<string>();
  for (const event of mine) {
    const by = loaded.counting.withdrawnBy.get(event.id);
    if (by !== undefined) ids.add(by);
  }
  const carried = own.filter((e) => eventIs(e.payload.kind, "carries"));
  if (carried.length > 0) {
    const trees = new Set(carried.map((e) => e.treeId).filter((id) => id !== null));
    const lots = new Set(carried.filter((e) => e.payload.kind === "stocked").map((e) => e.potLotId));
    for (const e of events)
      if (e.seq > seq && ((e.treeId !== null && trees.has(e.treeId)) || (e.potLotId !== null && lots.has(e.potLotId))))
        ids.add(e.entryId);
  }
  const places = new Set(loaded.places.filter((p) => p.entryId === entryId).map((p) => p.id));
  if (places.size > 0) for (const e of events) if (e.placeId && places.has(e.placeId)) ids.add(e.entryId);
  ids.delete(entryId);
  return loaded.entries.filter((e) => ids.has(e.id));
}

function findEntry(context: CommandContext, entryId: string): Entry {
  const { loaded } = context;
  const entry = loaded.entries.find((e) => e.id === entryId) ?? refuse("entryId", "entry-gone");
  if (loaded.counting.voided.has(entry.id)) refuse("entryId", "undone-already");
  if (SETTINGS_COMMANDS.has(entry.command)) refuse("entryId", "settings-not-undone");
  if (entry.command === "create-collection") refuse("entryId", "start-not-undone");
  return entry;
}

/** Whether taking this entry back, or bringing it back, changes the weather record. */
function touchesWeather(loaded: LoadedRecords, entry: Entry): boolean {
  const voided = [
    entry.voidsEntryId,
    ...loaded.log.flatMap((e) => (e.entryId === entry.id && e.payload.kind === "voided" ? e.payload.entryIds : [])),
  ];
  return (
    WEATHER_COMMANDS.has(entry.command) ||
    voided.some((id) => WEATHER_COMMANDS.has(loaded.entries.find((e) => e.id === id)?.command ?? ""))
  );
}

/** Commands that change the site's weather. */
const WEATHER_COMMANDS = new Set(["import-weather", "rank-weather", "say-climate"]);

const words = (entry: Entry) => entry.note ?? entry.command;

/** Entries that are named; the others are counted. */
const NAMED_ENTRIES = 5;

function laterEntries(path: string, entries: readonly Entry[], several: boolean): Fault {
  const shown = entries.slice(0, NAMED_ENTRIES).map(words);
  return fault(path, "later-entries", { shown, more: entries.length - shown.length, several });
}

/** Undo voids an entry; undoing an undo brings it back. Nothing is ever deleted. */
export const undoEntry = command("undo-entry", {
  subjects: addsOnly,
  run: (context, v) => {
    const { loaded } = context;
    const entry = findEntry(context, v.entryId);
    const leaning = leaningOn(loaded, entry.id);
    if (leaning.length > 0) {
      throw new Refusal([laterEntries("entryId", leaning, false)], {
        together: [...leaning.map((e) => e.id).reverse(), entry.id],
      });
    }
    context.voids(entry.id);
    if (touchesWeather(loaded, entry)) context.weatherChanged();
    const back = loaded.entries.find((e) => e.id === entry.voidsEntryId);
    context.note(back ? `Brought back: ${words(back)}` : `Undone: ${words(entry)}`);
    return Promise.resolve({ entryId: entry.id });
  },
});

/** Several entries taken back as one: all of them or none; undoing this brings all of them back. */
export const undoTogether = command("undo-together", {
  subjects: addsOnly,
  run: (context, v) => {
    const { loaded } = context;
    const wanted = new Set(v.entryIds);
    const entries = [...wanted].map((id) => findEntry(context, id));
    const missing = new Set<string>();
    for (const entry of entries)
      for (const leaning of leaningOn(loaded, entry.id)) if (!wanted.has(leaning.id)) missing.add(leaning.id);
    if (missing.size > 0) {
      const more = loaded.entries.filter((e) => missing.has(e.id));
      throw new Refusal([laterEntries("entryIds", more, true)], {
        together: loaded.entries
          .filter((e) => missing.has(e.id) || wanted.has(e.id))
          .map((e) => e.id)
          .reverse(),
      });
    }
    context.record(happening({ kind: "voided", entryIds: entries.map((e) => e.id) }, context.today));
    if (entries.some((entry) => touchesWeather(loaded, entry))) context.weatherChanged();
    context.note(`Undone together: ${entries.length} entries`);
    return Promise.resolve({ count: entries.length });
  },
});
