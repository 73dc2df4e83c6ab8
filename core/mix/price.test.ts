import { blend, pricePerLitre, SETTLE_FRACTION, WASTE } from "./index";

test("a litre in place costs its loose litres by the cheapest bags, with what settles, shrinks and is spilt", () => {
  const offers = {
    peat: [
      { litres: 70, price: 14 },
      { litres: 20, price: 6 },
    ],
    perlite: [{ litres: 100, price: 25 }],
  };
  const half = { peat: 1, perlite: 1 };
  const loose = (0.2 + 0.25) / 2;
  const expected = (loose * WASTE) / ((1 - SETTLE_FRACTION) * (1 - blend(half).shrinkage));
  expect(pricePerLitre(half, offers)).toBeCloseTo(expected, 9);
  // Parts are shares, whatever they sum to.
  expect(pricePerLitre({ peat: 3, perlite: 3 }, offers)).toBeCloseTo(expected, 9);
  expect(pricePerLitre({ peat: 1 }, offers)!).toBeGreaterThan(0.2);
});

test("without a bag of one of its parts, or without parts, no price is made up", () => {
  expect(pricePerLitre({ peat: 1, sand: 1 }, { peat: [{ litres: 70, price: 14 }] })).toBeNull();
  expect(pricePerLitre({}, {})).toBeNull();
});
