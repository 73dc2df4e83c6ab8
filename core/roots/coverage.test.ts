import { PRIOR_SD, syntheticTree } from "@/test-support/synthetic-tree";

/** The bench asks a thousand trees; these two hundred only catch a band that has gone far astray. */
const TREES = 200;

test.each([
  ["as the prior says", PRIOR_SD],
  ["spread wider than it says", 0.7],
])("eight of ten bands hold, %s", (_what, trueSd) => {
  const kept = Array.from({ length: TREES }, (_, i) => syntheticTree(50_000 + i, trueSd, 0.15));
  const share = (what: "fill" | "factor") => kept.filter((k) => k[what]).length / TREES;
  for (const what of ["fill", "factor"] as const) {
    expect(share(what)).toBeGreaterThan(0.68);
    expect(share(what)).toBeLessThan(0.92);
  }
});
