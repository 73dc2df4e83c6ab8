import { pot, problem } from "@/test-support/ladder";
import { VIGOUR_PER_DEGREE_DAY } from "../roots/index";
import {
  exhaustiveLadder,
  meets,
  metIn,
  moneyOf,
  mostLiftedL,
  noGoodPlan,
  planLadder,
  relieve,
  summaryOf,
  tieFromMs,
} from "./index";

describe("planting out", () => {
  const outIn = (season: number, more = {}, rest = {}) =>
    problem("small-steps", more, { goal: { minL: 12, maxL: 13, bySeason: null, plantOut: { season } }, ...rest });

  test("it goes out in its season, and nothing is asked of it afterwards", () => {
    const p = outIn(4);
    const plan = planLadder(p);
    const out = plan.steps.findIndex((s) => s.action === "plant-out");
    expect(out).toBe(4);
    expect(plan.steps[out - 1].volumeL).toBeGreaterThanOrEqual(12);
    expect(plan.steps.slice(out + 1).every((s) => s.action === "stay" && s.massKg === 0 && s.cost === 0)).toBe(true);
    expect(meets(p, plan)).toBe(true);
    expect(metIn(p, plan)).toBe(4);
  });
  test("roots that turn are loosened as it goes, a ball that does not hold waits", () => {
    const turned = planLadder(outIn(0, { volumeL: 12, circling: 2.5, fill: 0.95 }));
    expect(turned.steps.find((s) => s.action === "plant-out")).toMatchObject({
      season: 0,
      correction: "tease-and-clip",
    });
    const loose = planLadder(
      outIn(0, { volumeL: 12, circling: 0, fill: 0.1, kPerDegreeDay: VIGOUR_PER_DEGREE_DAY.slow }),
    );
    expect(loose.steps.find((s) => s.action === "plant-out")!.season).toBeGreaterThan(0);
  });
  test("equals exhaustive search on small cases", () => {
    const p = outIn(2, { volumeL: 6 }, { seasons: 4 });
    p.pots = p.pots.slice(0, 5);
    const truth = exhaustiveLadder(p)!;
    expect(planLadder(p).cost).toBeCloseTo(truth.cost, 6);
    expect(truth.steps.some((s) => s.action === "plant-out")).toBe(true);
  });
});

describe("what stands in the way", () => {
  const carried = (liftKg: number, more = {}) => {
    const p = problem("hold-and-prune", {}, { seasons: 15, ...more });
    p.site = { ...p.site, movedForWinter: true, liftKg };
    return p;
  };
  test("a goal nobody can lift names the lift, and says how far it goes", () => {
    const p = carried(14);
    const plan = planLadder(p);
    expect(meets(p, plan)).toBe(false);
    const reliefs = relieve(p, plan);
    expect(reliefs.map((r) => r.constraints)).toContainEqual(["lift"]);
    const most = mostLiftedL(p)!;
    expect(most).toBeGreaterThan(10);
    expect(most).toBeLessThan(14 / p.site.mixKgPerL);
    expect(mostLiftedL(problem("small-steps"))).toBeNull();
  });
  test("a door keeps out pots wider than it, for trees that are carried in only", () => {
    const p = carried(1000);
    p.site = { ...p.site, doorMm: 330 };
    const plan = planLadder(p);
    expect(Math.max(...plan.steps.map((s) => s.volumeL))).toBeLessThanOrEqual(30);
    expect(relieve(p, plan).map((r) => r.constraints)).toContainEqual(["door"]);
    const stays = { ...p, site: { ...p.site, movedForWinter: false } };
    expect(meets(stays, planLadder(stays))).toBe(true);
  });
  test("too little headroom for a tall tree is a door, too", () => {
    const p = carried(1000);
    p.tree = { ...p.tree, heightMm: 1500 };
    p.site = { ...p.site, headroomMm: 1900 };
    const largest = Math.max(...planLadder(p).steps.map((s) => s.volumeL));
    expect(largest).toBeLessThan(55);
    expect(
      meets(
        { ...p, site: { ...p.site, headroomMm: 4000 } },
        planLadder({ ...p, site: { ...p.site, headroomMm: 4000 } }),
      ),
    ).toBe(true);
  });
  test("a vigorous tree with a hurry is told to take larger steps", () => {
    const p = problem("small-steps", { kPerDegreeDay: VIGOUR_PER_DEGREE_DAY["very-vigorous"], fill: 0.97 });
    p.goal = { minL: 18, maxL: 19, bySeason: 0, plantOut: null };
    const plan = planLadder(p);
    expect(meets(p, plan)).toBe(false);
    expect(relieve(p, plan).map((r) => r.constraints)).toContainEqual(["school-step"]);
  });
  test("nothing is in the way of a goal that is met", () => {
    const p = problem("long-jump");
    expect(relieve(p, planLadder(p))).toEqual([]);
  });
});

