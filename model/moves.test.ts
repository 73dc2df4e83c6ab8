import { type CauseFacts, movesBetween, type TreeDates } from "./moves";

const dates = (due: string | null, opens: string | null = null, moveBy: string | null = null): TreeDates => ({
  due,
  opens,
  moveBy,
});
const facts = (more: Partial<CauseFacts> = {}): CauseFacts => ({
  recorded: null,
  modelChanged: false,
  peopleChanged: false,
  ...more,
});
const today = "2026-05-15";
const moves = (then: TreeDates, held: TreeDates | null, now: TreeDates, f: CauseFacts) =>
  movesBetween("t", then, held, now, today, f).map((m) => [m.which, m.days, m.cause]);

test("five days or fewer are not worth a line", () => {
  expect(moves(dates("2026-09-01"), dates("2026-09-06"), dates("2026-09-06"), facts())).toEqual([]);
  expect(moves(dates("2026-09-01"), dates("2026-09-07"), dates("2026-09-07"), facts())).toEqual([
    ["due", 6, "weather"],
  ]);
});

test("what lies between the look and the held dates is the weather, the rest what was recorded", () => {
  const then = dates("2026-09-01");
  expect(moves(then, dates("2026-09-03"), dates("2026-11-20"), facts({ recorded: "check" }))).toEqual([
    ["due", 80, "check"],
  ]);
  expect(moves(then, dates("2026-10-01"), dates("2026-10-02"), facts({ recorded: "check" }))).toEqual([
    ["due", 31, "weather"],
  ]);
  expect(moves(then, dates("2026-09-01"), dates("2026-08-01"), facts({ recorded: "correction" }))).toEqual([
    ["due", -31, "correction"],
  ]);
  expect(moves(then, dates("2026-10-01"), dates("2026-10-01"), facts({ modelChanged: true }))).toEqual([
    ["due", 30, "model"],
  ]);
  expect(
    moves(
      dates(null, null, "2026-08-01"),
      dates(null, null, "2026-08-01"),
      dates(null, null, "2026-07-20"),
      facts({ peopleChanged: true }),
    ),
  ).toEqual([["moveBy", -12, "people"]]);
});

test("a date that has simply come, and a window that is the next one, have not moved", () => {
  expect(moves(dates("2026-05-10"), null, dates("2026-07-01"), facts())).toEqual([]);
  expect(moves(dates(null, "2026-06-01"), null, dates(null, "2027-03-01"), facts())).toEqual([]);
  expect(moves(dates("2026-09-01"), null, dates(null), facts())).toEqual([]);
});
