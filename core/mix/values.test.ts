import { toDay } from "../dates/index";
import {
  airAt20cm,
  blend,
  cheapestBags,
  COMPONENTS,
  shoppingFor,
  dilute,
  fedUntil,
  mixColumn,
  mixInPot,
  mixLife,
  mixOfRecipe,
  mixYears,
  ownComponentSchema,
  partsSchema,
  READY_MIXES,
  textureJump,
  volumeLeft,
  waterContent,
  wantedTogether,
  planBatch,
} from "./index";

/** Worked out a second way: a program of its own, forty thousand slices, or by hand. */
const pot = { shape: "round", topWidthMm: 300, baseWidthMm: 240, heightMm: 280 } as const;
const near = (v: number, digits = 5) => expect.closeTo(v, digits) as number;

test("a blend of three sizes: what vanishes, pores, mass, ageing, particle, feed", () => {
  const parts = { "bark-coarse": 2, compost: 1, sand: 1 };
  expect(blend(parts)).toEqual({ shrinkage: near(0.161112), porosity: near(0.618543), dryKgPerL: near(0.718212) });
  const made = mixOfRecipe(parts)!;
  expect(made.mix).toMatchObject({
    volumeLossPerYear: near(0.0525),
    alphaGainPerYear: near(0.09),
    particleMm: near(3.62565),
    thetaS: near(0.618543),
  });
  expect(made.feedsMonths).toBe(1);
  expect(made.flags).toEqual({ phosphate: 0.25, germs: 0.25, weeds: 0.25 });
  expect([5, 10, 25, 50, 100].map((h) => waterContent(made.mix, h))).toEqual(
    [0.502531, 0.424589, 0.336512, 0.301224, 0.27899995].map((v) => near(v)),
  );
  expect([5, 50].map((h) => waterContent(made.mix, h, 3))).toEqual([near(0.525592), near(0.312879)]);
  expect([waterContent(made.mix, 0), waterContent(made.mix, -3)]).toEqual([made.mix.thetaS, made.mix.thetaS]);
  // Grains of one size take no room from each other.
  expect(blend({ lava: 1, pumice: 2 }).shrinkage).toBeCloseTo(0, 12);
});

test.each([
  [{ bottomLayerMm: 30, ageYears: 2 }, 12.967898, 6.204457, 0.478447, 4.29954, 2.056135, 2.59358, 8.798036],
  [{}, 14.361743, 6.341644, 0.441565, 5.291368, 1.886551, 2.872349, 9.213992],
  [{ planeBelowMm: 40 }, 14.361743, 5.659624, 0.394076, 5.973388, 1.204531, 2.872349, 8.531972],
] as const)("a pot of fine bark, drained, %j", (more, mixL, waterL, waterFraction, airL, availableL, dryKg, wetKg) => {
  const column = mixColumn({ mix: READY_MIXES["pine-bark"], vessel: pot, fillHeightMm: 255, ...more });
  expect(column.whole).toMatchObject({
    mixL: near(mixL),
    waterL: near(waterL, 2),
    waterFraction: near(waterFraction, 3),
    airL: near(airL, 2),
  });
  expect([column.availableL, column.dryKg, column.wetKg]).toEqual([near(availableL, 2), near(dryKg), near(wetKg, 2)]);
  const { bottomLayerMm = 0, ageYears = 0, planeBelowMm = 0 } = more as Record<string, number>;
  expect(mixInPot(READY_MIXES["pine-bark"], pot, 255, bottomLayerMm, ageYears, planeBelowMm)).toMatchObject({
    waterL: near(waterL, 3),
    airL: near(airL, 3),
    wetKgPerL: near(wetKg / mixL, 4),
  });
});

test("one layer of a cylinder: what stands at its middle; the sodden foot of a peat mix", () => {
  const cylinder = { shape: "cylinder", topWidthMm: 200, heightMm: 250 } as const;
  const { layers } = mixColumn({ mix: READY_MIXES["pine-bark"], vessel: cylinder, fillHeightMm: 200, layers: 1 });
  expect(layers).toEqual([
    {
      heightMm: 100,
      thicknessMm: 200,
      volumeL: near(6.283185),
      solids: near(0.19),
      available: near(0.124746),
      held: near(0.310206),
      air: near(0.375045),
    },
  ]);
  // Less than a tenth of air up to 23.13 mm: the middles of eighteen layers of 1.275 mm lie below.
  expect(mixColumn({ mix: READY_MIXES["peat-perlite"], vessel: pot, fillHeightMm: 255 }).soddenMm).toBeCloseTo(
    22.95,
    6,
  );
  const empty = mixColumn({ mix: READY_MIXES["pine-bark"], vessel: pot, fillHeightMm: 30, bottomLayerMm: 30 });
  expect(empty.whole).toMatchObject({ mixL: 0, waterL: 0, waterFraction: 0.81 });
  expect([empty.availableL, empty.wetKg]).toEqual([0, 0]);
});

