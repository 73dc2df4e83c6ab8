import fc from "fast-check";
import {
  addYears,
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
