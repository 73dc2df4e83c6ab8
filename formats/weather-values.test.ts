import { dailyExtremes, loggerAsWeather, looksLikeLogger, parseLogger } from "./logger-csv";
import { parseWeatherCsv, writeWeatherCsv } from "./weather-csv";
import { looksLikeEpw, parseEpw } from "./weather-epw";
import { looksLikeGhcnCsv, looksLikeGhcnFixed, parseGhcnCsv, parseGhcnFixed } from "./weather-ghcn";

/** Small files whose every value, line number and word can be counted on fingers. */
const TODAY = "2026-05-15";
const auto = { unit: "auto", dateOrder: "auto" } as const;
const rounded = (values: Float32Array) => [...values].map((v) => (Number.isNaN(v) ? null : Math.round(v * 100) / 100));
const whole = (read: ReturnType<typeof parseWeatherCsv>) => {
  if (!read.ok) throw new Error(read.message);
  const { record, ...rest } = read.file;
  return {
    ...rest,
    tmin: rounded(record.tminC),
    tmax: rounded(record.tmaxC),
    rain: rounded(record.rainMm),
    sun: rounded(record.solarMJ),
    wind: rounded(record.windMs),
  };
};
const message = (read: { ok: boolean; message?: string }) => (read.ok ? null : read.message);

test("a daily file, whole: extras within their limits, gaps, faults with line, words and what stood there", () => {
  const long = `x${"y".repeat(99)}`;
  const text = [
    "date,tmin,tmax,rain,sun,wind,shade",
    "2024-01-01,-75,60,2000,50,120,1",
    "2024-01-02,1,2,2001,51,121,1",
    "2024-01-03,1,2,-1,-1,-1,1",
    `2024-01-05,1,2,,NA,--,1`,
    `${long},1,2`,
    "2024-01-06,-75.1,2",
    "2024-01-07,1,60.5",
    "2024-01-09,+3,−0.5",
    "2024-01-10,+3,4",
  ].join("\n");
  expect(whole(parseWeatherCsv(text, auto, TODAY))).toEqual({
    goodDays: 5,
    firstDay: "2024-01-01",
    lastDay: "2024-01-10",
    gaps: [
      { from: "2024-01-04", to: "2024-01-04", days: 1 },
      { from: "2024-01-06", to: "2024-01-09", days: 4 },
    ],
    problems: [
      { line: 6, message: "the date cannot be read or does not exist", text: long.slice(0, 80) },
      {
        line: 7,
        message: "°C outside what thermometers outdoors ever read: is the unit right?",
        text: "2024-01-06 · -75.1 · 2",
      },
      {
        line: 8,
        message: "°C outside what thermometers outdoors ever read: is the unit right?",
        text: "2024-01-07 · 1 · 60.5",
      },
      { line: 9, message: "the lowest temperature is above the highest", text: "2024-01-09 · +3 · −0.5" },
    ],
    unit: "C",
    columns: ["date", "tmin", "tmax", "rain", "solar", "wind", "(shade)"],
    format: "csv",
    notes: [],
    elevationM: null,
    tmin: [-75, 1, 1, null, 1, null, null, null, null, 3],
    tmax: [60, 2, 2, null, 2, null, null, null, null, 4],
    rain: [2000, null, null, null, null, null, null, null, null, null],
    sun: [50, null, null, null, null, null, null, null, null, null],
    wind: [120, null, null, null, null, null, null, null, null, null],
  });
});

test("what a daily file lacks is named, with the first line cut to what can be read", () => {
  expect(message(parseWeatherCsv("a,tmin\n1,2\n", auto, TODAY))).toBe(
    "This does not look like a daily weather record: there is no column for a date, a highest temperature (tmax). Its first line reads: a · tmin",
  );
  expect(message(parseWeatherCsv(`${"z".repeat(200)},date,tmax\n1,2,3\n`, auto, TODAY))).toBe(
    `This does not look like a daily weather record: there is no column for a lowest temperature (tmin). Its first line reads: ${"z".repeat(120)}`,
  );
  expect(message(parseWeatherCsv("date,tmin,tmax\n2024-01-01,1\n2024-01-02,x,3\n", auto, TODAY))).toBe(
    "None of the 2 lines holds a day that can be used. The first fault: a temperature is not a number.",
  );
  expect(message(parseWeatherCsv("date,tmin,tmax\n2024-01-01,,\n", auto, TODAY))).toBe(
    "None of the 1 lines holds a day that can be used. The first fault: no readings.",
  );
});

