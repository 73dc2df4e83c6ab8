import "server-only";
import { createHash } from "node:crypto";
import { z } from "zod";
import { type CalendarEntry, calendarText } from "@/formats/icalendar";
import { collectionOfFeed } from "@/data/feed-tokens";
import type { TodayRow } from "@/core/today/index";
import type { CollectionView } from "@/features/kernel/collection/load";
import { viewCollection } from "@/features/kernel/collection/load";
import { effortWords, rowWhen, todayTitle, whyWords } from "@/words/today";
import { now } from "@/server/clock";
import { pool } from "@/server/pool";
import { todayOf } from "./queries";

export const feedHash = (token: string): string => createHash("sha256").update(token).digest("hex");

/** Labels named in a calendar's line. */
const NAMED = 4;
/** A token as it is made: anything else is not even looked for. */
const TOKEN = /^[\w-]{43}$/;

/** The day's list as a calendar: what has begun stands on today, what lasts on its last day. */
async function calendarOf(view: CollectionView): Promise<string> {
  const { collection, today, loaded } = view;
  const { list } = await todayOf(view, today);
  const places = new Map(loaded.places.map((p) => [p.id, p.name]));
  const entries = Object.values(list.groups).flatMap((rounds) =>
    rounds.flatMap(({ rows }) => rows.map((row) => entryOf(row, view, places))),
  );
  return calendarText({ name: collection.name, zone: collection.zone, madeAt: `${now().replace(" ", "T")}Z` }, entries);
}

function entryOf(
  row: TodayRow,
  { collection, today }: CollectionView,
  places: ReadonlyMap<string, string>,
): CalendarEntry {
  const lasts = row.group === "lasting" && row.to !== null;
  const on = lasts ? row.to! : row.from < today ? today : row.from;
  const tags = row.items.flatMap((item) => (item.tag === "" ? [] : [item.tag])).sort();
  const named =
    tags.length <= NAMED ? tags.join(", ") : `${tags.slice(0, NAMED).join(", ")} and ${tags.length - NAMED} more`;
  const first = row.items.map((item) => item.id).sort()[0];
  const title = `${lasts ? "Last day: " : ""}${todayTitle(row.what)}`;
  return {
    uid: `${createHash("sha256").update(`${collection.id}:${first}`).digest("hex").slice(0, 32)}@aurelian`,
    on,
    summary: named === "" ? title : `${title}: ${named}`,
    description: [
      rowWhen(row, today),
      whyWords(row.because),
      effortWords(row, collection.units),
      tags.length > NAMED ? tags.join(", ") : "",
    ]
      .filter(Boolean)
      .join("\n"),
    place: row.placeId === null ? null : (places.get(row.placeId) ?? null),
    // What has begun would else ring every morning.
    alarm: row.group !== "now" || row.from === today,
  };
}

const HEADERS = { "content-type": "text/calendar; charset=utf-8", "cache-control": "private, no-cache" };

/** The calendar as a file to keep. */
export async function calendarFile(id: string): Promise<Response> {
  const view = z.uuid().safeParse(id).success ? await viewCollection(id) : null;
  if (!view) return new Response("no such collection", { status: 404 });
  const headers = { ...HEADERS, "content-disposition": 'attachment; filename="today.ics"' };
  return new Response(await calendarOf(view), { headers });
}

/** The calendar by its secret address: whoever has it reads the list and nothing else. An unknown one is answered like a revoked one. */
export async function feedFile(token: string): Promise<Response> {
  const id = TOKEN.test(token) ? await collectionOfFeed(pool(), feedHash(token)) : null;
  const view = id === null ? null : await viewCollection(id);
  return view
    ? new Response(await calendarOf(view), { headers: HEADERS })
    : new Response("no such calendar", { status: 404 });
}
