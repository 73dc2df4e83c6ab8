import type { DayNumber } from "../dates/index";
import type { LoggedEvent } from "../event/index";
import type { StorePot } from "../ladder/index";
import { toDay } from "../dates/index";
import { profileOf } from "../species/index";
import type { ReplayContext } from "./context";
import type { CollectionRecords, LotRecord } from "./records";
import { treeAt, type TreeState } from "./state";

/** Records indexed once, so that every day asked is a replay and not a search. */
export interface IndexedRecords {
  records: CollectionRecords;
  lots: Map<string, LotRecord>;
  eventsByTree: Map<string, LoggedEvent[]>;
}

export function indexRecords(records: CollectionRecords): IndexedRecords {
  const eventsByTree = new Map<string, LoggedEvent[]>();
  for (const event of records.events) {
    if (event.treeId === null) continue;
    const list = eventsByTree.get(event.treeId);
    if (list) list.push(event);
    else eventsByTree.set(event.treeId, [event]);
  }
  return { records, lots: new Map(records.lots.map((lot) => [lot.id, lot])), eventsByTree };
}

/** Pots by lot on a day: how many there are, less those a tree stands in. */
export function storeAt(indexed: IndexedRecords, on: DayNumber): StorePot[] {
  const owned = new Map<string, number>();
  for (const event of indexed.records.events) {
    if (event.payload.kind === "stocked" && event.potLotId && toDay(event.on.best) <= on) {
      owned.set(event.potLotId, (owned.get(event.potLotId) ?? 0) + event.payload.count);
    }
  }
  for (const tree of indexed.records.trees) {
    let lotId: string | null = null;
    for (const event of indexed.eventsByTree.get(tree.id) ?? []) {
      if (toDay(event.on.best) > on) break;
      if (event.payload.kind === "arrived" || event.payload.kind === "potted") lotId = event.potLotId;
    }
    if (lotId !== null) owned.set(lotId, (owned.get(lotId) ?? 0) - tree.count);
  }
  return indexed.records.lots
    .filter((lot) => owned.has(lot.id))
    .map((lot) => ({ lotId: lot.id, name: lot.name, pot: lot.pot, free: Math.max(0, owned.get(lot.id)!) }));
}

/** All trees of a collection on a day, in the order of what is lost by waiting: overdue first, then by days to the last safe day. */
export function collectionAt(indexed: IndexedRecords, context: ReplayContext, on: DayNumber): TreeState[] {
  const store = storeAt(indexed, on);
  const offered = store.filter((pot) => pot.free > 0);
  const tags = new Map(indexed.records.trees.map((tree) => [tree.id, tree.tag]));
  return indexed.records.trees
    .flatMap((tree) => {
      const kind = context.kinds[profileOf(tree).key];
      const state = treeAt(tree, indexed.eventsByTree.get(tree.id) ?? [], indexed.lots, offered, context, kind, on, {
        pots: "for-verdict",
      });
      return state ? [state] : [];
    })
    .sort((a, b) => a.pressDays - b.pressDays || tags.get(a.treeId)!.localeCompare(tags.get(b.treeId)!));
}
