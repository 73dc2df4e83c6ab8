import {
  ABOUT_SPREAD,
  CONTAINER_CLASSES,
  DENSITY_KG_PER_L,
  DEPTH_SD_MM,
  DRAIN_GOOD_SHARE,
  DRAIN_LEAST_HOLES,
  DRAIN_LEAST_SHARE,
  FABRIC_STRETCH,
  FLOOR_GAP_MM,
  FREEBOARD_RULE,
  GRAVEL_KG_PER_L,
  HEIGHT_SD_MM,
  LINER_OVERLAP_MM,
  LININGS,
  LITRE_LABEL,
  LITRES_PER_IMPERIAL_PINT,
  MIX_SHARE_OF_BRIM,
  MOIST_SOIL_KG_PER_L,
  nominalVolume,
  SLOW_MM_PER_H,
  SOIL_SWELL,
  SUMP_MM_PER_H,
  USUAL_DOSE_PER_MIX_L,
  USUAL_TAPER,
  WIDTH_SD_MM,
} from "./index";

/** Figures and tables, written a second time. */
test("figures of pots", () => {
  expect([FABRIC_STRETCH, USUAL_TAPER, ABOUT_SPREAD, USUAL_DOSE_PER_MIX_L]).toEqual([0.02, 0.8, 0.2, 0.1]);
  expect([WIDTH_SD_MM, HEIGHT_SD_MM, DEPTH_SD_MM]).toEqual([5, 7, 7]);
  expect(FREEBOARD_RULE).toEqual({ leaching: 0.1, soaksIn: 0.4 });
  expect([LINER_OVERLAP_MM, FLOOR_GAP_MM]).toEqual([100, 10]);
  expect([DRAIN_LEAST_SHARE, DRAIN_GOOD_SHARE, DRAIN_LEAST_HOLES]).toEqual([0.005, 0.01, 4]);
  expect([GRAVEL_KG_PER_L, MOIST_SOIL_KG_PER_L, SOIL_SWELL, SUMP_MM_PER_H, SLOW_MM_PER_H]).toEqual([
    1.6, 1.5, 1.25, 12, 25,
  ]);
  expect(LITRE_LABEL).toEqual({ low: 0.93, typical: 0.98, high: 1.05 });
  expect(MIX_SHARE_OF_BRIM).toEqual({ low: 0.85, typical: 0.88, high: 0.91 });
  expect(LITRES_PER_IMPERIAL_PINT).toBe(0.56826125);
});

test("densities and linings", () => {
  expect(DENSITY_KG_PER_L).toEqual({
    polypropylene: 0.905,
    hdpe: 0.95,
    ldpe: 0.92,
    terracotta: 1.9,
    stoneware: 2.25,
    concrete: 2.3,
    "fibre-cement": 1.6,
    resin: 1.7,
    oak: 0.7,
    larch: 0.58,
    cedar: 0.38,
    rubber: 1.15,
    steel: 7.85,
    aluminium: 2.7,
  });
  expect(LININGS).toEqual({
    film: { thickMm: 0.3, resistance: 0, breathes: false },
    "bubble-single": { thickMm: 4, resistance: 0.17, breathes: false },
    "bubble-double": { thickMm: 8, resistance: 0.34, breathes: false },
    foam: { thickMm: 30, resistance: 0.86, breathes: false },
    jute: { thickMm: 20, resistance: 0.35, breathes: true },
  });
});

test.each<[string, object | null]>([
  [
    "#1",
    {
      lowL: 2.490833728,
      highL: 4.113153064,
      typicalL: 2.8,
      confidence: "M",
      source: "American Standard for Nursery Stock (ANSI Z60.1), container classes; figures from memory",
    },
  ],
  [
    "#2",
    {
      lowL: 5.24386048,
      highL: 7.767468336,
      typicalL: 6.3,
      confidence: "M",
      source: "American Standard for Nursery Stock (ANSI Z60.1), container classes; figures from memory",
    },
  ],
  [
    "#3",
    {
      lowL: 10.291076192,
      highL: 12.159201487999999,
      typicalL: 11,
      confidence: "M",
      source: "American Standard for Nursery Stock (ANSI Z60.1), container classes; figures from memory",
    },
  ],
  [
    "#5",
    {
      lowL: 12.86384524,
      highL: 20.352733488,
      typicalL: 14.5,
      confidence: "M",
      source: "American Standard for Nursery Stock (ANSI Z60.1), container classes; figures from memory",
    },
  ],
  [
    "#7",
    {
      lowL: 21.909504568,
      highL: 29.332844559999998,
      typicalL: 25,
      confidence: "M",
      source: "American Standard for Nursery Stock (ANSI Z60.1), container classes; figures from memory",
    },
  ],
  [
    "#10",
    {
      lowL: 34.085093119999996,
      highL: 43.360171344,
      typicalL: 38,
      confidence: "M",
      source: "American Standard for Nursery Stock (ANSI Z60.1), container classes; figures from memory",
    },
  ],
  [
    "#15",
    {
      lowL: 45.359393152,
      highL: 60.566588544,
      typicalL: 53,
      confidence: "M",
      source: "American Standard for Nursery Stock (ANSI Z60.1), container classes; figures from memory",
    },
  ],
  [
    "#20",
    {
      lowL: 74.06952928,
      highL: 84.426153728,
      typicalL: 79,
      confidence: "L",
      source: "American Standard for Nursery Stock (ANSI Z60.1), container classes; figures from memory",
    },
  ],
  [
    "#25",
    {
      lowL: 94.6352946,
      highL: 112.431646104,
      typicalL: 103,
      confidence: "L",
      source: "American Standard for Nursery Stock (ANSI Z60.1), container classes; figures from memory",
    },
  ],
])("container class %s holds what its standard says", (size, volume) => {
  const found = nominalVolume("container-class", size) as unknown as Record<string, unknown>;
  for (const [key, value] of Object.entries(volume ?? {}))
    if (typeof value === "number") expect(found[key]).toBeCloseTo(value, 6);
    else expect(found[key]).toEqual(value);
  expect(CONTAINER_CLASSES).toContain(size);
});
