import { earliestDay, latestDay, outOfReach, readRoughDate, YEARS_AHEAD, YEARS_BACK } from "./index";

test("how far dates reach, asserted once", () => {
  expect(YEARS_BACK).toEqual({ tree: 300, other: 150 });
  expect(YEARS_AHEAD).toBe(100);
  expect(earliestDay("2026-05-15", "tree")).toBe("1726-05-15");
  expect(earliestDay("2024-02-29", "other")).toBe("1874-02-28");
  expect(latestDay("2026-05-15")).toBe("2126-05-15");
});

test.each([
  ["0026-05-15", "tree", "too-old"],
  ["1026-05-15", "tree", "too-old"],
  ["1726-05-14", "tree", "too-old"],
  ["1726-05-15", "tree", null],
  ["1876-05-14", "other", "too-old"],
  ["1876-05-15", "other", null],
  ["2126-05-15", "other", null],
  ["2126-05-16", "tree", "too-far"],
  ["yesterday", "tree", null],
] as const)("%s of a %s: %s", (iso, of, expected) => {
  expect(outOfReach(iso, "2026-05-15", of)).toBe(expected);
});

const setting = { today: "2026-05-15", latitudeDeg: 48 };
test.each([
  ["0026-05-03", "tree"],
  ["3 May 1026", "tree"],
  ["1026", "tree"],
  ["1725", "tree"],
  ["1850", "other"],
] as const)("%s is too long ago for a %s", (text, of) => {
  expect(readRoughDate(text, { ...setting, of })).toEqual({ ok: false, fault: "too-old" });
});

test("an old tree's own time is read; what only reaches over the edge is cut there", () => {
  expect(readRoughDate("1850", setting)).toEqual({
    ok: true,
    range: { best: "1850-07-02", from: "1850-01-01", to: "1850-12-31" },
  });
  expect(readRoughDate("before 1730", setting)).toEqual({
    ok: true,
    range: { best: "1728-03-08", from: "1726-05-15", to: "1729-12-31" },
  });
});
