import fc from "fast-check";
import { type Dimension, readQuantity } from "@/core/quantity/index";
import { celsius, kilograms, litres, metres, millimetres, number, type Units } from "@/words/format";

/** What is shown can be typed again: to the digits shown it is read as the same measure, in both unit systems. */
const cases: [Dimension, (v: number, u: Units) => string, number, number, (u: Units, v: number) => number][] = [
  [
    "litres",
    litres,
    0.1,
    20_000,
    (u, v) => (u === "us" ? (v < 3.6 ? 0.048 : Math.abs(v / 3.8) < 10 ? 0.19 : 1.9) : Math.abs(v) < 10 ? 0.05 : 0.5),
  ],
  ["mm", millimetres, 1, 5000, (u) => (u === "us" ? 1.27 : 0.5)],
  ["m", metres, 0.1, 60, (u) => (u === "us" ? 0.016 : 0.005)],
  ["kg", kilograms, 0.1, 9000, (u, v) => (u === "us" ? 0.23 : Math.abs(v) < 10 ? 0.05 : 0.5)],
  ["celsius", celsius, -60, 60, (u) => (u === "us" ? 0.28 : 0.05)],
];
test.each(cases)("%s", (dimension, write, low, high, within) => {
  fc.assert(
    fc.property(
      fc.double({ min: low, max: high, noNaN: true }),
      fc.constantFrom<Units>("metric", "us"),
      (value, units) => {
        const read = readQuantity(write(value, units), dimension, units);
        return read.ok && Math.abs(read.value - value) <= within(units, value) + 1e-9;
      },
    ),
    { numRuns: 400 },
  );
});

test("a bare number, thousands grouped, is read as itself", () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 99_999_999 }), (n) => {
      const read = readQuantity(number(n), "plain");
      return read.ok && read.value === n;
    }),
  );
});