test.each([
  ["2024-02-03", "2024-02-03"],
  ["2024/2/3", "2024-02-03"],
  ["2024.02.03", "2024-02-03"],
  ["3.2.2024", "2024-02-03"],
  ["13/02/2024", "2024-02-13"],
  ["02-13-2024", "2024-02-13"],
  ["2024-02-03T12:00", "2024-02-03"],
  ["2024-02-03 06:30:00", "2024-02-03"],
])("a daily file's date %s is %s", (text, day) => {
  expect(whole(parseWeatherCsv(`date,tmin,tmax\n${text},1,2\n`, auto, TODAY)).firstDay).toBe(day);
});

test("a record is written to a tenth, empty where nothing was read, with its source where one is named", () => {
  const read = parseWeatherCsv("date,tmin,tmax,rain\n2024-01-01,-1.26,2,0.04\n2024-01-03,1,2,\n", auto, TODAY);
  if (!read.ok) throw new Error(read.message);
  expect(writeWeatherCsv(read.file.record)).toBe(
    "date,tmin,tmax,rain,sun,wind\n2024-01-01,-1.3,2,0,,\n2024-01-02,,,,,\n2024-01-03,1,2,,,\n",
  );
  expect(
    writeWeatherCsv(read.file.record, (i) => (i === 0 ? 'own, "new"' : "own"))
      .split("\n")
      .slice(0, 3),
  ).toEqual(["date,tmin,tmax,rain,sun,wind,source", '2024-01-01,-1.3,2,0,,,"own, ""new"""', "2024-01-02,,,,,,own"]);
});

test("a logger's file, whole: hours, extremes, faults", () => {
  const read = parseLogger(
    [
      "Nr,Time,Temp (°C)",
      "1,2026-03-01 00:00,4",
      "2,2026-03-01 00:59,2",
      "3,2026-03-01 01:00,3",
      "4,2026-03-01 24:00,3",
      "5,2026-03-01 02:60,3",
      "6,2026-03-01 23:59,9",
      "7,2026-05-16 00:00,3",
      "8,2026-03-02 05:00,warm",
      "9,2026-03-02 05:00,61",
      "10,2026-03-02 05:00,-9999",
      "11,2026-02-28 12:30,−5",
    ].join("\n"),
    { unit: "auto" },
    TODAY,
  );
  expect(read).toEqual({
    ok: true,
    file: {
      readings: 5,
      hours: [
        { hour: "2026-02-28 12:00", meanC: -5, minC: -5, maxC: -5 },
        { hour: "2026-03-01 00:00", meanC: 3, minC: 2, maxC: 4 },
        { hour: "2026-03-01 01:00", meanC: 3, minC: 3, maxC: 3 },
        { hour: "2026-03-01 23:00", meanC: 9, minC: 9, maxC: 9 },
      ],
      firstHour: "2026-02-28 12:00",
      lastHour: "2026-03-01 23:00",
      problems: [
        { line: 5, message: "the time cannot be read: write it as 2026-01-31 06:10", text: "4 · 2026-03-01 24:00 · 3" },
        { line: 6, message: "the time cannot be read: write it as 2026-01-31 06:10", text: "5 · 2026-03-01 02:60 · 3" },
        { line: 8, message: "this moment has not come yet", text: "7 · 2026-05-16 00:00 · 3" },
        { line: 9, message: "the temperature is not a number", text: "8 · 2026-03-02 05:00 · warm" },
        { line: 10, message: "no thermometer ever read this: is the unit right?", text: "9 · 2026-03-02 05:00 · 61" },
      ],
      unit: "C",
    },
  });
});

