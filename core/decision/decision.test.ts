import fc from "fast-check";
import { situation, continental, dayWhen } from "@/test-support/season";
import { toDay, toIso } from "../dates/index";
import { lossAllowed, type Situation } from "../judgement/index";
import type { Decision, Headline } from "./decision";
import type { DecisionFacts, PlannedWork, PottedFacts } from "./facts";
import { DECISION_FIGURES } from "./figures";
import { goesByStage, inGoal, nextLitres } from "./litres";
import { putOffBy } from "./planned";
import { isOverdue, pressDays } from "./press";
import { shadeDays } from "./aftercare";

const ON = toDay("2026-05-15");
const decision = (headline: Partial<Headline>): Decision => ({
  on: toIso(ON),
  headline: {
    code: "not-due",
    work: null,
    from: null,
    to: null,
    limiting: "none",
    because: [],
    step: null,
    ...headline,
  },
  acts: [],
  aftercare: [],
  questions: [],
  refused: [],
  confidence: { basis: "derived", fillLow: 0, fillHigh: 1 },
});

test("the order of lists: rescues, what should have been done, then days to the last day named", () => {
  const press = (h: Partial<Headline>) => pressDays(decision(h), ON);
  expect(press({ code: "rescue", to: "2026-05-10" })).toBe(-1005);
  expect(press({ code: "rescue", to: "2026-06-10" })).toBe(-1000);
  expect(press({ code: "do-now", to: "2026-05-22" })).toBe(-493);
  expect(press({ code: "do-now" })).toBe(-320);
  expect(press({ code: "do-by", to: "2026-06-14" })).toBe(30);
  expect(press({ code: "do-by" })).toBe(180);
  expect(press({ code: "wait", from: "2026-06-04", to: "2026-06-14" })).toBe(30);
  expect(press({ code: "wait", from: "2026-06-04" })).toBe(20);
  expect(press({ code: "in-place", from: "2026-06-04", to: "2026-06-09" })).toBe(25);
  expect(press({ code: "check-first", from: "2026-05-15" })).toBe(60);
  expect(press({ code: "check-first", from: "2026-08-23" })).toBe(100);
  expect(press({ code: "not-due", from: "2026-05-25" })).toBe(190);
  expect(press({ code: "not-due" })).toBe(Infinity);
  expect(press({ code: "settle", to: "2026-06-01" })).toBe(Infinity);
  expect([isOverdue(decision({ code: "do-now" })), isOverdue(decision({ code: "do-by" }))]).toEqual([true, false]);
});

/** A tree of 10 L whose kind stands so much. */
const apple = situation(continental, "apple", dayWhen(continental, "apple", "dormant"), {});
const lemon = situation(
  continental,
  "lemon",
  dayWhen(continental, "lemon", "hardening", (f) => f.autumn),
  {},
);

test("share of roots that may go, by phase, season, heat and health", () => {
  const share = apple.profile.values.rootShare;
  const at = (s: Partial<Situation>, inSeason: boolean, base = apple) => lossAllowed({ ...base, ...s }, inSeason);
  expect([at({ phase: "dormant" }, true), at({ phase: "dormant" }, false), at({ phase: "swelling" }, false)]).toEqual([
    share,
    share,
    share,
  ]);
  expect([at({ phase: "hardening" }, true), at({ phase: "hardening" }, false)]).toEqual([share / 2, share / 2]);
  expect([at({ phase: "soft" }, true), at({ phase: "soft" }, false)]).toEqual([0.05, 0.05]);
  for (const weak of [{ dry: true }, { healthy: false }, { hottestC: 30.1 }]) expect(at(weak, true)).toBe(0.05);
  expect(at({ hottestC: 30 }, true)).toBe(share);
  expect([at({}, true, lemon), at({}, false, lemon)]).toEqual([lemon.profile.values.rootShare, 0.05]);
  expect([at({ hottestC: 35 }, true, lemon), at({ hottestC: 35.1 }, true, lemon)]).toEqual([
    lemon.profile.values.rootShare,
    0.05,
  ]);
});

/** Litres of a tree's next pot, where only what is given matters. */
function litres(
  way: Parameters<typeof nextLitres>[1],
  s: Partial<Situation>,
  more: { young?: boolean; goal?: PottedFacts["goal"]; planned?: Partial<PlannedWork> } = {},
) {
  const potted = {
    situation: { ...apple, ...s },
    goal: more.goal ?? { mostL: 5000, ask: false },
    planned: more.planned ?? null,
    share: 1,
  } as PottedFacts;
  const facts = { profile: apple.profile, young: more.young ?? false, potted } as DecisionFacts & {
    potted: PottedFacts;
  };
  const found = nextLitres(facts, way, "none");
  return found && [Number(found.lowL.toFixed(3)), Number(found.highL.toFixed(3)), found.jump];
}
const moderate = { kPerDegreeDay: 0.00075, volumeL: 10 };

