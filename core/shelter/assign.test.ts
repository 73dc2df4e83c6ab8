import fc from "fast-check";
import type { LinearModel } from "../linear/index";
import { highsSolver } from "@/solve/highs";
import {
  apart,
  type AssignProblem,
  assignmentModel,
  type AssignTree,
  checkAssignment,
  circleM2,
  exhaustiveAssignment,
  type Floor,
  forbidden,
  greedyAssignment,
  layOut,
  obstaclesOf,
  onFloor,
  OUTSIDE,
  packCircles,
  planPlaces,
  quickPlan,
  USUAL_FILL,
} from "./index";

const PLACES = ["glass", "cellar", "window"];
const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });

/** Small collections with everything that may stand in the way. */
const anyProblem = (most: number): fc.Arbitrary<AssignProblem> =>
  fc
    .record({
      trees: fc.array(
        fc.record({
          areaM2: number(0.05, 1),
          widthM: number(0.2, 1.1),
          heightM: fc.option(number(0.5, 3)),
          massKg: number(2, 60),
          costs: fc.tuple(number(0, 60), number(0, 60), number(0, 60), number(0, 60)),
          group: fc.option(fc.constantFrom("a", "b"), { freq: 4 }),
          minutes: number(1, 9),
        }),
        { minLength: 1, maxLength: most },
      ),
      rooms: fc.tuple(number(0.3, 3), number(0.3, 3), number(0.1, 1)),
      heightM: fc.option(number(1, 3)),
      doorM: fc.option(number(0.4, 1.2)),
      maxMassKg: fc.option(number(20, 120)),
      liftKg: fc.option(number(10, 60)),
      minutesMost: fc.option(number(4, 30)),
    })
    .map((v) => ({
      trees: v.trees.map((t, i): AssignTree => ({
        id: `t${i}`,
        areaM2: t.areaM2,
        widthM: t.widthM,
        heightM: t.heightM,
        massKg: t.massKg,
        group: t.group,
        cost: Object.fromEntries([OUTSIDE, ...PLACES].map((p, k) => [p, t.costs[k]])),
        minutes: Object.fromEntries(PLACES.map((p) => [p, t.minutes])),
      })),
      places: PLACES.map((id, k) => ({
        id,
        areaM2: v.rooms[k],
        heightM: k === 0 ? v.heightM : null,
        doorM: k === 1 ? v.doorM : null,
        maxMassKg: k === 2 ? v.maxMassKg : null,
        liftKg: k === 1 ? v.liftKg : null,
      })),
      minutesMost: v.minutesMost,
    }));

const solve = (model: LinearModel) => highsSolver.solve(model, { timeLimitS: 10, gap: 0 });

test("the solver's assignment is the brute-force one, breaks no limit, and the quick one is never better", async () => {
  await fc.assert(
    fc.asyncProperty(anyProblem(5), async (problem) => {
      const best = exhaustiveAssignment(problem);
      const { model, read } = assignmentModel(problem);
      const found = read(await solve(model));
      expect(found.cost).toBeCloseTo(best.cost, 5);
      expect(checkAssignment(problem, found.assignment).broken).toEqual([]);
      const quick = greedyAssignment(problem);
      expect(checkAssignment(problem, quick.assignment).broken).toEqual([]);
      expect(quick.cost).toBeGreaterThanOrEqual(best.cost - 1e-6);
    }),
    { numRuns: 60 },
  );
});

const tree = (id: string, more: Partial<AssignTree> = {}): AssignTree => ({
  id,
  areaM2: circleM2(0.5),
  widthM: 0.5,
  heightM: 1.5,
  massKg: 20,
  cost: { [OUTSIDE]: 50, glass: 5 },
  ...more,
});
const glass = { id: "glass", areaM2: 10, heightM: 2, doorM: 0.8, maxMassKg: 200, liftKg: 40 };

test("what stands in the way is named with what it would take", () => {
  const problem: AssignProblem = {
    trees: [
      tree("tall", { heightM: 2.6 }),
      tree("wide", { widthM: 1 }),
      tree("heavy", { massKg: 55 }),
      tree("unknown height", { heightM: null }),
      tree("unwelcome", { cost: { [OUTSIDE]: 50 } }),
    ],
    places: [glass],
  };
  expect(problem.trees.map((t) => forbidden(t, glass))).toEqual(["height", "door", "lift", null, "unnamed"]);
  const { assignment } = greedyAssignment(problem);
  expect(assignment).toMatchObject({ tall: OUTSIDE, "unknown height": "glass" });
  expect(obstaclesOf(problem, assignment, "tall")[0]).toMatchObject({ placeId: "glass", why: "height", gain: 45 });
  expect(obstaclesOf(problem, assignment, "tall")[0].over).toBeCloseTo(0.6, 9);
  expect(obstaclesOf(problem, assignment, "wide")[0].over).toBeCloseTo(0.2, 9);
  expect(obstaclesOf(problem, assignment, "heavy")[0].over).toBeCloseTo(15, 9);
  expect(obstaclesOf(problem, assignment, "unwelcome")).toEqual([]);
  expect(obstaclesOf(problem, assignment, "unknown height")).toEqual([]);
});

