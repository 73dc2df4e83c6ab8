import fc from "fast-check";
import { anEvent } from "@/test-support/records";
import { addMonths, toDay, toIso } from "../dates/index";
import { REPEATS } from "../event/index";
import { AFTERCARES, CARES } from "../decision/index";
import {
  type Answers,
  answersOf,
  CARE_MINUTES,
  itemsOf,
  nextDay,
  openTime,
  type Task,
  taskItemId,
  taskItems,
  tasksOf,
  timeOf,
  TODAY_FIGURES,
  TODAY_GROUPS,
  type TodayItem,
  todayList,
  treeOf,
} from "./index";

const ON = "2026-05-15";
const item = (id: string, more: Partial<TodayItem> = {}): TodayItem => ({
  id,
  what: { kind: "act", work: "check-roots", correction: null },
  tag: id,
  placeId: "roof",
  plants: 1,
  from: ON,
  to: null,
  overdue: false,
  lasts: false,
  minutes: 5,
  massKg: null,
  looseMixL: null,
  because: ["unknown"],
  excepted: null,
  ...more,
});
const none: Answers = new Map();
const ids = (list: ReturnType<typeof todayList>, group: (typeof TODAY_GROUPS)[number]) =>
  list.groups[group].flatMap((round) => round.rows.map((row) => row.items.map((i) => i.id)));

test("an item tells whose it is", () => {
  expect([treeOf("t1:up-pot:2026"), treeOf("task:t1:2026-05-15")]).toEqual(["t1", null]);
});

test("figures", () => {
  expect(TODAY_FIGURES).toEqual({ weekDays: 6, monthDays: 30, mostDays: 400 });
  expect(CARE_MINUTES).toEqual({
    ...{ "check-roots": 5, "look-for-girdler": 5, "look-again": 2, "check-wood": 2, checkpoint: 5, bath: 5, shade: 5 },
    ...{ "expose-flare": 10, "keep-moist": 5, "trim-outside": 10, "water-by-weight": 2, "feed-little": 2 },
  });
});

test("days fall into now, this week, the month and later, to the day; beyond four hundred days is the plan's", () => {
  const at = (days: number) => item(`d${days}`, { from: toIso(toDay(ON) + days) });
  const list = todayList([-3, 0, 1, 6, 7, 30, 31, 400, 401].map(at), none, ON);
  expect(ids(list, "now")).toEqual([["d-3", "d0"]]);
  expect(ids(list, "week")).toEqual([["d1", "d6"]]);
  expect(ids(list, "month")).toEqual([["d30", "d7"]]);
  expect(ids(list, "later")).toEqual([["d31"], ["d400"]]);
  expect(nextDay(list)).toBe("2026-05-16");
  expect(nextDay(todayList([at(0)], none, ON))).toBeNull();
});

test("equal work in one place is one row with its sums; other work, another place, another correction is another", () => {
  const pot = { kind: "act", work: "up-pot", correction: "tease-and-clip" } as const;
  const list = todayList(
    [
      item("a", { what: pot, minutes: 20, massKg: 9, looseMixL: 12, to: "2026-06-20", because: ["full", "turning"] }),
      item("b", { what: pot, minutes: 30, massKg: 14, looseMixL: 8, to: "2026-06-02", because: ["full"], plants: 3 }),
      item("c", { what: pot, placeId: "yard" }),
      item("d", { what: { ...pot, correction: "none" } }),
      item("e"),
    ],
    none,
    ON,
  );
  const [round] = list.groups.now;
  const row = round.rows.find((r) => r.items.length === 2)!;
  expect(row).toMatchObject({ minutes: 50, massKg: 14, looseMixL: 20, to: "2026-06-02", plants: 4, because: ["full"] });
  expect(row.items.map((i) => i.id)).toEqual(["b", "a"]);
  expect(list.groups.now.map((r) => [r.placeId, r.rows.length])).toEqual([
    ["roof", 3],
    ["yard", 1],
  ]);
});

test("nobody's minutes are no zero", () => {
  const [round] = todayList([item("a", { minutes: null }), item("b", { minutes: null })], none, ON).groups.now;
  expect(round.rows[0]).toMatchObject({ minutes: null, massKg: null, looseMixL: null, to: null });
  const [known] = todayList([item("a", { minutes: null }), item("b")], none, ON).groups.now;
  expect(known.rows[0].minutes).toBe(5);
});

