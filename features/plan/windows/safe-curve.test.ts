import { toDay } from "@/core/dates/index";
import type { OperationWindow } from "@/model/index";
import { openSpans, safeRows } from "./safe-curve";

const row = {
  curve: { from: "2026-03-01", stepDays: 5, safe: [10, 95, 96, 40, 92], suitability: [0, 100, 100, 30, 100] },
} as unknown as OperationWindow;
const start = toDay("2026-03-01");

test("each step at its day; stretches that touch are one", () => {
  expect(safeRows(row)[4]).toEqual({ day: start + 20, safe: 92 });
  expect(openSpans(row)).toEqual([
    { from: start + 5, to: start + 15 },
    { from: start + 20, to: start + 25 },
  ]);
});