test("air of a layer of 20 cm, the pot year by year, and what ends a mix", () => {
  expect(airAt20cm(READY_MIXES["pine-bark"], 0)).toBeCloseTo(0.330189, 3);
  expect(airAt20cm(READY_MIXES["pine-bark"], 4)).toBeCloseTo(0.28244, 3);
  const years = mixYears(
    { mix: READY_MIXES["pine-bark"], vessel: pot, fillHeightMm: 255, bottomLayerMm: 30, ageYears: 1 },
    2,
  );
  expect(years).toEqual([
    {
      ageYears: 1,
      volumeShare: 1,
      fillHeightMm: 255,
      airFraction: near(0.342851, 3),
      waterFraction: near(0.467149, 3),
    },
    {
      ageYears: 2,
      volumeShare: near(0.951229),
      fillHeightMm: near(244.026621),
      airFraction: near(0.325295, 3),
      waterFraction: near(0.484705, 3),
    },
    {
      ageYears: 3,
      volumeShare: near(0.904837),
      fillHeightMm: near(233.588419),
      airFraction: near(0.306988, 3),
      waterFraction: near(0.503012, 3),
    },
  ]);
  expect(mixLife(READY_MIXES["pine-bark"])).toEqual({ years: near(4.462871), by: "volume" });
  // By air after 9.885 years (thousands of slices; eighty here); by volume only after 14.88.
  const loam = mixLife(READY_MIXES["loam-grit"]);
  expect(loam.by).toBe("air");
  expect(loam.years).toBeCloseTo(9.885, 1);
  expect(mixLife(mixOfRecipe({ pumice: 1 })!.mix)).toEqual({ years: 30, by: "long" });
  expect(volumeLeft(READY_MIXES["pine-bark"], 2)).toBeCloseTo(0.904837, 6);
  expect(volumeLeft(READY_MIXES["pine-bark"], -2)).toBe(1);
  expect(volumeLeft({ ...READY_MIXES["pine-bark"], volumeLossPerYear: undefined }, 9)).toBe(1);
});

test("a mix feeds so many months from its potting; half a month is the least worth telling", () => {
  expect(fedUntil(toDay("2026-03-01"), 4)).toBe("2026-07-01");
  expect(fedUntil(toDay("2026-03-01"), 0.5)).toBe("2026-03-16");
  expect(fedUntil(toDay("2026-03-01"), 0.49)).toBeNull();
});

test("a jump of texture begins beyond twice and half", () => {
  const of = (particleMm: number) => ({ ...READY_MIXES["pine-bark"], particleMm });
  const jump = (fresh: number) => textureJump(of(2), of(fresh));
  expect([jump(4), jump(4.1), jump(1), jump(0.9)]).toEqual([
    { ratio: 2, jump: null },
    { ratio: near(2.05), jump: "coarser" },
    { ratio: 0.5, jump: null },
    { ratio: near(0.45), jump: "finer" },
  ]);
});

test("bags: the cheapest cover, then the least over; a need of nothing buys nothing", () => {
  const bags = [
    { litres: 10, price: 4 },
    { litres: 25.07, price: 9 },
  ];
  expect(cheapestBags(30, bags)).toEqual({ counts: [3, 0], cost: 12, leftoverL: 0 });
  expect(cheapestBags(25, bags)).toEqual({ counts: [0, 1], cost: 9, leftoverL: near(0.07) });
  expect(cheapestBags(25.04, bags)).toEqual({ counts: [3, 0], cost: 12, leftoverL: near(4.96) });
  expect(cheapestBags(0, bags)).toEqual({ counts: [0, 0], cost: 0, leftoverL: 0 });
  const twin = [
    { litres: 20, price: 5 },
    { litres: 12, price: 5 },
  ];
  expect(cheapestBags(11, twin)).toEqual({ counts: [0, 1], cost: 5, leftoverL: 1 });
});