test("a group stands whole in one place or stays out whole", async () => {
  const pair = ["a", "b"].map((id) => tree(id, { group: "pair", areaM2: 0.8 }));
  const roomy = await solve(assignmentModel({ trees: pair, places: [{ ...glass, areaM2: 1.7 }] }).model);
  expect(roomy.cost).toBeCloseTo(10, 6);
  const { model, read } = assignmentModel({ trees: pair, places: [{ ...glass, areaM2: 1.5 }] });
  expect(read(await solve(model)).assignment).toEqual({ a: OUTSIDE, b: OUTSIDE });
});

const anyFloor: fc.Arbitrary<Floor> = fc.record({
  lengthM: number(0.8, 5),
  widthM: number(0.8, 5),
  doorM: fc.option(number(0.4, 0.8)),
  doorAtM: fc.constant(null),
});

test("circles never overlap, never leave the floor, never stand in the door; what was wanted where it was stays there", () => {
  fc.assert(
    fc.property(anyFloor, fc.array(number(0.1, 1), { maxLength: 40 }), (floor, widths) => {
      const circles = widths.map((widthM, i) => ({ id: `c${i}`, widthM }));
      const { placed, left } = packCircles(floor, circles);
      expect(placed.length + left.length).toBe(circles.length);
      placed.forEach((a, i) => {
        expect(onFloor(floor, a)).toBe(true);
        for (const b of placed.slice(i + 1)) expect(apart(a, b)).toBe(true);
      });
      const again = packCircles(floor, circles, placed.slice(0, 3));
      for (const p of placed.slice(0, 3)) expect(again.placed).toContainEqual(p);
    }),
    { numRuns: 60 },
  );
});

test("equal circles fill a floor about as well as is known", () => {
  const floor: Floor = { lengthM: 4, widthM: 3, doorM: null, doorAtM: null };
  const { placed } = packCircles(
    floor,
    Array.from({ length: 200 }, (_, i) => ({ id: `${i}`, widthM: 0.4 })),
  );
  // Squares would hold 10 × 7; rows shifted by half hold more.
  expect(placed.length).toBeGreaterThanOrEqual(70);
  expect((placed.length * circleM2(0.4)) / 12).toBeLessThan(0.91);
});

test("area is not capacity: what finds no room is sent elsewhere, and the plan keeps every limit", async () => {
  const floor: Floor = { lengthM: 2, widthM: 1, doorM: 0.6, doorAtM: null };
  const problem: AssignProblem = {
    trees: Array.from({ length: 12 }, (_, i) => tree(`t${i}`, { cost: { [OUTSIDE]: 40 + i, glass: 5, cellar: 20 } })),
    places: [
      { ...glass, areaM2: USUAL_FILL * 2, maxMassKg: null },
      { ...glass, id: "cellar", areaM2: 0.5, maxMassKg: null },
    ],
  };
  const plan = await planPlaces(problem, { glass: floor }, solve);
  expect(checkAssignment(problem, plan.assignment).broken).toEqual([]);
  const there = problem.trees
    .filter((t) => plan.assignment[t.id] === "glass")
    .map((t) => ({ id: t.id, widthM: t.widthM, ...plan.spots[t.id] }));
  expect(there.length).toBeGreaterThan(3);
  there.forEach((a, i) => {
    expect(onFloor(floor, a)).toBe(true);
    for (const b of there.slice(i + 1)) expect(apart(a, b)).toBe(true);
  });
  expect(plan.cost).toBeGreaterThanOrEqual(plan.boundCost! - 1e-6);
  expect(quickPlan(problem, { glass: floor }).cost).toBeGreaterThanOrEqual(plan.boundCost! - 1e-6);
  // A circle set down by hand stays where it was set.
  const kept = { t3: { xM: 0.3, yM: 0.3 } };
  expect(layOut(problem, { glass: floor }, { ...plan.assignment, t3: "glass" }, kept).spots.t3).toEqual(kept.t3);
});
