import fc from "fast-check";
import {
  airAt20cm,
  cheapestBags,
  COMPONENT_NAMES,
  COMPONENTS,
  dilute,
  mixColumn,
  mixLife,
  mixOfRecipe,
  mixSchema,
  mixYears,
  ownComponentSchema,
  ratioToMlPerL,
  READY_MIX_NAMES,
  READY_MIXES,
  READY_RECIPES,
  shoppingFor,
  textureJump,
  waterContent,
} from "./index";

const recipes = fc.dictionary(
  fc.constantFrom(...COMPONENT_NAMES),
  fc.integer({ min: 1, max: 7 }).map((n) => n),
  { minKeys: 1, maxKeys: 6 },
);
const pot = { shape: "round", topWidthMm: 300, baseWidthMm: 240, heightMm: 280 } as const;

test("solids, held and available water and air fill every layer of every blend exactly", () => {
  fc.assert(
    fc.property(
      recipes,
      fc.integer({ min: 0, max: 120 }),
      fc.double({ min: 0, max: 8, noNaN: true }),
      (r, gravel, age) => {
        const { mix } = mixOfRecipe(r)!;
        const column = mixColumn({ mix, vessel: pot, fillHeightMm: 255, bottomLayerMm: gravel, ageYears: age });
        for (const layer of column.layers) {
          expect(layer.solids + layer.held + layer.available + layer.air).toBeCloseTo(1, 9);
          for (const share of [layer.solids, layer.held, layer.available, layer.air])
            expect(share).toBeGreaterThanOrEqual(-1e-9);
        }
        expect(column.wetKg).toBeGreaterThanOrEqual(column.dryKg);
        expect(mixSchema.safeParse(mix).success).toBe(true);
      },
    ),
    { numRuns: 60 },
  );
});

test("a sealed gravel layer never adds air, and depth never takes any", () => {
  fc.assert(
    fc.property(recipes, fc.integer({ min: 1, max: 120 }), (r, gravel) => {
      const { mix } = mixOfRecipe(r)!;
      const air = (layer: number, heightMm = 280) =>
        mixColumn({ mix, vessel: { ...pot, heightMm }, fillHeightMm: heightMm - 25, bottomLayerMm: layer }).whole;
      expect(air(gravel).airL).toBeLessThanOrEqual(air(0).airL + 1e-9);
      expect(air(0, 500).airFraction).toBeGreaterThanOrEqual(air(0, 200).airFraction - 1e-9);
    }),
    { numRuns: 60 },
  );
});

test("a pot on a wick drains as if it were deeper", () => {
  const at = (planeBelowMm: number) =>
    mixColumn({ mix: READY_MIXES["compost-bark"], vessel: pot, fillHeightMm: 255, planeBelowMm }).whole.airL;
  expect(at(100)).toBeGreaterThan(at(0));
});

test.each(READY_MIX_NAMES)("%s: its recipe gives pores and life near those of the mix as sold", (name) => {
  const made = mixOfRecipe(READY_RECIPES[name])!;
  expect(Math.abs(made.mix.thetaS - READY_MIXES[name].thetaS)).toBeLessThan(0.06);
  expect(Math.abs(made.mix.volumeLossPerYear! - READY_MIXES[name].volumeLossPerYear)).toBeLessThan(0.02);
});

test.each([
  ["pine-bark", 4.5, "volume"],
  ["peat-perlite", 3.7, "volume"],
  ["compost-bark", 2.5, "volume"],
  ["loam-grit", 9.9, "air"],
  ["bark-pumice", 8.9, "volume"],
  ["green-waste", 1.9, "volume"],
] as const)("%s lasts about %d years, ended by %s", (name, years, by) => {
  const life = mixLife(READY_MIXES[name]);
  expect(life.years).toBeCloseTo(years, 1);
  expect(life.by).toBe(by);
});

test("a mix that never rots lasts long, one without air is worn out from the start", () => {
  expect(mixLife(mixOfRecipe({ pumice: 1 })!.mix).by).toBe("long");
  const loam = mixOfRecipe({ loam: 1 })!.mix;
  expect(mixLife(loam)).toEqual({ years: 0, by: "air" });
  expect(airAt20cm(loam, 0)).toBeLessThan(0.12);
});

test("year by year volume and air go down together", () => {
  const years = mixYears({ mix: READY_MIXES["green-waste"], vessel: pot, fillHeightMm: 255 }, 5);
  expect(years).toHaveLength(6);
  for (let i = 1; i < years.length; i++) {
    expect(years[i].volumeShare).toBeLessThan(years[i - 1].volumeShare);
    expect(years[i].airFraction).toBeLessThan(years[i - 1].airFraction);
    expect(years[i].fillHeightMm).toBeLessThan(years[i - 1].fillHeightMm);
  }
});

