import { type DayNumber, toDay } from "../dates/index";
import { type DeathCause, type EventPayload, type LoggedEvent, type ReadableEvent, eventIs } from "../event/index";
import type { StorePot } from "../ladder/index";
import { type IndexedRecords, plantsAt } from "./indexed";

/** Whether an event puts the tree into a pot. */
export function namesPot(event: LoggedEvent): event is ReadableEvent {
  return eventIs(event.payload.kind, "names-pot");
}

/** What a tree died of without leaving anything in its pot that another could catch. */
const CLEAN_DEATHS: readonly (DeathCause | null)[] = ["frost", "drought", "heat", "root-work", "wind", "animal"];
/** A pot in which a tree died counts as unclean for so long: nobody records that it was washed. */
const UNCLEAN_DAYS = 365;

/** Pots by lot on a day: how many there are, less those a tree stands in. */
export function storeAt(indexed: IndexedRecords, on: DayNumber): StorePot[] {
  const owned = new Map<string, number>();
  const unclean = new Set<string>();
  for (const event of indexed.records.events) {
    const { payload, potLotId } = event;
    if (!potLotId || (payload.kind !== "stocked" && payload.kind !== "discarded") || toDay(event.on.best) > on)
      continue;
    const change = payload.kind === "stocked" ? payload.count : -payload.count;
    owned.set(potLotId, (owned.get(potLotId) ?? 0) + change);
  }
  for (const tree of indexed.records.trees) {
    let lotId: string | null = null;
    let share = 1;
    for (const event of indexed.eventsByTree.get(tree.id) ?? []) {
      if (toDay(event.on.best) > on) break;
      if (namesPot(event)) {
        lotId = event.potLotId;
        if (event.payload.kind !== "identified") share = event.payload.kind === "joined" ? event.payload.share : 1;
      }
      // A pot that leaves with its tree is owned no more.
      if (event.payload.kind === "ended" && event.treeId === tree.id && event.payload.potLeaves && lotId !== null)
        owned.set(lotId, (owned.get(lotId) ?? 0) - event.payload.count * share);
      if (
        event.payload.kind === "ended" &&
        event.treeId === tree.id &&
        lotId !== null &&
        isUnclean(event.payload, on - toDay(event.on.best))
      )
        unclean.add(lotId);
    }
    const plants = plantsAt(indexed, tree.id, on);
    if (lotId !== null) owned.set(lotId, (owned.get(lotId) ?? 0) - plants * share);
  }
  return indexed.records.lots
    .filter((lot) => owned.has(lot.id))
    .map((lot) => ({
      lotId: lot.id,
      name: lot.name,
      pot: lot.pot,
      condition: lot.condition ?? "sound",
      free: Math.max(0, Math.round(owned.get(lot.id)!)),
      ...(unclean.has(lot.id) ? { unclean: true } : {}),
    }));
}

/** A tree died in it lately of what another could catch, or of nobody knows what. */
const isUnclean = ({ how, cause, potLeaves }: Extract<EventPayload, { kind: "ended" }>, days: number) =>
  how === "died" && !potLeaves && days <= UNCLEAN_DAYS && !CLEAN_DEATHS.includes(cause);

/** Free pots of one lot on a day. */
export function freeOf(indexed: IndexedRecords, lotId: string, on: DayNumber): number {
  return storeAt(indexed, on).find((pot) => pot.lotId === lotId)?.free ?? 0;
}
