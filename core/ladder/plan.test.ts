import fc from "fast-check";
import { problem } from "@/test-support/ladder";
import { VIGOUR_PER_DEGREE_DAY } from "../roots/index";
import { exhaustiveLadder, followLadder, LADDER_PARTS, type LadderPot, planAround, planLadder, SCHOOLS } from "./index";

const volumes = (p: ReturnType<typeof planLadder>) =>
  p.steps.filter((s) => s.action === "up-pot").map((s) => s.volumeL);
const FINE = { buckets: { x: 0.02, circling: 0.02, age: 0.02 }, trust: 0 };

test("a plan equals exhaustive search on small cases", () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...SCHOOLS),
      fc.double({ min: 0.3, max: 0.95, noNaN: true }),
      fc.double({ min: 0, max: 2.5, noNaN: true }),
      fc.constantFrom(...Object.values(VIGOUR_PER_DEGREE_DAY)),
      fc.boolean(),
      (school, fill, circling, kPerDegreeDay, tapRoot) => {
        const small = problem(school, { fill, circling, kPerDegreeDay, tapRoot }, { seasons: 4 });
        small.pots = small.pots.slice(0, 5);
        const truth = exhaustiveLadder(small)!;
        expect(planLadder(small, FINE).cost).toBeCloseTo(truth.cost, 6);
        // The usual buckets are never better than the truth, and near it.
        const usual = planLadder(small).cost;
        expect(usual).toBeGreaterThanOrEqual(truth.cost - 1e-9);
        expect(usual).toBeLessThanOrEqual(1.01 * truth.cost);
      },
    ),
    { numRuns: 12 },
  );
});

test("a reported cost is the true cost of its plan, and the sum of its parts", () => {
  for (const school of SCHOOLS) {
    const p = problem(school);
    const plan = planLadder(p);
    const again = followLadder(
      p,
      plan.steps.map(({ action, correction, pot: to }) => ({ action, correction, pot: to })),
    );
    expect(again!.cost).toBeCloseTo(plan.cost, 9);
    expect(LADDER_PARTS.reduce((sum, part) => sum + plan.parts[part], 0)).toBeCloseTo(plan.cost, 6);
    expect(plan.steps).toHaveLength(p.seasons);
  }
});

test("a step insisted on is taken, the rest planned round it, and it never costs less than doing without it", () => {
  const p = problem("small-steps");
  const free = planLadder(p);
  const pot12 = p.pots.findIndex((x) => x.volumeL === 12);
  for (const fixed of [
    { season: 2, action: "stay" as const, pot: 0 },
    { season: 4, action: "root-prune" as const, pot: 0 },
  ]) {
    const plan = planAround(p, [fixed])!;
    expect(plan.steps[fixed.season].action).toBe(fixed.action);
    expect(plan.cost).toBeGreaterThanOrEqual(free.cost - 0.01 * free.cost);
  }
  const moved = planAround(p, [{ season: 4, action: "up-pot", pot: pot12 }]);
  expect(moved!.steps[4]).toMatchObject({ action: "up-pot", volumeL: 12 });
  // From three litres straight into eighty is no small step.
  const pot80 = p.pots.findIndex((x) => x.volumeL === 80);
  expect(planAround(p, [{ season: 0, action: "up-pot", pot: pot80 }])).toBeNull();
});

