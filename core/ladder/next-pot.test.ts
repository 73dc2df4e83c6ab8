import fc from "fast-check";
import { sideLoss } from "../roots/index";
import { fitPots, LEAST_RATIO, stepRule, type StorePot, TAP_DEPTH_MM, usualLeastStep } from "./index";

const pot = (lotId: string, widthMm: number, heightMm = widthMm, free = 1): StorePot => ({
  lotId,
  name: lotId,
  free,
  pot: { known: "measured", vessel: { shape: "cylinder", topWidthMm: widthMm, heightMm } },
});
const input = {
  fromMixL: 8,
  fill: 0.9,
  circling: 0.2,
  kPerDegreeDay: 0.00075,
  correction: "none" as const,
  warmthToSeasonEnd: 1500,
  ball: { topWidthMm: 220, baseWidthMm: 220, heightMm: 200 },
  finalVolumeL: null,
};
const misfits = (store: StorePot[], more: Partial<typeof input> | { finalVolumeL: number } = {}) =>
  Object.fromEntries(fitPots({ ...input, ...more, store }).map((f) => [f.lotId, f.misfit]));

test("each pot that does not fit says why", () => {
  expect(
    misfits([
      pot("same", 220),
      pot("next", 280),
      pot("huge", 600),
      pot("none", 280, 280, 0),
      pot("narrow", 225, 420),
      pot("flat", 420, 140),
    ]),
  ).toEqual({
    same: "too-small",
    next: null,
    huge: "too-large",
    none: "none-free",
    narrow: "ball-too-wide",
    flat: "ball-too-tall",
  });
});

test("a fast tree with a long season may jump where a slow one may not", () => {
  const far = [pot("far", 420)];
  expect(misfits(far)).toEqual({ far: "too-large" });
  expect(misfits(far, { kPerDegreeDay: 0.0031, warmthToSeasonEnd: 1800 })).toEqual({ far: null });
  expect(misfits(far, { kPerDegreeDay: 0.0031, warmthToSeasonEnd: 100 })).toEqual({ far: "too-large" });
});

test("a tap root's ball goes into a narrow pot that is deep enough, a little off its sides: as far as its roots may go", () => {
  const wide = { ...input, ball: { topWidthMm: 300, baseWidthMm: 300, heightMm: 300 } };
  // Straight walls 306 mm apart leave 3 mm a side: 5 more are taken off.
  const store = [pot("deep", 306, 420), pot("shallow", 306, 330)];
  const fits = (mostTrim?: number) =>
    Object.fromEntries(
      fitPots({ ...wide, sized: true, store, mostTrim }).map((f) => [f.lotId, [f.misfit, f.trim.sideMm]]),
    );
  expect(fits()).toEqual({ deep: ["ball-too-wide", 0], shallow: ["ball-too-wide", 0] });
  expect(fits(0.1)).toEqual({ deep: [null, 5], shallow: ["ball-too-wide", 0] });
  // 1.3 × (1 − (290/300)²) of its roots.
  const [{ trim }] = fitPots({ ...wide, sized: true, store, mostTrim: 0.1 });
  expect(trim.share).toBeCloseTo(1.3 * (1 - (290 / 300) ** 2), 10);
  expect(fits(0.085)).toEqual({ deep: ["ball-too-wide", 0], shallow: ["ball-too-wide", 0] });
  expect([TAP_DEPTH_MM, sideLoss(300, 15)]).toEqual([350, expect.closeTo(0.247, 3)]);
});

test("the final pot is not exceeded", () => {
  expect(misfits([pot("next", 280)], { finalVolumeL: 12 })).toEqual({ next: "too-large" });
});

test("what fits comes first, nearest to the ideal step, and a larger pot is never fuller", () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 150, max: 600 }), { minLength: 2, maxLength: 12 }), (widths) => {
      const fits = fitPots({ ...input, store: widths.map((w, i) => pot(`${i}`, w)) });
      const firstMisfit = fits.findIndex((f) => f.misfit !== null);
      if (firstMisfit >= 0) expect(fits.slice(firstMisfit).every((f) => f.misfit !== null)).toBe(true);
      const good = fits.filter((f) => f.misfit === null);
      for (let i = 1; i < good.length; i++) expect(good[i].distance).toBeGreaterThanOrEqual(good[i - 1].distance);
      const byRatio = [...fits].sort((a, b) => a.ratio - b.ratio);
      for (let i = 1; i < byRatio.length; i++)
        expect(byRatio[i].fillAtSeasonEnd).toBeLessThanOrEqual(byRatio[i - 1].fillAtSeasonEnd + 1e-9);
      expect(good.every((f) => f.ratio >= LEAST_RATIO)).toBe(true);
    }),
  );
});

test("steps grow with the pace of growth", () => {
  const rules = [0.0003, 0.00075, 0.0014, 0.0031].map(stepRule);
  for (let i = 1; i < rules.length; i++) {
    expect(rules[i].ideal).toBeGreaterThan(rules[i - 1].ideal);
    expect(rules[i].largest).toBeGreaterThan(rules[i - 1].largest);
  }
});

test("the least of the usual steps: the ideal, or a sixth below the largest", () => {
  const least = (k: number, kind?: number) => Number(usualLeastStep(k, kind).toFixed(4));
  expect([least(0.0004), least(0.00075), least(0.0014), least(0.0031)]).toEqual([1.4167, 1.9, 2.3, 5]);
  expect(least(0.0031, 1.5)).toBe(1.25);
});
