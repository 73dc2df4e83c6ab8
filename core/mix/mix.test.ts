import fc from "fast-check";
import { blend, cheapestBags, mixInPot, READY_MIX_NAMES, READY_MIXES, volumeLeft, waterContent } from "./index";

const pot = { shape: "round", topWidthMm: 300, baseWidthMm: 240, heightMm: 280 } as const;

test("the worked figures of the bottom layer: less air with more gravel", () => {
  const air = (layer: number) => mixInPot(READY_MIXES["compost-bark"], pot, 255, layer).airL;
  expect(air(0)).toBeCloseTo(4.38, 1);
  expect(air(30)).toBeCloseTo(3.78, 1);
  expect(air(50)).toBeCloseTo(3.37, 1);
  expect(air(80)).toBeCloseTo(2.76, 1);
});

test.each(READY_MIX_NAMES)("%s dries with suction, and holds more water when it is old", (name) => {
  const mix = READY_MIXES[name];
  let last = mix.thetaS;
  for (const suction of [0, 1, 5, 10, 30, 100]) {
    const theta = waterContent(mix, suction);
    expect(theta).toBeLessThanOrEqual(last + 1e-12);
    expect(theta).toBeGreaterThan(mix.thetaR);
    last = theta;
  }
  expect(waterContent(mix, 20, 3)).toBeGreaterThan(waterContent(mix, 20, 0));
  expect(volumeLeft(mix, 3)).toBeLessThan(1);
});

test("a shallow pot is wetter than a deep one of the same mix", () => {
  const mix = READY_MIXES["pine-bark"];
  const deep = mixInPot(mix, { shape: "cylinder", topWidthMm: 250, heightMm: 400 }, 380);
  const shallow = mixInPot(mix, { shape: "cylinder", topWidthMm: 250, heightMm: 120 }, 100);
  expect(shallow.waterFraction).toBeGreaterThan(deep.waterFraction);
  expect(deep.waterFraction + deep.airFraction).toBeCloseTo(mix.thetaS, 9);
});

test("mixing never gains volume, and a single component loses none", () => {
  expect(blend({ peat: 3 }).shrinkage).toBeCloseTo(0, 9);
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 9 }),
      fc.integer({ min: 1, max: 9 }),
      fc.integer({ min: 0, max: 9 }),
      (a, b, c) => {
        const { shrinkage } = blend({ "bark-coarse": a, compost: b, sand: c });
        expect(shrinkage).toBeGreaterThanOrEqual(-1e-9);
        expect(shrinkage).toBeLessThan(0.4);
      },
    ),
  );
});

test("bags cover the need at least cost: as cheap as trying every combination", () => {
  const bags = [
    { litres: 10, price: 4.5 },
    { litres: 25, price: 9 },
    { litres: 50, price: 15 },
  ];
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 200 }), (need) => {
      let best = Infinity;
      for (let i = 0; i <= 20; i++)
        for (let j = 0; j <= 8; j++)
          for (let k = 0; k <= 4; k++)
            if (i * 10 + j * 25 + k * 50 >= need) best = Math.min(best, i * 4.5 + j * 9 + k * 15);
      const answer = cheapestBags(need, bags);
      expect(answer.cost).toBeCloseTo(best, 6);
      expect(answer.counts.reduce((sum, n, i) => sum + n * bags[i].litres, 0)).toBeGreaterThanOrEqual(need);
    }),
  );
});