test("litres of the next pot, by way, goal and what is carried", () => {
  expect(litres("season", moderate)).toEqual([19, 25, false]);
  expect(litres("season", { ...moderate, kPerDegreeDay: 0.0004 })).toEqual([14.167, 17, false]);
  expect(litres("season", { ...moderate, kPerDegreeDay: 0.0014 })).toEqual([23, 35, false]);
  expect(litres("season", { ...moderate, kPerDegreeDay: 0.0031 })).toEqual([50, 60, false]);
  expect(litres("in-leaf", { ...moderate, autumn: false })).toEqual([14, 16, false]);
  expect(litres("in-leaf", { ...moderate, autumn: true })).toEqual([20, 25, false]);
  expect(litres("after-shave", moderate)).toEqual([10, 13, false]);
  expect(litres("broken", moderate)).toEqual([11, 12, false]);
  // A goal caps the step; a step of less than 1.15 times is none.
  expect(litres("season", moderate, { goal: { mostL: 20, ask: false } })).toEqual([19, 20, false]);
  expect(litres("season", moderate, { goal: { mostL: 11.5, ask: false } })).toEqual([11.5, 11.5, false]);
  expect(litres("season", moderate, { goal: { mostL: 11.4, ask: false } })).toBeNull();
  // 25 kg carried at 1.2 kg a litre.
  expect(litres("season", { ...moderate, carriedKg: 25 })).toEqual([19, 20.833, false]);
  expect(litres("season", { ...moderate, carriedKg: 10 })).toBeNull();
  // A pot in mind that fills by half within the season is a proven jump; one that does not is none.
  const quick = { kPerDegreeDay: 0.0031, volumeL: 3, fill: 0.97, circling: 0 };
  expect(litres("season", { ...quick, offeredL: 55, growthLeft: 1600 })).toEqual([55, 55, true]);
  expect(litres("season", { ...quick, offeredL: 55, growthLeft: 700 })).toEqual([15, 18, false]);
});

test("litres follow the plan: the usual range where they lie in it, else close to them, a long jump only when proven", () => {
  const plan = (volumeL: number, more: Partial<PlannedWork> = {}): Partial<PlannedWork> => ({
    action: "up-pot",
    volumeL,
    thisSeason: true,
    ...more,
  });
  const to = (planned: Partial<PlannedWork>, s: Partial<Situation> = {}) =>
    litres("season", { ...moderate, ...s }, { planned });
  expect(to(plan(19))).toEqual([19, 25, false]);
  expect(to(plan(25))).toEqual([19, 25, false]);
  // Smaller than usual, as where weight or goal hold it back; never beyond the usual range.
  expect(to(plan(15))).toEqual([13.636, 16.5, false]);
  expect(to(plan(18.5))).toEqual([16.818, 20.35, false]);
  expect(to(plan(11.4))).toEqual([19, 25, false]);
  // A long jump of a full ball: half rooted by the season's end, or not.
  const full = { fill: 0.97, circling: 0, kPerDegreeDay: 0.0014 };
  expect(to(plan(45), { ...full, growthLeft: 1600 })).toEqual([45, 45, true]);
  expect(to(plan(45), { ...full, growthLeft: 300 })).toEqual([23, 35, false]);
  expect(to(plan(45, { thisSeason: false }), { ...full, growthLeft: 300 })).toEqual([45, 45, true]);
  expect(to(plan(45, { action: "root-prune" }), { ...full, growthLeft: 1600 })).toEqual([23, 35, false]);
  // A pot in mind is a jump only where nothing is planned.
  const quick = { kPerDegreeDay: 0.0031, volumeL: 3, fill: 0.97, circling: 0, offeredL: 55, growthLeft: 1600 };
  expect(to(plan(16), quick)).toEqual([15, 18, false]);
  expect(litres("season", { ...moderate, ...quick })).toEqual([55, 55, true]);
});

test("young plants go by stage up to their size, one-year plants only of very vigorous kinds", () => {
  const at = (kPerDegreeDay: number, volumeL: number, largestStep: number | null = null) =>
    goesByStage({ ...apple.profile, kPerDegreeDay, values: { ...apple.profile.values, largestStep } }, volumeL);
  expect([at(0.0004, 1.2), at(0.0004, 1.3)]).toEqual([true, false]);
  expect([at(0.0021, 3.5), at(0.0021, 3.6), at(0.00209, 3.5), at(0.0021, 3.5, 1.5)]).toEqual([
    true,
    false,
    false,
    false,
  ]);
});