test("what presses comes first: what is overdue, then what ends first", () => {
  const work = (id: string, more: Partial<TodayItem>) =>
    item(id, { what: { kind: "task", taskId: id, text: id }, placeId: null, ...more });
  const list = todayList(
    [
      work("open", {}),
      work("june", { to: "2026-06-10" }),
      work("may", { to: "2026-05-20" }),
      work("late", { overdue: true, to: "2026-08-01" }),
    ],
    none,
    ON,
  );
  expect(ids(list, "now").flat()).toEqual(["late", "may", "june", "open"]);
});

test("done and refused are gone, put off comes back on its day, the newest word counts", () => {
  const said = (name: string, answer: "done" | "later" | "refused" | "back", until: string | null = null) =>
    anEvent("2026-05-14", { kind: "answered", item: name, answer, until, reason: "" });
  const events = [
    said("a", "done"),
    said("b", "refused"),
    said("c", "later", "2026-05-20"),
    said("d", "done"),
    said("d", "later", "2026-05-15"),
    said("f", "refused"),
    said("f", "back"),
  ].map((e, seq) => ({ ...e, seq }));
  const answers = answersOf(events, ON);
  const list = todayList(
    ["a", "b", "c", "d", "e", "f"].map((id) => item(id)),
    answers,
    ON,
  );
  expect(ids(list, "now").flat()).toEqual(["d", "e", "f"]);
  expect(ids(list, "week").flat()).toEqual(["c"]);
  expect(list.putOff.map((p) => [p.item.id, p.until])).toEqual([
    ["b", null],
    ["c", "2026-05-20"],
  ]);
  // Seen as of the day before anything was said, all of it is still to be done.
  expect(answersOf(events, "2026-05-13").size).toBe(0);
  // Not put off to before it may be begun.
  const later = todayList([item("c", { from: "2026-07-01" })], answers, ON);
  expect(ids(later, "later").flat()).toEqual(["c"]);
});

const task = (more: Partial<Task> = {}): Task => ({
  taskId: "t",
  text: "Clean the gutters",
  first: "2026-01-31",
  every: null,
  placeId: null,
  ...more,
});
const done = (...days: string[]): Answers =>
  new Map(days.map((d) => [taskItemId("t", d), { answer: "done", until: null, reason: "" }]));

test("a month without that day has its last; a leap day its year's", () => {
  expect(addMonths("2026-01-31", 1)).toBe("2026-02-28");
  expect(addMonths("2027-12-31", 2)).toBe("2028-02-29");
  expect(addMonths("2026-01-31", -2)).toBe("2025-11-30");
  const monthly = task({ every: { unit: "month", count: 1 } });
  expect([0, 1, 2].map((n) => timeOf(monthly, n))).toEqual(["2026-01-31", "2026-02-28", "2026-03-31"]);
  const leap = task({ first: "2028-02-29", every: { unit: "year", count: 1 } });
  expect([1, 4].map((n) => timeOf(leap, n))).toEqual(["2029-02-28", "2032-02-29"]);
  expect(timeOf(task({ every: { unit: "week", count: 2 } }), 1)).toBe("2026-02-14");
});

test("of what was missed the last time alone is asked for, and once that is done the next", () => {
  const weekly = task({ first: "2026-05-01", every: { unit: "week", count: 1 } });
  expect(openTime(weekly, none, "2026-04-20")).toBe("2026-05-01");
  expect(openTime(weekly, none, ON)).toBe("2026-05-15");
  expect(openTime(weekly, none, "2026-05-14")).toBe("2026-05-08");
  expect(openTime(weekly, done("2026-05-15"), ON)).toBe("2026-05-22");
  expect(openTime(weekly, done("2026-05-15", "2026-05-22"), ON)).toBe("2026-05-29");
  const once = task({ first: "2026-05-01" });
  expect(openTime(once, none, ON)).toBe("2026-05-01");
  expect(openTime(once, done("2026-05-01"), ON)).toBeNull();
  expect(openTime(task({ first: "2026-06-01" }), done("2026-06-01"), ON)).toBeNull();
  const [asked] = taskItems([once], none, ON);
  expect(asked).toMatchObject({ id: "task:t:2026-05-01", overdue: true, from: "2026-05-01" });
});

