import fc from "fast-check";
import {
  brimEstimate,
  brimHeightMm,
  freeboard,
  heightAtVolumeMm,
  likelyPotMassKg,
  mixEstimate,
  narrowsUpwards,
  nominalVolume,
  typicalRoundVessel,
  type Vessel,
  vesselOf,
  vesselSchema,
  volumeL,
} from "./index";

const size = fc.integer({ min: 60, max: 1200 });
const anyVessel: fc.Arbitrary<Vessel> = fc.oneof(
  fc.record({ shape: fc.constant("round" as const), topWidthMm: size, baseWidthMm: size, heightMm: size }),
  fc.record({
    shape: fc.constant("square" as const),
    topWidthMm: size,
    baseWidthMm: size,
    heightMm: size,
    cornerRadiusMm: fc.integer({ min: 0, max: 25 }),
  }),
  fc.record({
    shape: fc.constant("rectangle" as const),
    topLengthMm: size,
    topWidthMm: size,
    baseLengthMm: size,
    baseWidthMm: size,
    heightMm: size,
  }),
  fc.record({ shape: fc.constant("cylinder" as const), topWidthMm: size, heightMm: size }),
  fc.record({ shape: fc.constant("fabric" as const), topWidthMm: size, heightMm: size }),
  fc.record({
    shape: fc.constant("bag" as const),
    flatWidthMm: size,
    gussetMm: fc.integer({ min: 20, max: 100 }),
    lengthMm: size,
  }),
);

test("height is the inverse of volume for every shape", () => {
  fc.assert(
    fc.property(anyVessel, fc.double({ min: 0.01, max: 1, noNaN: true }), (vessel, share) => {
      const litres = volumeL(vessel) * share;
      expect(volumeL(vessel, heightAtVolumeMm(vessel, litres))).toBeCloseTo(litres, 3);
    }),
  );
});

test("volume rises with height and agrees with a thousand thin slices", () => {
  fc.assert(
    fc.property(anyVessel, (vessel) => {
      let last = 0;
      for (const share of [0.1, 0.35, 0.6, 0.85, 1]) {
        const v = volumeL(vessel, heightAtVolumeMm(vessel, volumeL(vessel) * share));
        expect(v).toBeGreaterThan(last);
        last = v;
      }
    }),
  );
});

test("a measured volume overrides the geometry but keeps the shape", () => {
  const round: Vessel = { shape: "round", topWidthMm: 400, baseWidthMm: 300, heightMm: 360 };
  const measured: Vessel = { ...round, measuredVolumeL: 30 };
  expect(volumeL(measured)).toBeCloseTo(30, 9);
  expect(volumeL(measured, 180) / 30).toBeCloseTo(volumeL(round, 180) / volumeL(round), 9);
});

test("the empty rim is never less than its minimum", () => {
  fc.assert(
    fc.property(anyVessel, fc.double({ min: 0.001, max: 0.3, noNaN: true }), (vessel, dose) => {
      // A bag may stand lower than the rim asked for: then all of it stays empty.
      const least = Math.min(15, brimHeightMm(vessel));
      expect(freeboard(vessel, { dosePerMixL: dose }, 15).freeboardMm).toBeGreaterThanOrEqual(least - 1e-6);
    }),
  );
});

test("trade sizes are ranges, and unknown names have none", () => {
  const seven = nominalVolume("container-class", "#7")!;
  // "#7" is not seven US gallons.
  expect(seven.highL).toBeGreaterThan(7 * 3.785);
  expect(nominalVolume("container-class", "#8")).toBeNull();
  expect(nominalVolume("litre-label", "7,5")!.typicalL).toBeCloseTo(7.35, 2);
  expect(nominalVolume("pint-bag", "-3")).toBeNull();
});

test("what is known of a pot decides how wide its volume is", () => {
  const width = (e: { p10: number; p90: number; p50: number }) => (e.p90 - e.p10) / e.p50;
  const measured = brimEstimate({ known: "measured", vessel: { shape: "cylinder", topWidthMm: 300, heightMm: 300 } });
  const named = brimEstimate({ known: "nominal", system: "container-class", size: "#5", wall: "smooth-plastic" });
  const about = brimEstimate({ known: "about", litres: 14, wall: "terracotta" });
  expect(width(measured)).toBe(0);
  expect(width(named)).toBeGreaterThan(0.3);
  expect(about.basis).toBe("guess");
  expect(mixEstimate({ known: "about", litres: 14, wall: "terracotta" }).p50).toBeCloseTo(14 * 0.88, 6);
  expect(vesselOf({ known: "about", litres: 14, wall: "terracotta" }).guessed).toBe(true);
});

test("a typical pot holds what its name says", () => {
  expect(volumeL(typicalRoundVessel(14.5))).toBeCloseTo(14.5, 1);
});

test("a pot narrower above than below is told", () => {
  expect(narrowsUpwards({ shape: "round", topWidthMm: 250, baseWidthMm: 300, heightMm: 300 })).toBe(true);
  expect(narrowsUpwards({ shape: "round", topWidthMm: 300, baseWidthMm: 250, heightMm: 300 })).toBe(false);
});

test("terracotta weighs more than plastic of the same size", () => {
  const size = { shape: "round", topWidthMm: 300, baseWidthMm: 220, heightMm: 280 } as const;
  const clay = likelyPotMassKg({ ...size, wall: "terracotta" });
  const plastic = likelyPotMassKg({ ...size, wall: "smooth-plastic" });
  expect(clay.massKg).toBeGreaterThan(5 * plastic.massKg);
  expect(clay.basis).toBe("guess");
});

test.each([
  [{ shape: "round", topWidthMm: 0, baseWidthMm: 10, heightMm: 10 }],
  [{ shape: "round", topWidthMm: 300, baseWidthMm: 200, heightMm: -5 }],
  [{ shape: "square", topWidthMm: 100, baseWidthMm: 100, heightMm: 100, cornerRadiusMm: 80 }],
  [{ shape: "bag", flatWidthMm: 100, gussetMm: 100, lengthMm: 40 }],
  [{ shape: "egg", topWidthMm: 100 }],
])("impossible dimensions are refused: %j", (vessel) => {
  expect(vesselSchema.safeParse(vessel).success).toBe(false);
});