describe("what plans look like", () => {
  test("a slow ornamental: small steps take several pots to the goal, a long jump few", () => {
    const slow = { kPerDegreeDay: VIGOUR_PER_DEGREE_DAY.slow };
    const small = volumes(planLadder(problem("small-steps", slow)));
    const long = volumes(planLadder(problem("long-jump", slow)));
    expect(small.at(-1)).toBe(55);
    expect(small.length).toBeGreaterThanOrEqual(4);
    expect(long.at(-1)).toBe(55);
    expect(long.length).toBeLessThanOrEqual(2);
    for (let i = 1; i < small.length; i++) expect(small[i] / small[i - 1]).toBeLessThanOrEqual(2.2);
  });
  test("carried in with 25 kg to lift, hold and prune stops near thirty litres within two thirds of the horizon", () => {
    const p = problem("hold-and-prune", {}, { seasons: 15 });
    p.site = { ...p.site, liftKg: 25, movedForWinter: true };
    const shown = planLadder(p).steps.slice(0, 10);
    expect(Math.max(...shown.map((s) => s.volumeL))).toBeLessThanOrEqual(30);
    expect(Math.max(...shown.map((s) => s.volumeL))).toBeGreaterThanOrEqual(18);
  });
  test("very vigorous: the goal within two to four seasons, then pruned often, half as often in air-pruning walls", () => {
    const vv = { kPerDegreeDay: VIGOUR_PER_DEGREE_DAY["very-vigorous"], volumeL: 8 };
    const p = problem("small-steps", vv);
    const prunings = (wall: LadderPot["wall"]) => {
      const walled = { ...p, pots: p.pots.map((x) => ({ ...x, wall })) };
      const plan = planLadder(walled);
      expect(plan.steps.findIndex((s) => s.volumeL === 55)).toBeLessThanOrEqual(4);
      return plan.steps.slice(4).filter((s) => s.action === "root-prune").length;
    };
    const plastic = prunings("smooth-plastic");
    expect(plastic).toBeGreaterThanOrEqual(6);
    expect(prunings("air-pruning")).toBeLessThan(plastic);
  });
  test("held at 15 L a slow tree is pruned every few years", () => {
    const p = problem("hold-and-prune", { kPerDegreeDay: VIGOUR_PER_DEGREE_DAY.slow, volumeL: 15, fill: 0.8 });
    p.goal = { minL: 15, maxL: 15, bySeason: null, plantOut: null };
    const prunings = planLadder(p).steps.filter((s) => s.action === "root-prune").length;
    expect(prunings).toBeGreaterThanOrEqual(2);
    expect(prunings).toBeLessThanOrEqual(6);
  });
  test("a tap root asks for depth: deep pots are chosen unprompted", () => {
    const p = problem("small-steps", { tapRoot: true });
    p.site = { ...p.site, rootDepthNeedMm: 400 };
    const deep = p.pots.slice(1).map((x) => ({ ...x, id: `${x.id}d`, heightMm: 1.4 * x.heightMm }));
    const plan = planLadder({ ...p, pots: [...p.pots, ...deep] });
    const chosen = plan.steps.filter((s) => s.action === "up-pot");
    expect(chosen.filter((s) => s.potId.endsWith("d")).length).toBeGreaterThan(chosen.length / 2);
    expect(plan.steps.every((s) => s.correction !== "shave")).toBe(true);
  });
});

test("a kind that stands small steps only is given no larger ones, whatever the school", () => {
  const p = problem("long-jump", { largestStep: 1.6 });
  const steps = [3, ...volumes(planLadder(p))];
  expect(steps.length).toBeGreaterThan(1);
  for (let i = 1; i < steps.length; i++) expect(steps[i] / steps[i - 1]).toBeLessThanOrEqual(1.6);
});

test("more to lift, a pot owned, another pot to choose from never make a plan dearer", () => {
  const p = problem("small-steps", {}, { seasons: 8 });
  p.site = { ...p.site, liftKg: 20, movedForWinter: true };
  const cost = planLadder(p, FINE_ENOUGH).cost;
  expect(planLadder({ ...p, site: { ...p.site, liftKg: 40 } }, FINE_ENOUGH).cost).toBeLessThanOrEqual(cost + 1e-6);
  const owned = { ...p, pots: p.pots.map((x) => ({ ...x, owned: true })) };
  expect(planLadder(owned, FINE_ENOUGH).cost).toBeLessThanOrEqual(cost + 1e-6);
});
const FINE_ENOUGH = { buckets: { x: 0.1, circling: 0.1, age: 0.25 }, trust: 0 };
