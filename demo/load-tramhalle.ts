import { randomUUID } from "node:crypto";
import { toDay, toIso } from "@/core/dates/index";
import { writeWeatherCsv } from "@/formats/weather-csv";
import { grow } from "./grown";
import { idOf, type Past, type Sender } from "./sender";
import { type DemoEvent, LOTS, TRAMHALLE_SITE, TREES } from "./tramhalle";
import { TRAMHALLE_ROWS } from "./tramhalle-rows";
import { fillStores } from "./tramhalle-stores";
import { addPlaces, moveForWinter, type Placed, tellStory } from "./tramhalle-story";
import { tellRoots } from "./tramhalle-roots";
import { tellWood } from "./tramhalle-wood";
import { generatedRecord, TRAMHALLE_NORMALS } from "./weather";

const WEATHER_YEARS = 11;
const WEATHER_SEED = 48_119;
const ROWS_SEED = 7_311;
/** Where the trees with names of their own stand, by tag or its first letters. */
const HOMES: Record<string, string> = {
  LQ: "Lift door",
  CM: "Wind wall",
  ST: "Wind wall",
  PR: "Wind wall",
  PE: "Wind wall",
  FG: "Wind wall",
};

/** A row without what it leaves open. */
const said = <T extends object>(row: T) =>
  Object.fromEntries(Object.entries(row).filter(([, value]) => value !== undefined)) as {
    [K in keyof T]: Exclude<T[K], undefined>;
  };

export async function loadTramhalle(s: Sender, report: (line: string) => void) {
  report("Tramhalle Roof: site and weather");
  await s.send("create-collection", TRAMHALLE_SITE);
  const { latitudeDeg } = TRAMHALLE_SITE.answers;
  const record = generatedRecord(latitudeDeg, TRAMHALLE_NORMALS, s.today, WEATHER_YEARS, WEATHER_SEED);
  await s.send("import-weather", { fileName: "roof-station.csv", text: writeWeatherCsv(record), options: {} });

  report("Tramhalle Roof: pots in store");
  const lots = new Map<string, string>();
  const oldest = toIso(toDay(s.today) - 7 * 365);
  for (const { key, frostProof, ...lot } of LOTS) {
    const lotId = randomUUID();
    lots.set(key, lotId);
    await s.send("stock-pots", { lotId, ...lot, on: oldest });
    if (frostProof !== undefined) await s.send("describe-lot", { lotId, frostProof });
  }

  report("Tramhalle Roof: trees and six years of their history");
  const places = await addPlaces(s);
  const trees = new Map<string, Placed>();
  const own = TREES.map((tree) => ({ ...tree, place: HOMES[tree.tag.split("-")[0]] ?? "Roof terrace" }));
  for (const tree of [...own, ...grow(TRAMHALLE_ROWS, ROWS_SEED)]) {
    const { history, arrived, lastPotted, place, ...rest } = tree;
    const treeId = randomUUID();
    const arrivedOn = s.day(arrived);
    const added = await s.send("add-tree", {
      treeId,
      kindId: null,
      typedName: null,
      habit: null,
      cultivar: null,
      count: 1,
      finalVolumeL: null,
      trunkMm: null,
      heightM: null,
      // What a row leaves open stays null.
      ...said(rest),
      arrivedOn,
      lastPotted: lastPotted ? s.range(lastPotted.from, lastPotted.to) : null,
      placeId: idOf(places, place),
    });
    trees.set(tree.tag, { id: treeId, arrivedOn, home: place });
    let standsIn = added.result.potLotId;
    for (const event of history) standsIn = await recordEvent(s, treeId, event, lots, standsIn, tree.count ?? 1);
  }
  await fillStores(s, lots, places);
  await moveForWinter(s, places, trees);
  await tellStory(s, new Map([...trees].map(([tag, t]) => [tag, t.id])));
  const ids = new Map([...trees].map(([tag, t]) => [tag, t.id]));
  await tellWood(s, record, places, ids);
  await tellRoots(s, ids);
  return { trees: trees.size, weatherDays: record.tminC.length };
}

/** Records one event of a tree's past; answers the pot it stands in after it. */
async function recordEvent(
  s: Sender,
  treeId: string,
  event: DemoEvent,
  lots: ReadonlyMap<string, string>,
  standsIn: string | null,
  plants: number,
): Promise<string | null> {
  if (event.do === "roots") {
    await s.send("record-roots", { treeId, on: s.day(event.on), fillGrade: event.fill, circlingGrade: event.circling });
    return standsIn;
  }
  if (event.do === "pot") {
    const lotId = lots.get(event.lot)!;
    await s.send("record-potting", {
      treeId,
      on: s.day(event.on),
      potLotId: lotId,
      mix: event.mix,
      correction: event.correction,
      retainedShare: event.retainedShare ?? null,
      crownMm: 10,
      bottomLayerMm: 0,
    });
    // Nobody keeps thirty seedling pots.
    if (plants > 1 && standsIn !== null) await s.send("discard-pots", { lotId: standsIn, count: plants });
    return lotId;
  }
  const done = await s.send("record-past-potting", {
    treeId,
    when: remembered(s, event.on, event.rough),
    potLotId: null,
    pot: event.pot,
    mix: event.mix,
    correction: event.correction,
  });
  // The pot it came out of is not kept: few growers keep them all.
  if (standsIn !== null) await s.send("discard-pots", { lotId: standsIn, count: 1, on: s.day(event.on) });
  return done.result.potLotId;
}

/** A day as well as somebody remembers it: the day, the weeks around it, or just the year. */
function remembered(s: Sender, on: Past, rough: "day" | "season" | "year") {
  const best = s.day(on);
  const year = best.slice(0, 4);
  if (rough === "day") return { best, from: best, to: best };
  const spread = 45;
  const [from, to] =
    rough === "year" ? [`${year}-01-01`, `${year}-12-31`] : [toIso(toDay(best) - spread), toIso(toDay(best) + spread)];
  return { best, from, to: to > s.today ? s.today : to };
}
