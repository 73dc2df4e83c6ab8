import fc from "fast-check";
import { toDay, toIso } from "./dates";
import { readRoughDate, writeRoughDate } from "./rough";

const north = { today: "2026-05-15", latitudeDeg: 48.3 };
const south = { today: "2026-05-15", latitudeDeg: -38.6 };
const range = (text: string, setting: Parameters<typeof readRoughDate>[1] = north) => {
  const read = readRoughDate(text, setting);
  return read.ok ? (read.range ? [read.range.from, read.range.to] : "unknown") : read.fault;
};

test.each([
  ["2021-05-03", ["2021-05-03", "2021-05-03"]],
  ["3.5.2021", ["2021-05-03", "2021-05-03"]],
  ["3 May 2021", ["2021-05-03", "2021-05-03"]],
  ["May 3rd, 2021", ["2021-05-03", "2021-05-03"]],
  ["25/12/2020", ["2020-12-25", "2020-12-25"]],
  ["2021", ["2021-01-01", "2021-12-31"]],
  ["in 2021", ["2021-01-01", "2021-12-31"]],
  ["2024-02", ["2024-02-01", "2024-02-29"]],
  ["Sept 2022", ["2022-09-01", "2022-09-30"]],
  ["March", ["2026-03-01", "2026-03-31"]],
  ["october", ["2025-10-01", "2025-10-31"]],
  ["spring 2022", ["2022-03-01", "2022-05-31"]],
  ["Autumn of 2023", ["2023-09-01", "2023-11-30"]],
  ["winter 2021/22", ["2021-12-01", "2022-02-28"]],
  ["early 2020", ["2020-01-01", "2020-05-02"]],
  ["middle of 2020", ["2020-05-02", "2020-08-31"]],
  ["late summer 2021", ["2021-08-01", "2021-08-31"]],
  ["before 2020", ["2013-12-31", "2019-12-31"]],
  ["after 2024", ["2025-01-01", "2026-05-15"]],
  ["2019 to 2021", ["2019-01-01", "2021-12-31"]],
  ["between March 2019 and May 2020", ["2019-03-01", "2020-05-31"]],
  ["about 2019", ["2018-07-03", "2020-06-30"]],
  ["last year", ["2025-01-01", "2025-12-31"]],
  ["two years ago", ["2023-11-14", "2024-11-13"]],
  ["this year", ["2026-01-01", "2026-05-15"]],
])("%s", (text, expected) => {
  expect(range(text)).toEqual(expected);
});

test("before a month without a year: the last one that has begun, and up to six years before it", () => {
  expect(range("before March")).toEqual(["2020-02-29", "2026-02-28"]);
});

test("seasons follow the hemisphere, and one may cross New Year", () => {
  expect(range("spring 2022", south)).toEqual(["2022-09-01", "2022-11-30"]);
  expect(range("summer 2021/22", south)).toEqual(["2021-12-01", "2022-02-28"]);
  expect(range("winter 2024", south)).toEqual(["2024-06-01", "2024-08-31"]);
  expect(range("summer 2023/24", south)).toEqual(["2023-12-01", "2024-02-29"]);
});

test.each(["", "unknown", "?", "–", "nobody knows", "N/A"])("%j is unknown, not an error", (text) => {
  expect(range(text)).toBe("unknown");
});

test("what cannot be understood says how it failed", () => {
  expect(range("2025-02-29")).toBe("not-a-day");
  expect(range("31 June 2021")).toBe("not-a-day");
  expect(range("when Ruth was here")).toBe("not-understood");
  expect(range("03/04/2021")).toBe("not-understood");
  expect(range("03/04/2021", { ...north, order: "dmy" })).toEqual(["2021-04-03", "2021-04-03"]);
  expect(range("03/04/2021", { ...north, order: "mdy" })).toEqual(["2021-03-04", "2021-03-04"]);
  expect(range("2031")).toBe("future");
  expect(range("1492")).toBe("too-old");
});

const day = fc.integer({ min: toDay("1990-01-01"), max: toDay(north.today) });

test("what is written is read again as the same range", () => {
  fc.assert(
    fc.property(day, fc.integer({ min: 0, max: 900 }), (from, length) => {
      const to = Math.min(from + length, toDay(north.today));
      const known = { best: toIso(Math.round((from + to) / 2)), from: toIso(from), to: toIso(to) };
      const read = readRoughDate(writeRoughDate(known), north);
      expect(read).toEqual({ ok: true, range: known });
    }),
  );
  expect(writeRoughDate(null)).toBe("unknown");
});

test("a range holds its best day and never reaches past today, whatever is typed", () => {
  fc.assert(
    fc.property(fc.oneof(fc.string(), fc.constantFrom("2026", "spring", "after May 2020", "last winter")), (text) => {
      const read = readRoughDate(text, south);
      if (!read.ok || !read.range) return;
      expect(read.range.from <= read.range.best && read.range.best <= read.range.to).toBe(true);
      expect(read.range.to <= south.today).toBe(true);
    }),
  );
});
