import fc from "fast-check";
import { toIso } from "@/core/dates/index";
import { readWeatherFile } from "./weather-file";

const auto = { unit: "auto", dateOrder: "auto" } as const;
const TODAY = "2026-05-15";
const read = (text: string) => {
  const answer = readWeatherFile(text, auto, TODAY);
  if (!answer.ok) throw new Error(answer.message);
  return answer.file;
};
const STATION = "XX000012345";

/** A fixed-width line of a month: values in tenths, a quality flag where one is named. */
function fixed(
  element: string,
  values: (number | null)[],
  flags: Record<number, string> = {},
  month = "202402",
): string {
  const cells = Array.from({ length: 31 }, (_, d) => {
    const value = values[d] ?? -9999;
    return `${String(value).padStart(5)} ${flags[d] ?? " "}S`;
  });
  return `${STATION}${month}${element}${cells.join("")}`;
}

describe("fixed-width station files", () => {
  test("tenths become degrees, leap days count, missing and failed readings make no day", () => {
    const tmin = Array.from({ length: 29 }, (_, d) => -50 + d);
    const tmax = Array.from({ length: 29 }, (_, d) => 40 + d);
    const file = read(
      [
        fixed(
          "TMIN",
          tmin.map((v, d) => (d === 3 ? null : v)),
        ),
        fixed("TMAX", tmax, { 5: "X" }),
        fixed("PRCP", [12]),
        fixed("SNWD", [300]),
      ].join("\n"),
    );
    expect(file.format).toBe("ghcn-fixed");
    expect([file.goodDays, file.firstDay, file.lastDay]).toEqual([27, "2024-02-01", "2024-02-29"]);
    expect(file.record.tminC[0]).toBeCloseTo(-5, 5);
    expect(file.record.tmaxC[28]).toBeCloseTo(6.8, 5);
    expect(file.record.rainMm[0]).toBeCloseTo(1.2, 5);
    expect(file.gaps.map((g) => [g.from, g.days])).toEqual([
      ["2024-02-04", 1],
      ["2024-02-06", 1],
    ]);
    expect(file.notes.join()).toContain("1 readings failed");
  });

  test("another station in the same file, broken lines and impossible days are told by line", () => {
    const file = read(
      [
        fixed("TMIN", [-50, 60]),
        fixed("TMAX", [40, 20]),
        fixed("TMAX", [40]).replace(STATION, "YY000012345"),
        "nonsense",
      ].join("\n"),
    );
    expect(file.goodDays).toBe(1);
    expect(file.problems.map((p) => [p.line, p.message.split(":")[0]])).toEqual([
      [3, "another station (YY000012345)"],
      [4, "not a line of a fixed-width station file"],
      [1, "the lowest temperature is above the highest"],
    ]);
  });

  test("whatever is written is read back to a tenth", () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: -300, max: 250 }), { minLength: 28, maxLength: 28 }), (lows) => {
        const file = read(
          [
            fixed("TMIN", lows),
            fixed(
              "TMAX",
              lows.map((v) => v + 80),
            ),
          ].join("\n"),
        );
        lows.forEach((v, d) => expect(file.record.tminC[d]).toBeCloseTo(v / 10, 4));
      }),
      { numRuns: 30 },
    );
  });
});

test("a station's comma-separated file: quotes, tenths, attributes with quality flags", () => {
  const file = read(
    [
      `"STATION","DATE","LATITUDE","NAME","PRCP","PRCP_ATTRIBUTES","TMAX","TMAX_ATTRIBUTES","TMIN","TMIN_ATTRIBUTES"`,
      `"${STATION}","2024-01-01","48.1","HILL, NORTH","  12",",,E","   31",",,E","  -22",",,E"`,
      `"${STATION}","2024-01-02","48.1","HILL, NORTH","","","   40",",I,E","  -10",",,E"`,
      `"${STATION}","2024-01-03","48.1","HILL, NORTH","","","   55",",,E","    5",",,E"`,
      `"${STATION}","2024-13-03","48.1","HILL, NORTH","","","   55",",,E","    5",",,E"`,
    ].join("\n"),
  );
  expect(file.format).toBe("ghcn-csv");
  expect([file.goodDays, file.lastDay]).toEqual([2, "2024-01-03"]);
  expect([file.record.tmaxC[0], file.record.tminC[0], file.record.rainMm[0]].map((v) => Math.round(v * 10))).toEqual([
    31, -22, 12,
  ]);
  expect(file.problems).toMatchObject([{ line: 5, message: "the date cannot be read or does not exist" }]);
});

