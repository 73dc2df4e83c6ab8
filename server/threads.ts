import "server-only";
import { availableParallelism } from "node:os";
import path from "node:path";
import { Piscina } from "piscina";

const holder = globalThis as typeof globalThis & { aurelianThreads?: Piscina };

/** One pool of threads a process, started on first use and given up when idle. */
export function threads(): Piscina {
  holder.aurelianThreads ??= new Piscina({
    filename: path.join(process.cwd(), "dist", "workers", "plan.server.mjs"),
    minThreads: 0,
    maxThreads: Math.max(1, Math.min(4, availableParallelism())),
    idleTimeout: 30_000,
  });
  return holder.aurelianThreads;
}
