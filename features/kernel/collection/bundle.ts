import * as say from "@/words/pages/kernel/collection";
import "server-only";
import { createHash } from "node:crypto";
import { promisify } from "node:util";
import { gzip } from "node:zlib";
import { z } from "zod";
import { packBundle } from "@/model/index";
import { isDatabaseGone } from "@/data/db";
import { writers } from "@/server/pool";
import { stateKey, viewCollection } from "./load";
import { finishTracks } from "./tracks";

const squeeze = promisify(gzip);

/** The collection for the browser's own replay. Its tag is the revision and the day: unchanged, nothing is sent. */
export async function bundleOf(id: string, known: string | null): Promise<Response> {
  if (!z.uuid().safeParse(id).success) return new Response(say.noSuchCollection, { status: 404 });
  try {
    const view = await viewCollection(id);
    if (!view) return new Response(say.noSuchCollection, { status: 404 });
    const { collection, today, yard } = view;
    // The site's key names the weather and the forecast behind the tracks.
    const weather = createHash("sha256").update(view.weather.key).digest("hex").slice(0, 12);
    const etag = `"${stateKey(collection)}-${collection.revision}-${view.plansVersion}-${today}-${weather}"`;
    // Squeezed by ourselves and opened by the worker: the server passes no content coding of ours on.
    const headers = { etag, "cache-control": "private, no-cache", "content-type": "application/gzip" };
    if (known === etag) return new Response(null, { status: 304, headers });
    await finishTracks(writers(), { collectionId: collection.id }, yard);
    const text = packBundle(yard, collection.revision);
    return new Response(new Uint8Array(await squeeze(text, { level: 3 })), { headers });
  } catch (error) {
    if (isDatabaseGone(error)) return new Response(say.theDatabaseDoesNotAnswer, { status: 503 });
    throw error;
  }
}
