import { paceRows } from "./curves";

test("beliefs on one axis of factors by their logarithm, each as a share of the highest", () => {
  const rows = paceRows({
    prior: { factor: [0.5, 1, 2], density: [0.1, 0.4, 0.1] },
    mates: null,
    now: { factor: [1, 2, 8], density: [0.2, 0.8, 0.2] },
  });
  expect(rows).toEqual([
    { pace: -1, prior: 0.125 },
    { pace: 0, prior: 0.5, now: 0.25 },
    { pace: 1, prior: 0.125, now: 1 },
    { pace: Math.log2(5), now: 0.25 },
  ]);
});
