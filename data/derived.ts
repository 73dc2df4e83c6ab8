import { type Db, insertMany, many, maybeOne, run, type Scope } from "./db";

/** Tables of what is computed and kept: never backed up, emptied by a restore. */
export const DERIVED_TABLES = ["derived_tracks", "derived_plan"] as const;

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

/** Each tree's plan as it was last kept, made by these models. */
export async function findPlans(
  db: Db,
  { collectionId }: Scope,
  model: string,
): Promise<{ treeId: string; packed: string }[]> {
  return many(
    db,
    "SELECT tree_id AS treeId, packed FROM derived_plan WHERE collection_id = ? AND model = ? ORDER BY tree_id",
    [collectionId, model],
  );
}

/** In the place of those kept before; only inside a transaction. */
export async function keepPlans(
  db: Db,
  { collectionId }: Scope,
  model: string,
  plans: readonly { treeId: string; packed: string }[],
): Promise<void> {
  if (plans.length === 0) return;
  await run(db, "DELETE FROM derived_plan WHERE collection_id = ? AND tree_id IN (?)", [
    collectionId,
    plans.map((p) => p.treeId),
  ]);
  await insertMany(
    db,
    "derived_plan",
    ["collection_id", "tree_id", "model", "packed"],
    plans.map((p) => [collectionId, p.treeId, model, p.packed]),
  );
}
