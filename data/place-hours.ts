import { type Db, insertMany, many, type Scope } from "./db";

/** Readings of a place, summed up by the hour of the site's clock. */
export interface PlaceHour {
  hour: string;
  meanC: number;
  minC: number;
  maxC: number;
}

export async function insertPlaceHours(
  db: Db,
  scope: Scope,
  entryId: string,
  placeId: string,
  hours: readonly PlaceHour[],
  onBatch?: (done: number) => void,
): Promise<void> {
  await insertMany(
    db,
    "place_hour",
    ["collection_id", "entry_id", "place_id", "hour", "mean_c", "min_c", "max_c"],
    hours.map((h) => [scope.collectionId, entryId, placeId, h.hour, h.meanC, h.minC, h.maxC]),
    2000,
    onBatch,
  );
}

/** All hours read at a place by the given entries, the newest entry's where two have one. */
export async function listPlaceHours(
  db: Db,
  scope: Scope,
  placeId: string,
  entryIds: readonly string[],
): Promise<PlaceHour[]> {
  if (entryIds.length === 0) return [];
  const rows = await many<{ entryId: string; hour: string; meanC: number; minC: number; maxC: number }>(
    db,
    `SELECT entry_id AS entryId, hour, mean_c AS meanC, min_c AS minC, max_c AS maxC
     FROM place_hour WHERE collection_id = ? AND place_id = ? AND entry_id IN (?) ORDER BY hour`,
    [scope.collectionId, placeId, entryIds],
  );
  const order = new Map(entryIds.map((id, i) => [id, i]));
  const byHour = new Map<string, (typeof rows)[number]>();
  for (const row of rows) {
    const known = byHour.get(row.hour);
    if (!known || order.get(row.entryId)! >= order.get(known.entryId)!) byHour.set(row.hour, row);
  }
  return [...byHour.values()].map(({ hour, meanC, minC, maxC }) => ({
    hour: hour.slice(0, 16),
    meanC,
    minC,
    maxC,
  }));
}

/** How many hours each place was read for, and when, by entry. */
export async function countPlaceHours(db: Db, scope: Scope) {
  return many<{ placeId: string; entryId: string; hours: number; first: string; last: string }>(
    db,
    `SELECT place_id AS placeId, entry_id AS entryId, COUNT(*) AS hours, MIN(hour) AS first, MAX(hour) AS last
     FROM place_hour WHERE collection_id = ? GROUP BY place_id, entry_id`,
    [scope.collectionId],
  );
}