test("loggers without a header, with a clock of their own, with a zone, in Fahrenheit, before 1970", () => {
  const hours = (text: string, more: object = {}) => {
    const read = parseLogger(text, { unit: "auto", ...more }, TODAY);
    return read.ok ? read.file.hours.map((h) => [h.hour, h.meanC]) : read.message;
  };
  expect(hours("2026-03-01 06:00,5\n2026-03-01 07:00,6\n")).toEqual([
    ["2026-03-01 06:00", 5],
    ["2026-03-01 07:00", 6],
  ]);
  expect(hours("temp;date;hour\n5;1.3.2026;6:30\n")).toEqual([["2026-03-01 06:00", 5]]);
  expect(hours("time,temp_f\n2026-03-01T06:00,50\n")).toEqual([["2026-03-01 06:00", 10]]);
  expect(hours("time,temp\n2026-03-01T06:00,50\n", { unit: "F" })).toEqual([["2026-03-01 06:00", 10]]);
  expect(hours("time,temp\n1969-12-31 23:10,1\n")).toEqual([["1969-12-31 23:00", 1]]);
  // A zone nobody can place on the site's clock keeps its own.
  expect(hours("time,temp\n2026-03-01T06:00+02:00,1\n")).toEqual([["2026-03-01 06:00", 1]]);
  const toLocal = (utc: Date) => utc.toISOString().slice(0, 16).replace("T", " ");
  expect(hours("time,temp\n2026-03-01T06:00+02:00,1\n", { toLocal })).toEqual([["2026-03-01 04:00", 1]]);
  expect(hours("time,temp\nnever,1\n")).toBe(
    "No line of this file holds a reading. The first fault: the time cannot be read: write it as 2026-01-31 06:10.",
  );
  expect(hours("time,temp\n2026-03-01 06:00,NA\n")).toBe(
    "No line of this file holds a reading. The first fault: no readings.",
  );
  expect(hours("a,b\n1,2\n")).toBe("A logger's file has a column with the time and one with the temperature.");
  expect(
    [
      "time,temp\n2026-03-01 06:00,1",
      "2026-03-01 06:00,1\n2026-03-01 07:00,1",
      "time,tmin,tmax\n2026-03-01,1,2",
      "time,temp",
      "time,temp\n2026-03-01,1",
    ].map(looksLikeLogger),
  ).toEqual([true, true, false, false, false]);
});

test("a logger's days need twenty hours, and the running day is left out", () => {
  const lines = (day: string, n: number) =>
    Array.from({ length: n }, (_, h) => `${day} ${String(h).padStart(2, "0")}:00,${h}`);
  const text = ["time,temp", ...lines("2026-03-01", 20), ...lines("2026-03-02", 19), ...lines("2026-05-15", 24)].join(
    "\n",
  );
  const read = parseLogger(text, { unit: "auto" }, TODAY);
  if (!read.ok) throw new Error(read.message);
  expect([...dailyExtremes(read.file.hours).values()].map(({ minC, maxC }) => [minC, maxC])).toEqual([
    [0, 19],
    [0, 23],
  ]);
  expect(whole(loggerAsWeather(text, { unit: "auto" }, TODAY))).toEqual({
    ...{ goodDays: 1, firstDay: "2026-03-01", lastDay: "2026-03-01", gaps: [], problems: [], unit: "C" },
    ...{ columns: ["time", "temperature"], format: "logger", elevationM: null },
    notes: ["63 readings of a logger, as the lowest and highest of each day"],
    ...{ tmin: [0], tmax: [19], rain: [null], sun: [null], wind: [null] },
  });
  expect(message(loggerAsWeather("time,temp\n2026-03-01 06:00,1\n", { unit: "auto" }, TODAY))).toBe(
    "This logger's file has no whole day: at least 20 hours of a day are needed.",
  );
});

const STATION = "XX000012345";
const fixed = (element: string, values: number[], station = STATION) =>
  `${station}202401${element}${values.map((v) => `${String(v).padStart(5)}   `).join("")}`;

