import { randomUUID } from "node:crypto";
import { toDay, toIso, yearOf } from "@/core/dates/index";
import { runCommand } from "@/features/commands/run";
import { writeWeatherCsv } from "@/formats/weather-csv";
import { todayAt } from "@/server/clock";
import { generatedRecord, TRAMHALLE_NORMALS } from "./weather";
import { LOTS, type Past, TRAMHALLE_ID, TRAMHALLE_SITE, TREES } from "./tramhalle";

const WEATHER_YEARS = 11;
const WEATHER_SEED = 48_119;

/** Makes the demo collection through the commands a person uses; answers what it holds. */
export async function loadDemo(report: (line: string) => void) {
  const collectionId = TRAMHALLE_ID;
  const today = todayAt(TRAMHALLE_SITE.zone);
  const thisYear = yearOf(toDay(today));
  /** "So many years ago" counts back until the day has passed: a history never reaches into the future. */
  const day = ([yearsAgo, monthDay]: Past): string => {
    const wanted = `${thisYear - yearsAgo}-${monthDay}`;
    return wanted <= today ? wanted : `${thisYear - yearsAgo - 1}-${monthDay}`;
  };
  const send = async (name: string, input: Record<string, unknown>) => {
    const answer = await runCommand(name, { commandId: randomUUID(), collectionId, ...input });
    if (!answer.ok)
      throw new Error(
        `${name}: ${answer.faults.map((f) => `${f.path} ${f.message}`).join("; ")} in ${JSON.stringify(input).slice(0, 300)}`,
      );
  };

  report("Tramhalle Roof: site and weather");
  await send("create-collection", TRAMHALLE_SITE);
  const record = generatedRecord(
    TRAMHALLE_SITE.answers.latitudeDeg,
    TRAMHALLE_NORMALS,
    today,
    WEATHER_YEARS,
    WEATHER_SEED,
  );
  await send("import-weather", { fileName: "roof-station.csv", text: writeWeatherCsv(record), options: {} });

  report("pots in store");
  const lots = new Map<string, string>();
  const oldest = toIso(toDay(today) - 7 * 365);
  for (const { key, ...lot } of LOTS) {
    const lotId = randomUUID();
    lots.set(key, lotId);
    await send("stock-pots", { lotId, ...lot, on: oldest });
  }

  report("trees and their history");
  for (const tree of TREES) {
    const treeId = randomUUID();
    const { history, arrived, lastPotted, ...rest } = tree;
    await send("add-tree", {
      treeId,
      kindId: null,
      typedName: null,
      habit: null,
      cultivar: null,
      count: 1,
      finalVolumeL: null,
      trunkMm: null,
      heightM: null,
      ...rest,
      arrivedOn: day(arrived),
      lastPotted: lastPotted
        ? { best: day(lastPotted.best), from: day(lastPotted.from), to: day(lastPotted.to) }
        : null,
    });
    for (const event of history) {
      if (event.do === "pot") {
        await send("record-potting", {
          treeId,
          on: day(event.on),
          potLotId: lots.get(event.lot),
          mix: event.mix,
          correction: event.correction,
          retainedShare: event.retainedShare ?? null,
          crownMm: 10,
          bottomLayerMm: 0,
        });
      } else {
        await send("record-roots", { treeId, on: day(event.on), fillGrade: event.fill, circlingGrade: event.circling });
      }
    }
  }
  return {
    collectionId,
    trees: TREES.length,
    pots: LOTS.reduce((n, lot) => n + lot.count, 0),
    weatherDays: record.tminC.length,
  };
}
