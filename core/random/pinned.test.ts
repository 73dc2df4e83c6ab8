import { gammaSource, mulberry32, normalSource, subStream } from "./index";

const draw = (n: number, source: () => number) => Array.from({ length: n }, source);

/** Weather years, bands and layouts repeat on every machine for ever: the first draws are pinned. */
test.each([
  ["mulberry32(1)", mulberry32(1), [0.6270739405881613, 0.002735721180215478, 0.5274470399599522]],
  ["subStream(3, rain)", subStream(3, "rain"), [0.20892112492583692, 0.32392199197784066]],
  [
    "normal of mulberry32(2)",
    normalSource(mulberry32(2)),
    [-0.7390852612848761, 1.4505718207207203, -0.7964215030090792],
  ],
  [
    "gamma .75 of mulberry32(3)",
    gammaSource(mulberry32(3), 0.75),
    [3.764454011623362, 0.8023155408236744, 0.776808420548939],
  ],
  [
    "gamma 2.5 of mulberry32(3)",
    gammaSource(mulberry32(3), 2.5),
    [5.340702641173384, 2.7823477146718236, 0.5124233032941774],
  ],
])("%s", (_name, source, first) => {
  draw(first.length, source).forEach((value, i) => expect(value).toBeCloseTo(first[i], 12));
});
