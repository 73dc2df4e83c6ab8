import { normalsFromAnswers } from "@/core/atlas/index";
import "server-only";
import {
  answersWithSaid,
  type Forecast,
  lapseC,
  type MergedRecord,
  mergeSources,
  normalsFromTable,
  type SiteInput,
  type SourceRecord,
} from "@/core/climate/index";
import { dayFromParts, earliestDay, toDay, toIso, yearOf } from "@/core/dates/index";
import { type Counting, countingOf, counts, isReadable, type LoggedEvent } from "@/core/event/index";
import {
  type Alarm,
  type ClimateSaid,
  type IndexedRecords,
  indexRecords,
  type MixStores,
  mixStoresOf,
  rankedSources,
  resolveRecords,
  type SourceRanking,
  weatherSaid,
} from "@/core/records/index";
import { awayStretches, calendarOf, type DayStretch, type GrowersCalendar } from "@/core/people/index";
import { openYard, type Yard, type YardWeather } from "@/model/index";
import type { PlaceClimateSaid } from "@/core/winter/index";
import { type Collection, findCollection } from "@/data/collections";
import type { Db } from "@/data/db";
import { type ForecastRun, newestForecasts } from "@/data/forecasts";
import { type Entry, listEntries, listEvents } from "@/data/log";
import { listPlaces, type StoredPlace } from "@/data/places";
import { listLots, type StoredLot } from "@/data/pots";
import { listTrees, type StoredTree } from "@/data/trees";
import { listWeatherSources, loadSourceRecords, type WeatherSource } from "@/data/weather";
import { todayAt } from "@/server/clock";
import { forecastSource } from "@/server/forecast/configured";
import { pool } from "@/server/pool";
import { keptPlans, type Plans, plansOf } from "./plans";
import { rebuiltTracks, takeKeptTracks } from "./tracks";

/** All of a collection at one revision: what counts, and the log it was read from. */
export interface LoadedRecords {
  revision: number;
  entries: Entry[];
  counting: Counting;
  /** Every event ever recorded, undone and corrected ones included, in order of day. */
  log: LoggedEvent[];
  /** Rows as recorded, before later events describe them anew. */
  rows: Rows;
  indexed: IndexedRecords;
  trees: StoredTree[];
  lots: StoredLot[];
  places: StoredPlace[];
  sources: WeatherSource[];
  calendar: GrowersCalendar;
  stores: MixStores;
  away: DayStretch[];
  /** What the grower said of the site's climate. */
  climate: ClimateSaid;
  ranking: SourceRanking;
  placeClimates: Map<string, PlaceClimateSaid>;
  alarms: Alarm[];
}

/** Rows as they stand in the database: they are only ever added to, so a later revision needs the newer ones alone. */
interface Rows {
  entries: Entry[];
  events: LoggedEvent[];
  trees: StoredTree[];
  lots: StoredLot[];
  places: StoredPlace[];
}

/** Small caches by revision: they hold nothing that cannot be read again. */
const KEEP = 8;
const records = new Map<string, LoadedRecords>();
const latestRows = new Map<string, { revision: number; rows: Rows }>();
const weathers = new Map<string, SiteWeather>();
/** One yard for each collection: what was worked out for an older revision is not asked for again. */
const yards = new Map<string, { key: string; yard: Yard }>();

function remember<T>(cache: Map<string, T>, key: string, value: T): T {
  cache.delete(key);
  cache.set(key, value);
  while (cache.size > KEEP) cache.delete(cache.keys().next().value!);
  return value;
}

/** The collection as restored at some moment: revisions are counted anew after a restore, so both name a state together. */
export function stateKey(collection: Collection): string {
  return `${collection.id}:${collection.epoch}`;
}

