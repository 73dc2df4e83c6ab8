import { AFTERCARES, CARES, REASONS } from "@/core/decision/index";
import { OPERATIONS } from "@/core/window/index";
import {
  answerWords,
  countWords,
  durationWords,
  effortWords,
  GROUP_TITLES,
  repeatWords,
  rowWhen,
  todayTitle,
  whyWords,
} from "./today";

const ON = "2026-05-15";

test("every work, care, aftercare and reason has words of its own, and none of them is a code", () => {
  const works = [...OPERATIONS, ...CARES].map((work) => todayTitle({ kind: "act", work, correction: null }));
  const after = AFTERCARES.map((code) => todayTitle({ kind: "aftercare", code }));
  const why = REASONS.map((reason) => whyWords([reason]));
  expect(new Set([...works, ...after]).size).toBe(works.length + after.length);
  expect(new Set(why).size).toBe(REASONS.length);
  for (const words of [...works, ...after]) expect(words).toMatch(/^[A-Z][^_]{2,}$/);
  expect(todayTitle({ kind: "task", taskId: "t", text: "Order bark" })).toBe("Order bark");
  expect(whyWords(["full", "turning"])).toBe("pot full of roots; circling roots");
  expect(Object.values(GROUP_TITLES)).toEqual(["Now", "This week", "Next 30 days", "Later", "Ongoing care"]);
});

test("when a row is to be done", () => {
  const when = (more: Partial<Parameters<typeof rowWhen>[0]>) =>
    rowWhen({ group: "now", from: ON, to: null, overdue: 0, excepted: null, count: 1, ...more }, ON);
  expect(when({})).toBe("");
  expect(when({ to: "2026-06-03" })).toBe("by 3 Jun");
  expect(when({ to: "2026-06-03", count: 2 })).toBe("the first by 3 Jun");
  expect(when({ overdue: 1 })).toBe("overdue");
  expect(when({ overdue: 2, count: 2 })).toBe("overdue");
  expect(when({ overdue: 1, count: 3 })).toBe("1 overdue");
  expect(when({ excepted: "broken", overdue: 1 })).toBe("now, whatever the season");
  expect(when({ group: "lasting", to: "2026-05-29" })).toBe("until 29 May");
  expect(when({ group: "lasting" })).toBe("");
  expect(when({ group: "later", from: "2026-07-01", to: "2027-02-01" })).toBe("1 Jul to 1 Feb 2027");
  expect(when({ group: "later", from: "2026-07-01", to: "2027-02-01", count: 2 })).toBe("from 1 Jul");
  expect(when({ group: "later", from: "2026-07-01" })).toBe("from 1 Jul");
});

test("what it takes, in both systems of units", () => {
  const row = { minutes: 47, massKg: 12, looseMixL: 20, plants: 3, count: 3 };
  expect(effortWords(row, "metric")).toBe("45 min · up to 12 kg · 20 L of mix");
  expect(effortWords(row, "us")).toBe("45 min · up to 26 lb · 5.3 gal of mix");
  expect(effortWords({ ...row, minutes: null, massKg: 4.9, looseMixL: null }, "metric")).toBe("");
  expect(effortWords({ ...row, plants: 480, minutes: null, massKg: 5, looseMixL: null }, "metric")).toBe(
    "480 plants · up to 5 kg",
  );
  expect([1, 2, 8, 89, 90, 599, 600].map(durationWords)).toEqual([
    ...["5 min", "5 min", "10 min", "90 min", "1.5 h", "10 h", "10 h"],
  ]);
  expect([countWords(1), countWords(36)]).toEqual(["1 thing", "36 things"]);
});

test("jobs and answers as the log tells them", () => {
  const every = (unit: "day" | "month", count: number) => repeatWords({ first: ON, every: { unit, count } });
  expect([every("day", 1), every("month", 3)]).toEqual([
    "every day from 15 May 2026",
    "every 3 months from 15 May 2026",
  ]);
  expect(repeatWords({ first: ON, every: null })).toBe("on 15 May 2026");
  const said = (answer: "done" | "later" | "refused" | "back", until: string | null, reason: string) =>
    answerWords({ kind: "answered", item: "x", answer, until, reason });
  expect(said("done", null, "")).toBe("Done");
  expect(said("back", null, "")).toBe("Back on the list");
  expect(said("later", "2026-06-20", "too hot")).toBe("Not before 20 Jun 2026: too hot");
  expect(said("refused", null, "sold soon")).toBe("Not to be done: sold soon");
});
