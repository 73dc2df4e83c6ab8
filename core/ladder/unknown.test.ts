import { problem } from "@/test-support/ladder";
import {
  askedOf,
  cropAt,
  followMoves,
  growthKept,
  ladderDetail,
  ladderRow,
  planLadder,
  pruningEvery,
  reasonsOf,
  sizeAt,
  stepBands,
  worthOfLooking,
} from "./index";

const doubt = { vigourSd: 0.45, warmthSd: 0.15 };

test("asked otherwise: each answer changes what it names, and nothing else", () => {
  const p = problem("small-steps");
  const asked = askedOf(p, { vigour: 2, warmth: 0.5, liftKg: 9, wall: "fabric", goalL: 33 });
  expect(asked.tree.kPerDegreeDay).toBeCloseTo(2 * p.tree.kPerDegreeDay, 12);
  expect(asked.site.seasonDegreeDays).toBe(800);
  expect(asked.site.liftKg).toBe(9);
  expect(asked.pots[0].wall).toBe("smooth-plastic");
  expect(asked.pots.slice(1).every((x) => x.wall === "fabric" || x.id === "buy-33")).toBe(true);
  expect(asked.goal).toMatchObject({ minL: 33 });
  // A pot of the goal's size can always be bought.
  expect(asked.pots.some((x) => x.volumeL >= 33 && x.volumeL <= asked.goal.maxL)).toBe(true);
  expect(askedOf(p, {})).toEqual(p);
});

test("a quicker tree comes earlier, a slower one later, and the plan lies between", () => {
  const p = problem("small-steps", {}, { seasons: 15 });
  const plan = planLadder(p);
  const bands = stepBands(p, plan, doubt);
  expect(bands.length).toBe(plan.steps.filter((s) => s.action === "up-pot").length);
  for (const b of bands) {
    expect(b.early!).toBeLessThanOrEqual(b.season);
    if (b.late !== null) expect(b.late).toBeGreaterThanOrEqual(b.season);
  }
  expect(bands.some((b) => b.late === null || b.late > b.season)).toBe(true);
  for (const b of stepBands(p, plan, { vigourSd: 0, warmthSd: 0 }))
    expect([b.early, b.late]).toEqual([b.season, b.season]);
});

test("knowing never costs more than not knowing; without doubt, or with a look that tells nothing, a look is worth nothing", () => {
  const p = problem("long-jump", {}, { seasons: 15 });
  const worth = worthOfLooking(p, doubt, 0.4);
  expect(worth.knowing).toBeLessThanOrEqual(worth.blind);
  expect(worth.check).toBeCloseTo(0.6 * (worth.blind - worth.knowing), 9);
  expect(worth.blind).toBeGreaterThan(worth.knowing);
  expect(worth.safestPace).toBeGreaterThan(0.3);
  expect(worth.safestPace).toBeLessThan(3);
  expect(worthOfLooking(p, doubt, 1).check).toBe(0);
  expect(worthOfLooking(p, { vigourSd: 0, warmthSd: 0 }, 0).check).toBeCloseTo(0, 6);
});

test("a plan followed on its own tree costs what it says; on a slower tree its moves wait for the roots", () => {
  const p = problem("long-jump", { fill: 0.9 });
  const plan = planLadder(p);
  expect(followMoves(p, plan.steps).cost).toBeCloseTo(plan.cost, 9);
  const slow = askedOf(p, { vigour: 0.3 });
  slow.tree = { ...slow.tree, fill: 0.15 };
  const waited = followMoves(slow, plan.steps);
  const first = (x: typeof plan) => x.steps.findIndex((s) => s.action === "up-pot");
  expect(first(waited)).toBeGreaterThan(first(plan));
  expect(waited.cost).toBeGreaterThanOrEqual(planLadder(slow).cost - 1e-6);
});

test("every season has a reason that its state bears out", () => {
  const p = problem("small-steps", { fill: 0.97 });
  const plan = planLadder(p);
  const reasons = reasonsOf(p, plan);
  expect(reasons).toHaveLength(plan.steps.length);
  plan.steps.forEach((s, i) => {
    const r = reasons[i];
    if (r.reason === "full") expect(r.fill).toBeGreaterThanOrEqual(0.85);
    if (r.reason === "not-full") expect(r.fill).toBeLessThan(0.85);
    if (s.action === "stay") expect(["not-full", "recovering", "nothing-gained"]).toContain(r.reason);
  });
  expect(reasons[0]).toMatchObject({ fill: 0.97, reason: "full" });
});

test("size goes with volume as published, crop no further than the kind's best", () => {
  expect(sizeAt(20, 10).mid).toBeCloseTo(1.43, 2);
  expect(sizeAt(10, 10)).toEqual({ low: 1, mid: 1, high: 1 });
  expect(sizeAt(5, 10).low).toBeLessThan(sizeAt(5, 10).mid);
  expect(cropAt(32.5, [25, 40])).toEqual({ low: 1, mid: 1, high: 1 });
  expect(cropAt(80, [25, 40]).mid).toBe(1);
  expect(cropAt(16.25, [25, 40]).mid).toBeCloseTo(0.5 ** 0.75, 6);
});

test("a row says what a wish costs, and that an impossible one cannot be had", () => {
  const p = problem("small-steps");
  const row = ladderRow(p, "small-steps", [{ season: 2, action: "stay", pot: 0 }]);
  expect(row.change).toMatchObject({ possible: true });
  expect(row.steps[2].action).toBe("stay");
  const not = ladderRow(p, "small-steps", [{ season: 0, action: "up-pot", pot: p.pots.length - 1 }]);
  expect(not.change).toMatchObject({ possible: false });
  expect(ladderRow(p, "small-steps").change).toBeNull();
  expect(row.growthKept).toBeGreaterThan(0.3);
  expect(row.growthKept).toBeLessThanOrEqual(1);
  expect(growthKept(row)).toBe(row.growthKept);
});

test("detail holds bands, worth and reliefs together", () => {
  const p = problem("hold-and-prune", {}, { seasons: 15 });
  p.site = { ...p.site, movedForWinter: true, liftKg: 14 };
  const plan = planLadder(p);
  const detail = ladderDetail(p, plan, doubt, 0.5);
  expect(detail.reliefs.length).toBeGreaterThan(0);
  expect(detail.bands.length).toBeGreaterThan(0);
  expect(detail.worth.check).toBeGreaterThanOrEqual(0);
});

test("the interval of root prunings in the last pot is read off the plan", () => {
  const p = problem("hold-and-prune", { volumeL: 15, fill: 0.8 });
  p.goal = { ...p.goal, minL: 15, maxL: 15 };
  const plan = planLadder(p);
  const pruned = plan.steps
    .slice(0, 9)
    .filter((s) => s.action === "root-prune")
    .map((s) => s.season);
  const every = pruningEvery(plan);
  if (pruned.length < 2) expect(every).toBeNull();
  else expect(every).toBeCloseTo((pruned.at(-1)! - pruned[0]) / (pruned.length - 1), 9);
});
