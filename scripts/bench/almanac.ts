// Frost, wood and hardiness of 60 trees over 30 weather years; the generator; files of weather. Prints one line of JSON.
import { frostStatistics, generateWeather } from "@/core/climate/index";
import { seasonOf, toDay, toIso } from "@/core/dates/index";
import { KINDS } from "@/core/species/index";
import { kindOf, openYard } from "@/model/index";
import { hardinessSeries, runWoodSeason, shiftFromChecks } from "@/core/wood/index";
import { TRAMHALLE_NORMALS } from "@/demo/weather";
import { parseLogger } from "@/formats/logger-csv";
import { writeWeatherCsv } from "@/formats/weather-csv";
import { readWeatherFile } from "@/formats/weather-file";

const ROUNDS = 7;
const TREES = 60;
const TODAY = "2026-05-15";
const today = toDay(TODAY);

function median(work: () => void): number {
  const times = Array.from({ length: ROUNDS }, () => {
    const from = performance.now();
    work();
    return performance.now() - from;
  }).sort((a, b) => a - b);
  return times[ROUNDS >> 1];
}

const YEARS = 30;
const generateMs = median(() => generateWeather(48.3, TRAMHALLE_NORMALS, YEARS, 3));

const { site } = openYard(
  { records: { trees: [], lots: [], events: [] }, risk: 0.1 },
  {
    key: "bench",
    input: {
      latitudeDeg: 48.3,
      normals: TRAMHALLE_NORMALS,
      record: null,
      today,
      seed: 5,
      historyFrom: today - 1500,
    },
  },
  { today: TODAY },
);
const season = seasonOf(today, site.latitudeDeg);
const { slices, observedUntil } = site.season(season);
const trees = Array.from({ length: TREES }, (_, i) => {
  const kind = KINDS[i % KINDS.length];
  return kindOf({ kindId: kind.id, typedName: null, habit: null }).parameters[0];
});
/** Every tree by itself, as if each had been looked at: nothing is shared between trees of a kind. */
const woodMs = median(() => {
  for (const h of trees) {
    frostStatistics(site.latitudeDeg, site.minima.startDay, site.minima.tminC, h.flushFrostC);
    for (const slice of slices) runWoodSeason(h, slice, site.latitudeDeg, 0.1);
  }
});
const hardyMs = median(() => void hardinessSeries(site, trees[0], today, today + 400));
const checkMs = median(
  () =>
    void shiftFromChecks(trees[0], slices, observedUntil, 48.3, { feeds: [], wakings: [] }, [
      { on: today + 120, woodyShare: 0.5 },
    ]),
);

const years = generateWeather(48.3, TRAMHALLE_NORMALS, 52, 3);
const cut = (v: Float32Array) => v.slice(0, 50 * 365);
const daily = writeWeatherCsv({
  startDay: today - 50 * 365,
  tminC: cut(years.tminC),
  tmaxC: cut(years.tmaxC),
  solarMJ: cut(years.solarMJ),
  rainMm: cut(years.rainMm),
  windMs: cut(years.windMs),
});
const dailyMs = median(() => void readWeatherFile(daily, { unit: "auto", dateOrder: "auto" }, TODAY));
const readings = ["time,temp_c"];
for (let k = 0; k < 365 * 144; k++) {
  const minute = (k % 144) * 10;
  const clock = `${String(Math.floor(minute / 60)).padStart(2, "0")}:${String(minute % 60).padStart(2, "0")}`;
  readings.push(`${toIso(today - 365 + Math.floor(k / 144))} ${clock},${(10 * Math.sin(k / 20)).toFixed(1)}`);
}
const logger = readings.join("\n");
const loggerMs = median(() => void parseLogger(logger, { unit: "auto" }, TODAY));
console.log(
  JSON.stringify({
    trees: TREES,
    years: slices.length,
    woodMs,
    hardyMs,
    checkMs,
    generatedYearsPerSecond: Math.round((1000 * YEARS) / generateMs),
    dailyLinesPerSecond: Math.round((1000 * 50 * 365) / dailyMs),
    loggerLinesPerSecond: Math.round((1000 * 365 * 144) / loggerMs),
  }),
);
