import "server-only";
import { buildSite, normalsFromAnswers, type Site } from "@/core/climate/index";
import { toDay } from "@/core/dates/index";
import {
  buildContext,
  type CollectionRecords,
  indexRecords,
  type IndexedRecords,
  type ReplayContext,
} from "@/core/tree/index";
import { profileOf } from "@/core/species/index";
import { type Collection, findCollection } from "@/data/collections";
import type { Db } from "@/data/db";
import { type Entry, listEntries, listEvents, voidedEntries } from "@/data/log";
import { listLots, type StoredLot } from "@/data/pots";
import { listTrees, type StoredTree } from "@/data/trees";
import { listWeatherSources, loadRecord, type WeatherSource } from "@/data/weather";
import { todayAt } from "@/server/clock";
import { pool } from "@/server/pool";

/** All that counts of a collection at one revision. */
export interface LoadedRecords {
  revision: number;
  entries: Entry[];
  voided: Set<string>;
  indexed: IndexedRecords;
  trees: StoredTree[];
  lots: StoredLot[];
  sources: WeatherSource[];
}

/** Small caches by revision: they hold nothing that cannot be read again. */
const KEEP = 8;
const records = new Map<string, LoadedRecords>();
const sites = new Map<string, Site>();
const contexts = new Map<string, ReplayContext>();

function remember<T>(cache: Map<string, T>, key: string, value: T): T {
  cache.set(key, value);
  while (cache.size > KEEP) cache.delete(cache.keys().next().value!);
  return value;
}

export async function loadRecords(db: Db, collection: Collection): Promise<LoadedRecords> {
  const key = `${collection.id}:${collection.revision}`;
  const found = records.get(key);
  if (found) return found;
  const scope = { collectionId: collection.id };
  const entries = await listEntries(db, scope);
  const [allTrees, allLots, allEvents, allSources] = [
    await listTrees(db, scope),
    await listLots(db, scope),
    await listEvents(db, scope),
    await listWeatherSources(db, scope),
  ];
  const voided = voidedEntries(entries);
  const counts = (row: { entryId: string }) => !voided.has(row.entryId);
  const trees = allTrees.filter(counts);
  const lots = allLots.filter(counts);
  const collectionRecords: CollectionRecords = { trees, lots, events: allEvents.filter(counts) };
  return remember(records, key, {
    revision: collection.revision,
    entries,
    voided,
    indexed: indexRecords(collectionRecords),
    trees,
    lots,
    sources: allSources.filter(counts),
  });
}

/** First day the warmth track must reach back to: a year before the oldest event or rough potting date. */
function historyFrom(loaded: LoadedRecords, today: number): number {
  let first = today - 3 * 366;
  for (const event of loaded.indexed.records.events) {
    first = Math.min(first, toDay(event.on.from));
    if (event.payload.kind === "arrived" && event.payload.lastPotted)
      first = Math.min(first, toDay(event.payload.lastPotted.from));
  }
  return first - 30;
}

export async function loadSite(db: Db, collection: Collection, loaded: LoadedRecords, today: string): Promise<Site> {
  const from = historyFrom(loaded, toDay(today));
  const key = `${collection.id}:${collection.weatherRevision}:${today}:${from}`;
  const found = sites.get(key);
  if (found) return found;
  const record = await loadRecord(
    db,
    { collectionId: collection.id },
    loaded.sources.map((s) => s.id),
  );
  return remember(
    sites,
    key,
    buildSite({
      latitudeDeg: collection.latitudeDeg,
      normals: normalsFromAnswers(collection.answers),
      record,
      today: toDay(today),
      seed: collection.seed,
      historyFrom: from,
    }),
  );
}

function loadContext(collection: Collection, loaded: LoadedRecords, site: Site, today: string): ReplayContext {
  const profiles = [...new Set(loaded.trees.map((tree) => profileOf(tree).key))].sort().join("|");
  const key = `${collection.id}:${collection.weatherRevision}:${today}:${site.warmth.startDay}:${collection.risk}:${profiles}`;
  return (
    contexts.get(key) ??
    remember(contexts, key, buildContext(site, loaded.trees, { risk: collection.risk, sheltered: false }))
  );
}

export interface CollectionView {
  collection: Collection;
  today: string;
  loaded: LoadedRecords;
  site: Site;
  context: ReplayContext;
}

/** Everything a page of a collection is computed from; null when there is no such collection. */
export async function viewCollection(id: string): Promise<CollectionView | null> {
  const db = pool();
  const collection = await findCollection(db, id);
  if (!collection) return null;
  const today = todayAt(collection.zone);
  const loaded = await loadRecords(db, collection);
  const site = await loadSite(db, collection, loaded, today);
  return { collection, today, loaded, site, context: loadContext(collection, loaded, site, today) };
}
