// Windows of a whole yard: 800 trees, eight works, 400 days, thirty weather years. Prints one line of JSON.
import { randomUUID } from "node:crypto";
import { PLACE_KINDS } from "@/core/climate/index";
import { toDay } from "@/core/dates/index";
import type { ReadableEvent } from "@/core/event/index";
import { KINDS } from "@/core/species/index";
import { openYard, PLANNED_WORK, WINDOW_DAYS } from "@/model/index";
import { type TreeRecord } from "@/core/records/index";
import { TRAMHALLE_NORMALS } from "@/demo/weather";

const TREES = 800;
/** A large mixed yard: so many kinds, spread over five places as growers spread them. */
const YARD_KINDS = 40;
const TODAY = "2026-05-15";
const today = toDay(TODAY);
const input = {
  latitudeDeg: 48.3,
  normals: TRAMHALLE_NORMALS,
  record: null,
  today,
  seed: 5,
  historyFrom: today - 1500,
};

const places = PLACE_KINDS.map((kind) => ({ id: kind, name: kind, kind }));
const lot = {
  id: randomUUID(),
  name: "Pot",
  pot: { known: "measured" as const, vessel: { shape: "cylinder" as const, topWidthMm: 260, heightMm: 260 } },
};
let seq = 0;
const event = (
  treeId: string,
  on: string,
  payload: ReadableEvent["payload"],
  more: Partial<ReadableEvent>,
): ReadableEvent => ({
  id: randomUUID(),
  entryId: randomUUID(),
  seq: seq++,
  ord: 0,
  recordedAt: "2026-01-01 00:00:00.000",
  treeId,
  potLotId: null,
  on: { best: on, from: on, to: on },
  payload,
  ...more,
});
const trees = Array.from({ length: TREES }, (_, i): TreeRecord => ({
  id: `t${i}`,
  tag: `T-${i}`,
  kindId: KINDS[i % YARD_KINDS].id,
  typedName: null,
  habit: null,
  cultivar: null,
  purpose: "crop",
  count: 1,
  finalVolumeL: null,
  trunkMm: null,
  heightM: null,
}));
const events = trees.flatMap((t, i) => [
  event(t.id, "2024-04-01", { kind: "arrived", form: "container", lastPotted: null }, { potLotId: lot.id }),
  // Every second kind stands outdoors; the others two and two in one of the places.
  event(
    t.id,
    "2024-04-01",
    { kind: "placed" },
    { placeId: PLACE_KINDS[i % 2 === 0 ? 0 : 1 + (Math.floor(i / YARD_KINDS) % 4)] },
  ),
]);

function once() {
  const from = performance.now();
  // Each run on a weather of its own, so that nothing is known from the one before.
  const weather = { key: "bench", input };
  const open = () =>
    openYard({ records: { trees, lots: [lot], places, events }, risk: 0.1 }, weather, { today: TODAY });
  const yard = open();
  if (yard.on(TODAY).states.length === 0) throw new Error("states are missing");
  const readyMs = performance.now() - from;
  const ask = (asked: typeof yard) => {
    void asked.on(TODAY).states;
    const at = performance.now();
    void asked.on(TODAY).works;
    return performance.now() - at;
  };
  const coldMs = ask(yard);
  // Yards opened anew on the same weather find its windows, and nothing else.
  const warm = Array.from({ length: 5 }, () => ask(open())).sort((a, b) => a - b);
  return { readyMs, coldMs, warmMs: warm[2], distinct: yard.seriesCache.size };
}

// The first run pays for the engine's warming up and is told apart.
const first = once();
const again = once();
console.log(
  JSON.stringify({
    trees: TREES,
    works: PLANNED_WORK.length,
    days: WINDOW_DAYS,
    years: openYard(
      { records: { trees: [], lots: [], events: [] }, risk: 0.1 },
      { key: "bench", input },
      { today: TODAY },
    ).site.season(2027).slices.length,
    ...again,
    firstColdMs: first.coldMs,
  }),
);
