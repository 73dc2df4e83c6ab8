import fc from "fast-check";
import { toDay } from "../dates/index";
import { anEvent } from "@/test-support/records";
import { awayStretches, calendarOf, hoursBetween, liftersOn, presentOn } from "./people";
import { withoutStretches } from "../window/index";

const person = (personId: string, more: Record<string, unknown> = {}) =>
  anEvent("2026-01-01", {
    kind: "person",
    personId,
    name: personId,
    self: false,
    liftKg: 20,
    hoursPerWeek: null,
    weekdays: [],
    gone: false,
    ...more,
  });
const absence = (personId: string | null, from: string, to: string) =>
  anEvent("2026-01-01", { kind: "absence", personId, from, to, note: "" });
const names = (list: { name: string }[]) => list.map((p) => p.name);

test("the newest word about a person counts, and who is gone is gone", () => {
  const calendar = calendarOf([
    person("a", { liftKg: 25 }),
    person("b"),
    person("a", { liftKg: 12 }),
    person("b", { gone: true }),
  ]);
  expect(calendar.people).toHaveLength(1);
  expect(calendar.people[0]).toMatchObject({ name: "a", liftKg: 12 });
});

test("days of the week and absences decide who is there", () => {
  const calendar = calendarOf([
    person("a", { self: true }),
    person("b", { weekdays: [6] }),
    absence("a", "2026-05-10", "2026-05-16"),
  ]);
  // 9 May 2026 is a Saturday.
  expect(names(presentOn(calendar, toDay("2026-05-09")))).toEqual(["a", "b"]);
  expect(names(presentOn(calendar, toDay("2026-05-11")))).toEqual([]);
  expect(names(presentOn(calendar, toDay("2026-05-16")))).toEqual(["b"]);
});

test("nobody is there where all are away; a free weekday alone closes nothing", () => {
  const iso = (events: Parameters<typeof calendarOf>[0]) => awayStretches(calendarOf(events)).map(([a, b]) => [a, b]);
  const span = (from: string, to: string) => [toDay(from), toDay(to)];
  expect(iso([absence(null, "2026-12-23", "2027-01-02")])).toEqual([span("2026-12-23", "2027-01-02")]);
  expect(iso([person("a", { weekdays: [6] })])).toEqual([]);
  expect(iso([person("a"), person("b"), absence("a", "2026-05-10", "2026-05-12")])).toEqual([]);
  expect(
    iso([person("a"), person("b"), absence("a", "2026-05-10", "2026-05-14"), absence("b", "2026-05-13", "2026-05-20")]),
  ).toEqual([span("2026-05-13", "2026-05-14")]);
});

test("one lifts within the own limit, two manage two thirds of both, beyond it nobody", () => {
  const calendar = calendarOf([person("a", { liftKg: 25 }), person("b", { liftKg: 20 }), person("c", { liftKg: 12 })]);
  const on = toDay("2026-05-12");
  expect(liftersOn(calendar, on, 22).alone?.name).toBe("a");
  expect(liftersOn(calendar, on, 29).pair?.map((p) => p.name)).toEqual(["a", "b"]);
  expect(liftersOn(calendar, on, 31)).toMatchObject({ alone: null, pair: null, present: 3 });
});

test("an open period without the days nobody is there: no day of it is lost or doubled", () => {
  const stretch = fc
    .tuple(fc.integer({ min: 0, max: 100 }), fc.integer({ min: 0, max: 30 }))
    .map(([a, n]) => [a, a + n] as const);
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 60 }),
      fc.integer({ min: 0, max: 60 }),
      fc.array(stretch, { maxLength: 5 }),
      (from, n, away) => {
        const period = { from, to: from + n, closedBy: "wood" as const };
        const parts = withoutStretches(period, away);
        const open = new Set(parts.flatMap((p) => Array.from({ length: p.to - p.from + 1 }, (_, i) => p.from + i)));
        for (let day = from; day <= from + n; day++)
          expect(open.has(day)).toBe(!away.some(([a, b]) => a <= day && day <= b));
        expect(parts.reduce((sum, p) => sum + p.to - p.from + 1, 0)).toBe(open.size);
        if (parts.at(-1)?.to === period.to) expect(parts.at(-1)!.closedBy).toBe("wood");
      },
    ),
  );
});

test("hours are counted on the days people are there; where nobody said how many, there is no number", () => {
  const monday = toDay("2026-05-11");
  expect(hoursBetween(calendarOf([person("a")]), monday, monday + 6)).toBeNull();
  const calendar = calendarOf([
    person("a", { hoursPerWeek: 7 }),
    person("b", { hoursPerWeek: 6, weekdays: [6, 7] }),
    person("c"),
    absence("a", "2026-05-12", "2026-05-13"),
  ]);
  expect(hoursBetween(calendar, monday, monday + 6)).toBeCloseTo(5 + 6, 9);
  expect(hoursBetween(calendar, monday, monday)).toBeCloseTo(1, 9);
  expect(hoursBetween(calendar, monday + 5, monday + 5)).toBeCloseTo(1 + 3, 9);
});
