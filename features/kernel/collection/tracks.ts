import "server-only";
import { createHash } from "node:crypto";
import type { Yard } from "@/model/index";
import type { Collection } from "@/data/collections";
import type { Db, Scope } from "@/data/db";
import { findTracks, keepTracks } from "@/data/derived";
import { log } from "@/server/log";

/** One of each a process, however often the file is bundled. */
const holder = globalThis as typeof globalThis & {
  aurelianTracks?: { running: Map<string, Promise<void>>; kept: Map<string, string> };
};
const { running, kept } = (holder.aurelianTracks ??= {
  running: new Map<string, Promise<void>>(),
  /** Under which key a collection's tracks are kept. */
  kept: new Map<string, string>(),
});

const keys = new WeakMap<Yard, string>();
function keptKey(yard: Yard): string {
  const key = keys.get(yard) ?? createHash("sha256").update(yard.tracksKey).digest("hex");
  keys.set(yard, key);
  return key;
}

/** Takes the tracks an earlier start kept; without any, each is made when it is first asked for. */
export async function takeKeptTracks(db: Db, { collectionId }: Scope, yard: Yard): Promise<void> {
  if (yard.hasTracks) return;
  const key = keptKey(yard);
  const packed = await findTracks(db, { collectionId }, key);
  if (packed === null) return;
  yard.takeTracks(packed);
  kept.set(collectionId, key);
}

/** Whether all tracks of a yard are kept for the next start. */
export const tracksAreKept = ({ collectionId }: Scope, yard: Yard): boolean => kept.get(collectionId) === keptKey(yard);

/**
 * Makes the tracks that nothing has asked for yet and keeps all for the next start. Others of the process get their turn after each;
 * who comes meanwhile for the same waits for it.
 */
export async function finishTracks(db: Db, scope: Scope, yard: Yard): Promise<void> {
  if (tracksAreKept(scope, yard)) return;
  const key = keptKey(yard);
  const name = `${scope.collectionId}:${key}`;
  const found = running.get(name);
  if (found) return found;
  const made = finish(db, scope, yard, key);
  running.set(name, made);
  try {
    await made;
  } finally {
    running.delete(name);
  }
}

async function finish(db: Db, scope: Scope, yard: Yard, key: string): Promise<void> {
  const steps = yard.fillTracks();
  while (steps.next().done !== true) await new Promise(setImmediate);
  try {
    await keepTracks(db, scope, key, yard.packedTracks());
    kept.set(scope.collectionId, key);
  } catch (err) {
    // Where they cannot be kept, nothing is lost but that the next start makes them anew.
    log().warn({ err }, "tracks were not kept");
  }
}

/** Computes the kept tracks of a collection anew and says whether what was kept was the same; null when nothing was kept. */
export async function rebuiltTracks(db: Db, { id }: Collection, yard: Yard): Promise<boolean | null> {
  const scope = { collectionId: id };
  const key = keptKey(yard);
  const before = await findTracks(db, scope, key);
  const fresh = yard.packedTracks();
  await keepTracks(db, scope, key, fresh);
  return before === null ? null : before === fresh;
}