async function loadRows(db: Db, collection: Collection): Promise<Rows> {
  const key = stateKey(collection);
  const known = latestRows.get(key);
  const before = known && known.revision <= collection.revision ? known : null;
  if (before?.revision === collection.revision) return before.rows;
  const scope = { collectionId: collection.id };
  const range = { after: before?.revision ?? -1, upTo: collection.revision };
  const fresh: Rows = {
    entries: await listEntries(db, scope, range),
    events: await listEvents(db, scope, range),
    trees: await listTrees(db, scope, range),
    lots: await listLots(db, scope, range),
    places: await listPlaces(db, scope, range),
  };
  const old = before?.rows;
  const rows: Rows = !old
    ? fresh
    : {
        entries: [...old.entries, ...fresh.entries],
        events: mergeEvents(old.events, fresh.events),
        trees: mergeBy(old.trees, fresh.trees, (t) => t.tag),
        lots: mergeBy(old.lots, fresh.lots, (l) => l.name),
        places: mergeBy(old.places, fresh.places, (p) => p.name),
      };
  remember(latestRows, key, { revision: collection.revision, rows });
  return rows;
}

function mergeBy<T>(a: T[], b: T[], name: (row: T) => string): T[] {
  return b.length === 0 ? a : [...a, ...b].sort((x, y) => (name(x) < name(y) ? -1 : name(x) > name(y) ? 1 : 0));
}

/** Both lists are in order of day, then of recording; so is the merged one. */
function mergeEvents(old: LoggedEvent[], fresh: LoggedEvent[]): LoggedEvent[] {
  if (fresh.length === 0) return old;
  const merged: LoggedEvent[] = [];
  let at = 0;
  for (const event of fresh) {
    // What was recorded before comes first among events of one day.
    while (at < old.length && old[at].on.best <= event.on.best) merged.push(old[at++]);
    merged.push(event);
  }
  while (at < old.length) merged.push(old[at++]);
  return merged;
}

/** What counts of the rows; `without` leaves out events that are about to be said anew. */
function digest(revision: number, rows: Rows, sources: WeatherSource[], without?: ReadonlySet<string>): LoadedRecords {
  const counting = countingOf(rows.entries, rows.events);
  const stands = (row: { entryId: string }) => !counting.voided.has(row.entryId);
  const resolved = resolveRecords({
    trees: rows.trees.filter(stands),
    lots: rows.lots.filter(stands),
    places: rows.places.filter(stands),
    // What cannot be read counts for nothing; the log keeps and names it.
    events: rows.events.filter(isReadable).filter((event) => counts(counting, event) && !without?.has(event.id)),
  });
  const calendar = calendarOf(resolved.events);
  return {
    revision,
    entries: rows.entries,
    counting,
    log: rows.events,
    rows,
    indexed: indexRecords(resolved),
    // Resolving keeps every field of the rows it was given.
    trees: resolved.trees as StoredTree[],
    lots: resolved.lots as StoredLot[],
    places: (resolved.places ?? []) as StoredPlace[],
    sources: sources.filter(stands),
    calendar,
    stores: mixStoresOf(resolved.events),
    away: awayStretches(calendar),
    ...weatherSaid(resolved.events),
  };
}

export async function loadRecords(db: Db, collection: Collection): Promise<LoadedRecords> {
  const key = `${stateKey(collection)}:${collection.revision}`;
  const found = records.get(key);
  if (found) return found;
  const rows = await loadRows(db, collection);
  const sources = await listWeatherSources(db, { collectionId: collection.id });
  return remember(records, key, digest(collection.revision, rows, sources));
}

/** The records as if these events had never been recorded: what a correction of them is checked against. */
export async function loadWithout(
  db: Db,
  collection: Collection,
  eventIds: ReadonlySet<string>,
): Promise<LoadedRecords> {
  const rows = await loadRows(db, collection);
  const sources = await listWeatherSources(db, { collectionId: collection.id });
  return digest(collection.revision, rows, sources, eventIds);
}

/**
 * First day the warmth track must reach back to: before the oldest event or rough potting date, on a New Year's Day so that one more
 * old event rarely needs another track. Never further than a tree's dates may reach: an entry with a slip of a thousand years, from
 * before these were refused, must not ask for a thousand years of weather.
 */
