import "server-only";
import { availableParallelism } from "node:os";
import path from "node:path";
import { Piscina } from "piscina";

const holder = globalThis as typeof globalThis & { aurelianThreads?: Piscina; aurelianCalcThreads?: Piscina };
const filename = () => path.join(process.cwd(), "dist", "workers", "plan.server.mjs");

/** The threads of jobs. One pool a process, started on first use and given up when idle. */
export function threads(): Piscina {
  holder.aurelianThreads ??= new Piscina({
    filename: filename(),
    minThreads: 0,
    maxThreads: Math.max(1, Math.min(4, availableParallelism())),
    idleTimeout: 30_000,
  });
  return holder.aurelianThreads;
}

/** Calculations that may wait for a thread, and how long one may take. */
const MOST_CALCULATIONS_WAITING = 32;
const CALCULATION_MS = 60_000;

/** So many calculations wait already that one more is sent away. */
export class Busy extends Error {}

/** Calculations asked for from outside have threads of their own and leave a core to the pages. */
function calcThreads(): Piscina {
  holder.aurelianCalcThreads ??= new Piscina({
    filename: filename(),
    minThreads: 0,
    maxThreads: Math.max(1, Math.min(4, availableParallelism() - 1)),
    maxQueue: MOST_CALCULATIONS_WAITING,
    idleTimeout: 30_000,
  });
  return holder.aurelianCalcThreads;
}

/** @throws Busy when the queue is full, or when the calculation takes more than a minute */
export async function inCalcThread<T>(task: unknown): Promise<T> {
  const pool = calcThreads();
  if (pool.queueSize >= MOST_CALCULATIONS_WAITING) throw new Busy();
  const signal = AbortSignal.timeout(CALCULATION_MS);
  try {
    return (await pool.run(task, { signal })) as T;
  } catch (error) {
    if (signal.aborted || (error instanceof Error && error.message.startsWith("Task queue is at limit")))
      throw new Busy();
    throw error;
  }
}
