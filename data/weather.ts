import type { DailyRecord } from "@/core/climate/index";
import { toDay, toIso } from "@/core/dates/index";
import { type Db, insertMany, many, run, type Scope } from "./db";

export interface WeatherSource {
  id: string;
  entryId: string;
  name: string;
  sha256: string;
  goodDays: number;
  badLines: number;
  firstDay: string;
  lastDay: string;
  /** Height of the station, where its file or the grower says it. */
  elevationM: number | null;
}

export async function listWeatherSources(db: Db, scope: Scope): Promise<WeatherSource[]> {
  return many<WeatherSource>(
    db,
    `SELECT s.id, s.entry_id AS entryId, s.name, s.sha256, s.good_days AS goodDays, s.bad_lines AS badLines,
            s.first_day AS firstDay, s.last_day AS lastDay, s.elevation_m AS elevationM
     FROM weather_source s JOIN entry n ON n.collection_id = s.collection_id AND n.id = s.entry_id
     WHERE s.collection_id = ? ORDER BY n.seq`,
    [scope.collectionId],
  );
}

export async function insertWeather(
  db: Db,
  scope: Scope,
  source: WeatherSource,
  record: DailyRecord,
  onBatch?: (done: number) => void,
): Promise<void> {
  await run(
    db,
    `INSERT INTO weather_source (collection_id, id, entry_id, name, sha256, good_days, bad_lines, first_day, last_day, elevation_m)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)`,
    [
      scope.collectionId,
      source.id,
      source.entryId,
      source.name,
      source.sha256,
      source.goodDays,
      source.badLines,
      source.firstDay,
      source.lastDay,
      source.elevationM,
    ],
  );
  const rows: unknown[][] = [];
  const orNull = (value: number) => (Number.isNaN(value) ? null : value);
  for (let i = 0; i < record.tminC.length; i++) {
    if (Number.isNaN(record.tminC[i]) && Number.isNaN(record.tmaxC[i])) continue;
    rows.push([
      scope.collectionId,
      source.id,
      toIso(record.startDay + i),
      orNull(record.tminC[i]),
      orNull(record.tmaxC[i]),
      orNull(record.solarMJ[i]),
      orNull(record.rainMm[i]),
      orNull(record.windMs[i]),
    ]);
  }
  await insertMany(
    db,
    "weather_day",
    ["collection_id", "source_id", "day", "tmin_c", "tmax_c", "solar_mj", "rain_mm", "wind_ms"],
    rows,
    1000,
    onBatch,
  );
}

/** The days of each source by itself, in the order asked. */
export async function loadSourceRecords(
  db: Db,
  scope: Scope,
  sourceIds: readonly string[],
  /** Days before this one are passed over: a slip of the keys, kept before such were refused, would ask for a record of as many years. */
  notBefore: string,
): Promise<Map<string, DailyRecord>> {
  const found = new Map<string, DailyRecord>();
  if (sourceIds.length === 0) return found;
  const rows = await many<{
    source_id: string;
    day: string;
    tmin_c: number | null;
    tmax_c: number | null;
    solar_mj: number | null;
    rain_mm: number | null;
    wind_ms: number | null;
  }>(
    db,
    "SELECT source_id, day, tmin_c, tmax_c, solar_mj, rain_mm, wind_ms FROM weather_day WHERE collection_id = ? AND source_id IN (?) AND day >= ? ORDER BY source_id, day",
    [scope.collectionId, sourceIds, notBefore],
  );
  for (let from = 0; from < rows.length;) {
    let to = from;
    while (to < rows.length && rows[to].source_id === rows[from].source_id) to++;
    const startDay = toDay(rows[from].day);
    const length = toDay(rows[to - 1].day) - startDay + 1;
    const empty = () => new Float32Array(length).fill(NaN);
    const record: DailyRecord = {
      startDay,
      tminC: empty(),
      tmaxC: empty(),
      solarMJ: empty(),
      rainMm: empty(),
      windMs: empty(),
    };
    for (let i = from; i < to; i++) {
      const row = rows[i];
      const at = toDay(row.day) - startDay;
      record.tminC[at] = row.tmin_c ?? NaN;
      record.tmaxC[at] = row.tmax_c ?? NaN;
      record.solarMJ[at] = row.solar_mj ?? NaN;
      record.rainMm[at] = row.rain_mm ?? NaN;
      record.windMs[at] = row.wind_ms ?? NaN;
    }
    found.set(rows[from].source_id, record);
    from = to;
  }
  return found;
}