export function historyFrom(loaded: Pick<LoadedRecords, "indexed">, today: number): number {
  let first = today - 3 * 366;
  for (const event of loaded.indexed.records.events) {
    first = Math.min(first, toDay(event.on.from));
    if (event.payload.kind === "arrived" && event.payload.lastPotted)
      first = Math.min(first, toDay(event.payload.lastPotted.from));
  }
  return dayFromParts(yearOf(Math.max(first - 30, toDay(earliestDay(toIso(today), "tree")))), 1, 1)!;
}

/** A forecast older than this says nothing any more that the climate does not. */
const OLDEST_FORECAST_DAYS = 5;

function usableForecast(run: ForecastRun | null, today: number): Forecast | null {
  if (!run?.days || run.issuedOn === null || today - toDay(run.issuedOn) > OLDEST_FORECAST_DAYS) return null;
  const days = run.days.map(({ date, ...day }) => ({ ...day, day: toDay(date) })).filter((d) => d.day >= today);
  return days.length === 0 ? null : { issuedOn: toDay(run.issuedOn), days };
}

/** What the site's weather is built from, apart from the days of record. */
function siteInput(
  collection: Collection,
  loaded: LoadedRecords,
  today: string,
  from: number,
): Omit<SiteInput, "record" | "forecast"> {
  const { climate } = loaded;
  const { answers, seed } = collection;
  // Of what a table of temperatures does not say the guess stands.
  const guessed = normalsFromAnswers(answersWithSaid(answers, climate.frost, climate.extremes), seed);
  return {
    latitudeDeg: collection.latitudeDeg,
    normals: climate.normals ? normalsFromTable(climate.normals, collection.elevationM, guessed) : guessed,
    normalsFrom: climate.normals ? "table" : "answers",
    knownFrost: climate.frost,
    today: toDay(today),
    seed: collection.seed,
    historyFrom: from,
  };
}

/** The weather a yard is opened on, named by all that it is known from. */
export type SiteWeather = YardWeather & {
  /** Its coming days are those of the simulated service. */
  simulatedForecast: boolean;
};

export async function loadWeather(
  db: Db,
  collection: Collection,
  loaded: LoadedRecords,
  today: string,
): Promise<SiteWeather> {
  const scope = { collectionId: collection.id };
  const { usable: newest } = await newestForecasts(db, scope);
  // Made-up weather counts only where the stand-in is set up on purpose: never on a site of one's own.
  const usable = newest?.simulated && !forecastSource()?.isSimulated ? null : newest;
  const forecast = usableForecast(usable, toDay(today));
  const from = historyFrom(loaded, toDay(today));
  const key = `${stateKey(collection)}:${collection.weatherRevision}:${today}:${from}:${forecast ? usable!.id : ""}`;
  const found = weathers.get(key);
  if (found) return found;
  // Only now: normals from a few answers are a fit of some fifty milliseconds.
  const input = siteInput(collection, loaded, today, from);
  const merged = await loadMerged(db, collection, loaded);
  return remember(weathers, key, {
    key,
    input: { ...input, record: merged?.record ?? null, forecast },
    simulatedForecast: forecast !== null && usable!.simulated,
  });
}

/** All records of the site as one, the most trusted first; null without any. */
export async function loadMerged(db: Db, collection: Collection, loaded: LoadedRecords): Promise<MergedRecord | null> {
  return mergeSources(await sourceRecords(db, collection, loaded));
}

/** The records that count, the most trusted first, each with what its height makes. */
export async function sourceRecords(db: Db, collection: Collection, loaded: LoadedRecords): Promise<SourceRecord[]> {
  const sources = rankedSources(loaded.sources, loaded.ranking).filter((s) => !s.leftOut);
  const records = await loadSourceRecords(
    db,
    { collectionId: collection.id },
    sources.map((s) => s.source.id),
    earliestDay(todayAt(collection.zone), "other"),
  );
  return sources.flatMap(({ source }) => {
    const record = records.get(source.id);
    return record ? [{ id: source.id, record, lapseC: lapseC(source.elevationM, collection.elevationM) }] : [];
  });
}

