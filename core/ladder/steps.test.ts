import { pot, problem } from "@/test-support/ladder";
import { fillAfterMove } from "../roots/index";
import {
  bySchool,
  changedInputs,
  fullness,
  growthFactor,
  heldBySpace,
  ladderInputsOf,
  planLadder,
  type PlanTask,
  planTree,
  potWidthMm,
  schoolTotal,
} from "./index";
import { isOpen, tablesOf } from "./season";

const logit = (f: number) => Math.log(f / (1 - f));
/** Litres it may step into from its pot at a fill, in its first season. */
function open(p: ReturnType<typeof problem>, fill: number, circling = 0): number[] {
  const options = tablesOf(p).options[0].filter((o) => o.move.action === "up-pot" && o.move.correction === "none");
  return options.filter((o) => isOpen(o, logit(fill), circling, 0)).map((o) => p.pots[o.pot].volumeL);
}

test("a larger step than the ordinary one must be half rooted by the season's end", () => {
  const jumps = (fill: number) => open(problem("long-jump", { ordinaryStep: 2.5 }), fill);
  // 3 L into 4.5 is ordinary; into 8 and more it must be proven: by the same growth as anywhere else.
  const k = problem("long-jump").tree.kPerDegreeDay;
  const proven = (fill: number) =>
    [8, 12, 18, 25, 30, 40].filter((v) => fillAfterMove({ fill, circling: 0, volumeL: 3 }, v, "none", k, 1600) >= 0.5);
  for (const fill of [0.4, 0.6, 0.9]) expect([fill, jumps(fill)]).toEqual([fill, [4.5, ...proven(fill)]]);
  expect(proven(0.9).length).toBeGreaterThan(proven(0.4).length);
});

test("it moves up in a season in which it would be full, or once its roots turn", () => {
  const p = problem("small-steps", { dueFill: 0.85 });
  // The pace of a season: 0.00075 per degree-day, 1,600 of them.
  const k = p.tree.kPerDegreeDay * 1600;
  const limit = 1 / (1 + Math.exp(k - logit(0.85)));
  expect(open(p, limit + 0.001)).toEqual([4.5]);
  expect(open(p, limit - 0.001)).toEqual([]);
  const turning = tablesOf(p).options[0].filter((o) => o.move.action === "up-pot");
  expect(turning.some((o) => isOpen(o, logit(limit - 0.001), 2, 0))).toBe(true);
  expect(turning.some((o) => isOpen(o, logit(limit - 0.001), 1.9, 0))).toBe(false);
});

test("a smaller step than usual is taken only where no usual one can be carried", () => {
  const site = (liftKg: number, movedForWinter = true) => ({
    site: { ...problem("small-steps").site, liftKg, movedForWinter },
  });
  const from10 = (rest: object) => open(problem("small-steps", { volumeL: 10, leastStep: 1.7 }, rest), 0.9);
  expect(from10(site(1e6))).toEqual([18]);
  // 18 L weighs 14.4 kg and its pot 0.67 kg.
  expect(from10(site(15.1))).toEqual([18]);
  expect(from10(site(15))).toEqual([12, 18]);
  expect(from10(site(15, false))).toEqual([18]);
});

test("trees wait for want of room: those first that gain most room for what it costs", () => {
  const planned = (
    treeId: string,
    agreed: { season: number; action: "up-pot"; correction: null; volumeL: number }[],
  ) => {
    const p = problem("small-steps", { fill: 0.9 });
    return planTree({
      treeId,
      planner: "small-steps",
      problem: p,
      firstSeason: 2027,
      agreed,
      set: null,
      hold: null,
      withHold: true,
    });
  };
  const p = problem("small-steps", { fill: 0.9 });
  const ladders = new Map(["a", "b", "c"].map((id) => [id, planned(id, [])]));
  const { nextStep, holdCost, plan } = ladders.get("a")!;
  expect(nextStep).toBe(0);
  expect(holdCost).toBeGreaterThan(0);
  const tasks = ["a", "b", "c"].map((treeId) => ({ treeId, problem: p, plants: treeId === "b" ? 40 : 1, agreed: [] }));
  const area = (i: number, plants: number) => plants * ((potWidthMm(p, i)! + 60) / 1000) ** 2;
  const all = area(plan.steps[0].pot, 42);
  const held = (summerM2: number | null, winterM2: number | null = null) => [
    ...heldBySpace(tasks, ladders, { summerM2, winterM2 }).keys(),
  ];
  expect(held(null)).toEqual([]);
  expect(held(all + 0.01)).toEqual([]);
  // Forty plants give forty times the room for the same cost.
  expect(held(all - 0.01)).toEqual(["b"]);
  expect(held(0.001).sort()).toEqual(["a", "b", "c"]);
  // Nothing of them is carried in for the winter.
  expect(held(null, 0.001)).toEqual([]);
  expect(heldBySpace(tasks, ladders, null).size).toBe(0);
});

