import * as say from "@/words/pages/bench/notes";
import "server-only";
import { z } from "zod";
import { photoBytes } from "@/data/photos";
import { isDatabaseGone } from "@/data/db";
import { MOST_BYTES } from "@/contract/limits";
import { pool } from "@/server/pool";
import { bodyOf } from "@/server/requests";
import type { CommandResult, RunCommand } from "@/features/kernel/run";

/** A picture for an <img>: it never changes under its address. */
export async function photoResponse(collectionId: string, photoId: string, size: string | null): Promise<Response> {
  const known = [collectionId, photoId].every((id) => z.uuid().safeParse(id).success);
  try {
    const bytes = known
      ? await photoBytes(pool(), { collectionId }, photoId, size === "thumb" ? "thumb" : "image")
      : null;
    if (!bytes) return new Response(say.thereIsNoSuchPicture, { status: 404 });
    return new Response(new Uint8Array(bytes), {
      headers: { "content-type": "image/jpeg", "cache-control": say.privateMaxAge31536000Immutable },
    });
  } catch (error) {
    if (isDatabaseGone(error)) return new Response(say.theDatabaseDoesNotAnswer, { status: 503 });
    throw error;
  }
}

/** Takes the picture as the request's body; which tree and day it shows stand in the address. */
export async function uploadPhoto(
  collectionId: string,
  request: Request,
  runCommand: RunCommand,
): Promise<CommandResult> {
  const asked = new URL(request.url).searchParams;
  const chunks: Uint8Array[] = [];
  for await (const chunk of bodyOf(request, MOST_BYTES.photo, "picture")) chunks.push(chunk);
  return runCommand("add-photo", {
    collectionId,
    commandId: asked.get("commandId"),
    treeId: asked.get("tree"),
    on: asked.get("on"),
    ...(asked.has("face") ? { face: asked.get("face") } : {}),
    photo: new Uint8Array(Buffer.concat(chunks)),
  });
}
