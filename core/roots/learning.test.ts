import fc from "fast-check";
import {
  checkBelief,
  checkRerooting,
  copyBelief,
  CROSSING_DEGREE_DAYS,
  crossingDegreeDays,
  evidenceOf,
  gradeProbability,
  gradesOf,
  growBelief,
  isSour,
  liveShareOf,
  lnFactorOf,
  moveBelief,
  moveRoots,
  newRootsMm,
  NOTHING_READ,
  type PaceEvidence,
  poolOf,
  priorBelief,
  priorFrom,
  reachedOf,
  reachedShare,
  VIGOUR_NAMES,
  VIGOUR_PER_DEGREE_DAY,
} from "./index";

const K = VIGOUR_PER_DEGREE_DAY.moderate;
const prior = {
  kPerDegreeDay: K,
  vigourSd: 0.55,
  fill: 0.4,
  xSd: 0.3,
  circling: 0.2,
  circlingSd: 0.3,
  wallFactor: 1,
  lagDegreeDays: 100,
};

test("crossing warmth passes through the classes and falls with pace", () => {
  for (const name of VIGOUR_NAMES) {
    expect(crossingDegreeDays(VIGOUR_PER_DEGREE_DAY[name])).toBeCloseTo(CROSSING_DEGREE_DAYS[name], 6);
    expect(reachedOf(10, 18, 200, crossingDegreeDays(VIGOUR_PER_DEGREE_DAY[name]))).toBeCloseTo(
      reachedShare(10, 18, 200, name),
      6,
    );
  }
  fc.assert(
    fc.property(
      fc.double({ min: 0.0001, max: 0.01, noNaN: true }),
      fc.double({ min: 1.01, max: 3, noNaN: true }),
      (k, by) => {
        expect(crossingDegreeDays(k * by)).toBeLessThan(crossingDegreeDays(k));
      },
    ),
  );
});

test("long new roots say quick, short ones slow, and what was expected changes little", () => {
  const b = priorBelief(prior);
  growBelief(b, 300);
  const expected = newRootsMm(K, 300 - 100 * (1 - Math.exp(-3)));
  const after = (mm: number) => {
    const copy = copyBelief(b);
    const probability = checkRerooting(copy, mm);
    return { ...lnFactorOf(copy, K), probability };
  };
  expect(after(2.5 * expected).mean).toBeGreaterThan(0.15);
  expect(after(expected / 2.5).mean).toBeLessThan(-0.15);
  expect(Math.abs(after(expected).mean)).toBeLessThan(0.12);
  expect(after(0).mean).toBeLessThan(after(expected).mean - 0.1);
  // What was expected narrows; what surprises may widen.
  expect(after(expected).variance).toBeLessThan(lnFactorOf(b, K).variance);
  for (const mm of [0, 5, expected, 80]) {
    expect(after(mm).probability).toBeGreaterThanOrEqual(0);
    expect(after(mm).probability).toBeLessThanOrEqual(1);
  }
  expect(after(expected).probability).toBeGreaterThan(after(6 * expected).probability);
});

test("a doubted look moves the roots and hardly the pace; a confirmed one bends both", () => {
  const b = priorBelief({ ...prior, fill: 0.2, xSd: 0.2 });
  growBelief(b, 900);
  expect(gradeProbability(b, 4)).toBeLessThan(0.05);
  const [doubted, believed] = [copyBelief(b), copyBelief(b)];
  checkBelief(doubted, 4, null, undefined, true);
  checkBelief(believed, 4, null);
  const before = lnFactorOf(b, K).mean;
  expect(lnFactorOf(doubted, K).mean - before).toBeLessThan(0.5 * (lnFactorOf(believed, K).mean - before));
  expect(doubted.x[6]).toBeGreaterThan(b.x[6]);
  expect(b.weight.reduce((a, w) => a + w, 0)).toBeCloseTo(1, 9);
});

test("the probabilities of the five grades add up to one", () => {
  const b = priorBelief(prior);
  growBelief(b, 1500);
  expect([0, 1, 2, 3, 4].reduce((sum, g) => sum + gradeProbability(b, g), 0)).toBeCloseTo(1, 6);
});

test("a girdler's removal leaves turning at two at most; no correction raises it", () => {
  expect(moveRoots(0.9, 4, 10, 10, "remove-girdler").circling).toBe(2);
  expect(moveRoots(0.9, 1.2, 10, 10, "remove-girdler").circling).toBe(1.2);
  const b = priorBelief({ ...prior, circling: 3.5 });
  moveBelief(b, {
    ratio: 1,
    lnVolumeSd: 0,
    correction: "core-in-place",
    retainedShare: 0.9,
    circlingRemoved: 0.1,
    wallFactor: 1,
  });
  expect(b.circling[6]).toBeCloseTo(3.15, 9);
});

