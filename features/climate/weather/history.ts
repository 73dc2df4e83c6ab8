import "server-only";
import { entryResult } from "@/data/log";
import type { WeatherSource } from "@/data/weather";
import { pool } from "@/server/pool";
import type { MovedDate } from "@/contract/climate";

/** What the newest weather import moved, as it was worked out then. */
export async function listMoves(collectionId: string, sources: readonly WeatherSource[]): Promise<MovedDate[]> {
  const newest = sources.at(-1);
  if (!newest) return [];
  const result = (await entryResult(pool(), { collectionId }, newest.entryId)) as
    { moved?: MovedDate[] } | null | undefined;
  return result?.moved ?? [];
}
