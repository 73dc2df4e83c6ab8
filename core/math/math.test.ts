import fc from "fast-check";
import {
  bisect,
  clamp,
  logistic,
  logit,
  mean,
  normalCdf,
  normalPdf,
  normalQuantile,
  softplus,
  standardDeviation,
  weibullQuantile,
  weightedQuantiles,
} from "./index";

test("the normal quantile is the inverse of the distribution function, to the ends", () => {
  for (const p of [1e-6, 0.001, 0.02, 0.1, 0.5, 0.77, 0.9, 0.999, 1 - 1e-6])
    expect(normalCdf(normalQuantile(p))).toBeCloseTo(p, 6);
  expect(normalQuantile(0)).toBe(-Infinity);
  expect(normalQuantile(1)).toBe(Infinity);
});

test("the density integrates to the distribution function", () => {
  let sum = 0;
  for (let z = -6; z < 1.3; z += 0.001) sum += normalPdf(z + 0.0005) * 0.001;
  expect(sum).toBeCloseTo(normalCdf(1.3), 5);
});

test("logit and logistic undo each other; softplus is ln(1 + e^x) without overflow", () => {
  fc.assert(
    fc.property(fc.double({ min: 0.001, max: 0.999, noNaN: true }), (p) =>
      expect(logistic(logit(p))).toBeCloseTo(p, 10),
    ),
  );
  for (const x of [-40, -3, 0, 3, 29]) expect(softplus(x)).toBeCloseTo(Math.log1p(Math.exp(x)), 9);
  expect(softplus(1000)).toBe(1000);
});

test("Weibull positions: the r-th of n stands at r/(n + 1), between in a straight line, ends held", () => {
  const sorted = [10, 20, 30, 40];
  expect(weibullQuantile(sorted, 0.2)).toBe(10);
  expect(weibullQuantile(sorted, 0.5)).toBe(25);
  expect(weibullQuantile(sorted, 0.01)).toBe(10);
  expect(weibullQuantile(sorted, 0.99)).toBe(40);
  expect(weibullQuantile([], 0.5)).toBeNaN();
});

const points = fc.array(
  fc.tuple(fc.double({ min: -50, max: 50, noNaN: true }), fc.double({ min: 0.01, max: 1, noNaN: true })),
  { minLength: 1, maxLength: 90 },
);

test("weighted quantiles rise, stay within the points, and do not depend on their order", () => {
  fc.assert(
    fc.property(points, (list) => {
      const [values, weights] = [list.map((p) => p[0]), list.map((p) => p[1])];
      const q = weightedQuantiles(values, weights, [0.1, 0.5, 0.9]);
      expect(q[0]).toBeLessThanOrEqual(q[1]);
      expect(q[1]).toBeLessThanOrEqual(q[2]);
      expect(Math.min(...values)).toBeLessThanOrEqual(q[0]);
      expect(Math.max(...values)).toBeGreaterThanOrEqual(q[2]);
      const back = weightedQuantiles([...values].reverse(), [...weights].reverse(), [0.1, 0.5, 0.9]);
      back.forEach((v, i) => expect(v).toBeCloseTo(q[i], 6));
    }),
  );
});

test("many equal points give the quantiles of their distribution", () => {
  const n = 1001;
  const values = Array.from({ length: n }, (_, i) => normalQuantile((i + 0.5) / n));
  const q = weightedQuantiles(values, new Array<number>(n).fill(1), [0.1, 0.5, 0.9]);
  expect(q[0]).toBeCloseTo(-1.2816, 2);
  expect(q[1]).toBeCloseTo(0, 6);
  expect(q[2]).toBeCloseTo(1.2816, 2);
});

test("mean, spread, clamp, bisection", () => {
  expect(mean([1, 2, 6])).toBe(3);
  expect(standardDeviation([2, 4, 4, 4, 5, 5, 7, 9])).toBeCloseTo(2.138, 3);
  expect([clamp(-1, 0, 2), clamp(1, 0, 2), clamp(3, 0, 2)]).toEqual([0, 1, 2]);
  expect(bisect((x) => x ** 3 - 5, 0, 3, 1e-9)).toBeCloseTo(Math.cbrt(5), 6);
  expect(bisect((x) => 2 - x, 0, 3, 1e-9)).toBeCloseTo(2, 6);
});
