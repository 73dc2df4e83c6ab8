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
const now = (pot: Pot | null) => ({ pot, fillHeightMm: null, bottomLayerMm: 0, mix: null });
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
