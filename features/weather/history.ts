import "server-only";
import { maybeOne } from "@/data/db";
import type { WeatherSource } from "@/data/weather";
import { pool } from "@/server/pool";
import type { MovedDate } from "./moves";

/** What the newest weather import moved, as it was worked out then. */
export async function listMoves(collectionId: string, sources: readonly WeatherSource[]): Promise<MovedDate[]> {
  const newest = sources.at(-1);
  if (!newest) return [];
  const row = await maybeOne<{ result: unknown }>(
    pool(),
    "SELECT result FROM entry WHERE collection_id = ? AND id = ?",
    [collectionId, newest.entryId],
  );
  const result = (typeof row?.result === "string" ? JSON.parse(row.result) : row?.result) as
    { moved?: MovedDate[] } | null | undefined;
  return result?.moved ?? [];
}
