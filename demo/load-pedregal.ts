import type { CommandInput } from "@/contract/index";
import { randomUUID } from "node:crypto";
import { toDay, toIso } from "@/core/dates/index";
import { mulberry32 } from "@/core/random/index";
import { writeWeatherCsv } from "@/formats/weather-csv";
import { CELL, PEDREGAL_SITE, RAISED, type Raised, STREETS, YARD_LOTS } from "./pedregal";
import { idOf, type Sender } from "./sender";
import { generatedRecord, PEDREGAL_NORMALS } from "./weather";

const WEATHER_YEARS = 8;
const YEARS = 6;
const SEED = 38_600;

type Lots = Record<keyof typeof YARD_LOTS, string>;

/** Six years of liners coming in by the hundred, moved up, lost, and planted out street by street. */
export async function loadPedregal(s: Sender, report: (line: string) => void) {
  report("Pedregal Sur: site and weather");
  await s.send("create-collection", PEDREGAL_SITE);
  const record = generatedRecord(PEDREGAL_SITE.answers.latitudeDeg, PEDREGAL_NORMALS, s.today, WEATHER_YEARS, SEED);
  await s.send("import-weather", { fileName: "yard-station.csv", text: writeWeatherCsv(record), options: {} });
  const lots = {} as Lots;
  for (const [key, lot] of Object.entries(YARD_LOTS)) {
    const lotId = randomUUID();
    lots[key as keyof Lots] = lotId;
    await s.send("stock-pots", { lotId, ...lot, on: toIso(toDay(s.today) - 8 * 365) });
  }
  await s.send("set-person", {
    personId: randomUUID(),
    name: "crew lead",
    self: true,
    liftKg: 25,
    hoursPerWeek: 38,
    weekdays: [1, 2, 3, 4, 5],
  });
  for (const name of ["gardener", "apprentice"])
    await s.send("set-person", {
      personId: randomUUID(),
      name,
      self: false,
      liftKg: name === "gardener" ? 25 : 16,
      hoursPerWeek: 30,
      weekdays: [1, 2, 3, 4, 5],
    });
  const places = new Map<string, string>();
  for (const [name, kind] of [
    ["Tray benches", "sheltered"],
    ["Shade rows", "sheltered"],
    ["Long rows", "open"],
    ["Specimen ground", "open"],
  ] as const) {
    const placeId = randomUUID();
    places.set(name, placeId);
    await s.send("add-place", { placeId, name, kind });
  }
  report("Pedregal Sur: nine hundred liners a year in batches");
  const random = mulberry32(SEED);
  const year = Number(s.today.slice(0, 4));
  let plants = 0;
  for (const kind of RAISED) {
    for (let y = year - YEARS; y <= year; y++) plants += await batch(s, kind, y, lots, places, random);
    for (let i = 0; i < kind.specimens; i++) await specimen(s, kind, i, lots, places, random);
  }
  return { batches: RAISED.length * (YEARS + 1), specimens: RAISED.reduce((n, k) => n + k.specimens, 0), plants };
}

const none = { cultivar: null, finalVolumeL: null, trunkMm: null, heightM: null, lastPotted: null };
const named = ({ kindId, typedName, habit }: Raised) => ({
  kindId: kindId ?? null,
  typedName: typedName ?? null,
  habit: habit ?? null,
});

