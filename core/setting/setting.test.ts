import fc from "fast-check";
import { bareRootPlan, settingPlan } from "./index";

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
  [{ topWidthMm: 268, baseWidthMm: 220, heightMm: 180 }, "gap-tight"],
  [{ topWidthMm: 220, baseWidthMm: 170, heightMm: 300 }, "ball-too-tall"],
  [{ topWidthMm: 220, baseWidthMm: 170, heightMm: 245 }, "base-thin"],
])("a ball of %j warns of %s", (wide, code) => {
  expect(settingPlan({ vessel, ball: wide, fillHeightMm: 250 }).warnings.map((w) => w.code)).toContain(code);
});

test("a ball with room all round warns of nothing", () => {
  expect(settingPlan({ vessel, ball, fillHeightMm: 250 }).warnings).toEqual([]);
});

test("a stem off the axis of its ball: the ball is shifted, and the gap on that side is what counts", () => {
  const straight = settingPlan({ vessel, ball, fillHeightMm: 250 });
  const shifted = settingPlan({ vessel, ball, fillHeightMm: 250, offAxisMm: 25 });
  expect(shifted.smallestGapMm).toBeCloseTo(straight.sideGapTopMm - 25, 9);
  expect(shifted.shiftMm).toBe(-25);
  expect(shifted.warnings).toContainEqual({ code: "off-centre", byMm: 25 });
  expect(shifted.warnings.map((w) => w.code)).toContain("gap-tight");
});

test("a long ball lies along a long box, its corners decide in a round pot", () => {
  const long = {
    shape: "rectangle" as const,
    topWidthMm: 150,
    baseWidthMm: 150,
    topLengthMm: 350,
    baseLengthMm: 350,
    heightMm: 180,
  };
  const trough = {
    shape: "rectangle" as const,
    topLengthMm: 500,
    baseLengthMm: 480,
    topWidthMm: 220,
    baseWidthMm: 200,
    heightMm: 250,
  };
  const inTrough = settingPlan({ vessel: trough, ball: long, fillHeightMm: 225 });
  expect(inTrough.sideGapTopMm).toBeCloseTo(34, 0);
  expect(inTrough.endGapTopMm).toBeCloseTo(74, 0);
  const inRound = settingPlan({
    vessel: { shape: "cylinder", topWidthMm: 420, heightMm: 250 },
    ball: long,
    fillHeightMm: 225,
  });
  expect(inRound.sideGapTopMm).toBeCloseTo((420 - Math.hypot(150, 350)) / 2, 6);
});

test.each([
  [{ unionMm: 20, crownMm: 10 }, "union-buried", 20],
  [{ flareBelowMm: 30 }, "flare-low", 30],
  [{ rimAboveMm: 15 }, "rim-proud", 25],
])("%j warns of %s by %d mm", (more, code, byMm) => {
  const plan = settingPlan({ vessel, ball, fillHeightMm: 250, ...more });
  expect(plan.warnings).toContainEqual({ code, byMm });
});

test("a jump of texture is told with its ratio, a lean lifts one side", () => {
  const plan = settingPlan({ vessel, ball, fillHeightMm: 250, texture: { ratio: 3, jump: "coarser" }, tiltDeg: 10 });
  expect(plan.warnings).toContainEqual({ code: "texture", ratio: 3 });
  expect(plan.tiltWedgeMm).toBeCloseTo(170 * Math.tan(Math.PI / 18), 6);
});

describe("roots without a ball", () => {
  const bare = (more: object = {}, roots: object = {}) =>
    bareRootPlan({
      vessel: { shape: "cylinder", topWidthMm: 300, heightMm: 300 },
      roots: { spreadMm: 240, rootLengthMm: 180, ...roots },
      fillHeightMm: 270,
      ...more,
    });
  test("collar at the finished level, mound and base beneath, all of the pot is new mix", () => {
    const plan = bare({ crownMm: 10 });
    expect(plan.collarHeightMm).toBe(280);
    expect(plan.baseLayerMm + plan.moundMm).toBeCloseTo(280, 9);
    expect(plan.moundL).toBeLessThan(plan.settledMixL);
    expect(plan.warnings).toEqual([]);
  });
  test.each([
    [{}, { rootLengthMm: 600 }, "roots-too-long"],
    [{}, { spreadMm: 150 }, "pot-too-wide"],
    [{}, { spreadMm: 380 }, "roots-too-wide"],
    [{}, { unionMm: 30 }, "union-buried"],
  ])("%j with %j warns of %s", (more, roots, code) => {
    const found = bare(more, roots).warnings.find((w) => w.code === code);
    expect(found?.byMm).toBeGreaterThan(0);
  });
});

test("a steep ball that clears the rim but would wedge at its base is told so", () => {
  const steep = { topWidthMm: 230, baseWidthMm: 225, heightMm: 200 };
  const tapered = { shape: "round", topWidthMm: 300, baseWidthMm: 200, heightMm: 260 } as const;
  const plan = settingPlan({ vessel: tapered, ball: steep, fillHeightMm: 235 });
  expect(plan.sideGapTopMm).toBeGreaterThan(25);
  expect(plan.smallestGapMm).toBeLessThan(8);
  expect(plan.warnings.map((w) => w.code)).toContain("gap-none");
});
