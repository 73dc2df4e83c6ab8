import "server-only";
import type { Pool } from "mysql2/promise";
import { openPool } from "@/data/db";
import { dbAddress } from "./config";

const holder = globalThis as typeof globalThis & { aurelianPool?: Pool };

/** One pool a process; kept on globalThis so that reloading in development does not leak connections. */
export function pool(): Pool {
  holder.aurelianPool ??= openPool(dbAddress());
  return holder.aurelianPool;
}