test("a repeated job stands open exactly once, on one of its days, the next being ahead", () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...REPEATS),
      fc.integer({ min: 1, max: 12 }),
      fc.integer({ min: -20_000, max: 400 }),
      (unit, count, start) => {
        const repeated = task({ first: toIso(toDay(ON) + start), every: { unit, count } });
        const on = openTime(repeated, none, ON)!;
        // The same by walking every time from the first.
        let n = 0;
        while (timeOf(repeated, n + 1) <= ON) n++;
        expect(on).toBe(timeOf(repeated, n));
        expect(openTime(repeated, done(on), ON)).toBe(timeOf(repeated, n + 1));
      },
    ),
    { numRuns: 300 },
  );
});

test("the newest word about a job counts, and what is taken out is gone", () => {
  const said = (seq: number, text: string, gone = false) => ({
    ...anEvent(ON, { kind: "task", taskId: "t", text, first: ON, every: null, placeId: null, gone }),
    seq,
  });
  expect(tasksOf([said(1, "Order bark"), said(2, "Order bark and grit")]).map((t) => t.text)).toEqual([
    "Order bark and grit",
  ]);
  expect(tasksOf([said(1, "Order bark"), said(2, "Order bark", true)])).toEqual([]);
});

const tree = { treeId: "t1", tag: "FG-1", placeId: "roof", plants: 1, workedOn: "2026-05-01" };
const decision = (more: Partial<Parameters<typeof itemsOf>[0]>): Parameters<typeof itemsOf>[0] => ({
  on: ON,
  headline: { code: "do-now", work: "up-pot", from: ON, to: null, limiting: "none", because: [], step: null },
  acts: [],
  aftercare: [],
  questions: [],
  refused: [],
  confidence: { basis: "guess", fillLow: 0, fillHigh: 1 },
  ...more,
});

test("of a decision each act with a day is an item; only what the headline names is overdue", () => {
  const act = (work: "up-pot" | "check-roots" | "bath", from: string | null) => ({
    ...{ id: `${work}:2026`, work, correction: null, from, to: null, lastSafe: null, excepted: null, pot: null },
    ...{ massKg: null, minutes: null, because: [], figures: {}, aftercare: [] },
  });
  const items = itemsOf(decision({ acts: [act("bath", ON), act("up-pot", ON), act("check-roots", null)] }), tree);
  expect(items.map((i) => [i.id, i.overdue, i.minutes])).toEqual([
    ["t1:bath:2026", false, 5],
    ["t1:up-pot:2026", true, null],
  ]);
});

test("care goes on, and a sign of a rescue that is looked for later is not overdue", () => {
  const act = (work: "keep-bright" | "checkpoint", from: string) => ({
    ...{ id: `${work}:2026`, work, correction: null, from, to: null, lastSafe: null, excepted: null, pot: null },
    ...{ massKg: null, minutes: null, because: [], figures: {}, aftercare: [] },
  });
  const headline = { ...decision({}).headline, code: "rescue" as const, work: "checkpoint" as const };
  const items = itemsOf(decision({ headline, acts: [act("keep-bright", ON), act("checkpoint", "2026-05-18")] }), tree);
  expect(items.map((i) => [i.lasts, i.overdue])).toEqual([
    [true, false],
    [false, false],
  ]);
  const [late] = itemsOf(decision({ headline, acts: [act("checkpoint", ON)] }), tree);
  expect(late.overdue).toBe(true);
});

test("aftercare belongs to the work it follows; what lasts runs from today until its day", () => {
  const items = itemsOf(
    decision({
      aftercare: [
        { code: "second-soak", on: "2026-05-01" },
        { code: "shade-until", on: "2026-05-29" },
        { code: "look-for-roots", on: null },
      ],
    }),
    tree,
  );
  expect(items.map((i) => [i.id, i.from, i.to, i.lasts])).toEqual([
    ["t1:after:second-soak:2026-05-01", "2026-05-01", null, false],
    ["t1:after:shade-until:2026-05-01", ON, "2026-05-29", true],
  ]);
  const list = todayList(items, none, ON);
  expect(ids(list, "lasting").flat()).toEqual(["t1:after:shade-until:2026-05-01"]);
});

test("every aftercare and care has an id no other has", () => {
  const all = itemsOf(decision({ aftercare: AFTERCARES.map((code) => ({ code, on: ON })) }), tree);
  expect(new Set(all.map((i) => i.id)).size).toBe(AFTERCARES.length);
  expect(new Set(CARES).size).toBe(CARES.length);
});