/** The joint normal of all trees' factors, conditioned by brute force: matrices instead of sums. */
function conditioned(total: number, evidence: PaceEvidence[], sort: string | null): { mean: number; variance: number } {
  const [kind, s] = [(0.25 / 0.55) ** 2 * total, (0.3 / 0.55) ** 2 * total];
  const n = evidence.length;
  const same = (a: string | null, b: string | null) => a !== null && a === b;
  const C = evidence.map((a, i) =>
    evidence.map((b, j) => (i === j ? total + a.variance : kind + (same(a.sort, b.sort) ? s : 0))),
  );
  const c = evidence.map((e) => kind + (same(e.sort, sort) ? s : 0));
  // Gauss–Jordan on [C | c, y].
  const M = C.map((row, i) => [...row, c[i], evidence[i].mean]);
  for (let i = 0; i < n; i++) {
    const p = M[i][i];
    for (let k = i; k < n + 2; k++) M[i][k] /= p;
    for (let j = 0; j < n; j++)
      if (j !== i) {
        const f = M[j][i];
        for (let k = i; k < n + 2; k++) M[j][k] -= f * M[i][k];
      }
  }
  return {
    mean: c.reduce((sum, v, i) => sum + v * M[i][n + 1], 0),
    variance: total - c.reduce((sum, v, i) => sum + v * M[i][n], 0),
  };
}

test("mates share strength exactly as the joint normal says", () => {
  const one = fc.record({
    sort: fc.constantFrom("a", "b", null),
    mean: fc.double({ min: -1.5, max: 1.5, noNaN: true }),
    variance: fc.double({ min: 0.02, max: 1, noNaN: true }),
  });
  fc.assert(
    fc.property(fc.array(one, { minLength: 1, maxLength: 7 }), fc.constantFrom("a", "b", null), (mates, sort) => {
      const reference = conditioned(0.3025, mates, sort);
      const pooled = priorFrom(poolOf(0.3025, mates), sort, null);
      expect(pooled.mean).toBeCloseTo(reference.mean, 6);
      expect(pooled.variance).toBeCloseTo(reference.variance, 6);
      expect(pooled.mates).toBe(mates.length);
      // A tree's own evidence taken out again leaves its mates' word.
      const own = { mean: 0.7, variance: 0.1 };
      const without = priorFrom(poolOf(0.3025, [...mates, { ...own, sort }]), sort, own);
      expect(without.mean).toBeCloseTo(reference.mean, 6);
      expect(without.variance).toBeCloseTo(reference.variance, 6);
    }),
  );
});

test("evidence times prior is the posterior", () => {
  const e = evidenceOf({ mean: 0.1, variance: 0.3 }, { mean: 0.4, variance: 0.1 })!;
  expect(1 / (1 / e.variance + 1 / 0.3)).toBeCloseTo(0.1, 9);
  expect((e.mean / e.variance + 0.1 / 0.3) * 0.1).toBeCloseTo(0.4, 9);
  expect(evidenceOf({ mean: 0, variance: 0.3 }, { mean: 0, variance: 0.3 })).toBeNull();
});

test("grades of the whole ball: the side tells how full, the worst face how turned; a girdler is the worst", () => {
  const faces = { side: { fill: 3, circling: 1 }, base: { fill: 4, circling: 3 } };
  expect(gradesOf({ faces, girdlerShare: null })).toEqual({ fill: 3, circling: 3 });
  expect(gradesOf({ faces, girdlerShare: 0 }).circling).toBe(4);
  expect(gradesOf({ faces: {}, girdlerShare: null })).toEqual({ fill: null, circling: null });
});

test("sour is told by feel, smell, slime or what is alive; pale threads are no fault", () => {
  const r = (more: object) => ({ ...NOTHING_READ, ...more });
  expect(isSour(r({ firmness: "mushy" }))).toBe(true);
  expect(isSour(r({ threads: "slimy" }))).toBe(true);
  expect(isSour(r({ threads: "pale", smell: "earthy", firmness: "snaps" }))).toBe(false);
  expect(liveShareOf(r({ firmness: "mushy", smell: "sour" }))).toBeLessThan(0.5);
  expect(liveShareOf(r({ liveShare: 0.62, firmness: "mushy" }))).toBe(0.62);
});
