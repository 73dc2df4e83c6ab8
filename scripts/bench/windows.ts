// Windows of a whole yard: 800 trees, eight works, 400 days, thirty weather years. Prints one line of JSON.
import { randomUUID } from "node:crypto";
import { buildSite, PLACE_KINDS } from "@/core/climate/index";
import { toDay } from "@/core/dates/index";
import type { LoggedEvent } from "@/core/event/index";
import { KINDS } from "@/core/species/index";
import {
  buildContext,
  placedNeeds,
  placedTracks,
  collectionAt,
  indexRecords,
  collectionWindows,
  PLANNED_WORK,
  type SeriesCache,
  PlaceSites,
  WINDOW_DAYS,
} from "@/model/index";
import { type TreeRecord } from "@/core/records/index";
import { DEFAULT_WINDOW } from "@/core/window/index";
import { TRAMHALLE_NORMALS } from "@/demo/weather";

const TREES = 800;
/** A large mixed yard: so many kinds, spread over five places as growers spread them. */
const YARD_KINDS = 40;
const today = toDay("2026-05-15");
const site = () =>
  buildSite({ latitudeDeg: 48.3, normals: TRAMHALLE_NORMALS, record: null, today, seed: 5, historyFrom: today - 1500 });

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
  payload: LoggedEvent["payload"],
  more: Partial<LoggedEvent>,
): LoggedEvent => ({
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
  const indexed = indexRecords({ trees, lots: [lot], places, events });
  const sites = new PlaceSites(site(), places, new Map());
  const { needs, versions } = placedNeeds(sites, indexed);
  const context = { ...buildContext(sites.site, trees), placed: placedTracks(sites, needs, DEFAULT_WINDOW), versions };
  const states = collectionAt(indexed, context, today);
  const readyMs = performance.now() - from;
  const cache: SeriesCache = new Map();
  const ask = () => {
    const at = performance.now();
    collectionWindows({
      indexed,
      context,
      sites,
      calendar: { people: [], absences: [] },
      options: DEFAULT_WINDOW,
      states,
      on: today,
      cache,
    });
    return performance.now() - at;
  };
  const coldMs = ask();
  const warm = Array.from({ length: 5 }, ask).sort((a, b) => a - b);
  return { readyMs, coldMs, warmMs: warm[2], distinct: cache.size };
}

// The first run pays for the engine's warming up and is told apart.
const first = once();
const again = once();
console.log(
  JSON.stringify({
    trees: TREES,
    works: PLANNED_WORK.length,
    days: WINDOW_DAYS,
    years: site().season(2027).slices.length,
    ...again,
    firstColdMs: first.coldMs,
  }),
);
