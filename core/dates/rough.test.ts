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
  ["today", ["2026-05-15", "2026-05-15"]],
  ["yesterday", ["2026-05-14", "2026-05-14"]],
  ["mid 2021", ["2021-05-02", "2021-09-01"]],
  ["early June 2021", ["2021-06-01", "2021-06-11"]],
  ["late 2021", ["2021-09-01", "2021-12-31"]],
  ["until 2020", ["2014-12-31", "2020-12-31"]],
  ["by March 2020", ["2014-03-31", "2020-03-31"]],
  ["since 2025", ["2025-01-01", "2026-05-15"]],
  ["not before 2025", ["2025-01-01", "2026-05-15"]],
  ["~3.5.2021", ["2021-04-18", "2021-05-18"]],
  ["last spring", ["2025-03-01", "2025-05-31"]],
  ["spring", ["2026-03-01", "2026-05-15"]],
  ["last winter", ["2025-12-01", "2026-02-28"]],
  ["a week ago", ["2026-05-05", "2026-05-12"]],
  ["two weeks ago", ["2026-04-28", "2026-05-05"]],
  ["three months ago", ["2026-01-28", "2026-02-28"]],
  ["one year ago", ["2024-11-13", "2025-11-13"]],
  ["four years ago", ["2021-11-13", "2022-11-14"]],
  ["five years ago", ["2020-11-13", "2021-11-13"]],
  ["six years ago", ["2019-11-14", "2020-11-13"]],
  ["seven years ago", ["2018-11-14", "2019-11-14"]],
  ["eight years ago", ["2017-11-13", "2018-11-14"]],
  ["12 years ago", ["2013-11-13", "2014-11-14"]],
  ["12/5/2020", "not-understood"],
  ["5/5/2020", ["2020-05-05", "2020-05-05"]],
  ["13/5/2020", ["2020-05-13", "2020-05-13"]],
  ["5/13/2020", ["2020-05-13", "2020-05-13"]],
  ["2021-12", ["2021-12-01", "2021-12-31"]],
  ["2021-13", "not-understood"],
  ["2021-01", ["2021-01-01", "2021-01-31"]],
  ["2021-00", "not-understood"],
  ["2024 to 2021", "not-understood"],
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

test("what is written: a year, a month, a day, or both ends", () => {
  const at = (from: string, to: string) => writeRoughDate({ best: from, from, to });
  expect(at("2021-01-01", "2021-12-31")).toBe("2021");
  expect(at("2024-02-01", "2024-02-29")).toBe("2024-02");
  expect(at("2021-12-01", "2021-12-31")).toBe("2021-12");
  expect(at("2021-05-03", "2021-05-03")).toBe("2021-05-03");
  expect(at("2021-02-01", "2021-12-31")).toBe("2021-02-01 to 2021-12-31");
  expect(at("2021-01-02", "2021-12-31")).toBe("2021-01-02 to 2021-12-31");
  expect(at("2021-01-01", "2022-12-31")).toBe("2021-01-01 to 2022-12-31");
});

test("both ends of a range must be days; an autumn of the south ends with May", () => {
  expect(range("31 June 2021 to 2022")).toBe("not-a-day");
  expect(range("2020 to 31 June 2021")).toBe("not-a-day");
  expect(range("2020 to Ruth")).toBe("not-understood");
  expect(range("Ruth to 2020")).toBe("not-understood");
  expect(range("autumn 2024", south)).toEqual(["2024-03-01", "2024-05-31"]);
  // Today may still be the day; tomorrow may not.
  expect([range("2026-05-15"), range("2026-05-16")]).toEqual([["2026-05-15", "2026-05-15"], "future"]);
});