test("flags and feeding come from what is in it, by share", () => {
  const made = mixOfRecipe({ compost: 1, "lime-grit": 3 })!;
  expect(made.flags).toMatchObject({ phosphate: 0.25, lime: 0.75, germs: 0.25 });
  expect(made.feedsMonths).toBeCloseTo(COMPONENTS.compost.feedsMonths / 4, 9);
  expect(mixOfRecipe({})).toBeNull();
  expect(mixOfRecipe({ "no such thing": 2 })).toBeNull();
});

test("a peat ball set into bark is a jump of texture; like into like is none; the unknown stays unknown", () => {
  expect(textureJump(READY_MIXES["peat-perlite"], READY_MIXES["pine-bark"])?.jump).toBe("coarser");
  expect(textureJump(READY_MIXES["bark-pumice"], READY_MIXES["pine-bark"])?.jump).toBe("finer");
  expect(textureJump(READY_MIXES["compost-bark"], READY_MIXES["pine-bark"])?.jump).toBeNull();
  expect(textureJump(null, READY_MIXES["pine-bark"])).toBeNull();
});

test("water content of a blend never exceeds its pores and falls with suction", () => {
  fc.assert(
    fc.property(recipes, (r) => {
      const { mix } = mixOfRecipe(r)!;
      let last = mix.thetaS;
      for (const suction of [0, 1, 3, 10, 50, 300]) {
        const theta = waterContent(mix, suction);
        expect(theta).toBeLessThanOrEqual(last + 1e-12);
        last = theta;
      }
    }),
    { numRuns: 80 },
  );
});

const OWN = {
  name: "Brick chips",
  ...COMPONENTS.grit,
  flags: [],
  confidence: "M",
  source: "",
} as const;
test.each([
  ["porosity", { porosity: 1.2 }],
  ["gaps", { porosity: 0.3, gaps: 0.5, dryKgPerL: 1 }],
  ["dryKgPerL", { porosity: 0.9, gaps: 0.4, dryKgPerL: 1.5 }],
  ["thetaR", { thetaR: 0.5 }],
  ["particleMm", { particleMm: 0 }],
])("physical nonsense is refused at %s", (field, nonsense) => {
  expect(ownComponentSchema.safeParse(OWN).success).toBe(true);
  const parsed = ownComponentSchema.safeParse({ ...OWN, ...nonsense });
  expect(parsed.error?.issues.map((i) => i.path[0])).toContain(field);
});

test("a batch never buys less than is needed, whatever odd sizes the bags have", () => {
  const bag = fc.record({
    litres: fc.double({ min: 0.4, max: 80, noNaN: true }),
    price: fc.integer({ min: 1, max: 40 }),
  });
  fc.assert(
    fc.property(
      fc.double({ min: 0.2, max: 300, noNaN: true }),
      fc.array(bag, { minLength: 1, maxLength: 4 }),
      (need, bags) => {
        const choice = cheapestBags(need, bags);
        const bought = choice.counts.reduce((sum, n, i) => sum + n * bags[i].litres, 0);
        expect(bought).toBeGreaterThanOrEqual(need - 1e-9);
        expect(choice.leftoverL).toBeCloseTo(bought - need, 6);
      },
    ),
  );
});

test("what is there already is not bought again; what has no bag on offer has no price", () => {
  const offers = { compost: [{ litres: 45, price: 6 }] };
  expect(shoppingFor({ compost: 40 }, { compost: 40 }, offers)).toMatchObject({ cost: 0 });
  expect(shoppingFor({ compost: 90 }, { compost: 10 }, offers)).toMatchObject({ cost: 12 });
  expect(shoppingFor({ compost: 40, peat: 3 }, {}, offers).cost).toBeNull();
  expect(shoppingFor({ peat: 3 }, { peat: 5 }, {}).cost).toBe(0);
});

test("a can at half strength takes half; 1 : 200 is 5 ml a litre", () => {
  const full = { ratePerL: ratioToMlPerL(200), strength: 1, canL: 10, capSize: 20, bottleSize: 1000 };
  expect(dilute(full)).toMatchObject({ perCan: 50, caps: 2.5, cansLeft: 20 });
  expect(dilute({ ...full, strength: 0.5 }).perCan).toBe(25);
  expect(dilute({ ...full, capSize: null, bottleSize: null })).toMatchObject({ caps: null, cansLeft: null });
});
