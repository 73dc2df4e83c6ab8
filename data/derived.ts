import { type Db, maybeOne, run, type Scope } from "./db";

/**
 * Computed arrays kept between starts. Everything here may be deleted at any time and is computed again. The table has no link to the
 * collection on purpose: a page that keeps its arrays must never wait for a command that holds the collection's row.
 */
export async function findTracks(db: Db, scope: Scope, cacheKey: string): Promise<string | null> {
  const row = await maybeOne<{ packed: string }>(
    db,
    "SELECT packed FROM derived_tracks WHERE collection_id = ? AND cache_key = ?",
    [scope.collectionId, cacheKey],
  );
  return row?.packed ?? null;
}

/** One set a collection: what was kept before is out of date. */
export async function keepTracks(db: Db, scope: Scope, cacheKey: string, packed: string): Promise<void> {
  await run(db, "DELETE FROM derived_tracks WHERE collection_id = ?", [scope.collectionId]);
  await run(db, "INSERT IGNORE INTO derived_tracks (collection_id, cache_key, packed) VALUES (?, ?, ?)", [
    scope.collectionId,
    cacheKey,
    packed,
  ]);
}