test("the form with a line per reading, with and without header", () => {
  const lines = [
    `${STATION},20240101,TMAX,31,,,S,`,
    `${STATION},20240101,TMIN,-22,,,S,`,
    `${STATION},20240102,TMAX,99,,G,S,`,
    `${STATION},20240102,TMIN,-9999,,,S,`,
  ];
  const header = "ID,DATE,ELEMENT,DATA_VALUE,M_FLAG,Q_FLAG,S_FLAG,OBS_TIME";
  for (const text of [lines.join("\n"), [header, ...lines].join("\n")]) {
    const file = read(text);
    expect([file.goodDays, file.record.tminC[0]]).toEqual([1, expect.closeTo(-2.2, 4)]);
  }
});

describe("hourly files", () => {
  const head = ["LOCATION,Hill,XX,YYY,TEST,123450,48.1,11.5,1.0,540.0", ...Array<string>(7).fill("HEADER")];
  const hour = (day: string, h: number, dry: number, solar = 100, more: Record<number, number> = {}) => {
    const cells = Array<string>(35).fill("0");
    const [y, m, d] = day.split("-");
    [cells[0], cells[1], cells[2], cells[3], cells[6], cells[13], cells[21], cells[33]] = [
      y,
      m,
      d,
      h,
      dry,
      solar,
      2.5,
      0.1,
    ].map(String);
    for (const [at, value] of Object.entries(more)) cells[Number(at)] = String(value);
    return cells.join(",");
  };
  const whole = (day: string, of: (h: number) => number) =>
    Array.from({ length: 24 }, (_, i) => hour(day, i + 1, of(i)));

  test("hours are summed up to days: extremes, radiation, wind, rain", () => {
    const file = read([...head, ...whole("2024-03-01", (i) => -2 + i / 2)].join("\n"));
    expect(file.format).toBe("epw");
    expect(file.goodDays).toBe(1);
    expect(file.record.tminC[0]).toBe(-2);
    expect(file.record.tmaxC[0]).toBe(9.5);
    expect(file.record.solarMJ[0]).toBeCloseTo(24 * 100 * 0.0036, 4);
    expect(file.record.windMs[0]).toBeCloseTo(2.5, 5);
    expect(file.record.rainMm[0]).toBeCloseTo(2.4, 4);
  });

  test("missing codes, short days and bad hours", () => {
    const file = read(
      [
        ...head,
        ...whole("2024-03-01", () => 5),
        ...whole("2024-03-02", (i) => (i < 8 ? 99.9 : 6)),
        hour("2024-03-03", 30, 4),
        ...whole("2024-03-04", () => 7).map((l, i) => (i === 0 ? hour("2024-03-04", 1, 7, 9999) : l)),
      ].join("\n"),
    );
    expect(file.goodDays).toBe(2);
    expect(file.notes.join()).toContain("1 days with fewer than 20 hours");
    expect(file.problems[0].message).toContain("day or hour");
    expect(file.record.solarMJ[3]).toBeCloseTo(23 * 100 * 0.0036, 4);
  });

  test("a typical year of months from different years says what it is good for", () => {
    const days = ["2001-01-10", "2007-02-10", "2011-03-10"].flatMap((d) => whole(d, (i) => i));
    expect(read([...head, ...days].join("\n")).notes.join()).toContain("typical year");
  });
});

test("our own form still reads as before, and days to come are not taken from station files", () => {
  expect(read("date,tmin,tmax\n2024-02-28,1.5,9.25\n").format).toBe("csv");
  const ahead = `${STATION},20270101,TMAX,31,,,S,\n${STATION},20270101,TMIN,-22,,,S,`;
  expect(readWeatherFile(ahead, auto, TODAY)).toMatchObject({ ok: false });
  expect(toIso(read(`${STATION},20240101,TMAX,31,,,S,\n${STATION},20240101,TMIN,2,,,S,`).record.startDay)).toBe(
    "2024-01-01",
  );
});

test.each(["", "\u0000\u0001binary", 'broken "quote, here\n1,2,3', "LOCATION,only\n", "just words"])(
  "%j is told apart as no weather file, without an exception",
  (text) => {
    expect(readWeatherFile(text, auto, TODAY)).toMatchObject({ ok: false });
  },
);
