// How often the 80 % bands hold, and how fast a posterior is. Prints one line of JSON.
import { isMainThread, parentPort, Worker, workerData } from "node:worker_threads";
import { PRIOR_SD, syntheticTree } from "@/test-support/synthetic-tree";

function coverage(trees: number, trueSd: number, seasonSd: number) {
  let [fill, factor] = [0, 0];
  const times: number[] = [];
  for (let i = 0; i < trees; i++) {
    const kept = syntheticTree(1000 + i, { trueSd, seasonSd });
    fill += kept.fill ? 1 : 0;
    factor += kept.factor ? 1 : 0;
    times.push(kept.ms);
  }
  times.sort((a, b) => a - b);
  return {
    fill: fill / trees,
    factor: factor / trees,
    p50Ms: times[trees >> 1],
    p95Ms: times[Math.floor(0.95 * trees)],
  };
}

const THREADS = 2;
const YARD = 800;

if (!isMainThread) {
  const { from, to } = workerData as { from: number; to: number };
  for (let i = from; i < to; i++) syntheticTree(i);
  parentPort!.postMessage("done");
} else {
  coverage(200, PRIOR_SD, 0.15);
  const plain = coverage(1000, PRIOR_SD, 0);
  const seasons = coverage(1000, PRIOR_SD, 0.15);
  const wide = coverage(1000, 0.7, 0.15);
  const one = performance.now();
  for (let i = 0; i < YARD; i++) syntheticTree(i);
  const aloneMs = performance.now() - one;
  const start = performance.now();
  await Promise.all(
    Array.from(
      { length: THREADS },
      (_, t) =>
        new Promise<void>((resolve, reject) => {
          const worker = new Worker(new URL(import.meta.url), {
            workerData: { from: (YARD / THREADS) * t, to: (YARD / THREADS) * (t + 1) },
          });
          worker.on("message", () => resolve());
          worker.on("error", reject);
        }),
    ),
  );
  const threadsMs = performance.now() - start;
  console.log(JSON.stringify({ plain, seasons, wide, yard: YARD, aloneMs, threads: THREADS, threadsMs }));
}