/** Names a yard: its weather (and with it the day), its records, its keeper's risk. */
const yardKey = (collection: Collection, weather: SiteWeather, plans: Plans) =>
  `${weather.key}:${collection.revision}:${collection.risk}:${plans.version}`;

/** A yard at this revision on this weather, its tracks from memory or from what an earlier start kept; others are made when they are asked for. */
async function loadYard(
  db: Db,
  collection: Collection,
  loaded: LoadedRecords,
  weather: SiteWeather,
  today: string,
): Promise<Yard> {
  const plans = await plansOf(db, stateKey(collection), collection);
  const key = yardKey(collection, weather, plans);
  const found = yards.get(stateKey(collection));
  if (found?.key === key) return found.yard;
  const records = { records: loaded.indexed, risk: collection.risk, plans: keptPlans(plans) };
  const yard = openYard(records, weather, { today });
  await takeKeptTracks(db, { collectionId: collection.id }, yard);
  return remember(yards, stateKey(collection), { key, yard }).yard;
}

/** Computes the kept tracks of a collection anew and says whether what was kept was the same; null when nothing was kept. */
export async function rebuildTracks(db: Db, collection: Collection): Promise<boolean | null> {
  const today = todayAt(collection.zone);
  const loaded = await loadRecords(db, collection);
  // A weather of its own: what is computed of one is shared by all that are opened on it.
  const weather = { ...(await loadWeather(db, collection, loaded, today)) };
  return rebuiltTracks(
    db,
    collection,
    openYard({ records: loaded.indexed, risk: collection.risk }, weather, { today }),
  );
}

export interface CollectionView {
  collection: Collection;
  today: string;
  loaded: LoadedRecords;
  /** The model, opened on these records and this weather: all that is said of a tree on a day is asked of it. */
  yard: Yard;
  weather: SiteWeather;
  /** Which state of the trees' plans the yard was opened with. */
  plansVersion: number;
}

/** The records alone, for what needs no weather. */
export async function viewRecords(
  id: string,
): Promise<{ collection: Collection; today: string; loaded: LoadedRecords } | null> {
  const db = pool();
  const collection = await findCollection(db, id);
  return collection && { collection, today: todayAt(collection.zone), loaded: await loadRecords(db, collection) };
}

/** Everything a page of a collection is computed from; null when there is no such collection. */
export async function viewCollection(id: string): Promise<CollectionView | null> {
  const db = pool();
  const collection = await findCollection(db, id);
  return collection && viewOf(db, collection);
}

/** The model on the records a command works on, a correction's without what it says anew. */
export async function yardOf(context: {
  db: Db;
  collection: Collection;
  loaded: LoadedRecords;
  today: string;
}): Promise<Yard> {
  const { db, collection, loaded, today } = context;
  const weather = await loadWeather(db, collection, loaded, today);
  const known = yards.get(stateKey(collection));
  const plans = await plansOf(db, stateKey(collection), collection);
  // The same records on the same weather: yesterday's yard knows another today, an older forecast other days ahead.
  return known?.key === yardKey(collection, weather, plans) && known.yard.indexed === loaded.indexed
    ? known.yard
    : openYard({ records: loaded.indexed, risk: collection.risk, plans: keptPlans(plans) }, weather, { today });
}

/** The same of a collection in hand: inside a transaction on its own connection. */
export async function viewOf(db: Db, collection: Collection): Promise<CollectionView> {
  const today = todayAt(collection.zone);
  const loaded = await loadRecords(db, collection);
  const weather = await loadWeather(db, collection, loaded, today);
  const { version } = await plansOf(db, stateKey(collection), collection);
  return {
    collection,
    today,
    loaded,
    weather,
    yard: await loadYard(db, collection, loaded, weather, today),
    plansVersion: version,
  };
}
