import { exactly, logSd, mapEstimate, weaker } from "./index";

test("a chain of numbers is no surer than its weakest link", () => {
  expect(weaker("measured", "guess")).toBe("guess");
  expect(weaker("typical", "derived")).toBe("typical");
  expect(weaker("measured", "measured")).toBe("measured");
});

test("a falling function swaps the ends, and a band stays a band", () => {
  const e = { p10: 1, p50: 2, p90: 4, basis: "derived" as const };
  expect(mapEstimate(e, (x) => 10 - x, "typical")).toEqual({ p10: 6, p50: 8, p90: 9, basis: "typical" });
  expect(mapEstimate(e, (x) => x * x)).toEqual({ p10: 1, p50: 4, p90: 16, basis: "derived" });
});

test("the spread of a band in logarithms; none without a band", () => {
  expect(logSd(exactly(5))).toBe(0);
  expect(logSd({ p10: Math.exp(-1.2816 * 0.3), p50: 1, p90: Math.exp(1.2816 * 0.3), basis: "typical" })).toBeCloseTo(
    0.3,
    4,
  );
  expect(logSd({ p10: 0, p50: 1, p90: 2, basis: "guess" })).toBe(0);
  // A band that is turned round has none.
  expect(logSd({ p10: 2, p50: 1, p90: 1, basis: "guess" })).toBe(0);
  expect(logSd({ p10: 1, p50: 2, p90: 4, basis: "measured" })).toBeCloseTo(0.540866, 6);
});
