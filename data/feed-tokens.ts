import { type Db, maybeOne, run, type Scope } from "./db";

/** Keys to this program as it stands here: no backup carries them, and a restore brings none back that was stopped. */
export const KEY_TABLES = ["feed_token"] as const;

/** Addresses of calendars: of a token its hash alone is kept, so that nobody who reads the database can use one. */
export async function keepFeedToken(
  db: Db,
  scope: Scope,
  token: { sha256: string; actor: string; madeAt: string },
): Promise<void> {
  await run(db, "INSERT INTO feed_token (collection_id, token_sha256, actor, made_at) VALUES (?, ?, ?, ?)", [
    scope.collectionId,
    token.sha256,
    token.actor,
    token.madeAt,
  ]);
}

/** Whether any address reads this collection's calendar. */
export async function hasFeed(db: Db, scope: Scope): Promise<boolean> {
  const row = await maybeOne<{ found: number }>(
    db,
    "SELECT 1 AS found FROM feed_token WHERE collection_id = ? AND revoked_at IS NULL LIMIT 1",
    [scope.collectionId],
  );
  return row !== null;
}

export async function revokeFeeds(db: Db, scope: Scope, at: string): Promise<void> {
  await run(db, "UPDATE feed_token SET revoked_at = ? WHERE collection_id = ? AND revoked_at IS NULL", [
    at,
    scope.collectionId,
  ]);
}

/** Whose calendar a token opens; null where it was never given out, or is revoked. */
export async function collectionOfFeed(db: Db, sha256: string): Promise<string | null> {
  const row = await maybeOne<{ collection_id: string }>(
    db,
    "SELECT collection_id FROM feed_token WHERE token_sha256 = ? AND revoked_at IS NULL",
    [sha256],
  );
  return row?.collection_id ?? null;
}
