import { PRIOR_SD, syntheticTree, syntheticYard, type Truth } from "@/test-support/synthetic-tree";

/** The bench asks a thousand trees; these two hundred only catch a band that has gone far astray. */
const TREES = 200;

test("bands hold under laws of growth, seasons and eyes the model knows nothing of", () => {
  const held = (truth: Truth) =>
    Array.from({ length: TREES }, (_, i) => syntheticTree(90_000 + i, truth)).filter((k) => k.fill).length / TREES;
  // Roots that hinder one another, and an eye a whole grade off for good, are the worst of them.
  const least: [Truth, number][] = [
    [{ law: "gompertz" }, 0.8],
    [{ law: "front" }, 0.75],
    [{ law: "self-limiting" }, 0.68],
    [{ seasonSd: 0.4 }, 0.75],
    [{ eyeBias: 0.5 }, 0.7],
    [{ eyeBias: 1 }, 0.55],
  ];
  for (const [truth, share] of least) expect([truth, held(truth) > share]).toEqual([truth, true]);
});

test("a grower whose eye is a grade off is found out over the trees of a yard", () => {
  const yards = (truth: Truth) => Array.from({ length: 9 }, (_, i) => syntheticYard(70_000 + 24 * i, truth, 24)).flat();
  const held = (truth: Truth) => yards(truth).filter((k) => k.fill).length / (9 * 24);
  for (const truth of [{ eyeBias: 1 }, {}, { law: "front" }, { seasonSd: 0.4 }] satisfies Truth[])
    expect([truth, held(truth) > 0.73, held(truth) < 0.93]).toEqual([truth, true, true]);
});

test.each([
  ["as the prior says", PRIOR_SD],
  ["spread wider than it says", 0.7],
])("eight of ten bands hold, %s", (_what, trueSd) => {
  const kept = Array.from({ length: TREES }, (_, i) => syntheticTree(50_000 + i, { trueSd }));
  const share = (what: "fill" | "factor") => kept.filter((k) => k[what]).length / TREES;
  for (const what of ["fill", "factor"] as const) {
    expect(share(what)).toBeGreaterThan(0.75);
    expect(share(what)).toBeLessThan(0.95);
  }
});
