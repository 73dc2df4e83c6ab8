import "server-only";
import { isReadable } from "@/core/event/index";
import { openYard, type DateMove, type TreeDates, datesOf, movesBetween, MODEL_VERSION } from "@/model/index";
import { resolveRecords } from "@/core/records/index";
import { findLook, type Look } from "@/data/looks";
import { principal } from "@/server/principal";
import { pool } from "@/server/pool";
import type { CollectionView, LoadedRecords } from "@/features/kernel/collection/load";

/** Dates by tree, as they are kept with a look. */
export type DatesByTree = Record<string, TreeDates>;

export function datesToday(view: CollectionView): DatesByTree {
  return Object.fromEntries(view.yard.on(view.today).states.map((state) => [state.treeId, datesOf(state)]));
}

export interface MovedSince {
  /** null: nobody has looked yet, so there is nothing to compare with. */
  lookedOn: string | null;
  moves: (DateMove & { tag: string })[];
}

/** Which dates shifted by more than a few days since the keeper last said "seen", and what shifted them. */
export async function movedSince(view: CollectionView): Promise<MovedSince> {
  const { collection, today } = view;
  const look = await findLook(pool(), { collectionId: collection.id }, principal().actor);
  if (!look) return { lookedOn: null, moves: [] };
  const then = look.dates as DatesByTree;
  const now = datesToday(view);
  if (look.seq === collection.revision && look.onDay === today && look.model === MODEL_VERSION)
    return { lookedOn: look.onDay, moves: [] };
  const held = heldDates(view, look);
  const recorded = recordedSince(view.loaded, look.seq);
  const facts = { modelChanged: look.model !== MODEL_VERSION, peopleChanged: recorded.people };
  const moves = view.loaded.trees.flatMap((tree) => {
    if (!then[tree.id] || !now[tree.id]) return [];
    return movesBetween(tree.id, then[tree.id], held[tree.id] ?? null, now[tree.id], today, {
      ...facts,
      recorded: recorded.byTree.get(tree.id) ?? null,
    }).map((move) => ({ ...move, tag: tree.tag }));
  });
  return { lookedOn: look.onDay, moves: moves.sort((a, b) => Math.abs(b.days) - Math.abs(a.days)) };
}

/** Today's dates on today's weather, had nothing been recorded since the look. */
function heldDates(view: CollectionView, look: Look): DatesByTree {
  const { loaded, today } = view;
  const { counting } = loaded;
  const seqOf = new Map(loaded.entries.map((e) => [e.id, e.seq]));
  // Taken back or corrected since: it counted then.
  const thenVoid = (entryId: string) => counting.voided.has(entryId) && (voidedAt(loaded, entryId) ?? 0) <= look.seq;
  const thenWithdrawn = (eventId: string) => {
    const by = counting.withdrawnBy.get(eventId);
    return by !== undefined && (seqOf.get(by) ?? 0) <= look.seq;
  };
  // Days on which people are away are told apart by the cause, so they stay as they are now.
  const events = loaded.log
    .filter(isReadable)
    .filter((e) => e.seq <= look.seq && !thenVoid(e.entryId) && !thenWithdrawn(e.id));
  const records = resolveRecords({
    trees: loaded.rows.trees,
    lots: loaded.rows.lots,
    places: loaded.rows.places,
    events,
  });
  const yard = openYard({ records, risk: view.collection.risk }, view.weather, { today });
  return Object.fromEntries(yard.on(today).states.map((state) => [state.treeId, datesOf(state)]));
}

/** The revision at which an entry was taken back. */
function voidedAt(loaded: LoadedRecords, entryId: string): number | null {
  let at: number | null = null;
  for (const e of loaded.entries) if (e.voidsEntryId === entryId) at = e.seq;
  for (const e of loaded.log)
    if (e.payload.kind === "voided" && e.payload.entryIds.includes(entryId)) at = Math.max(at ?? 0, e.seq);
  return at;
}

/** What was recorded after a revision: by tree the newest word for it, and whether people's days changed. */
function recordedSince(loaded: LoadedRecords, seq: number) {
  const byTree = new Map<string, "check" | "correction" | "record">();
  let people = false;
  const newer = new Set(loaded.entries.filter((e) => e.seq > seq).map((e) => e.id));
  const touched = (entryId: string) => loaded.log.filter((e) => e.entryId === entryId && e.treeId !== null);
  for (const event of loaded.log) {
    if (!newer.has(event.entryId)) continue;
    const { payload } = event;
    if (payload.kind === "absence" || payload.kind === "person") people = true;
    if (payload.kind === "withdrawn") {
      for (const old of loaded.log)
        if (payload.eventIds.includes(old.id) && old.treeId) byTree.set(old.treeId, "correction");
    } else if (payload.kind === "voided") {
      for (const id of payload.entryIds) for (const old of touched(id)) byTree.set(old.treeId!, "correction");
    } else if (event.treeId !== null && byTree.get(event.treeId) !== "correction") {
      byTree.set(event.treeId, payload.kind === "roots-read" ? "check" : "record");
    }
  }
  for (const entry of loaded.entries)
    if (entry.seq > seq && entry.voidsEntryId !== null)
      for (const old of touched(entry.voidsEntryId)) byTree.set(old.treeId!, "correction");
  return { byTree, people };
}
