import { toDay, toIso } from "@/core/dates/index";
import { dayAxis } from "./axis";

test("the first of each month is named, January by its year; a place on the axis is told as a day", () => {
  const axis = dayAxis(toDay("2026-11-20"), 60, "2026-12-01");
  expect([axis.from, axis.to].map(toIso)).toEqual(["2026-11-20", "2027-01-18"]);
  expect(axis.ticks.map(toIso)).toEqual(["2026-12-01", "2027-01-01"]);
  expect(axis.ticks.map(axis.word)).toEqual(["Dec", "2027"]);
  expect(axis.tip(toDay("2026-12-24"))).toBe("24 Dec");
  expect(axis.tip(toDay("2027-01-02"))).toBe("2 Jan 2027");
});

test("of more than fourteen months every third is named, the leap day is a day like others", () => {
  const axis = dayAxis(toDay("2023-12-15"), 500, "2024-02-29");
  expect(axis.ticks.map(toIso)).toEqual([
    "2024-01-01",
    "2024-04-01",
    "2024-07-01",
    "2024-10-01",
    "2025-01-01",
    "2025-04-01",
  ]);
  expect(axis.tip(toDay("2024-02-29"))).toBe("29 Feb");
});
