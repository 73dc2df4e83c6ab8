import type { DayNumber } from "../dates/index";
import type { ReadableEvent } from "../event/index";
import { plantsOn, type PresenceStep, presenceSteps } from "./presence";
import type { CollectionRecords, LotRecord } from "./records";

/** Records indexed once, so that every day asked is a replay and not a search. */
export interface IndexedRecords {
  records: CollectionRecords;
  lots: Map<string, LotRecord>;
  /** A record taken from a batch begins with the batch's events up to that day. */
  eventsByTree: Map<string, ReadableEvent[]>;
  presence: Map<string, PresenceStep[]>;
}

export function indexRecords(records: CollectionRecords): IndexedRecords {
  const eventsByTree = new Map<string, ReadableEvent[]>();
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

function shareBatchHistories(eventsByTree: Map<string, ReadableEvent[]>): void {
  const done = new Set<string>();
  const complete = (treeId: string): ReadableEvent[] => {
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
function comesBefore(a: ReadableEvent, b: ReadableEvent): boolean {
  return a.on.best < b.on.best || (a.on.best === b.on.best && (a.seq < b.seq || (a.seq === b.seq && a.ord < b.ord)));
}

/** Plants of a record that are there on a day; 0 before it came and after it left. */
export function plantsAt(indexed: Pick<IndexedRecords, "presence">, treeId: string, on: DayNumber): number {
  return plantsOn(indexed.presence.get(treeId) ?? [], on);
}
