import fc from "fast-check";
import { blend } from "./blend";
import { COMPONENT_NAMES } from "./components";
import { planBatch, SETTLE_FRACTION, WASTE } from "./batch";

test("coarse bark and compost, two to one: a fifth more than the mix must be measured out", () => {
  const batch = planBatch({ settledL: 88, recipe: { "bark-coarse": 2, compost: 1 } });
  expect(batch.looseL).toBeCloseTo(100, 9);
  expect(batch.blend.shrinkage).toBeCloseTo(0.178, 3);
  expect(batch.measuredL).toBeCloseTo(127.8, 0);
  expect(batch.parts.map((p) => [p.component, Math.round(p.litres)])).toEqual([
    ["bark-coarse", 85],
    ["compost", 43],
  ]);
  expect(batch.cost).toBeNull();
});

test("bags cover each part at least cost; without an offer for one part there is no price", () => {
  const bags = {
    "bark-coarse": [
      { litres: 50, price: 9 },
      { litres: 20, price: 5 },
    ],
    compost: [{ litres: 45, price: 6 }],
  };
  const recipe = { "bark-coarse": 2, compost: 1 };
  const batch = planBatch({ settledL: 88, recipe, bags });
  expect(batch.parts.map((p) => p.bags!.counts)).toEqual([[2, 0], [1]]);
  expect(batch.cost).toBeCloseTo(24, 9);
  expect(planBatch({ settledL: 88, recipe, bags: { compost: bags.compost } }).cost).toBeNull();
});

const recipes = fc
  .dictionary(fc.constantFrom(...COMPONENT_NAMES), fc.integer({ min: 1, max: 7 }), { minKeys: 1, maxKeys: 5 })
  .map((r) => r as Parameters<typeof blend>[0]);

test("what is measured out, mixed, wasted and settled is what was wanted", () => {
  fc.assert(
    fc.property(recipes, fc.double({ min: 1, max: 900, noNaN: true }), (recipe, settledL) => {
      const batch = planBatch({ settledL, recipe });
      const mixed = batch.measuredL * (1 - blend(recipe).shrinkage);
      expect((mixed / WASTE) * (1 - SETTLE_FRACTION)).toBeCloseTo(settledL, 6);
      expect(batch.parts.reduce((sum, p) => sum + p.litres, 0)).toBeCloseTo(batch.measuredL, 6);
      expect(batch.measuredL).toBeGreaterThanOrEqual(batch.looseL * WASTE - 1e-9);
      expect(batch.dryKg).toBeGreaterThan(0);
    }),
  );
});

test("twice the mix is twice of everything", () => {
  fc.assert(
    fc.property(recipes, (recipe) => {
      const [one, two] = [planBatch({ settledL: 10, recipe }), planBatch({ settledL: 20, recipe })];
      expect(two.measuredL).toBeCloseTo(2 * one.measuredL, 9);
      expect(two.dryKg).toBeCloseTo(2 * one.dryKg, 9);
    }),
  );
});
