import {
  type ComponentName,
  COMPONENTS,
  DEFAULT_DRY_KG_PER_L,
  LEAST_AIR,
  PACKING_REACHED,
  READY_MIXES,
  READY_RECIPES,
  type ReadyMixName,
  SETTLE_FRACTION,
  TEXTURE_JUMP,
  TRIGGER_SUCTION_CM,
  WASTE,
  WORN_OUT_AIR,
  WORN_OUT_LOSS,
} from "./index";

/** The tables, written a second time: φ, ε, d, ρ, α, n, θr, loss and fining a year, months of feed. */
test.each<[ComponentName, number[], string[], string]>([
  ["bark-fine", [0.83, 0.4, 3, 0.2, 0.4, 1.6, 0.25, 0.05, 0.1, 0], ["dust"], "M"],
  ["bark-coarse", [0.8, 0.48, 12, 0.19, 2.5, 1.7, 0.24, 0.04, 0.08, 0], [], "M"],
  ["peat", [0.93, 0.25, 1, 0.09, 0.12, 1.6, 0.18, 0.07, 0.14, 0], ["dust"], "M"],
  ["coir", [0.94, 0.28, 1, 0.08, 0.18, 1.6, 0.18, 0.05, 0.1, 0], ["salt", "dust"], "M"],
  ["compost", [0.72, 0.28, 1.5, 0.45, 0.13, 1.45, 0.24, 0.13, 0.2, 4], ["phosphate", "germs", "weeds"], "M"],
  ["loam", [0.55, 0.3, 0.3, 1.15, 0.06, 1.35, 0.12, 0.005, 0.02, 3], ["weeds"], "M"],
  ["grit", [0.43, 0.43, 4, 1.5, 3, 2.5, 0.04, 0, 0, 0], [], "M"],
  ["sand", [0.4, 0.4, 0.8, 1.58, 0.12, 3, 0.04, 0, 0, 0], [], "M"],
  ["perlite", [0.92, 0.45, 3, 0.1, 1.2, 1.6, 0.22, 0.02, 0.03, 0], ["dust"], "M"],
  ["pumice", [0.8, 0.45, 6, 0.52, 2.5, 1.7, 0.22, 0.005, 0.01, 0], ["dust"], "M"],
  ["leaf-mould", [0.86, 0.3, 2, 0.18, 0.25, 1.5, 0.2, 0.12, 0.18, 1], ["weeds"], "L"],
  ["wood-fibre", [0.94, 0.4, 2, 0.1, 0.45, 1.6, 0.17, 0.14, 0.15, 0], ["dust"], "L"],
  ["worm-casts", [0.72, 0.3, 1, 0.5, 0.12, 1.45, 0.26, 0.1, 0.15, 5], ["phosphate", "germs"], "L"],
  ["green-waste", [0.71, 0.28, 2, 0.45, 0.3, 1.45, 0.24, 0.12, 0.18, 4], ["phosphate", "salt", "germs"], "L"],
  ["vermiculite", [0.9, 0.4, 3, 0.11, 0.3, 1.5, 0.3, 0.06, 0.12, 0], ["dust"], "L"],
  ["expanded-clay", [0.78, 0.44, 8, 0.4, 3, 1.9, 0.16, 0, 0, 0], [], "L"],
  ["lava", [0.62, 0.45, 6, 0.85, 2.5, 1.8, 0.13, 0, 0, 0], [], "L"],
  ["biochar", [0.82, 0.42, 3, 0.25, 0.5, 1.5, 0.3, 0.01, 0.02, 0], ["lime", "dust"], "L"],
  ["rice-hulls", [0.88, 0.5, 4, 0.11, 1.5, 1.7, 0.14, 0.1, 0.12, 0], ["dust"], "L"],
  ["lime-grit", [0.43, 0.43, 4, 1.5, 3, 2.5, 0.04, 0, 0, 0], ["lime", "dust"], "L"],
  [
    "mushroom-compost",
    [0.75, 0.3, 2, 0.35, 0.25, 1.45, 0.24, 0.15, 0.2, 3],
    ["lime", "salt", "phosphate", "germs"],
    "L",
  ],
])("component %s", (name, numbers, flags, confidence) => {
  const c = COMPONENTS[name];
  expect([
    c.porosity,
    c.gaps,
    c.particleMm,
    c.dryKgPerL,
    c.alphaPerCm,
    c.n,
    c.thetaR,
    c.volumeLossPerYear,
    c.alphaGainPerYear,
    c.feedsMonths,
  ]).toEqual(numbers);
  expect([c.flags, c.confidence]).toEqual([flags, confidence]);
});

/** θr, θs, α, n, dry mass, loss and fining a year, particle; parts. */
test.each<[ReadyMixName, number[], object]>([
  ["pine-bark", [0.24, 0.81, 0.5, 1.65, 0.2, 0.05, 0.1, 3], { "bark-fine": 1 }],
  ["peat-perlite", [0.17, 0.88, 0.28, 1.6, 0.12, 0.06, 0.12, 1.3], { peat: 3, perlite: 1 }],
  ["compost-bark", [0.24, 0.77, 0.45, 1.55, 0.33, 0.09, 0.15, 2.1], { compost: 1, "bark-fine": 1 }],
  ["loam-grit", [0.14, 0.57, 0.3, 1.4, 1, 0.015, 0.04, 0.62], { loam: 7, peat: 3, grit: 2 }],
  ["bark-pumice", [0.2, 0.74, 1.3, 1.6, 0.36, 0.025, 0.05, 8.5], { "bark-coarse": 1, pumice: 1 }],
  ["green-waste", [0.24, 0.71, 0.3, 1.45, 0.45, 0.12, 0.18, 2], { "green-waste": 1 }],
])("ready mix %s", (name, numbers, recipe) => {
  const m = READY_MIXES[name];
  expect([
    m.thetaR,
    m.thetaS,
    m.alphaPerCm,
    m.n,
    m.dryKgPerL,
    m.volumeLossPerYear,
    m.alphaGainPerYear,
    m.particleMm,
  ]).toEqual(numbers);
  expect(READY_RECIPES[name]).toEqual(recipe);
});

test("every component and mix stands above; figures by themselves", () => {
  expect(Object.keys(COMPONENTS)).toHaveLength(21);
  expect(Object.keys(READY_MIXES)).toHaveLength(6);
  expect([SETTLE_FRACTION, WASTE, PACKING_REACHED]).toEqual([0.12, 1.05, 0.7]);
  expect([DEFAULT_DRY_KG_PER_L, TRIGGER_SUCTION_CM, LEAST_AIR]).toEqual([0.35, 50, 0.1]);
  expect([WORN_OUT_LOSS, WORN_OUT_AIR, TEXTURE_JUMP]).toEqual([0.2, 0.12, 2]);
});
