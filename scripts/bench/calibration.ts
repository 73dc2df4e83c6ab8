// How often the 80 % bands hold, and how fast a posterior is. Prints one line of JSON.
import { isMainThread, parentPort, Worker, workerData } from "node:worker_threads";
import { syntheticTree, syntheticYard, type Truth } from "@/test-support/synthetic-tree";

/** Trees that one grower looked at, in the yards of foreign truths. */
const YARD_TREES = 24;

/** Share of trees whose fill the band holds, each in its own yard and with what its neighbours say of the eye. */
function inYards(trees: number, truth: Truth): number {
  const yards = Math.ceil(trees / YARD_TREES);
  const kept = Array.from({ length: yards }, (_, i) => syntheticYard(1000 + i * YARD_TREES, truth, YARD_TREES)).flat();
  return kept.filter((k) => k.fill).length / kept.length;
}

function coverage(trees: number, truth: Truth) {
  let [fill, factor] = [0, 0];
  const times: number[] = [];
  for (let i = 0; i < trees; i++) {
    const kept = syntheticTree(1000 + i, truth);
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

/** Truths that the model knows nothing of. */
const FOREIGN: [string, Truth][] = [
  ["Gompertz", { law: "gompertz" }],
  ["a linear front", { law: "front" }],
  ["self-limiting", { law: "self-limiting" }],
  ["seasons erring by 40 %", { seasonSd: 0.4 }],
  ["an eye a grade off", { eyeBias: 1 }],
];
const THREADS = 2;
const YARD = 800;

if (!isMainThread) {
  const { from, to } = workerData as { from: number; to: number };
  for (let i = from; i < to; i++) syntheticTree(i);
  parentPort!.postMessage("done");
} else {
  coverage(200, {});
  const plain = coverage(1000, { seasonSd: 0 });
  const seasons = coverage(1000, {});
  const wide = coverage(1000, { trueSd: 0.7 });
  const foreign = FOREIGN.map(([what, truth]) => ({ what, fill: inYards(1000, truth) }));
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
  console.log(JSON.stringify({ plain, seasons, wide, foreign, yard: YARD, aloneMs, threads: THREADS, threadsMs }));
}