test("a fixed-width station file, whole", () => {
  const text = [
    fixed("TMIN", [-22, -9999, 800]),
    fixed("TMAX", [31, 20, 900]),
    fixed("AWND", [35]),
    `${STATION}202401TMAX   xx   `,
    `${STATION}202313TMAX   10   `,
    "nonsense of a line that is longer than eighty characters and is cut where they end, no further",
  ].join("\n");
  expect(whole(parseGhcnFixed(text, TODAY))).toEqual({
    ...{ goodDays: 1, firstDay: "2024-01-01", lastDay: "2024-01-01", gaps: [], unit: "C", format: "ghcn-fixed" },
    columns: ["TMIN", "TMAX", "PRCP", "AWND"],
    notes: [`station ${STATION}`],
    elevationM: null,
    problems: [
      { line: 4, message: "day 1 is not a number", text: "   xx   " },
      {
        line: 6,
        message: "not a line of a fixed-width station file",
        text: "nonsense of a line that is longer than eighty characters and is cut where they e",
      },
      { line: 1, message: "°C outside what thermometers outdoors ever read: is the unit right?", text: "80 to 90 °C" },
    ],
    ...{ tmin: [-2.2], tmax: [3.1], rain: [null], sun: [null], wind: [3.5] },
  });
  expect([looksLikeGhcnFixed(fixed("TMIN", [1])), looksLikeGhcnFixed(fixed("TMIN", [1]).slice(0, 28))]).toEqual([
    true,
    false,
  ]);
  expect(message(parseGhcnFixed(fixed("TMIN", [1]), TODAY))).toBe(
    `This is a daily station file of ${STATION}, but no day in it has both a lowest and a highest temperature.`,
  );
});

test("a comma-separated station file, whole, in each of its forms", () => {
  const wide = [
    "STATION,DATE,ELEVATION,TMAX,TMAX_ATTRIBUTES,TMIN,TMIN_ATTRIBUTES",
    `${STATION},2024-01-01,-999.9,31,",,E",-22,",,E"`,
    `${STATION},20240102,540.5,40,",I,E",-10,",,E"`,
    `${STATION},2024-01-03,541,55,",,E",5,",,E"`,
    `YY000000001,2024-01-04,1,55,",,E",5,",,E"`,
    `${STATION},2026-05-15,541,55,",,E",5,",,E"`,
    `${STATION},soon,541,55,",,E",5,",,E"`,
  ].join("\n");
  expect(whole(parseGhcnCsv(wide, TODAY))).toEqual({
    ...{ goodDays: 2, firstDay: "2024-01-01", lastDay: "2024-01-03", unit: "C", format: "ghcn-csv" },
    gaps: [{ from: "2024-01-02", to: "2024-01-02", days: 1 }],
    columns: ["TMIN", "TMAX", "PRCP", "AWND"],
    notes: [`station ${STATION}`, "1 readings failed the network’s own quality checks and are left out"],
    elevationM: 540.5,
    problems: [
      {
        line: 5,
        message: "another station (YY000000001): a file holds one",
        text: "YY000000001,2024-01-04,1,55,,,E,5,,,E",
      },
      { line: 7, message: "the date cannot be read or does not exist", text: `${STATION},soon,541,55,,,E,5,,,E` },
    ],
    ...{
      tmin: [-2.2, null, 0.5],
      tmax: [3.1, null, 5.5],
      rain: [null, null, null],
      sun: [null, null, null],
      wind: [null, null, null],
    },
  });
  const rows = [
    `${STATION},20240101,TMAX,31,,,S`,
    `${STATION},20240101,TMIN,-22,,,S`,
    `${STATION},20240102,TMAX,31,,X,S`,
    `${STATION},20240102,TMIN,-22,,,S`,
  ];
  for (const text of [
    rows.join("\n"),
    ["ID,DATE,ELEMENT,DATA_VALUE,M_FLAG,Q_FLAG,S_FLAG", ...rows].join("\n"),
    ["station,date,element,value,m_flag,q_flag,s_flag", ...rows].join("\n"),
  ]) {
    const file = whole(parseGhcnCsv(text, TODAY));
    expect([file.goodDays, file.tmin, file.tmax, file.notes.length]).toEqual([1, [-2.2], [3.1], 2]);
  }
  expect(
    [
      rows[0],
      "ID,DATE,ELEMENT,VALUE",
      "STATION,DATE,TMIN",
      "STATION,DATE,TMAX",
      `${STATION},2024-01-01,TMAX,1`,
      "a",
    ].map(looksLikeGhcnCsv),
  ).toEqual([true, true, true, false, false, false]);
});

