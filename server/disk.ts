import "server-only";
import { statfs } from "node:fs/promises";
import { type Fault, fault } from "@/contract/faults";
import { config } from "./config";

/** With less room than this on the disk nothing is written: the database must be able to finish what it has begun. */
const LEAST_FREE_MB = 200;
const LOOK_EVERY_MS = 3000;

let seen: { at: number; freeMb: number | null } = { at: -Infinity, freeMb: null };

/** Megabytes free where the data lie; null where nobody can tell. */
async function freeMb(): Promise<number | null> {
  const dir = config().AURELIAN_DATA_DIR;
  if (dir === undefined) return null;
  const now = performance.now();
  if (now - seen.at < LOOK_EVERY_MS) return seen.freeMb;
  try {
    const { bavail, bsize } = await statfs(dir);
    seen = { at: now, freeMb: (bavail * bsize) / 1_048_576 };
  } catch {
    seen = { at: now, freeMb: null };
  }
  return seen.freeMb;
}

/** Why nothing can be saved just now; null when there is room. */
export async function diskFault(): Promise<Fault | null> {
  const free = await freeMb();
  const least = config().AURELIAN_LEAST_FREE_MB ?? LEAST_FREE_MB;
  return free === null || free >= least ? null : fault("", "disk-full", { freeMb: Math.floor(free) });
}
