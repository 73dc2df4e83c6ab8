import fc from "fast-check";
import { standing } from "./index";

const tree = {
  crownWidthM: 1.2,
  crownHeightM: 1.4,
  crownBaseM: 0.9,
  baseWidthM: 0.36,
  massDryKg: 32,
  massWetKg: 44,
  inLeaf: true,
  gustMs: 18,
};

test("wet stands better than dry, bare better than in leaf, low better than tall", () => {
  const s = standing(tree);
  expect(s.tipsWetMs).toBeGreaterThan(s.tipsDryMs);
  expect(standing({ ...tree, inLeaf: false }).tipsDryMs).toBeGreaterThan(s.tipsDryMs);
  expect(standing({ ...tree, crownBaseM: 2 }).tipsDryMs).toBeLessThan(s.tipsDryMs);
  expect(s.tieFromMs / s.tipsDryMs).toBeCloseTo(Math.sqrt(2 / 3), 9);
});

test("with the ballast or the base asked for, the gust is stood dry with the margin of the rule", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 5, max: 40, noNaN: true }),
      fc.double({ min: 0.2, max: 1, noNaN: true }),
      (gustMs, baseWidthM) => {
        const asked = { ...tree, gustMs, baseWidthM };
        const s = standing(asked);
        if (s.ballastKg === 0) return expect(s.tieFromMs).toBeGreaterThanOrEqual(gustMs - 1e-9);
        const heavy = standing({ ...asked, massDryKg: tree.massDryKg + s.ballastKg });
        expect(heavy.tieFromMs).toBeCloseTo(gustMs, 6);
        expect(standing({ ...asked, baseWidthM: s.baseNeededM }).tieFromMs).toBeCloseTo(gustMs, 6);
      },
    ),
  );
});
