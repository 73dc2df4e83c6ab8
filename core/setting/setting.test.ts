import fc from "fast-check";
import { settingPlan } from "./index";

const vessel = { shape: "round", topWidthMm: 300, baseWidthMm: 240, heightMm: 280 } as const;
const ball = { topWidthMm: 220, baseWidthMm: 170, heightMm: 180 };

test("base, ball and crown add up to the fill line", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 40, max: 270 }),
      fc.integer({ min: 0, max: 30 }),
      fc.integer({ min: 0, max: 60 }),
      (fill, crown, layer) => {
        const plan = settingPlan({ vessel, ball, fillHeightMm: fill, crownMm: crown, bottomLayerMm: layer });
        expect(layer + plan.baseLayerMm + ball.heightMm - plan.trimMm).toBeCloseTo(fill + crown, 9);
        expect(Math.min(plan.baseLayerMm, plan.trimMm)).toBe(0);
        expect(plan.looseBaseLayerMm).toBeGreaterThanOrEqual(plan.baseLayerMm);
        expect(plan.ballL).toBeGreaterThanOrEqual(0);
        expect(plan.settledMixL).toBeGreaterThanOrEqual(0);
      },
    ),
  );
});

test.each([
  [{ topWidthMm: 290, baseWidthMm: 240, heightMm: 180 }, "gap-none"],
  [{ topWidthMm: 268, baseWidthMm: 240, heightMm: 180 }, "gap-tight"],
  [{ topWidthMm: 220, baseWidthMm: 170, heightMm: 300 }, "ball-too-tall"],
  [{ topWidthMm: 220, baseWidthMm: 170, heightMm: 245 }, "base-thin"],
])("a ball of %j warns of %s", (wide, code) => {
  expect(settingPlan({ vessel, ball: wide, fillHeightMm: 250 }).warnings.map((w) => w.code)).toContain(code);
});

test("a ball with room all round warns of nothing", () => {
  expect(settingPlan({ vessel, ball, fillHeightMm: 250 }).warnings).toEqual([]);
});
