import { toDay, toIso } from "@/core/dates/index";
import { readWeatherFile } from "@/formats/weather-file";
import { fileOfDays, missingDays } from "./past";

const today = toDay("2026-11-30");
const record = (from: string, tminC: number[], tmaxC = tminC.map((v) => v + 8)) => ({
  startDay: toDay(from),
  tminC: Float32Array.from(tminC),
  tmaxC: Float32Array.from(tmaxC),
});

test("without a record the last ninety-two days are missing, yesterday the last of them", () => {
  const days = missingDays(null, today);
  expect([days.length, toIso(days[0]), toIso(days.at(-1)!)]).toEqual([92, "2026-08-30", "2026-11-29"]);
});

test("a day is missing where either temperature is", () => {
  const full = new Array<number>(100).fill(5);
  const known = record("2026-08-22", full);
  expect(missingDays(known, today)).toEqual([]);
  known.tminC[toDay("2026-10-03") - known.startDay] = NaN;
  known.tmaxC[toDay("2026-10-05") - known.startDay] = NaN;
  expect(missingDays(known, today).map(toIso)).toEqual(["2026-10-03", "2026-10-05"]);
});

test("the file holds the days that were missing and no others, and is read in like any other", () => {
  const csv = fileOfDays([
    { date: "2026-10-03", tminC: -1.25, tmaxC: 7.5, rainMm: 3.1, windMs: null },
    { date: "2026-10-05", tminC: 2, tmaxC: 9, rainMm: null, windMs: 2.2 },
  ]);
  expect(csv.trim().split("\n")).toEqual([
    "date,tmin,tmax,rain,sun,wind",
    "2026-10-03,-1.2,7.5,3.1,,",
    "2026-10-05,2,9,,,2.2",
  ]);
  const read = readWeatherFile(csv, { unit: "auto", dateOrder: "auto", toLocal: () => null as never }, "2026-11-30");
  expect(read.ok && [read.file.goodDays, read.file.firstDay, read.file.lastDay, read.file.problems]).toEqual([
    2,
    "2026-10-03",
    "2026-10-05",
    [],
  ]);
});
