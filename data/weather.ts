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
}

export async function listWeatherSources(db: Db, scope: Scope): Promise<WeatherSource[]> {
  return many<WeatherSource>(
    db,
    `SELECT s.id, s.entry_id AS entryId, s.name, s.sha256, s.good_days AS goodDays, s.bad_lines AS badLines,
            s.first_day AS firstDay, s.last_day AS lastDay
     FROM weather_source s JOIN entry n ON n.collection_id = s.collection_id AND n.id = s.entry_id
     WHERE s.collection_id = ? ORDER BY n.seq`,
    [scope.collectionId],
  );
}

export async function insertWeather(db: Db, scope: Scope, source: WeatherSource, record: DailyRecord): Promise<void> {
  await run(
    db,
    `INSERT INTO weather_source (collection_id, id, entry_id, name, sha256, good_days, bad_lines, first_day, last_day)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)`,
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
  );
}

/** The days of the given sources in one record; where two have a day, the later source in the list wins. */
export async function loadRecord(db: Db, scope: Scope, sourceIds: readonly string[]): Promise<DailyRecord | null> {
  if (sourceIds.length === 0) return null;
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
    "SELECT source_id, day, tmin_c, tmax_c, solar_mj, rain_mm, wind_ms FROM weather_day WHERE collection_id = ? AND source_id IN (?) ORDER BY day",
    [scope.collectionId, sourceIds],
  );
  if (rows.length === 0) return null;
  const startDay = toDay(rows[0].day);
  const length = toDay(rows[rows.length - 1].day) - startDay + 1;
  const empty = () => new Float32Array(length).fill(NaN);
  const record: DailyRecord = {
    startDay,
    tminC: empty(),
    tmaxC: empty(),
    solarMJ: empty(),
    rainMm: empty(),
    windMs: empty(),
  };
  const rank = new Map(sourceIds.map((id, i) => [id, i]));
  const best = new Int16Array(length).fill(-1);
  for (const row of rows) {
    const at = toDay(row.day) - startDay;
    const r = rank.get(row.source_id)!;
    if (r < best[at]) continue;
    best[at] = r;
    const put = (values: Float32Array, value: number | null) => {
      if (value !== null) values[at] = value;
    };
    put(record.tminC, row.tmin_c);
    put(record.tmaxC, row.tmax_c);
    put(record.solarMJ, row.solar_mj);
    put(record.rainMm, row.rain_mm);
    put(record.windMs, row.wind_ms);
  }
  return record;
}
