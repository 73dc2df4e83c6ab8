import fc from "fast-check";
import { boxPlan, boxSchema, drainHoles, liningPlan, soakTest, sunkPlan } from "./index";

const box = {
  lengthMm: 750,
  widthMm: 600,
  heightMm: 580,
  boardWidthMm: 145,
  boardThickMm: 28,
  postMm: 60,
  feetMm: 40,
  wood: "larch",
} as const;

test("boards cover the height exactly, and a board that fits is not ripped", () => {
  expect(boxPlan(box)).toMatchObject({ rows: 4, topBoardMm: 145, bolts: 8 });
  expect(boxPlan({ ...box, heightMm: 600 })).toMatchObject({ rows: 5, topBoardMm: 20 });
});

test("a larger box holds more, weighs more and takes more liner", () => {
  fc.assert(
    fc.property(fc.integer({ min: 200, max: 1200 }), fc.integer({ min: 10, max: 400 }), (mm, more) => {
      const [small, large] = [boxPlan({ ...box, lengthMm: mm }), boxPlan({ ...box, lengthMm: mm + more })];
      expect(large.volumeL).toBeGreaterThan(small.volumeL);
      expect(large.woodKg).toBeGreaterThan(small.woodKg);
      expect(large.linerM2).toBeGreaterThan(small.linerM2);
    }),
  );
});

test("what no box can be is refused at its field", () => {
  const parsed = boxSchema.safeParse({ ...box, lengthMm: 5, boardThickMm: 400 });
  expect(
    parsed.error?.issues.map((i) => [i.path[0], i.code, "minimum" in i ? i.minimum : "maximum" in i && i.maximum]),
  ).toEqual([
    ["lengthMm", "too_small", 150],
    ["boardThickMm", "too_big", 80],
  ]);
});

test("never fewer than four drain holes, and never more open than asked by more than one hole", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.01, max: 2, noNaN: true }),
      fc.integer({ min: 6, max: 60 }),
      fc.integer({ min: 0, max: 12 }),
      (baseAreaM2, holeMm, existing) => {
        const plan = drainHoles({ baseAreaM2, holeMm, existing });
        expect(plan.wanted).toBeGreaterThanOrEqual(4);
        expect(plan.shareAfter).toBeGreaterThanOrEqual(0.01 - 1e-9);
        expect(plan.wanted - existing).toBe(plan.toDrill);
      },
    ),
  );
  expect(drainHoles({ baseAreaM2: 0.05, holeMm: 20, existing: 8 }).toDrill).toBe(0);
});

test("hole, pot, ring and bed add up; a pot that stands out needs a shallower hole", () => {
  const v = {
    outerTopMm: 450,
    outerBaseMm: 350,
    outerHeightMm: 420,
    square: false,
    rimAboveMm: 20,
    ringMm: 60,
    bedMm: 100,
  };
  const plan = sunkPlan(v);
  expect(plan.potBelowL + plan.ringL + plan.bedL).toBeCloseTo(plan.holeL, 9);
  expect(sunkPlan({ ...v, rimAboveMm: 120 }).holeDepthMm).toBe(plan.holeDepthMm - 100);
  expect(sunkPlan({ ...v, square: true }).holeL).toBeGreaterThan(plan.holeL);
});

test.each([
  [5, 60, "sump"],
  [20, 60, "slow"],
  [20, 20, "free"],
] as const)("water falling %d mm in %d minutes: %s ground", (mm, minutes, verdict) => {
  expect(soakTest(mm, minutes).verdict).toBe(verdict);
});

test("a lining takes its thickness round the wall, and seals a wall that breathes", () => {
  const pot = { shape: "cylinder", topWidthMm: 300, heightMm: 300, wall: "terracotta" } as const;
  const foam = liningPlan(pot, "foam");
  expect(foam.areaM2).toBeCloseTo((Math.PI * 300 * 300 + 100 * 300) / 1e6, 9);
  expect(foam.volumeLostL).toBeCloseTo(Math.PI * 0.3 * 0.3 * 30, 6);
  expect(foam.volumeLeftL + foam.volumeLostL).toBeCloseTo(Math.PI * 2.25 * 3, 6);
  expect(foam.sealsWall).toBe(true);
  expect(liningPlan(pot, "jute").sealsWall).toBe(false);
  expect(liningPlan({ ...pot, wall: "smooth-plastic" }, "foam").sealsWall).toBe(false);
  const box = { shape: "square", topWidthMm: 300, baseWidthMm: 300, heightMm: 300 } as const;
  expect(liningPlan(box, "film").areaM2).toBeCloseTo((1200 * 300 + 100 * 300) / 1e6, 9);
});