test("what of a plan's grounds has changed is named", () => {
  const inputs = ladderInputsOf(problem("small-steps"));
  expect(changedInputs(inputs, { ...inputs, fill: inputs.fill + 0.11, goalL: 60 })).toEqual(["fill", "goalL"]);
  expect(planLadder(problem("small-steps")).steps.some((s) => s.potId === pot(8).id)).toBe(true);
});

test("what a full ball costs where it is watered and fed well: a tenth, until its roots turn", () => {
  const weights = (wellFed: boolean | undefined, circling: number, mixAgeYears = 4) => {
    const { over, bound } = fullness(wellFed, circling, mixAgeYears);
    return [over, bound].map((v) => Number(v.toFixed(9)));
  };
  expect([weights(undefined, 0), weights(true, 2), weights(true, 3), weights(true, 4)]).toEqual([
    [0.55, 1],
    [0.1, 0.1],
    [0.325, 0.55],
    [0.55, 1],
  ]);
  // In old mix it tires: by half after nine years, whatever it turns.
  expect([weights(true, 0, 9), weights(true, 3, 9), weights(true, 0, 14), weights(undefined, 0, 1)]).toEqual([
    [0.325, 0.55],
    [0.325, 0.55],
    [0.55, 1],
    [0.55, 1],
  ]);
  // Full to the last share: 0.55 of its growth, or a tenth.
  expect(growthFactor(1, 0)).toBeCloseTo(0.45, 9);
  expect(growthFactor(1, 0, fullness(true, 1, 0).over)).toBeCloseTo(0.9, 9);
  // In its last pot: so many prunings in fifteen years, slow, moderate and vigorous.
  const prunings = (kPerDegreeDay: number, wellFed: boolean) => {
    const goal = { minL: 17, maxL: 17, bySeason: null, plantOut: null };
    const tree = { kPerDegreeDay, fill: 0.9, circling: 1, volumeL: 17, mixAgeYears: 2, wellFed };
    const { steps } = planLadder(problem("small-steps", tree, { seasons: 15, goal }));
    return steps.filter((s) => s.action === "root-prune").length;
  };
  const paces = [0.0004, 0.00075, 0.0014];
  expect(paces.map((k) => [prunings(k, true), prunings(k, false)])).toEqual([
    [4, 5],
    [7, 8],
    [10, 15],
  ]);
});

test("a full ball is cheap only in a pot that is as good as its goal", () => {
  // Nothing can be done: one pot, one season, a touchy tap root.
  const held = (wellFed: boolean, minL: number, near?: number) => {
    const goal = { minL, near, maxL: 40, bySeason: null, plantOut: null };
    const tree = { volumeL: 10, fill: 0.95, circling: 0, mixAgeYears: 0, tapRoot: true, tolerance: 2, wellFed };
    const p = problem("small-steps", tree, { seasons: 1, goal });
    p.pots = p.pots.slice(0, 1);
    const { parts, steps } = planLadder(p);
    return [parts.bound, steps[0].growth];
  };
  const [[usual, slow], [final, quick]] = [held(false, 10), held(true, 10)];
  expect(final / usual).toBeCloseTo(0.1, 9);
  expect(quick).toBeGreaterThan(slow);
  expect(held(true, 20)).toEqual(held(false, 20));
  expect(held(true, 11.5, 0.85)).toEqual([expect.closeTo(final, 9), expect.closeTo(quick, 9)]);
  expect(held(true, 12, 0.85)).toEqual(held(false, 12, 0.85));
});

test("a school's work over the coming seasons counts plants, from the collection's first season on", () => {
  const task = (treeId: string, firstSeason: number): PlanTask => ({
    treeId,
    planner: "small-steps",
    problem: problem("small-steps", { fill: 0.9 }),
    firstSeason,
    agreed: [{ season: firstSeason, action: "stay", correction: null, volumeL: 3 }],
    set: null,
    hold: null,
    withHold: false,
  });
  const jump = bySchool(task("a", 2027), "long-jump");
  expect([jump.agreed, jump.planner, jump.problem.weights.maxRatio]).toEqual([[], "long-jump", 14]);
  const ladder = planTree(jump);
  const [first] = ladder.plan.steps;
  expect(first.action).toBe("up-pot");
  const total = (plants: number, firstSeason: number) =>
    schoolTotal("long-jump", [{ ladder, plants }], { firstSeason, seasons: 2, shown: 9 });
  expect(total(3, 2027).seasons[0]).toEqual({
    plants: 3,
    mixL: 3 * first.mixL,
    minutes: 3 * first.minutes,
    money: 3 * first.money,
  });
  // A tree whose plan begins a season earlier: that season is none of the coming ones.
  expect(total(3, 2028).seasons[0].plants).toBe(ladder.plan.steps[1].action === "stay" ? 0 : 3);
  const handled = ladder.plan.steps
    .slice(0, 9)
    .filter((s) => s.action === "up-pot" || s.action === "root-prune").length;
  expect(total(3, 2027)).toMatchObject({ plants: 3, reached: ladder.meets === null ? 0 : 3, handlings: 3 * handled });
});
