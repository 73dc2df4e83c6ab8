// Windows of a large mixed yard with nothing known before, on two threads; and a site from what its grower says. Prints one line of JSON.
import { isMainThread, parentPort, Worker, workerData } from "node:worker_threads";
import { siteNormals } from "@/core/atlas/index";
import { PLACE_KINDS } from "@/core/climate/index";
import { growingSeason, toDay } from "@/core/dates/index";
import { KINDS } from "@/core/species/index";
import { openPeriods, OPERATIONS, windowsOf } from "@/core/window/index";
import { kindOf, openYard, WINDOW_DAYS } from "@/model/index";
import { TRAMHALLE_NORMALS } from "@/demo/weather";

const TREES = 800;
const TRACKS = 100;
const WORKS = OPERATIONS.slice(0, 12);
const THREADS = 2;
const LATITUDE_DEG = 48.3;
const TODAY = "2026-05-15";
const today = toDay(TODAY);

/** The site and its places, made in a thread before anything is measured but their own time. */
function sitesHere() {
  const input = {
    latitudeDeg: LATITUDE_DEG,
    normals: TRAMHALLE_NORMALS,
    record: null,
    today,
    seed: 5,
    historyFrom: today - 1500,
  };
  const places = PLACE_KINDS.map((kind) => ({ id: kind, name: kind, kind }));
  const records = { trees: [], lots: [], places, events: [] };
  const yard = openYard({ records, risk: 0.1 }, { key: "bench", input }, { today: TODAY });
  return PLACE_KINDS.map((kind) => yard.places.at(kind));
}

/** This thread's share of the tracks, and every tree's periods on them. */
function share(thread: number, sites: ReturnType<typeof sitesHere>): number {
  const [first, last] = [growingSeason(today, LATITUDE_DEG), growingSeason(today + WINDOW_DAYS, LATITUDE_DEG)];
  let periods = 0;
  for (let track = thread; track < TRACKS; track += THREADS) {
    const profile = kindOf({ kindId: KINDS[Math.floor(track / PLACE_KINDS.length)].id, typedName: null, habit: null });
    const series = windowsOf(sites[track % PLACE_KINDS.length], profile, WORKS, first, last);
    for (let tree = track; tree < TREES; tree += TRACKS)
      for (const work of WORKS) periods += openPeriods(series[work], today, today + WINDOW_DAYS).length;
  }
  return periods;
}

const median = (values: number[]) => values.sort((a, b) => a - b)[values.length >> 1];

/** Two threads make their sites, then work out all windows at once: milliseconds of each. */
async function run(): Promise<{ sitesMs: number; coldMs: number }> {
  const next = (worker: Worker) =>
    new Promise<void>((resolve, reject) => {
      worker.once("message", () => resolve());
      worker.once("error", reject);
    });
  const from = performance.now();
  const workers = Array.from(
    { length: THREADS },
    (_, thread) => new Worker(new URL(import.meta.url), { workerData: thread }),
  );
  await Promise.all(workers.map(next));
  const ready = performance.now();
  const done = workers.map(next);
  for (const worker of workers) worker.postMessage("go");
  await Promise.all(done);
  const end = performance.now();
  await Promise.all(workers.map((worker) => worker.terminate()));
  return { sitesMs: ready - from, coldMs: end - ready };
}

async function main(): Promise<void> {
  const answersMs = Array.from({ length: 9 }, (_, k) => {
    const from = performance.now();
    // A seed of its own each time, so that no year is known from the one before.
    siteNormals(
      {
        latitudeDeg: 47.4 + k / 10,
        longitudeDeg: 8.5,
        elevationM: 450,
        coldestNightC: -15,
        lastSpringFrost: "05-05",
        firstAutumnFrost: "10-10",
        hotAfternoonC: 31,
      },
      1000 + k,
    );
    return performance.now() - from;
  });
  const firstAnswersMs = answersMs[0];
  const runs = [await run(), await run(), await run()];
  console.log(
    JSON.stringify({
      trees: TREES,
      works: WORKS.length,
      days: WINDOW_DAYS,
      tracks: TRACKS,
      threads: THREADS,
      sitesMs: median(runs.map((r) => r.sitesMs)),
      coldMs: median(runs.map((r) => r.coldMs)),
      answersMs: median(answersMs),
      firstAnswersMs,
    }),
  );
}

if (isMainThread) await main();
else {
  const sites = sitesHere();
  parentPort!.once("message", () => parentPort!.postMessage(share(workerData as number, sites)));
  parentPort!.postMessage(sites.length);
}
