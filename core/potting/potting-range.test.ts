import { READY_MIXES } from "../mix/index";
import type { Pot } from "../vessel/index";
import { planPotting, pottingRange } from "./potting";

const measured = (mm: number): Pot => ({
  known: "measured",
  vessel: { shape: "cylinder", topWidthMm: mm, heightMm: mm },
});
const named: Pot = { known: "nominal", system: "container-class", size: "#5", wall: "smooth-plastic" };
const outside: Pot = {
  known: "outside",
  shape: "round",
  wall: "smooth-plastic",
  outerWidthMm: 330,
  outerHeightMm: 310,
};
const tree = { trunkMm: 30, heightM: 1.5 };
const now = (pot: Pot | null) => ({ pot, fillHeightMm: null, bottomLayerMm: 0, mix: null, mixStartAgeYears: 0 });
const choice = (pot: Pot) => ({
  pot,
  mix: READY_MIXES["compost-bark"],
  correction: "none" as const,
  retainedShare: null,
  crownMm: 0,
  bottomLayerMm: 0,
});

test("two measured pots give figures, not ranges", () => {
  expect(pottingRange(now(measured(200)), 1, tree, choice(measured(280)))).toBeNull();
  expect(pottingRange(now(null), 1, tree, choice(named))).toBeNull();
});

test.each([
  ["a trade size into a measured pot", named, measured(340)],
  ["a measured pot into a trade size", measured(220), named],
  ["a pot measured from outside", outside, measured(400)],
])("%s: litres and mass lie in a range round the plan", (_what, from, to) => {
  const plan = planPotting(now(from), 1, tree, choice(to))!;
  const range = pottingRange(now(from), 1, tree, choice(to))!;
  expect(range.looseMixL[0]).toBeLessThan(plan.setting.looseMixL);
  expect(range.looseMixL[1]).toBeGreaterThan(plan.setting.looseMixL);
  // A measured pot weighs what it weighs, whatever ball stands in it; one known by name does not.
  expect(range.wetMassKg[1] - range.wetMassKg[0] > 0.5).toBe(to.known !== "measured");
  expect(plan.wetMassKg.total).toBeGreaterThanOrEqual(range.wetMassKg[0] - 1e-9);
  expect(plan.wetMassKg.total).toBeLessThanOrEqual(range.wetMassKg[1] + 1e-9);
});

test("a trade size leaves a wider range than a tape held outside", () => {
  const spread = (from: Pot) => {
    const [low, high] = pottingRange(now(from), 1, tree, choice(measured(420)))!.looseMixL;
    return high - low;
  };
  expect(spread(named)).toBeGreaterThan(spread({ ...outside, outerWidthMm: 275, outerHeightMm: 265 }));
});

test("loose fill stands higher today by the litres that will settle, and never above the brim", () => {
  const plan = planPotting(now(measured(360)), 1, tree, choice(measured(400)))!;
  const aboveMm = (plan.setting.looseMixL - plan.setting.settledMixL) / (Math.PI * 0.04);
  expect(aboveMm).toBeGreaterThan(5);
  expect(plan.looseFillHeightMm).toBeCloseTo(Math.min(400, plan.fillHeightMm + aboveMm), 6);
});

test("a pot that rots in the mix is set with its wall on it, keeps its shape and its roots, and its rim is told", () => {
  const fibre: Pot = {
    known: "measured",
    vessel: { shape: "square", topWidthMm: 120, baseWidthMm: 100, heightMm: 130, wall: "fibre", wallMm: 5, floorMm: 5 },
  };
  const plan = planPotting(now(fibre), 0, tree, {
    ...choice(measured(260)),
    correction: "shave",
    set: { as: "whole-pot" },
  })!;
  const inside = planPotting(now(fibre), 0, tree, choice(measured(260)))!.ball;
  expect(plan.ball).toMatchObject({
    shape: "square",
    topWidthMm: inside.topWidthMm + 10,
    baseWidthMm: inside.baseWidthMm + 10,
    heightMm: inside.heightMm + 5,
  });
  expect(plan.retainedShare).toBe(1);
  const rim = plan.setting.warnings.find((w) => w.code === "rim-proud")!;
  expect(rim.byMm).toBeCloseTo(130 - inside.heightMm + 10, 6);
});

test("bare roots bring no old mix: all of the pot is new, and a pot nobody described does not stand in the way", () => {
  const set = { as: "bare-root" as const, roots: { spreadMm: 230, rootLengthMm: 150 } };
  const plan = planPotting(now(null), 1, tree, { ...choice(measured(300)), set })!;
  expect(plan.bare).not.toBeNull();
  expect(plan.setting.ballL).toBe(0);
  expect(plan.mixL).toBeCloseTo(plan.setting.settledMixL, 9);
  expect(planPotting(now(null), 1, tree, choice(measured(300)))).toBeNull();
});

test("a dried pot weighs less than a wet one, an old reclaimed mix in the ball more than the same mix fresh", () => {
  const from = { ...now(measured(220)), mix: READY_MIXES["bark-pumice"] };
  const fresh = planPotting(from, 1, tree, choice(measured(300)))!;
  const old = planPotting({ ...from, mixStartAgeYears: 4 }, 1, tree, choice(measured(300)))!;
  expect(fresh.dryMassKg).toBeLessThan(fresh.wetMassKg.total);
  expect(old.wetMassKg.total).toBeGreaterThan(fresh.wetMassKg.total);
});