test("an hourly file, whole", () => {
  const head = (place: string) => [
    `LOCATION,${place},XX,YYY,TEST,1,48.1,11.5,1.0,540.0`,
    ...Array<string>(7).fill("HEADER"),
  ];
  const hour = (day: string, h: number, dry: number, solar: number, wind: number, rain: number) => {
    const cells = Array<string | number>(35).fill("0");
    const [y, m, d] = day.split("-");
    Object.assign(cells, { 0: y, 1: m, 2: d, 3: h, 6: dry, 13: solar, 21: wind, 33: rain });
    return cells.join(",");
  };
  const day = (on: string, n: number, of: (h: number) => [number, number, number, number]) =>
    Array.from({ length: n }, (_, i) => hour(on, i + 1, ...of(i)));
  const text = [
    ...head("Hill"),
    ...day("2024-03-01", 24, (i) => [i - 5, 100, i < 12 ? 1 : 3, 0.5]),
    "",
    ...day("2024-03-02", 19, () => [5, 1, 1, 1]),
    // Enough temperatures; five hours short of everything else.
    ...day("2024-03-03", 24, (i) => [5, i < 5 ? 9999 : 1, i < 5 ? 999 : 1, i < 5 ? 999 : 1]),
    hour("2024-03-04", 0, 5, 1, 1, 1),
    hour("2024-03-04", 25, 5, 1, 1, 1),
    ...day("2026-05-15", 24, () => [5, 1, 1, 1]),
    ...day("2024-03-05", 24, (i) => [i === 3 ? -80 : 5, 1, 1, 1]),
    ...day("1870-03-05", 1, () => [5, 1, 1, 1]),
  ].join("\n");
  expect(whole(parseEpw(text, TODAY))).toEqual({
    ...{ goodDays: 2, firstDay: "2024-03-01", lastDay: "2024-03-03", unit: "C", format: "epw", elevationM: 540 },
    gaps: [{ from: "2024-03-02", to: "2024-03-02", days: 1 }],
    columns: ["dryBulbC", "globalWhM2", "windMs", "rainMm"],
    notes: ["hours of Hill, summed up to days", "1 days with fewer than 20 hours are left out"],
    problems: [
      {
        line: 77,
        message: "the day or hour cannot be read or does not exist",
        text: hour("2024-03-04", 0, 5, 1, 1, 1).slice(0, 80),
      },
      {
        line: 78,
        message: "the day or hour cannot be read or does not exist",
        text: hour("2024-03-04", 25, 5, 1, 1, 1).slice(0, 80),
      },
      {
        line: 127,
        message: "this lies more than 150 years back: is the year right?",
        text: hour("1870-03-05", 1, 5, 1, 1, 1).slice(0, 80),
      },
      {
        line: 103,
        message: "°C outside what thermometers outdoors ever read: is the unit right?",
        text: "-80 to 5 °C",
      },
    ],
    tmin: [-5, null, 5],
    tmax: [18, null, 5],
    rain: [12, null, null],
    sun: [8.64, null, null],
    wind: [2, null, null],
  });
  expect(message(parseEpw([...head("Hill"), ...day("2024-03-02", 19, () => [5, 1, 1, 1])].join("\n"), TODAY))).toBe(
    "This is an hourly EPW file, but no day in it has enough hours to find its extremes.",
  );
  const bare = [
    "LOCATION,,XX,YYY,TEST,1,48.1,11.5,1.0",
    ...Array<string>(7).fill("H"),
    ...day("2024-03-01", 20, () => [5, 1, 1, 1]),
  ];
  const unnamed = whole(parseEpw(bare.join("\n"), TODAY));
  expect([unnamed.notes, unnamed.elevationM]).toEqual([["hours of an unnamed place, summed up to days"], null]);
  expect(["LOCATION,a,b,c,d,e,f,g,h", "LOCATION,a,b,c,d,e,f,g"].map(looksLikeEpw)).toEqual([true, false]);
});
