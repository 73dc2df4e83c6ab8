// Ladders of pots: one tree of fifteen seasons and twenty pots; a thousand unlike trees. Prints one line of JSON.
import { isMainThread, parentPort, Worker, workerData } from "node:worker_threads";
import {
  type LadderProblem,
  type LadderSearch,
  planLadder,
  QUICK_SEARCH,
  SCHOOL_WEIGHTS,
  SCHOOLS,
  USUAL_SEARCH,
} from "@/core/ladder/index";
import { mulberry32 } from "@/core/random/index";
import { VIGOUR_PER_DEGREE_DAY } from "@/core/roots/index";
import { pot } from "@/test-support/ladder";
import { seasonSteps } from "./season-step";

const VOLUMES = [4.5, 6, 8, 10, 12, 15, 18, 20, 25, 30, 35, 40, 45, 55, 65, 80, 100, 120, 150];
const SEASONS = 15;
const TREES = 1000;
const THREADS = 2;
/** Buckets fine enough to stand for the truth. */
const FINE = { buckets: { x: 0.1, circling: 0.1, age: 0.25 }, trust: 0 };

/** Trees that have nothing in common: pace, roots, size, goal, lift. */
function unlike(seed: number, school: LadderProblem["weights"]): LadderProblem {
  const random = mulberry32(seed);
  const between = (a: number, b: number) => a + (b - a) * random();
  const volumeL = between(2, 20);
  const goalL = Math.min(150, volumeL * between(1.5, 12));
  const paces = Object.values(VIGOUR_PER_DEGREE_DAY);
  return {
    tree: {
      kPerDegreeDay: paces[Math.floor(random() * paces.length)] * Math.exp(between(-0.5, 0.5)),
      fill: between(0.2, 0.97),
      circling: between(0, 3),
      volumeL,
      mixAgeYears: between(0, 4),
      tapRoot: random() < 0.1,
      largestStep: null,
      tolerance: [0.7, 1, 1.6][Math.floor(3 * random())],
    },
    pots: [{ ...pot(volumeL), id: "now", owned: true }, ...VOLUMES.map((v) => pot(v))],
    site: {
      seasonDegreeDays: between(900, 2200),
      coolWet: 0.5,
      liftKg: between(16, 60),
      movedForWinter: random() < 0.5,
      mixKgPerL: 0.8,
      mixPricePerL: 0.15,
      mixLifeYears: 4.5,
      rootDepthNeedMm: null,
    },
    goal: { minL: goalL, maxL: 1.05 * goalL, bySeason: null, plantOut: null },
    seasons: SEASONS,
    weights: school,
  };
}

const small = SCHOOL_WEIGHTS["small-steps"];

if (!isMainThread) {
  const { from, to } = workerData as { from: number; to: number };
  let cost = 0;
  for (let i = from; i < to; i++) cost += planLadder(unlike(i, small), QUICK_SEARCH).cost;
  parentPort!.postMessage(cost);
} else {
  for (let i = 0; i < 20; i++) planLadder(unlike(i, small));
  const bySchool = Object.fromEntries(
    SCHOOLS.map((school) => {
      const times = Array.from({ length: 41 }, (_, i) => {
        const problem = unlike(5000 + i, SCHOOL_WEIGHTS[school]);
        const from = performance.now();
        planLadder(problem);
        return performance.now() - from;
      }).sort((a, b) => a - b);
      return [school, times[20]];
    }),
  );
  const median = (times: number[]) => [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)];
  const growth = [
    [5, 8],
    [10, 12],
    [15, 20],
    [20, 20],
    [15, 40],
  ].map(([seasons, pots]) => ({
    seasons,
    pots,
    ms: median(
      Array.from({ length: 15 }, (_, i) => {
        const problem = { ...unlike(7000 + i, small), seasons };
        // More pots than there are sizes: sizes in between.
        while (problem.pots.length < pots) {
          const a = VOLUMES[problem.pots.length % VOLUMES.length];
          problem.pots.push({ ...pot(1.07 * a), id: `between-${problem.pots.length}` });
        }
        problem.pots = problem.pots.slice(0, pots);
        const from = performance.now();
        planLadder(problem);
        return performance.now() - from;
      }),
    ),
  }));
  const byTrees = [10, 100, 300].map((trees) => {
    const from = performance.now();
    for (let i = 0; i < trees; i++) planLadder(unlike(3000 + i, small));
    return { trees, ms: performance.now() - from };
  });
  const from = performance.now();
  await Promise.all(
    Array.from(
      { length: THREADS },
      (_, t) =>
        new Promise<number>((resolve, reject) => {
          const worker = new Worker(new URL(import.meta.url), {
            workerData: { from: (TREES / THREADS) * t, to: (TREES / THREADS) * (t + 1) },
          });
          worker.on("message", resolve);
          worker.on("error", reject);
        }),
    ),
  );
  const thousandMs = performance.now() - from;
  const fine = Array.from({ length: 50 }, (_, i) => planLadder(unlike(9000 + i, small), FINE).cost);
  const above = (search: LadderSearch) => {
    const off = fine
      .map((cost, i) => planLadder(unlike(9000 + i, small), search).cost / cost - 1)
      .sort((a, b) => a - b);
    return { median: off[25], ninth: off[45], worst: off[49] };
  };
  console.log(
    JSON.stringify({
      seasons: SEASONS,
      pots: VOLUMES.length + 1,
      bySchool,
      trees: TREES,
      threads: THREADS,
      thousandMs,
      growth,
      byTrees,
      memoryMb: process.memoryUsage().rss / 1e6,
      quick: above(QUICK_SEARCH),
      usual: above(USUAL_SEARCH),
      steps: seasonSteps(),
    }),
  );
}
