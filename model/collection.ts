import type { DayNumber } from "@/core/dates/index";
import type { LoggedEvent } from "@/core/event/index";
import type { StorePot } from "@/core/ladder/index";
import { toDay } from "@/core/dates/index";
import type { ReplayContext } from "./context";
import { tracksOf } from "./own-wood";
import { plantsOn, type PresenceStep, presenceSteps } from "@/core/records/index";
import type { CollectionRecords, LotRecord } from "@/core/records/index";
import { treeAt, type TreeState } from "./state";

/** Records indexed once, so that every day asked is a replay and not a search. */
export interface IndexedRecords {
  records: CollectionRecords;
  lots: Map<string, LotRecord>;
  /** A record taken from a batch begins with the batch's events up to that day. */
  eventsByTree: Map<string, LoggedEvent[]>;
  presence: Map<string, PresenceStep[]>;
}

export function indexRecords(records: CollectionRecords): IndexedRecords {
  const eventsByTree = new Map<string, LoggedEvent[]>();
  for (const event of records.events) {
    if (event.treeId === null) continue;
    const list = eventsByTree.get(event.treeId);
    if (list) list.push(event);
    else eventsByTree.set(event.treeId, [event]);
  }
  shareBatchHistories(eventsByTree);
  return {
    records,
    lots: new Map(records.lots.map((lot) => [lot.id, lot])),
    eventsByTree,
    presence: new Map(records.trees.map((tree) => [tree.id, presenceSteps(tree, eventsByTree.get(tree.id) ?? [])])),
  };
}

function shareBatchHistories(eventsByTree: Map<string, LoggedEvent[]>): void {
  const done = new Set<string>();
  const complete = (treeId: string): LoggedEvent[] => {
    const own = eventsByTree.get(treeId) ?? [];
    if (done.has(treeId)) return own;
    done.add(treeId);
    const split = own.find((e) => e.payload.kind === "split-from");
    if (split?.payload.kind !== "split-from") return own;
    const before = complete(split.payload.parentId).filter((e) => comesBefore(e, split));
    const whole = [...before, ...own];
    eventsByTree.set(treeId, whole);
    return whole;
  };
  for (const treeId of [...eventsByTree.keys()]) complete(treeId);
}

/** In order of the day, then of recording. */
function comesBefore(a: LoggedEvent, b: LoggedEvent): boolean {
  return a.on.best < b.on.best || (a.on.best === b.on.best && (a.seq < b.seq || (a.seq === b.seq && a.ord < b.ord)));
}

/** Whether an event puts the tree into a pot. */
export function namesPot(event: LoggedEvent): boolean {
  const { kind } = event.payload;
  return kind === "arrived" || kind === "potted" || kind === "joined" || kind === "identified";
}

/** Pots by lot on a day: how many there are, less those a tree stands in. */
export function storeAt(indexed: IndexedRecords, on: DayNumber): StorePot[] {
  const owned = new Map<string, number>();
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
    }
    const plants = plantsOn(indexed.presence.get(tree.id) ?? [], on);
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
    }));
}

/** All trees of a collection on a day, in the order of what is lost by waiting: overdue first, then by days to the last safe day. */
export function collectionAt(indexed: IndexedRecords, context: ReplayContext, on: DayNumber): TreeState[] {
  const store = storeAt(indexed, on);
  const offered = store.filter((pot) => pot.free > 0);
  const tags = new Map(indexed.records.trees.map((tree) => [tree.id, tree.tag]));
  return indexed.records.trees
    .flatMap((tree) => {
      if (plantsOn(indexed.presence.get(tree.id) ?? [], on) === 0) return [];
      const kind = tracksOf(context, tree, on);
      const state = treeAt(tree, indexed.eventsByTree.get(tree.id) ?? [], indexed.lots, offered, context, kind, on, {
        pots: "for-verdict",
      });
      return state ? [state] : [];
    })
    .sort((a, b) => a.pressDays - b.pressDays || tags.get(a.treeId)!.localeCompare(tags.get(b.treeId)!));
}