test("what gear cannot lift is neither pruned nor potted on, only worked on where it stands", () => {
  const p = problem("small-steps", { volumeL: 280, fill: 0.97, circling: 3 });
  p.pots = [{ ...pot(280), id: "now", owned: true }, pot(400)];
  p.goal = { ...p.goal, minL: 400, maxL: 420 };
  p.site = { ...p.site, liftKg: 25, gearKg: 200 };
  const actions = new Set(planLadder(p).steps.map((s) => s.action));
  expect(actions.has("up-pot")).toBe(false);
  expect(actions.has("root-prune")).toBe(false);
  expect(actions.has("core-in-place")).toBe(true);
});

test("a budget is kept by buying less; where it is not enough the thriftiest stands, and more money is named", () => {
  const p = problem("small-steps", {}, { seasons: 15 });
  const free = planLadder(p);
  const thrifty = planLadder({ ...p, budget: 0.6 * moneyOf(free) });
  expect(moneyOf(thrifty)).toBeLessThanOrEqual(0.6 * moneyOf(free));
  expect(thrifty.cost).toBeGreaterThanOrEqual(free.cost - 1e-6);
  expect(planLadder({ ...p, budget: 2 * moneyOf(free) }).cost).toBeCloseTo(free.cost, 6);
  const none = { ...p, budget: 0 };
  const least = planLadder(none);
  expect(moneyOf(least)).toBeLessThan(moneyOf(thrifty));
  expect(relieve(none, least).map((r) => r.constraints)).toContainEqual(["money"]);
});

test("the same tree stands firmer in a larger pot; without a height nothing is said", () => {
  const p = problem("small-steps");
  expect(tieFromMs(p, planLadder(p).steps[0])).toBeNull();
  p.tree = { ...p.tree, heightMm: 1800 };
  const { steps } = planLadder(p);
  const first = tieFromMs(p, steps[0])!;
  const last = tieFromMs(p, steps.at(-1)!)!;
  expect(first).toBeGreaterThan(0);
  expect(last).toBeGreaterThan(first);
});

test("a touchy tap root held in fifteen litres has no good plan, and that is said; a fibrous one is pruned", () => {
  const held = (more: object) => {
    const p = problem("hold-and-prune", { volumeL: 15, fill: 0.9, ...more }, { seasons: 15 });
    p.goal = { ...p.goal, minL: 15, maxL: 15 };
    const plan = planLadder(p);
    return { plan, bad: noGoodPlan(p, summaryOf(p, plan), 10) };
  };
  const touchy = held({ tapRoot: true, tolerance: 1.6 });
  expect(touchy.plan.steps.some((s) => s.action === "root-prune")).toBe(false);
  expect(touchy.bad).toBe(true);
  const fibrous = held({});
  expect(fibrous.plan.steps.some((s) => s.action === "root-prune")).toBe(true);
  expect(fibrous.bad).toBe(false);
});

test("where nothing is to be bought only pots in store are used, and other pots are named as the way", () => {
  const p = problem("long-jump", {}, { seasons: 15 });
  p.pots = p.pots.map((x, i) => ({ ...x, owned: i === 0 || x.volumeL === 12 }));
  p.onlyOwned = true;
  const plan = planLadder(p);
  expect(new Set(plan.steps.map((s) => s.volumeL))).toEqual(
    new Set([3, 12].filter((v) => plan.steps.some((s) => s.volumeL === v))),
  );
  expect(plan.steps.some((s) => s.volumeL === 12)).toBe(true);
  expect(relieve(p, plan).map((r) => r.constraints)).toContainEqual(["pots"]);
});

test("the worst rot risk of a plan is that of its largest jump, by hand", () => {
  const p = problem("small-steps");
  const { steps } = planLadder(p);
  const step = (more: object) => ({ ...steps[0], action: "stay" as const, fill: 0.9, volumeL: 12, ...more });
  const plan = {
    ...planLadder(p),
    // .7 of 3 L in 12 L fill .175 of it and dry in 26.3 days: .825 · (1 − e^−1.926) · .52 · .5.
    steps: [step({ action: "up-pot" }), step({ action: "up-pot", volumeL: 18 }), step({ volumeL: 18 })],
  };
  expect(summaryOf(p, plan).rotRisk).toBeCloseTo(0.183228, 5);
  expect(summaryOf(p, { ...plan, steps: [step({})] }).rotRisk).toBe(0);
});
