import { gammaSource, mulberry32, normalSource, subStream } from "./index";

const draw = (n: number, source: () => number) => Array.from({ length: n }, source);
const mean = (v: number[]) => v.reduce((a, b) => a + b, 0) / v.length;
const variance = (v: number[]) => mean(v.map((x) => (x - mean(v)) ** 2));

test("the same seed draws the same, another seed another", () => {
  expect(draw(5, mulberry32(7))).toEqual(draw(5, mulberry32(7)));
  expect(draw(5, mulberry32(7))).not.toEqual(draw(5, mulberry32(8)));
});

test("sub-streams are independent of each other and of how many there are", () => {
  const [a, b] = [draw(4000, subStream(3, "rain")), draw(4000, subStream(3, "wind"))];
  const covariance = mean(a.map((x, i) => (x - mean(a)) * (b[i] - mean(b))));
  expect(Math.abs(covariance)).toBeLessThan(0.006);
  expect(draw(3, subStream(3, "rain"))).toEqual(a.slice(0, 3));
});

test("uniform, normal and gamma have the moments of their names", () => {
  const uniform = draw(20_000, mulberry32(1));
  expect(mean(uniform)).toBeCloseTo(0.5, 1);
  expect(variance(uniform)).toBeCloseTo(1 / 12, 2);
  const normal = draw(20_000, normalSource(mulberry32(2)));
  expect(Math.abs(mean(normal))).toBeLessThan(0.03);
  expect(variance(normal)).toBeCloseTo(1, 1);
  for (const shape of [0.75, 2.5]) {
    const gamma = draw(30_000, gammaSource(mulberry32(3), shape));
    expect(Math.abs(mean(gamma) - shape)).toBeLessThan(0.05);
    expect(Math.abs(variance(gamma) - shape)).toBeLessThan(0.15);
    expect(Math.min(...gamma)).toBeGreaterThan(0);
  }
});
