import "server-only";
import { promisify } from "node:util";
import { gzip } from "node:zlib";
import { z } from "zod";
import { packBundle } from "@/core/tree/index";
import { isDatabaseGone } from "@/data/db";
import { stateKey, viewCollection } from "./load";

const squeeze = promisify(gzip);

/** The collection for the browser's own replay. Its tag is the revision and the day: unchanged, nothing is sent. */
export async function bundleOf(id: string, asked: Headers): Promise<Response> {
  const known = asked.get("if-none-match");
  if (!z.uuid().safeParse(id).success) return new Response("no such collection", { status: 404 });
  try {
    const view = await viewCollection(id);
    if (!view) return new Response("no such collection", { status: 404 });
    const { collection, today, loaded, context } = view;
    const etag = `"${stateKey(collection)}-${collection.revision}-${today}"`;
    const headers = { etag, "cache-control": "private, no-cache", "content-type": "application/json" };
    if (known === etag) return new Response(null, { status: 304, headers });
    const text = packBundle({ revision: collection.revision, records: loaded.indexed.records, context });
    if (!/\bgzip\b/.test(asked.get("accept-encoding") ?? "")) return new Response(text, { headers });
    return new Response(new Uint8Array(await squeeze(text, { level: 3 })), {
      headers: { ...headers, "content-encoding": "gzip", vary: "accept-encoding" },
    });
  } catch (error) {
    if (isDatabaseGone(error)) return new Response("the database does not answer just now", { status: 503 });
    throw error;
  }
}
