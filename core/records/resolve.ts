import { type EventPayload, type LoggedEvent, eventIs } from "../event/index";
import type { KindValues, OwnValues } from "../species/index";
import type { CollectionRecords, LotRecord, TreeRecord } from "./records";

type Of<K extends EventPayload["kind"]> = Extract<EventPayload, { kind: K }>;

/**
 * Reference rows as later events describe them: a tag changed, a stock learned, a pot measured count for all days, whenever they
 * were learned. What moves with time (where it stands, how many are left) is read from the events by the day asked.
 */
export function resolveRecords(raw: CollectionRecords): CollectionRecords {
  const trees = new Map(raw.trees.map((tree) => [tree.id, { ...tree }]));
  const lots = new Map(raw.lots.map((lot) => [lot.id, lot]));
  // What was recorded last knows best, whatever day it speaks of.
  const readable = raw.events
    .filter((e) => eventIs(e.payload.kind, "describes"))
    .sort((a, b) => a.seq - b.seq || a.ord - b.ord);
  for (const event of readable) {
    const tree = event.treeId === null ? undefined : trees.get(event.treeId);
    const { payload } = event;
    if (payload.kind === "measured") measure(payload, event, tree, lots);
    const lot = event.potLotId === null ? undefined : lots.get(event.potLotId);
    if (payload.kind === "conditioned" && lot) lots.set(lot.id, { ...lot, condition: payload.condition });
    if (payload.kind === "lot-described" && lot) lots.set(lot.id, describeLot(lot, payload));
    if (!tree) continue;
    if (payload.kind === "described") describe(tree, payload);
    if (payload.kind === "arrived" && payload.count !== undefined) tree.count = payload.count;
    if (payload.kind === "split-from") tree.parentId = payload.parentId;
    if (payload.kind === "matched") tree.set = payload.set;
    if (payload.kind === "winter-word") tree.inBelowC = payload.inBelowC;
  }
  sayOwnValues(trees, readable);
  const places = (raw.places ?? []).map((place) => ({ ...place }));
  for (const { payload, placeId } of readable) {
    if (payload.kind !== "place-described" && payload.kind !== "place-built") continue;
    const place = places.find((p) => p.id === placeId);
    if (payload.kind === "place-built") {
      if (place) place.build = payload.build;
      continue;
    }
    if (place && payload.name !== undefined) place.name = payload.name;
    if (place && payload.placeKind !== undefined) place.kind = payload.placeKind;
  }
  for (const event of raw.events) {
    const { payload } = event;
    if (payload.kind === "protected" && event.treeId !== null) {
      const tree = trees.get(event.treeId);
      if (tree) tree.protection = { wrap: payload.wrap, mulched: payload.mulched, sunk: payload.sunk };
    }
    if (payload.kind !== "placed") continue;
    const placeId = event.placeId ?? null;
    const tree = event.treeId === null ? undefined : trees.get(event.treeId);
    const lot = event.treeId !== null || event.potLotId === null ? undefined : lots.get(event.potLotId);
    if (tree) tree.placeId = placeId;
    if (lot) lots.set(lot.id, { ...lot, placeId });
  }
  return { ...raw, trees: [...trees.values()], lots: [...lots.values()], places };
}

/** What the collection says otherwise than the library, of kinds, of sorts and of single trees: the newest word of each counts. */
function sayOwnValues(trees: Map<string, TreeRecord>, readable: readonly LoggedEvent[]): void {
  const ownValues = new Map<string, Partial<KindValues> | null>();
  for (const { payload, treeId } of readable) {
    if (payload.kind !== "kind-said") continue;
    ownValues.set(treeId ?? sortKey(payload.kindId, payload.cultivar), payload.values);
  }
  if (ownValues.size === 0) return;
  for (const tree of trees.values()) {
    const own: OwnValues = {
      collection: (tree.kindId && ownValues.get(sortKey(tree.kindId, null))) || undefined,
      cultivar: (tree.kindId && tree.cultivar && ownValues.get(sortKey(tree.kindId, tree.cultivar))) || undefined,
      tree: ownValues.get(tree.id) ?? undefined,
    };
    if (own.collection || own.cultivar || own.tree) tree.own = own;
  }
}

function sortKey(kindId: string, cultivar: string | null): string {
  return `${kindId}:${cultivar?.toLocaleLowerCase() ?? ""}`;
}

function measure(
  payload: Of<"measured">,
  event: LoggedEvent,
  tree: TreeRecord | undefined,
  lots: Map<string, LotRecord>,
) {
  const lot = event.potLotId === null ? undefined : lots.get(event.potLotId);
  if (lot && payload.pot) lots.set(lot.id, { ...lot, pot: payload.pot });
  if (tree && payload.trunkMm) tree.trunkMm = payload.trunkMm;
  if (tree && payload.heightM) tree.heightM = payload.heightM;
  if (tree && payload.crownM) tree.crownM = payload.crownM;
}

function describeLot(lot: LotRecord, { name, price, toBuy, frostProof }: Of<"lot-described">): LotRecord {
  return {
    ...lot,
    ...(name === undefined ? {} : { name }),
    ...(price === undefined ? {} : { price }),
    ...(toBuy === undefined ? {} : { toBuy }),
    ...(frostProof === undefined ? {} : { frostProof }),
  };
}

function describe(tree: TreeRecord, { changes }: Of<"described">): void {
  const { tag, ...rest } = changes;
  if (tag === null) tree.tagLost = true;
  else if (tag !== undefined) {
    tree.tag = tag;
    tree.tagLost = false;
  }
  for (const [field, value] of Object.entries(rest)) {
    // The payload's schema has checked that each field fits the record's.
    if (value !== undefined) (tree as unknown as Record<string, unknown>)[field] = value;
  }
}
