import { brimHeightMm, type Vessel, volumeL, widthAtMm } from "@/core/vessel/index";
import { drawnWallMm, innerOutline, pathOf, type Point, wallOutline } from "./geometry";

const vessels: Vessel[] = [
  { shape: "round", topWidthMm: 300, baseWidthMm: 220, heightMm: 280, wall: "terracotta" },
  { shape: "square", topWidthMm: 300, baseWidthMm: 240, heightMm: 400, cornerRadiusMm: 30, wall: "smooth-plastic" },
  { shape: "cylinder", topWidthMm: 350, heightMm: 320, wall: "air-pruning" },
  { shape: "bag", flatWidthMm: 150, gussetMm: 150, lengthMm: 300, wall: "poly-bag" },
  { shape: "fabric", topWidthMm: 400, heightMm: 300, wall: "fabric" },
];
const area = (points: readonly Point[]) =>
  Math.abs(
    points.reduce(
      (sum, [x, y], i) => sum + x * points[(i + 1) % points.length][1] - points[(i + 1) % points.length][0] * y,
      0,
    ),
  ) / 2;

test.each(vessels.map((v) => [v.shape, v] as const))(
  "the inside of a %s is drawn symmetrical and to scale",
  (_shape, vessel) => {
    const brim = brimHeightMm(vessel);
    const outline = innerOutline(vessel, 0, brim);
    const xs = outline.map((p) => p[0]);
    expect(Math.max(...xs)).toBeCloseTo(-Math.min(...xs), 9);
    let sum = 0;
    for (let i = 0; i < 400; i++) sum += (widthAtMm(vessel, ((i + 0.5) * brim) / 400) * brim) / 400;
    // A fabric pot bellies by up to three per cent.
    expect(Math.abs(area(outline) / sum - 1)).toBeLessThan(0.03);
  },
);

test.each(vessels.map((v) => [v.shape, v] as const))("the wall of a %s lies around the inside", (_shape, vessel) => {
  const wall = drawnWallMm(vessel);
  expect(wall).toBeGreaterThanOrEqual(3);
  const outer = wallOutline(vessel, wall);
  const inner = innerOutline(vessel, 0, brimHeightMm(vessel));
  expect(Math.max(...outer.map((p) => p[0]))).toBeCloseTo(Math.max(...inner.map((p) => p[0])) + wall, 6);
  expect(Math.min(...outer.map((p) => p[1]))).toBeCloseTo(-wall, 6);
  expect(volumeL(vessel)).toBeGreaterThan(0);
});

test("a measured wall is drawn as measured, an unknown one as its species looks", () => {
  expect(drawnWallMm({ ...vessels[0], wallMm: 12 })).toBe(12);
  expect(drawnWallMm(vessels[0])).toBeGreaterThan(drawnWallMm({ ...vessels[0], wall: "smooth-plastic" }));
});

test("paths are closed and rounded", () => {
  expect(
    pathOf(
      [
        [0, 0],
        [1.234, 5.678],
        [2, 2],
      ],
      (p) => p,
    ),
  ).toBe("M0 0L1.2 5.7L2 2Z");
  expect(
    pathOf(
      [
        [0, 0],
        [1, 1],
      ],
      (p) => p,
      false,
    ),
  ).toBe("M0 0L1 1");
});
