import "server-only";
import type { PlannedLadder } from "@/core/ladder/index";
import { type KeptPlans, MODEL_VERSION, type PlanShelf, type TreePlan } from "@/model/index";
import type { Collection } from "@/data/collections";
import type { Db } from "@/data/db";
import { findPlans } from "@/data/derived";

/** One tree's plan with all that says whether it still stands. */
export interface KeptRow {
  /** Names what it was made on, apart from the store. */
  basis: string;
  shelf: PlanShelf;
  /** As if there were room for everything; and as it waits a season for want of room. */
  free: PlannedLadder;
  held: { season: number; cost: number; ladder: PlannedLadder } | null;
  plan: TreePlan;
}

/** The plans of a collection, as far as they have been made. */
export interface Plans {
  rows: Map<string, KeptRow>;
  /** Rises whenever one changes. */
  version: number;
  making: ReadonlySet<string>;
  /** What the trees looked like when it was last seen that their plans stand: nothing need be asked again while they do. */
  seen: { shared: string; trees: Map<string, string> } | null;
}

/** By collection and restore; they hold nothing that cannot be made again. One map a process, however often the file is bundled. */
const KEEP = 8;
const holder = globalThis as typeof globalThis & { aurelianPlans?: Map<string, Plans> };
const known = (holder.aurelianPlans ??= new Map<string, Plans>());

/** A collection's plans from memory, or as an earlier start kept them. */
export async function plansOf(db: Db, key: string, collection: Pick<Collection, "id">): Promise<Plans> {
  const found = known.get(key);
  if (found) return found;
  const rows = new Map<string, KeptRow>();
  for (const { treeId, packed } of await findPlans(db, { collectionId: collection.id }, MODEL_VERSION))
    rows.set(treeId, JSON.parse(packed) as KeptRow);
  // Another request may have read them meanwhile.
  const read = known.get(key) ?? { rows, version: 0, making: new Set<string>(), seen: null };
  known.set(key, read);
  while (known.size > KEEP) known.delete(known.keys().next().value!);
  return read;
}

/** Those in memory; null where nobody has asked yet. */
export const knownPlans = (key: string): Plans | null => known.get(key) ?? null;

export function keptPlans({ rows, making }: Plans): KeptPlans {
  return { of: new Map([...rows].map(([treeId, row]) => [treeId, row.plan])), making };
}
