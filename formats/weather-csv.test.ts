import { normalsFromAnswers } from "@/core/atlas/index";
import { generateWeather } from "@/core/climate/index";
import { toIso } from "@/core/dates/index";
import { parseWeatherCsv, writeWeatherCsv } from "./weather-csv";

const auto = { unit: "auto", dateOrder: "auto" } as const;
const today = "2026-05-15";
const parse = (text: string, options: Parameters<typeof parseWeatherCsv>[1] = auto) => {
  const answer = parseWeatherCsv(text, options, today);
  if (!answer.ok) throw new Error(answer.message);
  return answer.file;
};

test("commas, points, ISO dates", () => {
  const file = parse("date,tmin,tmax,rain\n2024-02-28,1.5,9.25,0\n2024-02-29,-2,4,3.2\n");
  expect([file.goodDays, file.firstDay, file.lastDay, file.unit]).toEqual([2, "2024-02-28", "2024-02-29", "C"]);
  expect(file.record.tminC[1]).toBe(-2);
  expect(file.record.rainMm[1]).toBeCloseTo(3.2, 5);
  expect(Number.isNaN(file.record.solarMJ[0])).toBe(true);
});

test("semicolons, decimal commas, day-first dates, a byte order mark and quotes", () => {
  const file = parse('\uFEFF"Datum";"T_max";"T_min"\r\n"28.02.2024";"9,5";"1,5"\r\n"29.02.2024";"4,0";"-2,25"\r\n');
  expect(file.goodDays).toBe(2);
  expect(file.record.tmaxC[0]).toBe(9.5);
  expect(file.record.tminC[1]).toBe(-2.25);
});

test("tabs and Fahrenheit by the header, and by choice", () => {
  expect(parse("Date\tTmin (°F)\tTmax (°F)\n2024-01-01\t32\t50\n").record.tmaxC[0]).toBeCloseTo(10, 5);
  expect(parse("date,tmin,tmax\n2024-01-01,14,50\n", { ...auto, unit: "F" }).record.tminC[0]).toBeCloseTo(-10, 5);
});

test("a file without header is read as date, low, high", () => {
  expect(parse("20240101;-3;4\n20240102;-1;6\n").goodDays).toBe(2);
});

test("every bad line is named with its number and reason; the good ones stay", () => {
  const file = parse(
    [
      "date,tmin,tmax",
      "2024-01-01,-3,4",
      "2024-02-30,1,2",
      "2024-01-02,abc,4",
      "2024-01-03,9,2",
      "2024-01-01,0,5",
      "2024-01-04,-300,4",
      "2027-01-01,1,2",
      "2024-01-05,NA,4",
      "2024-01-06,0,3",
    ].join("\n"),
  );
  expect(file.goodDays).toBe(2);
  expect(file.problems.map((p) => p.line)).toEqual([3, 4, 5, 6, 7, 8]);
  expect(file.problems.map((p) => p.message).join(" | ")).toMatch(
    /does not exist.*not a number.*above the highest.*line 2 already.*unit right.*not come yet/,
  );
  expect(file.gaps).toEqual([{ from: "2024-01-02", to: "2024-01-05", days: 4 }]);
});

test("dates that may be read two ways are asked for, not guessed", () => {
  const text = "date,tmin,tmax\n03/04/2021,1,9\n04/04/2021,2,9\n";
  const answer = parseWeatherCsv(text, auto, today);
  expect(answer).toMatchObject({ ok: false, needs: "dateOrder" });
  expect(parse(text, { ...auto, dateOrder: "dmy" }).firstDay).toBe("2021-04-03");
  expect(parse(text, { ...auto, dateOrder: "mdy" }).firstDay).toBe("2021-03-04");
  expect(parse("date,tmin,tmax\n03/14/2021,1,9\n").firstDay).toBe("2021-03-14");
});

test.each([
  ["", /empty/],
  ["\u0000\u0001PNG", /not a text file/],
  ["name,age\nAnna,7\n", /does not look like a daily weather record/],
  ["date,tmin,tmax\nsoon,1,2\n", /None of the 1 lines/],
  ["Dear diary, today it rained.", /does not look like/],
])("a file that is no weather file says so: %j", (text, message) => {
  const answer = parseWeatherCsv(text, auto, today);
  expect(answer.ok).toBe(false);
  if (!answer.ok) expect(answer.message).toMatch(message);
});

test("what is written is read back", () => {
  const normals = normalsFromAnswers({
    latitudeDeg: -38,
    longitudeDeg: 0,
    elevationM: 0,
    coldestNightC: -2,
    lastSpringFrost: "09-20",
    firstAutumnFrost: "05-25",
  });
  const record = generateWeather(-38, normals, 2, 3);
  const file = parse(writeWeatherCsv(record));
  expect(file.goodDays).toBe(record.tminC.length);
  expect(file.firstDay).toBe(toIso(record.startDay));
  record.tminC.forEach((v, i) => expect(Math.abs(v - file.record.tminC[i])).toBeLessThanOrEqual(0.051));
});

test("a slip of a thousand years is a problem of its line, not a record of as many", () => {
  const rows = [
    "1026-03-01,1,9",
    "1876-05-14,1,9",
    "1876-05-15,1,9",
    ...Array.from({ length: 40 }, (_, i) => `2026-03-${String(i + 1).padStart(2, "0")},1,9`).slice(0, 31),
  ];
  const read = parseWeatherCsv(`date,tmin,tmax\n${rows.join("\n")}\n`, { unit: "C", dateOrder: "auto" }, "2026-05-15");
  expect(read.ok && [read.file.firstDay, read.file.problems.map((p) => [p.line, p.message])]).toEqual([
    "1876-05-15",
    [2, 3].map((line) => [line, "this lies more than 150 years back: is the year right?"]),
  ]);
});
