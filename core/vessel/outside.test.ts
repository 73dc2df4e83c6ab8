import fc from "fast-check";
import { mixEstimate, brimEstimate, vesselOf } from "./pot";
import { litresFromRim, outsideVolume, usualWallMm } from "./outside";
import { outerWidthMm, type OutsidePot, outsideSchema } from "./outside-schema";
import { potSchema } from "./schema";
import { volumeL } from "./vessel";
import { WALLS } from "./walls";

const plastic = (more: Partial<OutsidePot> = {}): OutsidePot => ({
  known: "outside",
  shape: "round",
  wall: "smooth-plastic",
  outerWidthMm: 300,
  outerHeightMm: 270,
  ...more,
});

test("a plastic pot of 300 × 270 mm holds about fourteen litres, give or take an eighth", () => {
  const { brim } = outsideVolume(plastic());
  expect(brim.p50).toBeCloseTo(14.4, 0);
  expect(brim.p10 / brim.p50).toBeGreaterThan(0.82);
  expect(brim.p90 / brim.p50).toBeLessThan(1.22);
  expect(brim.basis).toBe("derived");
});

test("the girth says the same as the width it belongs to, a little less surely", () => {
  const byWidth = outsideVolume(plastic());
  const byGirth = outsideVolume(plastic({ outerWidthMm: undefined, girthMm: Math.PI * 300 }));
  expect(outerWidthMm({ shape: "round", girthMm: Math.PI * 300 })).toBeCloseTo(300, 9);
  expect(byGirth.brim.p50).toBeCloseTo(byWidth.brim.p50, 9);
  expect(outsideVolume(plastic({ shape: "square", outerWidthMm: undefined, girthMm: 1200 })).vessel).toMatchObject({
    shape: "square",
  });
});

test("a measured foot and wall narrow the range, and thick walls cost litres", () => {
  const width = (p: OutsidePot) => {
    const { brim } = outsideVolume(p);
    return Math.log(brim.p90 / brim.p10);
  };
  const clay = plastic({ wall: "terracotta" });
  expect(width({ ...clay, outerBaseWidthMm: 230, wallMm: 12 })).toBeLessThan(width(clay));
  expect(outsideVolume(clay).brim.p50).toBeLessThan(outsideVolume(plastic()).brim.p50);
  expect(usualWallMm("terracotta", 600)).toBeGreaterThan(usualWallMm("terracotta", 200));
});

test("a finger to the mix replaces the usual share of the brim by the geometry", () => {
  const pot = plastic();
  const usual = mixEstimate(pot);
  const deep = mixEstimate(pot, 60);
  const full = mixEstimate(pot, 5);
  expect(deep.p50).toBeLessThan(usual.p50);
  expect(full.p50).toBeGreaterThan(usual.p50);
  expect(full.p50).toBeLessThanOrEqual(brimEstimate(pot).p50);
  // A measured pot with a felt level is surer than a trade size with one.
  const spread = (e: { p10: number; p90: number }) => Math.log(e.p90 / e.p10);
  const named = { known: "nominal", system: "container-class", size: "#5", wall: "smooth-plastic" } as const;
  expect(
    spread(mixEstimate(vesselOf(pot).guessed ? pot : { known: "measured", vessel: vesselOf(pot).vessel }, 40)),
  ).toBeLessThan(spread(mixEstimate(named, 40)));
});

test("impossible measures are refused in words, at their field", () => {
  const fault = (p: unknown) => outsideSchema.safeParse(p).error?.issues[0];
  expect(fault({ ...plastic(), outerWidthMm: undefined })?.path).toEqual(["outerWidthMm"]);
  expect(fault({ ...plastic(), girthMm: 900 })?.message).toBe("width-or-girth");
  expect(fault({ ...plastic(), wallMm: 130 })?.path).toEqual(["wallMm"]);
  expect(fault({ ...plastic(), outerBaseWidthMm: 900 })?.path).toEqual(["outerBaseWidthMm"]);
  expect(potSchema.safeParse(plastic()).success).toBe(true);
});

test("a rim alone suggests litres like those of a pot of usual height", () => {
  const litres = litresFromRim("round", 300, "smooth-plastic");
  expect(litres).toBeCloseTo(outsideVolume(plastic({ outerHeightMm: 276 })).brim.p50, 0);
});

test("what is inside is smaller than what is outside, and every band is in order", () => {
  fc.assert(
    fc.property(
      fc.record({
        outerWidthMm: fc.integer({ min: 60, max: 1500 }),
        outerHeightMm: fc.integer({ min: 60, max: 1200 }),
        wall: fc.constantFrom(...WALLS),
        shape: fc.constantFrom("round" as const, "square" as const),
      }),
      (m) => {
        const { brim, vessel } = outsideVolume({ known: "outside", ...m });
        const box = (m.outerWidthMm ** 2 * m.outerHeightMm) / 1e6;
        expect(brim.p50).toBeLessThan(box);
        expect(brim.p10).toBeLessThan(brim.p50);
        expect(brim.p50).toBeLessThan(brim.p90);
        expect(volumeL(vessel)).toBeCloseTo(brim.p50, 6);
      },
    ),
  );
});
