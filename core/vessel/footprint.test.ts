import fc from "fast-check";
import { footprintMm, type Vessel } from "./index";

const box = (topLengthMm: number, topWidthMm: number): Vessel => ({
  shape: "rectangle",
  topLengthMm,
  topWidthMm,
  baseLengthMm: topLengthMm,
  baseWidthMm: topWidthMm,
  heightMm: 300,
  wallMm: 10,
});

test("a round pot takes its outer width, a box a circle of its area and goes through a door by its narrow side", () => {
  const pot: Vessel = { shape: "round", topWidthMm: 300, baseWidthMm: 240, heightMm: 280, wallMm: 5 };
  expect(footprintMm(pot)).toEqual({ circleMm: 310, throughMm: 310 });
  // The wider end counts.
  expect(footprintMm({ ...pot, baseWidthMm: 340 }).throughMm).toBe(350);
  const { circleMm, throughMm } = footprintMm(box(980, 380));
  expect(throughMm).toBe(400);
  expect((Math.PI / 4) * circleMm ** 2).toBeCloseTo(1000 * 400, 3);
});

test("bags spread round, fabric stretches, walls nobody measured are guessed thicker than nothing", () => {
  expect(footprintMm({ shape: "bag", flatWidthMm: 200, gussetMm: 100, lengthMm: 300 }).circleMm).toBeCloseTo(
    600 / Math.PI,
    6,
  );
  const fabric: Vessel = { shape: "fabric", topWidthMm: 400, heightMm: 300, stretch: 0.1, wallMm: 2 };
  expect(footprintMm(fabric).circleMm).toBeCloseTo(444, 6);
  expect(footprintMm({ shape: "cylinder", topWidthMm: 200, heightMm: 200 }).circleMm).toBeGreaterThan(200);
});

test("turning a box changes nothing", () => {
  fc.assert(
    fc.property(fc.integer({ min: 100, max: 2000 }), fc.integer({ min: 100, max: 2000 }), (a, b) => {
      expect(footprintMm(box(a, b))).toEqual(footprintMm(box(b, a)));
    }),
  );
});