/** Liners of one kind that came in one spring, and what became of them. */
async function batch(
  s: Sender,
  kind: Raised,
  year: number,
  lots: Lots,
  places: ReadonlyMap<string, string>,
  random: () => number,
): Promise<number> {
  const came = `${year}-09-${10 + Math.floor(random() * 15)}`;
  if (came > s.today) return 0;
  const treeId = randomUUID();
  await s.send("add-tree", {
    ...none,
    ...named(kind),
    treeId,
    tag: `${kind.prefix}-${String(year).slice(2)}`,
    purpose: "grow-on",
    count: kind.perYear,
    form: "liner",
    arrivedOn: came,
    pot: CELL,
    trunkMm: 4,
    heightM: 0.25,
    placeId: idOf(places, "Tray benches"),
  });
  let left = kind.perYear;
  const past = (on: string) => on <= s.today;
  const potting = (on: string, potLotId: string, correction: CommandInput<"record-potting">["correction"]) =>
    s.send("record-potting", {
      treeId,
      on,
      potLotId,
      mix: "compost-bark",
      correction,
      retainedShare: null,
      crownMm: 0,
      bottomLayerMm: 0,
    });
  const leave = async (
    on: string,
    how: CommandInput<"end-tree">["how"],
    count: number,
    cause: CommandInput<"end-tree">["cause"],
    note: string,
  ) => {
    if (count < 1 || !past(on) || left === 0) return;
    const n = Math.min(count, left);
    left -= n;
    await s.send("end-tree", { treeId, on, how, count: n, cause, potLeaves: false, note });
  };
  const put = (place: string, on: string) =>
    s.send("place-trees", { treeIds: [treeId], placeId: idOf(places, place), on });
  // Out of the cells in summer, before the tap root is bent for life.
  const first = `${year + 1}-01-${12 + Math.floor(random() * 12)}`;
  if (!past(first)) return left;
  await leave(
    `${year}-12-20`,
    "died",
    Math.round(kind.perYear * kind.losses * random()),
    "drought",
    "on the tray benches",
  );
  await potting(first, lots.sleeve, "none");
  await put("Shade rows", first);
  await leave(
    `${year + 1}-07-28`,
    "died",
    Math.round(kind.perYear * kind.losses * random()),
    "frost",
    "outer rows, three nights",
  );
  const second = `${year + 2}-09-${18 + Math.floor(random() * 9)}`;
  if (!past(second)) return left;
  await s.send("record-roots", { treeId, on: `${year + 2}-09-05`, fillGrade: 3, circlingGrade: 1 });
  await leave(`${year + 2}-08-20`, "sold", Math.round(left * 0.3), null, "to the neighbouring towns, in sleeves");
  await potting(second, lots.bag, "loosen");
  await put("Long rows", second);
  // Planted out over two winters, a street at a time; the poor ones are scrapped at the end.
  for (const [ahead, share] of [
    [3, 0.45],
    [4, 1],
  ] as const) {
    const street = STREETS[Math.floor(random() * STREETS.length)];
    await leave(
      `${year + ahead}-06-${10 + Math.floor(random() * 18)}`,
      "planted-out",
      Math.round(left * share * 0.94),
      null,
      street,
    );
  }
  await leave(`${year + 4}-08-30`, "scrapped", left, null, "bent roots, no leader");
  return left;
}

/** One tree for a plaza, in air-pruning pots until its street is ready. */
async function specimen(
  s: Sender,
  kind: Raised,
  i: number,
  lots: Lots,
  places: ReadonlyMap<string, string>,
  random: () => number,
) {
  const year = Number(s.today.slice(0, 4));
  const came = `${year - 4 + Math.floor(random() * 3)}-10-${10 + Math.floor(random() * 18)}`;
  const treeId = randomUUID();
  await s.send("add-tree", {
    ...none,
    ...named(kind),
    treeId,
    tag: `${kind.prefix}-S${i + 1}`,
    purpose: "grow-on",
    count: 1,
    form: "container",
    arrivedOn: came,
    pot: { known: "nominal", system: "litre-label", size: "10", wall: "poly-bag" },
    finalVolumeL: 90,
    trunkMm: 25 + Math.round(random() * 30),
    heightM: Math.round(18 + random() * 14) / 10,
    placeId: idOf(places, "Specimen ground"),
    note: `For ${STREETS[Math.floor(random() * STREETS.length)]}, to be planted in the winter of ${year + 1 + Math.floor(random() * 2)}.`,
  });
  const potted = `${Number(came.slice(0, 4)) + 1}-10-${10 + Math.floor(random() * 15)}`;
  if (potted > s.today) return;
  await s.send("record-potting", {
    treeId,
    on: potted,
    potLotId: lots.air35,
    mix: "bark-pumice",
    correction: "tease-and-clip",
    retainedShare: null,
    crownMm: 10,
    bottomLayerMm: 0,
  });
  const look = `${Number(potted.slice(0, 4)) + 1}-10-05`;
  if (look > s.today) return;
  const grade = 2 + Math.floor(random() * 3);
  await s.send("record-roots", { treeId, on: look, fillGrade: grade, circlingGrade: Math.floor(random() * 2) });
  const next = `${Number(potted.slice(0, 4)) + 1}-10-${15 + Math.floor(random() * 14)}`;
  if (grade >= 3 && random() < 0.9 && next <= s.today)
    await s.send("record-potting", {
      treeId,
      on: next,
      potLotId: lots.air50,
      mix: "bark-pumice",
      correction: "none",
      retainedShare: null,
      crownMm: 10,
      bottomLayerMm: 0,
    });
}
