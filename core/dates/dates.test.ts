import fc from "fast-check";
import {
  addYears,
  dayFromParts,
  dayOfYear,
  frostYearStartSlot,
  growingSeason,
  isLeap,
  monthDayOfSlot,
  dayOfSlot,
  frostSlotOf,
  frostYearOf,
  midwinterOf,
  parseIso,
  partsOf,
  seasonLabel,
  seasonOf,
  seasonStart,
  slotOf,
  toDay,
  toIso,
} from "./index";

test("day numbers and back, leap days included", () => {
  expect(toDay("1970-01-02")).toBe(1);
  expect(toIso(toDay("2024-02-29"))).toBe("2024-02-29");
  fc.assert(fc.property(fc.integer({ min: -40000, max: 60000 }), (day) => toDay(toIso(day)) === day));
});

test("integer dates agree with the platform's calendar", () => {
  fc.assert(
    fc.property(fc.integer({ min: -200_000, max: 200_000 }), (day) => {
      const date = new Date(day * 86_400_000);
      expect(partsOf(day)).toEqual({
        year: date.getUTCFullYear(),
        month: date.getUTCMonth() + 1,
        day: date.getUTCDate(),
      });
    }),
  );
});

test.each(["2025-02-29", "2025-13-01", "2025-00-10", "25-01-01", "2025-1-1", "yesterday", ""])(
  "%s is no day",
  (text) => {
    expect(parseIso(text)).toBeNull();
  },
);

test("the 29th of February shares the slot of the 28th, and the year ends on slot 364", () => {
  expect(slotOf(toDay("2024-02-29"))).toBe(slotOf(toDay("2024-02-28")));
  expect(slotOf(toDay("2024-03-01"))).toBe(slotOf(toDay("2023-03-01")));
  expect(slotOf(toDay("2024-12-31"))).toBe(364);
  for (let slot = 0; slot < 365; slot++) expect(slotOf(dayOfSlot(2023, slot))).toBe(slot);
});

test("frost years start at midsummer on both halves of the globe", () => {
  expect(frostSlotOf(toDay("2025-07-01"), 50)).toBe(0);
  expect(frostSlotOf(toDay("2025-01-01"), -50)).toBe(0);
  expect(frostYearOf(toDay("2026-04-10"), 50)).toBe(2025);
  expect(frostYearOf(toDay("2026-04-10"), -50)).toBe(2026);
});

test("southern seasons cross New Year", () => {
  expect(seasonOf(toDay("2027-02-01"), -38)).toBe(2026);
  expect(seasonLabel(2026, -38)).toBe("2026/27");
  expect(toIso(seasonStart(2026, -38))).toBe("2026-07-01");
  expect(toIso(midwinterOf(2026, -38))).toBe("2026-06-21");
  expect(toIso(midwinterOf(2026, 48))).toBe("2025-12-21");
});

test("so many years on it is the same day of the calendar; a leap day becomes the one before", () => {
  expect(addYears("2026-11-27", 3)).toBe("2029-11-27");
  expect(addYears("2028-02-29", 1)).toBe("2029-02-28");
  expect(addYears("2028-02-29", 4)).toBe("2032-02-28");
  expect(addYears("2029-03-01", -1)).toBe("2028-03-01");
});

test("every month has its days, and no month or year beyond the calendar", () => {
  const last = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];
  last.forEach((days, m) => {
    const at = (day: number) => parseIso(`2023-${String(m + 1).padStart(2, "0")}-${String(day).padStart(2, "0")}`);
    expect(at(days)).not.toBeNull();
    expect(at(days + 1)).toBeNull();
    expect(toIso(at(days)!)).toBe(`2023-${String(m + 1).padStart(2, "0")}-${days}`);
  });
  expect(dayFromParts(2023, 13, 1)).toBeNull();
  expect(dayFromParts(2023, 0, 1)).toBeNull();
  expect(dayFromParts(2023, 5, 0)).toBeNull();
  expect([1900, 2000, 2023, 2024, 2100].map(isLeap)).toEqual([false, true, false, true, false]);
  expect(["2023/05-01", "2023-05/01", "2023-o5-01", "2023-05-01 "].map(parseIso)).toEqual([null, null, null, null]);
  expect(() => toDay("2023-02-30")).toThrow('toDay: "2023-02-30" is no calendar day');
  expect(toIso(toDay("0999-03-01"))).toBe("0999-03-01");
});

test("slots wrap round the year and print as its days; days of the year count the leap day", () => {
  expect([0, 58, 59, 364, 365, -1].map(monthDayOfSlot)).toEqual(["01-01", "02-28", "03-01", "12-31", "01-01", "12-31"]);
  expect([monthDayOfSlot(58.4), monthDayOfSlot(58.6)]).toEqual(["02-28", "03-01"]);
  expect(["2024-01-01", "2024-12-31", "2023-12-31", "2023-03-01"].map((d) => dayOfYear(toDay(d)))).toEqual([
    1, 366, 365, 60,
  ]);
  expect([frostYearStartSlot(50), frostYearStartSlot(0), frostYearStartSlot(-1)]).toEqual([181, 181, 0]);
  expect(["2025-06-30", "2025-07-01", "2025-12-31"].map((d) => frostSlotOf(toDay(d), 50))).toEqual([364, 0, 183]);
});

test("years of frost and growth turn on the first of July or January, and midwinter opens the season", () => {
  expect(["2025-06-30", "2025-07-01"].map((d) => frostYearOf(toDay(d), 50))).toEqual([2024, 2025]);
  expect(["2025-06-30", "2025-07-01"].map((d) => seasonOf(toDay(d), -38))).toEqual([2024, 2025]);
  expect(["2025-06-30", "2025-07-01"].map((d) => seasonOf(toDay(d), 0))).toEqual([2025, 2025]);
  expect(toIso(seasonStart(2026, 50))).toBe("2026-01-01");
  expect([seasonLabel(2026, 50), seasonLabel(2099, -1)]).toEqual(["2026", "2099/00"]);
  expect(["2025-12-20", "2025-12-21"].map((d) => growingSeason(toDay(d), 50))).toEqual([2025, 2026]);
  expect(["2026-06-20", "2026-06-21"].map((d) => growingSeason(toDay(d), -38))).toEqual([2025, 2026]);
});
