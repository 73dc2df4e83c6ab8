// treeAt for 1,000 trees with ten years of events and daily weather, with bands. Prints one line of JSON. Run with --expose-gc.
import { toDay } from "@/core/dates/index";
import { openYard } from "@/model/index";
import { generatedRecord, TRAMHALLE_NORMALS } from "@/demo/weather";
import { syntheticRecords } from "./records";

const ROUNDS = 40;
const gc = (globalThis as { gc?: () => void }).gc ?? (() => undefined);
const used = () => {
  gc();
  const { heapUsed, arrayBuffers } = process.memoryUsage();
  return (heapUsed + arrayBuffers) / 1e6;
};
const today = toDay("2026-05-15");
const before = used();
const records = syntheticRecords(1000, today);
let from = performance.now();
const yard = openYard(
  { records, risk: 0.1 },
  {
    key: "bench",
    input: {
      latitudeDeg: 48.3,
      normals: TRAMHALLE_NORMALS,
      record: generatedRecord(48.3, TRAMHALLE_NORMALS, "2026-05-15", 11, 3),
      today,
      seed: 5,
      historyFrom: today - 4100,
    },
  },
  { today: "2026-05-15" },
);
if (yard.site.recordYears < 1) throw new Error("the record is missing");
const siteMs = performance.now() - from;
from = performance.now();
// Of the kinds alone: what single trees add is worked out as they are asked for, and counted with them.
const kinds = new Set(yard.trees.map(({ kind }) => yard.kindTracks(kind)!)).size;
const tracksMs = performance.now() - from;
// The first rounds measure the compiler: a server has them behind it after its first pages.
// States alone: what is decided about them, and the plans that takes, are measured on their own.
const statesOn = (day: number) => yard.trees.flatMap((tree) => tree.on(day)?.state ?? []);
for (let i = 0; i < 5; i++) void statesOn(today - 7 * i);
const times: number[] = [];
for (let i = 0; i < ROUNDS; i++) {
  from = performance.now();
  // Days further back than the warming up, so that none is answered from memory.
  const states = statesOn(today - 3 - i * 20);
  times.push(performance.now() - from);
  if (states.length < 900) throw new Error("states are missing");
}
times.sort((a, b) => a - b);
console.log(
  JSON.stringify({
    trees: records.trees.length,
    events: records.events.length,
    siteMs,
    tracksMs,
    kinds,
    p50: times[ROUNDS / 2],
    p95: times[Math.floor(ROUNDS * 0.95)],
    memoryMb: used() - before,
  }),
);
