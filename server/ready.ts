import "server-only";
import type { Fault } from "@/contract/faults";
import { one } from "@/data/db";
import { diskFault } from "./disk";
import { pool } from "./pool";

const PATIENCE_MS = 2000;

export interface Readiness {
  ready: boolean;
  database: boolean;
  /** Why nothing can be saved though pages are read; null when it can. */
  readOnly: Fault | null;
}

/** Whether pages can be served: the database answers within two seconds. */
export async function readiness(): Promise<Readiness> {
  const late = new Promise<never>((_, reject) => setTimeout(() => reject(new Error("late")), PATIENCE_MS).unref());
  const database = await Promise.race([one(pool(), "SELECT 1 AS alive"), late]).then(
    () => true,
    () => false,
  );
  return { ready: database, database, readOnly: await diskFault() };
}
