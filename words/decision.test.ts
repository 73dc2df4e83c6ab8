import {
  AFTERCARES,
  CARES,
  type Decision,
  type DecisionAct,
  type Headline,
  HEADLINE_CODES,
  QUESTIONS,
  REASONS,
} from "@/core/decision/index";
import { OPERATIONS } from "@/core/window/index";
import {
  actWhen,
  actWords,
  aftercareWords,
  countHeadlines,
  countSentence,
  headlineDate,
  headlineSentence,
  headlineWord,
  QUESTION_WORDS,
  reasonWords,
  refusedWords,
  workWords,
} from "./decision";

const ON = "2026-05-15";
const headline = (more: Partial<Headline>): Headline => ({
  code: "not-due",
  work: null,
  from: null,
  to: null,
  limiting: "none",
  because: [],
  step: null,
  ...more,
});
const act = (more: Partial<DecisionAct>): DecisionAct => ({
  id: "a",
  work: "up-pot",
  correction: null,
  from: ON,
  to: null,
  lastSafe: null,
  excepted: null,
  pot: null,
  massKg: null,
  minutes: null,
  because: [],
  figures: {},
  aftercare: [],
  ...more,
});
const decision = (h: Partial<Headline>, more: Partial<Decision> = {}): Decision => ({
  on: ON,
  headline: headline(h),
  acts: [],
  aftercare: [],
  questions: [],
  refused: [],
  confidence: { basis: "derived", fillLow: 0.4, fillHigh: 0.6 },
  ...more,
});
const FILL = { fill: { p10: 0.2, p90: 0.9 }, plants: 1 };
const say = (h: Partial<Headline>, more: Partial<Decision> = {}, units: "metric" | "us" = "metric") =>
  headlineSentence(decision(h, more), FILL, units);
const pot = { lowL: 15, highL: 18, choice: null, buy: true, same: false, mostTrim: 0 };

test.each([
  [{ code: "not-due", from: "2027-06-01" }, "Not due: it will have filled its pot about 1 Jun 2027."],
  [{ code: "not-due" }, "Not due: it will take years to fill this pot."],
  [{ code: "hold", from: "2027-03-01" }, "In its final pot: its roots are to be renewed about 1 Mar 2027."],
  [
    { code: "check-first", work: "check-roots", from: ON, because: ["unknown"] },
    "Check its roots: nobody knows how full its pot is, somewhere between 20 % and 90 %.",
  ],
  [
    { code: "check-first", work: "check-roots", from: ON, because: ["surprise"] },
    "Check its roots once more: what was seen does not fit its history. Its pot or its last potting may be recorded wrongly, or the look was off.",
  ],
  [
    { code: "check-first", work: "look-again", from: "2026-05-20", because: ["ill"] },
    "Look at it again on 20 May: it is not well.",
  ],
  [
    { code: "wait", work: "up-pot", from: "2027-03-02", limiting: "wood", because: ["full"] },
    "Wait until 2 Mar 2027, then pot it up with its roots teased out: now new shoots would not harden before the frost.",
  ],
  [
    { code: "wait", work: "up-pot", limiting: "season", because: ["full"] },
    "Due, since its roots have filled the pot, but no season for it comes within two years: this is the wrong season for root work on its species.",
  ],
  [
    { code: "do-by", work: "loosen", to: "2026-06-10", because: ["full"] },
    "Pot it up with its roots loosened by 10 Jun: its roots have filled the pot.",
  ],
  [
    { code: "do-now", work: "slip-up", to: "2026-05-22", because: ["full", "dries-within-day"] },
    "Overdue: its roots have filled the pot; it dries out within a day. Pot it up undisturbed by 22 May.",
  ],
  [{ code: "settle", to: "2026-06-12" }, "Just potted. Leave it alone. New roots hold about 12 Jun."],
  [
    { code: "rescue", step: "buds", from: "2026-06-01", to: "2026-06-20" },
    "Rescue: buds move, to be seen between 1 Jun and 20 Jun.",
  ],
  [
    { code: "in-place", work: "core-in-place", from: "2027-04-01", limiting: "soil-cold", because: ["too-heavy"] },
    "Drill out cores of the root ball and refill them from 1 Apr 2027: its root ball is too heavy to lift, and now the potting mix is still too cold to work in.",
  ],
  [
    { code: "do-by", work: "first-potting", to: "2026-05-18", because: ["no-pot"] },
    "Pot it: wrapped and cool it keeps until 18 May.",
  ],
] as [Partial<Headline>, string][])("%j in one sentence", (h, words) => {
  expect(say(h)).toBe(words);
});

test("litres go with the work, in either unit; a batch says its mix, a settled tree what follows", () => {
  const due = { code: "do-by", work: "up-pot", to: "2026-06-10", because: ["full"] } as const;
  const acts = [act({ pot })];
  expect(say({ ...due, because: ["full"] }, { acts })).toContain("teased out into 15 L to 18 L by 10 Jun");
  expect(say({ ...due, because: ["full"] }, { acts }, "us")).toContain("into 4 gal to 4.8 gal by");
  const many = headlineSentence(
    decision({ ...due, because: ["full"] }, { acts: [act({ pot, figures: { looseMixL: 770, plants: 480 } })] }),
    { ...FILL, plants: 480 },
    "metric",
  );
  expect(many).toMatch(/770 L of loose mix for 480 pots\.$/);
  const aftercare = [
    { code: "second-soak", on: ON },
    { code: "shade-until", on: "2026-06-03" },
    { code: "look-for-roots", on: "2026-06-12" },
  ] as const;
  expect(say({ code: "settle", to: "2026-06-12" }, { aftercare: [...aftercare] })).toBe(
    "Just potted. Second soak now; shade it until 3 Jun; look for new roots on 12 Jun. New roots hold about 12 Jun.",
  );
});

