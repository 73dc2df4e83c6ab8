import {
  OPERATIONS,
  openPeriods,
  outlineOf,
  outlineOver,
  suitabilityOn,
  windowFrom,
  type WindowOutline,
  windowSeries,
} from "./index";
import { continental } from "@/test-support/season";
import { profileOf } from "../species/index";

const kind = (kindId: string) => profileOf({ kindId, typedName: null, habit: null });

test.each(["apple", "lemon", "fig"])(
  "an outline of %s tells what the series tells, on every day and for every work",
  (id) => {
    for (const operation of OPERATIONS) {
      const series = windowSeries(continental, kind(id), operation, 2026, 2027);
      const outline = outlineOf(series);
      for (let day = series.startDay; day < series.startDay + 365; day += 3) {
        const told = windowFrom(outline, day, day + 300)!;
        const { suitability, limiting } = suitabilityOn(series, day)!;
        expect([told.open, told.limiting]).toEqual([suitability >= 0.5, limiting]);
        expect(told.periods.map(({ closes: _, ...p }) => p)).toEqual(openPeriods(series, day, day + 300));
      }
    }
  },
);

const outline: WindowOutline = {
  startDay: 0,
  endDay: 99,
  spans: [{ from: 10, to: 40, opens: [8, 10, 12], closes: [35, 40, 44] }],
  runs: [
    [0, 2, 0],
    [10, 0, 1],
    [20, 7, 0],
    [22, 0, 1],
    [41, 7, 0],
  ],
};

test("a tree's own wait and days without hands are cut out of it", () => {
  const whole = windowFrom(outline, 5, 90)!;
  expect(whole).toEqual({
    open: false,
    limiting: "soil-cold",
    periods: [{ from: 10, to: 40, closedBy: "heat", closes: [35, 40, 44] }],
  });
  // Asked for on a closed day inside it, it begins on the next open one.
  expect(windowFrom(outline, 20, 90)!.periods[0].from).toBe(22);
  expect(windowFrom(outline, 5, 90, 15)!.periods[0].from).toBe(15);
  // Of a stretch that goes on, the last days count, however few.
  expect(windowFrom(outline, 5, 90, 39)!.periods.map((p) => [p.from, p.to])).toEqual([[39, 40]]);
  expect(windowFrom(outline, 5, 90, 41)!.periods).toEqual([]);
  expect(windowFrom(outline, 5, 30)!.periods[0]).toMatchObject({ to: 30, closedBy: "none" });
  const away = windowFrom(outline, 5, 90, 5, [[14, 30]])!.periods;
  expect(away.map((p) => [p.from, p.to, p.closedBy, p.closes])).toEqual([
    [10, 13, "grower", null],
    [31, 40, "heat", null],
  ]);
  expect([windowFrom(outline, -1, 90), windowFrom(outline, 100, 190)]).toEqual([null, null]);
});

test("a season's own days lie over the usual ones, and the usual ones go on after them", () => {
  const own: WindowOutline = {
    startDay: 15,
    endDay: 29,
    spans: [],
    runs: [
      [15, 3, 0],
      [25, 0, 1],
    ],
  };
  const laid = outlineOver(outline, own);
  expect(laid.runs).toEqual([
    [0, 2, 0],
    [10, 0, 1],
    [15, 3, 0],
    [25, 0, 1],
    [30, 0, 1],
    [41, 7, 0],
  ]);
  expect(windowFrom(laid, 5, 90)!.periods.map((p) => [p.from, p.to, p.closedBy])).toEqual([
    [10, 14, "wood"],
    [25, 40, "heat"],
  ]);
});
