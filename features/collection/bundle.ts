import "server-only";
import { z } from "zod";
import { packBundle } from "@/core/tree/index";
import { isDatabaseGone } from "@/data/db";
import { stateKey, viewCollection } from "./load";

/** The collection for the browser's own replay. Its tag is the revision and the day: unchanged, nothing is sent. */
export async function bundleOf(id: string, known: string | null): Promise<Response> {
  if (!z.uuid().safeParse(id).success) return new Response("no such collection", { status: 404 });
  try {
    const view = await viewCollection(id);
    if (!view) return new Response("no such collection", { status: 404 });
    const { collection, today, loaded, context } = view;
    const etag = `"${stateKey(collection)}-${collection.revision}-${today}"`;
    const headers = { etag, "cache-control": "private, no-cache", "content-type": "application/json" };
    if (known === etag) return new Response(null, { status: 304, headers });
    return new Response(packBundle({ revision: collection.revision, records: loaded.indexed.records, context }), {
      headers,
    });
  } catch (error) {
    if (isDatabaseGone(error)) return new Response("the database does not answer just now", { status: 503 });
    throw error;
  }
}
