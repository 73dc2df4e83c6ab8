import fc from "fast-check";
import { standing, SMALL_POT_KG, usualHeightM } from "./index";

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

test("height of a tree nobody measured, by its pot", () => {
  // 0.45 · ∛V, to the centimetre: by hand.
  expect([1.5, 8, 27, 125].map((litres) => usualHeightM(litres))).toEqual([0.52, 0.9, 1.35, 2.25]);
  // A heather in a large pot is no tree.
  expect([usualHeightM(27, 0.4), usualHeightM(1.5, 0.4), usualHeightM(1.5, 2)]).toEqual([0.4, 0.4, 0.52]);
  expect(SMALL_POT_KG).toBe(12);
});

test("a small pot is laid down or grouped, never loaded with a hundred kilograms", () => {
  const seedling = standing({
    crownWidthM: 0.9,
    crownHeightM: 1.1,
    crownBaseM: 0.5,
    baseWidthM: 0.1,
    massDryKg: 1,
    massWetKg: 1.6,
    inLeaf: true,
    gustMs: 20,
  });
  expect(seedling.ballastKg).toBeGreaterThan(20);
  expect(seedling.remedy).toBe("lay-or-group");
  const tub = {
    ...{ crownWidthM: 0.9, crownHeightM: 1.1, crownBaseM: 0.6, baseWidthM: 0.5 },
    massDryKg: 60,
    massWetKg: 90,
  };
  expect(standing({ ...tub, inLeaf: true, gustMs: 5 }).remedy).toBe("none");
  expect(standing({ ...tub, inLeaf: true, gustMs: 36 }).remedy).toBe("ballast");
});
