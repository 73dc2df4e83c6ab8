import fc from "fast-check";
import { areaMm2, coresPlan, type InPlaceInput, keepOffMm, sequence, shareOfCores, SIDES, slicePlan } from "./index";

const box: InPlaceInput = {
  plan: { shape: "rectangle", lengthMm: 750, widthMm: 750 },
  heightMm: 560,
  trunkMm: 110,
  volumeL: 315,
};

test("18 holes of 50 mm in a tapered pot of 128 L take 9.9 %, not the 7 % of its upper face", () => {
  const tapered: InPlaceInput = {
    plan: { shape: "round", diameterMm: 654.6 },
    heightMm: 538,
    trunkMm: null,
    volumeL: 128,
    widthShareAtDepth: 0.8,
  };
  // By hand: 18 · π/4 · 5² cm² · (2/3 · 53.8 cm) = 12 676 cm³ of 128 000.
  expect(shareOfCores(tapered, 50, 18)).toBeCloseTo(12.676 / 128, 4);
  const plan = coresPlan(tapered, { coreMm: 50, share: 0.099 });
  expect(plan.holes).toHaveLength(18);
  expect([plan.share, plan.retainedShare, plan.litres].map((v) => Math.round(1000 * v) / 1000)).toEqual([
    0.099, 0.901, 12.676,
  ]);
  // None comes out of the wall where the holes end: 0.8 · 327.3 mm less the hole and a margin of 10 mm.
  expect(Math.max(...plan.holes.map(({ x, y }) => Math.hypot(x, y)))).toBeLessThanOrEqual(0.8 * 327.3 - 35);
});

test("43 holes of 50 mm renew a tenth of a box of 75 cm", () => {
  const plan = coresPlan(box);
  expect(plan.holes).toHaveLength(43);
  expect(plan.share).toBeCloseTo(0.1, 2);
  expect(plan.depthMm).toBeCloseTo((2 / 3) * 560, 6);
  expect(plan.litres).toBeCloseTo((43 * Math.PI * 0.25 ** 2 * plan.depthMm) / 100, 6);
});

test("worked example 5: one slice of 90 mm, a tenth and a bit of the ball, clear of the trunk", () => {
  const slice = slicePlan(box, "south");
  expect(slice.depthMm).toBeCloseTo(90, 6);
  expect(slice.share).toBeCloseTo(0.12, 9);
  expect(slice.tooNear).toBe(false);
  expect(slice.litres).toBeCloseTo(37.8, 1);
});

const plans = fc.oneof(
  fc.record({ shape: fc.constant("round" as const), diameterMm: fc.integer({ min: 300, max: 1400 }) }),
  fc.record({
    shape: fc.constant("rectangle" as const),
    lengthMm: fc.integer({ min: 300, max: 1500 }),
    widthMm: fc.integer({ min: 300, max: 1000 }),
  }),
);

test("holes keep off trunk and wall, never touch, and their share is that of their area", () => {
  fc.assert(
    fc.property(
      plans,
      fc.integer({ min: 10, max: 120 }),
      fc.constantFrom(25, 40, 50),
      fc.double({ min: 0.02, max: 0.15, noNaN: true }),
      (plan, trunkMm, coreMm, share) => {
        const input = { plan, heightMm: 500, trunkMm, volumeL: areaMm2(plan) * 500 * 1e-6 };
        const cores = coresPlan(input, { coreMm, share });
        const [a, b] =
          plan.shape === "round" ? [plan.diameterMm / 2, plan.diameterMm / 2] : [plan.lengthMm / 2, plan.widthMm / 2];
        const r = coreMm / 2;
        const nearest = Math.min(...cores.holes.map(({ x, y }) => Math.hypot(x, y) - r));
        expect(nearest).toBeGreaterThanOrEqual(keepOffMm(input) - 1e-6);
        const toWall = cores.holes.map(({ x, y }) =>
          plan.shape === "round" ? a - Math.hypot(x, y) - r : Math.min(a - Math.abs(x), b - Math.abs(y)) - r,
        );
        expect(Math.min(...toWall)).toBeGreaterThanOrEqual(10 - 1e-6);
        const apart = cores.holes.flatMap((p, i) =>
          cores.holes.slice(i + 1).map((q) => Math.hypot(p.x - q.x, p.y - q.y)),
        );
        expect(Math.min(...apart)).toBeGreaterThanOrEqual(1.49 * coreMm);
        expect(cores.share).toBeCloseTo(shareOfCores(input, coreMm, cores.holes.length), 9);
        // Within half a hole of what was asked, unless the outer half cannot hold so many.
        if (!cores.short)
          expect(Math.abs(cores.share - share)).toBeLessThanOrEqual(0.51 * shareOfCores(input, coreMm, 1));
      },
    ),
    { numRuns: 15 },
  );
});

test("a slice of a round ball takes its share of the area: held against counted points", () => {
  const round: InPlaceInput = { plan: { shape: "round", diameterMm: 600 }, heightMm: 400, trunkMm: 60, volumeL: 110 };
  const { depthMm, share } = slicePlan(round, "east");
  let [inside, cut] = [0, 0];
  for (let x = -298.5; x < 300; x += 3)
    for (let y = -298.5; y < 300; y += 3) {
      if (x * x + y * y > 300 * 300) continue;
      inside++;
      if (x > 300 - depthMm) cut++;
    }
  expect(cut / inside).toBeCloseTo(share, 2);
});

test("sides come in turn, the opposite one next, one a year, after what was done", () => {
  const turns = sequence("slices", [{ year: 2025, part: "south" }], 2026);
  expect(turns.map((t) => [t.year, t.part, t.done])).toEqual([
    [2025, "south", true],
    [2026, "north", false],
    [2027, "east", false],
    [2028, "west", false],
    [2029, "south", false],
  ]);
  // Done this year: the next not before the year after.
  expect(sequence("slices", [{ year: 2026, part: "south" }], 2026)[1]).toEqual({
    year: 2027,
    part: "north",
    done: false,
  });
  expect(new Set(sequence("slices", [], 2026).map((t) => t.part))).toEqual(new Set(SIDES));
});
