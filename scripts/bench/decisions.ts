// Decisions of a large mixed yard: 800 unlike trees on 100 tracks. Prints one line of JSON.
import { PLACE_KINDS } from "@/core/climate/index";
import { toDay, toIso } from "@/core/dates/index";
import type { ReadableEvent } from "@/core/event/index";
import type { TreeRecord } from "@/core/records/index";
import { KINDS } from "@/core/species/index";
import { openBundle, openYard, packBundle } from "@/model/index";
import { TRAMHALLE_NORMALS } from "@/demo/weather";

const TREES = 800;
const YARD_KINDS = 20;
const POTS = 60;
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
const lots = Array.from({ length: POTS }, (_, i) => ({
  id: `lot${i}`,
  name: `Pot ${i}`,
  pot: {
    known: "measured" as const,
    vessel: { shape: "cylinder" as const, topWidthMm: 140 + 9 * i, heightMm: 140 + 8 * i },
  },
}));
let seq = 0;
const event = (on: string, payload: ReadableEvent["payload"], more: Partial<ReadableEvent>): ReadableEvent => ({
  id: `e${seq}`,
  entryId: `e${seq}`,
  seq: seq++,
  ord: 0,
  recordedAt: "2026-01-01 00:00:00.000",
  treeId: null,
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
  purpose: i % 3 === 0 ? "crop" : "ornament",
  count: i % 40 === 0 ? 25 : 1,
  finalVolumeL: i % 4 === 0 ? 20 : null,
  trunkMm: null,
  heightM: null,
}));
const DAY = 86_400_000;
const back = (days: number) => new Date(Date.parse(TODAY) - days * DAY).toISOString().slice(0, 10);
const events = [
  ...lots.map((lot, i) => event(back(3000), { kind: "stocked", count: i % 2 === 0 ? 40 : 2 }, { potLotId: lot.id })),
  ...trees.flatMap((tree, i) => [
    event(
      back(900 + (i % 700)),
      { kind: "arrived", form: "container", lastPotted: null },
      { treeId: tree.id, potLotId: `lot${2 * (i % 25)}` },
    ),
    event(
      back(890 + (i % 700)),
      { kind: "placed" },
      { treeId: tree.id, placeId: PLACE_KINDS[Math.floor(i / YARD_KINDS) % PLACE_KINDS.length] },
    ),
    ...(i % 3 === 0
      ? [
          event(
            back(20 + (i % 500)),
            { kind: "roots-read", fillGrade: i % 5, circlingGrade: (i >> 2) % 4, by: "look" },
            { treeId: tree.id },
          ),
        ]
      : []),
  ]),
].sort((a, b) => a.on.best.localeCompare(b.on.best));
const records = { trees, lots, places, events };
const weather = { key: "bench", input };
const open = (more: ReadableEvent[] = []) =>
  openYard({ records: { ...records, events: [...events, ...more] }, risk: 0.1, plans }, weather, { today: TODAY });

/** Plans are kept between starts: they are made once, before anything is measured. */
const planned = openYard({ records, risk: 0.1 }, weather, { today: TODAY });
const plans = {
  of: new Map(
    planned.trees.flatMap((t) => {
      const plan = t.on(TODAY)?.plan;
      return plan ? [[t.id, plan] as const] : [];
    }),
  ),
  making: new Set<string>(),
};

const clock = <T>(work: () => T): [number, T] => {
  const from = performance.now();
  const result = work();
  return [performance.now() - from, result];
};

const [tracksMs, packed] = clock(() => open().packedTracks());
const kept = () => {
  const yard = openYard({ records, risk: 0.1, plans }, { key: "bench", input }, { today: TODAY });
  yard.takeTracks(packed);
  return yard;
};
const restarted = kept();
const [restartMs] = clock(() => restarted.on(TODAY).rows);
const [warmMs] = clock(() => restarted.on(TODAY).rows);
const [nextDayMs] = clock(() => restarted.on(toIso(today + 1)).rows);
const entry = event(TODAY, { kind: "roots-read", fillGrade: 4, circlingGrade: 3, by: "look" }, { treeId: "t7" });
const after = open([entry]);
const [entryMs] = clock(() => after.tree("t7")!.on(TODAY)!.decision);
const bundle = packBundle(restarted, 1);
const browser = openBundle(bundle).yard;
clock(() => browser.on(TODAY).rows);
const drags: number[] = [];
for (let d = 1; d <= 30; d++) drags.push(clock(() => browser.on(toIso(today + 3 * d)).rows)[0]);
drags.sort((a, b) => a - b);
console.log(
  JSON.stringify({
    trees: TREES,
    tracks: YARD_KINDS * PLACE_KINDS.length,
    tracksMs,
    restartMs,
    warmMs,
    nextDayMs,
    entryMs,
    bundleMb: bundle.length / 1e6,
    dragP50Ms: drags[15],
    dragP95Ms: drags[28],
  }),
);