test("every code has a word for a list and a date that a small label carries", () => {
  for (const code of HEADLINE_CODES) {
    const h = headline({ code, from: "2026-09-01", to: "2026-09-20" });
    expect(headlineWord(h).length).toBeLessThan(16);
    expect(headlineDate(h, ON).length).toBeLessThan(24);
  }
  expect(headlineDate(headline({ code: "do-by", to: "2026-06-10" }), ON)).toBe("by 10 Jun");
  expect(headlineDate(headline({ code: "do-now" }), ON)).toBe("now");
  expect(headlineDate(headline({ code: "wait", from: "2027-03-02" }), ON)).toBe("from 2 Mar 2027");
  expect(headlineDate(headline({ code: "in-place", from: ON, to: "2026-06-10" }), ON)).toBe("by 10 Jun");
});

test("works, reasons, questions and what follows all have words; none shows its code", () => {
  for (const work of [...OPERATIONS, ...CARES]) {
    expect(workWords(work).length).toBeGreaterThan(5);
    const figures = {
      minutes: 60,
      belowC: 28,
      lowC: 1,
      highC: 4,
      mostWidthMm: 300,
      share: 0.2,
      seasons: 1,
      untilC: 13,
      nightC: 3,
      mm: 20,
      stopAtRootMm: 25,
      rootZoneC: 10,
      depthMm: 90,
      halves: 1,
      fromDay: 20_600,
      toDay: 20_610,
    };
    for (const units of ["metric", "us"] as const) {
      const words = actWords(act({ work, figures, pot }), units, () => null);
      expect(words).not.toMatch(/undefined|NaN|null|Infinity/);
      expect(words.endsWith(".")).toBe(true);
    }
  }
  for (const reason of REASONS) expect(reasonWords([reason])).not.toContain(reason.includes("-") ? reason : "§");
  for (const question of QUESTIONS) expect(QUESTION_WORDS[question].length).toBeGreaterThan(8);
  for (const code of AFTERCARES) expect(aftercareWords({ code, on: "2026-06-01" }, ON)).toMatch(/\.$/);
  expect(aftercareWords({ code: "look-for-roots", on: null }, ON)).toBe("look for new roots when it is warm enough.");
});

test("a pot of the store brings the numbers of the potting, in either unit", () => {
  const setting = {
    freeboardMm: 14,
    baseLayerMm: 28,
    sideGapMm: 30,
    trimMm: 0,
    trimSideMm: 0,
    crownMm: 0,
    looseMixL: 1.6,
  };
  const choice = {
    lotId: "bags",
    mixL: 1.5,
    fillAtSeasonEnd: 0.7,
    disinfect: false,
    trim: { sideMm: 0, share: 0 },
    setting,
  };
  const chosen = act({ work: "slip-up", pot: { lowL: 0.5, highL: 1.5, choice, buy: false, same: false, mostTrim: 0 } });
  expect(actWords(chosen, "metric", () => "Bags")).toBe(
    "Pot it up undisturbed into 0.5 L to 1.5 L of mix (Bags). 28 mm of mix under the ball, the old surface level with the new, 14 mm of watering space; 1.6 L of loose mix.",
  );
  expect(actWords(chosen, "us", () => "Bags")).toMatch(
    /1\.1 in of mix under the ball.* 0\.6 in of watering space; 1\.7 qt/,
  );
  const unclean = {
    ...chosen,
    pot: { ...chosen.pot!, choice: { ...choice, disinfect: true, trim: { sideMm: 0, share: 0 } } },
  };
  expect(actWords(unclean, "metric", () => "Bags")).toContain(
    "(Bags; disinfect it first, a tree died in one of these)",
  );
  const grown = { ...setting, trimMm: 12, crownMm: 10 };
  const trimmed = { ...chosen, pot: { ...chosen.pot!, choice: { ...choice, setting: grown } } };
  expect(actWords(trimmed, "metric", () => "Bags")).toContain("12 mm off the base of the ball, its flare 10 mm proud");
});

test("an act says when, and a refusal why and from when", () => {
  expect(actWhen(act({}), ON)).toBe("Now");
  expect(actWhen(act({ to: "2026-06-10" }), ON)).toBe("Now, by 10 Jun");
  expect(actWhen(act({ from: "2027-03-01", to: "2027-04-10" }), ON)).toBe("1 Mar 2027 to 10 Apr 2027");
  expect(actWhen(act({ from: null }), ON)).toBe("No season for it within two years");
  expect(actWhen(act({ excepted: "broken" }), ON)).toBe("Now, whatever the season");
  const refused = {
    work: "shave" as const,
    for: "window" as const,
    limiting: "flush" as const,
    opens: "2027-02-20",
    figures: {},
  };
  expect(refusedWords(refused, ON, "metric")).toBe(
    "Shave the root ball and pot it up: the shoots are soft; from 20 Feb 2027.",
  );
  expect(refusedWords({ ...refused, for: "step", figures: { toL: 55, fill: 0.25 } }, ON, "metric")).toBe(
    "55 L: about 25 % of it would be rooted by the season’s end; the rest stays wet and cold.",
  );
});

test("the collection in one sentence", () => {
  const rows = [{ code: "do-now" as const }, { code: "do-by" as const }, { code: "wait" as const }].map((h) => ({
    headline: headline(h),
  }));
  expect(countSentence(countHeadlines([...rows, { headline: null }], ON))).toBe(
    "4 trees · 1 overdue · 2 to work on now",
  );
  expect(countSentence(countHeadlines([rows[2]], ON))).toBe("1 tree · nothing to work on today");
});
