import "server-only";
import type { Pool } from "mysql2/promise";
import { openPool, READING, WRITING } from "@/data/db";
import { dbAddress } from "./config";

const holder = globalThis as typeof globalThis & { aurelianPool?: Pool; aurelianWriters?: Pool };

/** What pages read from. One pool a process; kept on globalThis so that reloading in development does not leak connections. */
export function pool(): Pool {
  holder.aurelianPool ??= openPool(dbAddress(), READING);
  return holder.aurelianPool;
}

/** What commands write through: writers that wait for each other never take a page's connection. */
export function writers(): Pool {
  holder.aurelianWriters ??= openPool(dbAddress(), WRITING);
  return holder.aurelianWriters;
}

/** For scripts and tests that end. */
export async function closePools(): Promise<void> {
  await Promise.all([holder.aurelianPool?.end(), holder.aurelianWriters?.end()]);
  holder.aurelianPool = undefined;
  holder.aurelianWriters = undefined;
}