test("several batches together want the sum of their parts", () => {
  const one = planBatch({ settledL: 8.8, recipe: { peat: 1 } });
  const two = planBatch({ settledL: 17.6, recipe: { peat: 3, perlite: 1 } });
  const wanted = wantedTogether([one, two]);
  expect(Object.keys(wanted)).toEqual(["peat", "perlite"]);
  expect(wanted.peat).toBeCloseTo(10.5 + 0.75 * two.measuredL, 9);
  expect(wanted.perlite).toBeCloseTo(0.25 * two.measuredL, 9);
  expect(one).toMatchObject({ looseL: near(10), measuredL: near(10.5), dryKg: near(0.9) });
});

test("a can: caps, cans left and the share of the liquid", () => {
  expect(dilute({ ratePerL: 4, strength: 0.5, canL: 10, capSize: 8, bottleSize: 1000 })).toEqual({
    ...{ perCan: 20, caps: 2.5, cansLeft: 50 },
    share: near(0.001996, 6),
  });
  expect(dilute({ ratePerL: 4, strength: 0, canL: 10, capSize: 8, bottleSize: 1000 })).toMatchObject({
    cansLeft: null,
    caps: 0,
  });
});

test("what a component of one's own and a recipe may not be, at its field and edge", () => {
  const own = {
    ...{ name: "Chips", porosity: 0.5, gaps: 0.4, particleMm: 5, dryKgPerL: 1.4, alphaPerCm: 2, n: 2, thetaR: 0.1 },
    ...{ volumeLossPerYear: 0, alphaGainPerYear: 0, feedsMonths: 0, flags: [], confidence: "L", source: "" },
  };
  const faults = (more: object) =>
    ownComponentSchema.safeParse({ ...own, ...more }).error?.issues.map((i) => [i.path.join("."), i.message]) ?? [];
  expect(faults({ gaps: 0.5 })).toEqual([]);
  expect(faults({ gaps: 0.51 })).toEqual([["gaps", "particle-space-above-pores"]]);
  expect(faults({ thetaR: 0.49 })).toEqual([]);
  expect(faults({ thetaR: 0.5 })).toEqual([["thetaR", "holds-more-than-pores"]]);
  expect(faults({ dryKgPerL: 1.45 })).toEqual([]);
  expect(faults({ dryKgPerL: 1.46 })).toEqual([["dryKgPerL", "heavier-than-stone"]]);
  expect(faults({ name: " " })).toEqual([["name", "name-needed"]]);
  const parts = (p: object) => partsSchema.safeParse(p).error?.issues.map((i) => i.message) ?? [];
  expect(parts({ peat: 0 })).toEqual(["no-parts"]);
  expect(parts({ peat: 0, sand: 1 })).toEqual([]);
  const many = (n: number) => Object.fromEntries(Array.from({ length: n }, (_, i) => [`c${i}`, 1]));
  expect([parts(many(16)), parts(many(17))]).toEqual([[], ["too-many-parts"]]);
});

test("coarse leads or fine leads: what vanishes either way; a tenth of a litre is the step of bags", () => {
  // Fine sand in the gaps of much bark; a little bark afloat in sand. By the packing model, worked out apart.
  expect(blend({ "bark-coarse": 9, sand: 1 }).shrinkage).toBeCloseTo(0.0665926, 6);
  expect(blend({ "bark-coarse": 1, sand: 9 }).shrinkage).toBeCloseTo(0.0299635, 6);
  expect(cheapestBags(0.1, [{ litres: 0.1, price: 1 }])).toEqual({ counts: [1], cost: 1, leftoverL: 0 });
  expect(cheapestBags(0.11, [{ litres: 0.1, price: 1 }]).counts).toEqual([2]);
  expect(shoppingFor({ peat: 5 }, { peat: 4.96 }, { peat: [{ litres: 10, price: 3 }] })).toEqual({
    lines: [{ component: "peat", litres: 5, fromStockL: 4.96, bags: { counts: [0], cost: 0, leftoverL: 0 } }],
    cost: 0,
  });
  const years = mixYears({ mix: READY_MIXES["pine-bark"], vessel: pot, fillHeightMm: 255 }, 0);
  expect(years).toEqual([
    {
      ageYears: 0,
      volumeShare: 1,
      fillHeightMm: 255,
      airFraction: near(0.368435, 3),
      waterFraction: near(0.441565, 3),
    },
  ]);
});

test("components of the package and judged ones name their source", () => {
  const sources = Object.values(COMPONENTS).map((c) => [c.confidence, c.source]);
  expect(new Set(sources.map((s) => s.join("|"))).size).toBe(2);
});