test("hands that lift less never bring a wider pot, whatever the pot and the pace", () => {
  const any = fc.record({
    volumeL: fc.double({ min: 0.2, max: 60, noNaN: true }),
    kPerDegreeDay: fc.constantFrom(0.0004, 0.00075, 0.0014, 0.0031),
    low: fc.double({ min: 1, max: 30, noNaN: true }),
    more: fc.double({ min: 0, max: 30, noNaN: true }),
    way: fc.constantFrom("season" as const, "in-leaf" as const, "after-shave" as const, "broken" as const),
  });
  let cut = 0;
  fc.assert(
    fc.property(any, ({ low, more, way, ...s }) => {
      const highest = (carriedKg: number | null) => Number(litres(way, { ...s, carriedKg })?.[1] ?? 0);
      if (highest(low) < highest(null)) cut++;
      expect(highest(low)).toBeLessThanOrEqual(highest(low + more) + 1e-3);
    }),
    { numRuns: 500 },
  );
  expect(cut).toBeGreaterThan(100);
});

test("young plants go by stage, not by the step of a grown tree", () => {
  const young = (s: Partial<Situation>) => litres("season", { ...moderate, ...s }, { young: true });
  expect(young({ volumeL: 0.1 })).toEqual([0.5, 1.5, false]);
  expect(young({ volumeL: 0.3 })).toEqual([0.5, 1.5, false]);
  expect(young({ volumeL: 0.31 })).toEqual([2, 4, false]);
  expect(young({ volumeL: 1.2 })).toEqual([2, 4, false]);
  expect(young({ volumeL: 1.3 })).toEqual([2.47, 3.25, false]);
});

test("a pot of 85 % of its goal is the last one", () => {
  const at = (volumeL: number, goal: PottedFacts["goal"]) =>
    inGoal({ goal, situation: { ...apple, volumeL } } as PottedFacts);
  expect([at(16.9, { mostL: 20, ask: false }), at(17, { mostL: 20, ask: false })]).toEqual([false, true]);
});

test("why a plan keeps a tree back: its own reasons, or room that others need more", () => {
  const by = (forRoom: boolean) => putOffBy({ planned: { forRoom } as PlannedWork });
  expect([by(false), by(true)]).toEqual([["planned-later"], ["planned-later", "no-room"]]);
});

test("days of shade by what went, and every figure once", () => {
  expect([0, 0.05, 0.06, 0.25, 0.26].map((loss) => shadeDays(loss, false))).toEqual([7, 7, 14, 14, 28]);
  expect(shadeDays(0, true)).toBe(14);
  expect(DECISION_FIGURES).toEqual({
    clearAheadDays: 60,
    balanceFromLoss: 0.3,
    insultLoss: 0.15,
    crownNearDays: 60,
    crownEveryDays: 300,
    sizeShare: { "very-slow": 0.05, slow: 0.1, moderate: 0.15, vigorous: 0.2, "very-vigorous": 0.25 },
    sickMostShare: 0.2,
    crownSetUpMinutes: 4,
    crownMinutesPerRootL: 2,
    waterLessDays: 42,
    shootsDays: 60,
    woodCheckDays: 75,
    woodCheckedDays: 14,
    woodWorth: 0.3,
    liftOutMostKg: 100,
    tooWide: 0.55,
    asksFromBand: 0.25,
    withinDays: 7,
    bareKeepsDays: 4,
    bareKeepsInLeafDays: 1,
    bareWidthLow: 1.1,
    bareWidthHigh: 1.5,
    bareDepthOfWidth: 0.9,
    bareSpreadMm: 200,
    lookAgainDays: 14,
    pruneFromShare: 0.15,
    soonDays: 45,
    earlyDays: 90,
    awayDays: 16,
    batchEachMinutes: 0.5,
    batchSetUpMinutes: 8,
    topAfterYears: 1,
    plannedNear: 1.1,
    goalReached: 0.85,
    headspaceDays: 21,
    oppositeSideDays: 365,
    youngSteps: [
      [0.3, 0.5, 1.5],
      [1.2, 2, 4],
    ],
    yearlingMostL: 3.5,
    yearlingPace: 0.0021,
    yearlingGrowth: 1200,
    yearlingLongL: [20, 30],
    yearlingShortL: [10, 15],
  });
});
