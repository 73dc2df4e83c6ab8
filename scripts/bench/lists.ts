// Times what comes in and goes out on a bench database: lists, weather, the demo. Prints one line of JSON.
import { randomUUID } from "node:crypto";
import { toDay } from "@/core/dates/index";
import { generateWeather } from "@/core/climate/index";
import { mulberry32 } from "@/core/random/index";
import { KINDS } from "@/core/species/index";
import { loadDemo } from "@/demo/load";
import { PEDREGAL_ID } from "@/demo/pedregal";
import { TRAMHALLE_ID, TRAMHALLE_SITE } from "@/demo/tramhalle";
import { TRAMHALLE_NORMALS } from "@/demo/weather";
import { rebuildTracks, viewCollection } from "@/features/kernel/collection/load";
import { runCommand } from "@/features/registry";
import { type ImportMessage, runImport } from "@/features/setup/imports/run";
import { writeWeatherCsv } from "@/formats/weather-csv";
import { closePools, pool, writers } from "@/server/pool";
import { finishTracks } from "@/features/kernel/collection/tracks";

const TREES = 2000;
const POTTINGS = 8000;
const WEATHER_DAYS = 40_000;
const random = mulberry32(7);
const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)];

async function timed<T>(work: () => Promise<T>): Promise<[ms: number, value: T]> {
  const from = performance.now();
  const value = await work();
  return [performance.now() - from, value];
}

async function found(name: string): Promise<string> {
  const collectionId = randomUUID();
  const answer = await runCommand("create-collection", {
    ...TRAMHALLE_SITE,
    name,
    commandId: randomUUID(),
    collectionId,
  });
  if (!answer.ok) throw new Error(answer.faults[0].code);
  return collectionId;
}

async function bring(collectionId: string, kind: "trees" | "pottings", text: string): Promise<void> {
  const bytes = Buffer.from(text);
  async function* file() {
    for (let i = 0; i < bytes.length; i += 65_536) {
      await Promise.resolve();
      yield bytes.subarray(i, i + 65_536);
    }
  }
  let last: ImportMessage | null = null;
  const options = { lengthUnit: "mm" as const, volumeUnit: "L" as const, dateOrder: null, kinds: {}, places: {} };
  const request = {
    kind,
    fileName: `${kind}.csv`,
    bytes: bytes.length,
    commandId: randomUUID(),
    mapping: null,
    sheet: null,
    headerLine: null,
    edits: [],
    options,
  };
  await runImport(collectionId, request, file(), (message) => (last = message), runCommand);
  if ((last as ImportMessage | null)?.step !== "done") throw new Error(JSON.stringify(last).slice(0, 500));
}

const names = KINDS.slice(0, 111).map((k) => k.names[0]);
const trees = ["tag,kind,trade_size,last_potted,arrived,note\n"];
for (let i = 0; i < TREES; i++)
  trees.push(`L-${i},${pick(names)},${pick(["3 L", "#5", "10 L"])},,2015-03-01,note ${i}\n`);
const pottings = ["tag,potted_on,about_litres,mix\n"];
for (let i = 0; i < POTTINGS; i++)
  pottings.push(
    `L-${i % TREES},${2017 + Math.floor(i / TREES) * 2 + (i % 2)}-0${3 + (i % 4)}-1${i % 9},${6 + 4 * Math.floor(i / TREES)},pine-bark\n`,
  );

const large = await found(`Lists ${TREES}`);
const [treesMs] = await timed(() => bring(large, "trees", trees.join("")));
const [pottingsMs] = await timed(() => bring(large, "pottings", pottings.join("")));
const events = (await viewCollection(large))!.loaded.indexed.records.events.length;

const weather = generateWeather(
  TRAMHALLE_SITE.answers.latitudeDeg,
  TRAMHALLE_NORMALS,
  Math.ceil(WEATHER_DAYS / 365) + 2,
  3,
);
const cut = (values: Float32Array) => values.slice(0, WEATHER_DAYS);
const text = writeWeatherCsv({
  startDay: toDay("2026-01-01") - WEATHER_DAYS,
  tminC: cut(weather.tminC),
  tmaxC: cut(weather.tmaxC),
  solarMJ: cut(weather.solarMJ),
  rainMm: cut(weather.rainMm),
  windMs: cut(weather.windMs),
});
const site = await found("Weather");
const [weatherMs] = await timed(async () => {
  const answer = await runCommand("import-weather", {
    collectionId: site,
    commandId: randomUUID(),
    fileName: "w.csv",
    text,
    options: {},
  });
  if (!answer.ok) throw new Error(answer.faults[0].code);
});

const [demoMs] = await timed(() => loadDemo(() => undefined));
const replays: number[] = [];
let demoEvents = 0;
let same = true;
for (const id of [TRAMHALLE_ID, PEDREGAL_ID]) {
  const view = (await viewCollection(id))!;
  demoEvents += view.loaded.indexed.records.events.length;
  void view.yard.on(toDay(view.today) - 1).states;
  const [ms] = await timed(() => Promise.resolve(view.yard.on(view.today).states));
  replays.push(ms);
  // Kept tracks are finished behind the page; here nobody else does it.
  await finishTracks(writers(), { collectionId: id }, view.yard);
  same = same && (await rebuildTracks(pool(), view.collection)) === true;
}
console.log(
  JSON.stringify({
    large,
    treesMs,
    pottingsMs,
    events,
    weatherMs,
    lines: WEATHER_DAYS,
    demoMs,
    demoEvents,
    replayMs: replays[0] + replays[1],
    same,
  }),
);
await closePools();
