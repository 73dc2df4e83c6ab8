import type { TreePlan } from "@/model/index";
import { planChain, planChangeWords, planSentence, shareWords } from "./plan";

type Step = TreePlan["steps"][number];
const step = (season: number, action: Step["action"], volumeL: number): Step => ({
  season,
  action,
  correction: null,
  potId: "now",
  volumeL,
  fill: 0.5,
  massKg: 10,
  mixL: 1,
  minutes: 5,
  money: 0,
});
const inputs: TreePlan["inputs"] = {
  kPerDegreeDay: 0.00075,
  fill: 0.5,
  circling: 0,
  volumeL: 12,
  mixAgeYears: 1,
  seasonDegreeDays: 1600,
  liftKg: 16,
  movedForWinter: false,
  goalL: 55,
};
const plan = (more: Partial<TreePlan> = {}): TreePlan => ({
  planner: "small-steps",
  pinned: false,
  firstSeason: 2027,
  fromL: 12,
  pottedOn: null,
  goal: { minL: 55, maxL: 55, said: true, ask: false },
  steps: [],
  meets: 2032,
  heldByLift: false,
  forRoom: false,
  inputs,
  changed: null,
  ...more,
});

test("the steps of a plan in a row: alike ones together, seasons across New Year in the south, in either unit", () => {
  const steps = [
    step(2027, "up-pot", 18),
    step(2029, "root-prune", 18),
    step(2031, "root-prune", 18),
    step(2032, "replace-top", 18),
  ];
  expect(planChain(plan({ steps }), "metric", false)).toEqual([
    { season: "2027", what: "into 18 L" },
    { season: "2029 to 2031", what: "root-prune and return" },
    { season: "2032", what: "renew the top of the mix" },
  ]);
  expect(planChain(plan({ steps: steps.slice(0, 1) }), "us", true)).toEqual([
    { season: "2027/28", what: "into 4.8 gal" },
  ]);
});

test("by whose way, to what end, and when", () => {
  const said = (more: Partial<TreePlan>, southern = false) => planSentence(plan(more), "metric", southern);
  expect(said({})).toBe("Planned by small steps. Goal 55 L: reached in 2032.");
  expect(said({ pinned: true, planner: "long-jump" }, true)).toBe(
    "You follow long jump. Goal 55 L: reached in 2032/33.",
  );
  const guess = { minL: 20, maxL: 60, said: false, ask: false };
  expect(said({ goal: guess, meets: null })).toBe(
    "Planned by small steps. Goal 20 L to 60 L, a guess from its species and purpose: not reached within the years shown.",
  );
  expect(said({ meets: null, heldByLift: true })).toContain("not reached, since nobody can lift what it would weigh.");
  expect(planSentence(plan(), "us", false)).toContain("Goal 15 gal");
});

test("what a new plan does otherwise and why, for two months", () => {
  const change = (season: number) => ({
    season,
    before: { action: "up-pot" as const, volumeL: 18 },
    after: { action: "stay" as const, volumeL: 12 },
  });
  const changed = { on: "2026-11-03", changes: [change(2027), change(2028), change(2029)], why: ["fill" as const] };
  const words = (on: string, more: Partial<typeof changed> = {}) =>
    planChangeWords(plan({ changed: { ...changed, ...more } }), on, "metric", false);
  expect(words("2026-11-30")).toBe(
    "Changed on 3 Nov: 2027 nothing instead of into 18 L; 2028 nothing instead of into 18 L, because how full the ball is has changed.",
  );
  expect(words("2026-11-30", { why: [] })).toContain("because pots, prices or the years ahead have changed.");
  expect([words("2027-01-02") === null, words("2027-01-03")]).toEqual([false, null]);
  expect(planChangeWords(plan(), "2026-11-30", "metric", false)).toBeNull();
});

test("of a shared pot a plan says that it counts its part alone", () => {
  expect(shareWords(1)).toBeNull();
  expect(shareWords(0.5)).toBe("Litres are its share of the pot it stands in with others, 50 % of it.");
});
