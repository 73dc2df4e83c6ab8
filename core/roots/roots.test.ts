import fc from "fast-check";
import { logistic, logit } from "../math/index";
import {
  CORRECTION_NAMES,
  DISCREPANCY_SD,
  EYE_BIAS_SD,
  EYE_KIND_SD,
  EYE_LEAST_SD,
  EYE_WORD_SD,
  EyePool,
  gradesOff,
  wordOfEye,
  VIGOUR_PER_DEGREE_DAY,
  YOUNG_DUE_FILL,
  YOUNG_MOST_L,
  checkBelief,
  copyBelief,
  effectiveWarmth,
  growBelief,
  growCircling,
  growRoots,
  growX,
  moveBelief,
  moveRoots,
  pointsOf,
  priorBelief,
  warmthForEffective,
  warmthUntilDue,
  xAtCircling,
  youngIn,
  youngPace,
} from "./index";

const k = fc.constantFrom(...Object.values(VIGOUR_PER_DEGREE_DAY));
const fill = fc.double({ min: 0.02, max: 0.97, noNaN: true });
const warmth = fc.double({ min: 0, max: 6000, noNaN: true });

/** The same growth stepped in small steps: an independent second way. */
function stepped(f0: number, c0: number, kk: number, total: number, wall: number) {
  const n = 20_000;
  let [f, c] = [f0, c0];
  const d = total / n;
  for (let i = 0; i < n; i++) {
    c += d * wall * 1.2 * Math.min(kk, 0.0014) * Math.max(0, (f - 0.75) / 0.25) * (1 - c / 4);
    f += d * kk * f * (1 - f);
  }
  return { fill: f, circling: c };
}

test("closed form agrees with small steps", () => {
  for (const [f, c, kk, total, wall] of [
    [0.35, 0, 0.00075, 1600, 1],
    [0.7, 0.4, 0.0014, 2400, 0.75],
    [0.5, 1, 0.0031, 1200, 1],
    [0.9, 2, 0.0004, 3000, 0.2],
  ]) {
    const closed = growRoots({ fill: f, circling: c }, kk, total, 0, wall);
    const slow = stepped(f, c, kk, total, wall);
    expect(closed.fill).toBeCloseTo(slow.fill, 3);
    expect(closed.circling).toBeCloseTo(slow.circling, 3);
  }
});

test("growing in one stretch or in two is the same", () => {
  fc.assert(
    fc.property(fill, k, warmth, warmth, (f, kk, a, b) => {
      const whole = growRoots({ fill: f, circling: 0.3 }, kk, a + b, 0, 1);
      const halves = growRoots(growRoots({ fill: f, circling: 0.3 }, kk, a, 0, 1), kk, b, 0, 1);
      // The door clips fill to .995: beyond that the two differ by what was clipped.
      if (whole.fill < 0.99) {
        expect(halves.fill).toBeCloseTo(whole.fill, 6);
        expect(halves.circling).toBeCloseTo(whole.circling, 6);
      }
    }),
  );
});

test("more warmth never roots slower, and never turns less", () => {
  fc.assert(
    fc.property(fill, k, warmth, warmth, (f, kk, a, extra) => {
      const less = growRoots({ fill: f, circling: 0.2 }, kk, a, 160, 1);
      const more = growRoots({ fill: f, circling: 0.2 }, kk, a + extra, 160, 1);
      expect(more.fill).toBeGreaterThanOrEqual(less.fill - 1e-12);
      expect(more.circling).toBeGreaterThanOrEqual(less.circling - 1e-12);
    }),
  );
});

test("a larger pot never fills sooner, and a correction never raises circling", () => {
  fc.assert(
    fc.property(
      fill,
      fc.constantFrom(...CORRECTION_NAMES),
      fc.double({ min: 1, max: 5, noNaN: true }),
      warmth,
      (f, correction, ratio, w) => {
        const small = moveRoots(f, 2.5, 10, 10 * ratio, correction);
        const large = moveRoots(f, 2.5, 10, 13 * ratio, correction);
        expect(small.circling).toBeLessThanOrEqual(2.5);
        expect(growRoots(large, 0.00075, w, large.lagDegreeDays, 1).fill).toBeLessThanOrEqual(
          growRoots(small, 0.00075, w, small.lagDegreeDays, 1).fill + 1e-12,
        );
      },
    ),
  );
});

test("how many seasons growers see, from a full ball slipped into plastic", () => {
  const seasonsTo = (kk: number, ratio: number, target: number) => {
    const moved = moveRoots(0.9, 0, 10, 10 * ratio, "none");
    return warmthForEffective((logit(target) - logit(moved.fill)) / kk, moved.lagDegreeDays) / 1600;
  };
  expect(seasonsTo(VIGOUR_PER_DEGREE_DAY.moderate, 2, 0.95)).toBeCloseTo(2.7, 0);
  expect(seasonsTo(VIGOUR_PER_DEGREE_DAY.slow, 1.5, 0.95)).toBeCloseTo(4, 0);
  expect(seasonsTo(VIGOUR_PER_DEGREE_DAY["very-vigorous"], 8, 0.95)).toBeCloseTo(1.1, 0);
});

test("lag and its inverse", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.1, max: 5000, noNaN: true }),
      fc.double({ min: 1, max: 500, noNaN: true }),
      (e, lag) => expect(effectiveWarmth(warmthForEffective(e, lag), lag)).toBeCloseTo(e, 4),
    ),
  );
});

test("the x at which circling reaches a grade is where it does", () => {
  fc.assert(
    fc.property(
      fc.double({ min: -3, max: 3, noNaN: true }),
      fc.double({ min: 0, max: 1.9, noNaN: true }),
      k,
      (x0, c, kk) => {
        const x = xAtCircling(c, x0, 2, kk, 1);
        expect(growCircling(c, x0, x, kk, 1)).toBeCloseTo(2, 4);
      },
    ),
  );
});

const prior = {
  kPerDegreeDay: 0.00075,
  vigourSd: 0.55,
  fill: 0.4,
  xSd: 0.6,
  circling: 0.2,
  circlingSd: 0.3,
  wallFactor: 1,
  lagDegreeDays: 0,
};
const mean = (values: Float64Array, weight: Float64Array) => values.reduce((sum, v, i) => sum + v * weight[i], 0);

test("a check that finds more roots raises fill and the tree's own pace; one that finds fewer lowers both", () => {
  const grown = priorBelief(prior);
  growBelief(grown, 1600);
  const before = { x: mean(grown.x, grown.weight), k: mean(grown.k, grown.weight) };
  for (const [grade, sign] of [
    [4, 1],
    [0, -1],
  ]) {
    const b = copyBelief(grown);
    checkBelief(b, grade, null);
    expect(Math.sign(mean(b.x, b.weight) - before.x)).toBe(sign);
    expect(Math.sign(mean(b.k, b.weight) - before.k)).toBe(sign);
  }
});

test("each check narrows the belief, and weights stay a distribution", () => {
  const spread = (b: ReturnType<typeof priorBelief>) => {
    const p = pointsOf(b);
    const m = mean(p.x, p.weight);
    return p.x.reduce((sum, v, i) => sum + p.weight[i] * (v - m) ** 2, 0);
  };
  const b = priorBelief({ ...prior, xSd: 1.5 });
  growBelief(b, 1200);
  let last = spread(b);
  for (let i = 0; i < 3; i++) {
    checkBelief(b, 2, 0);
    expect(spread(b)).toBeLessThan(last);
    last = spread(b);
    expect(b.weight.reduce((a, w) => a + w, 0)).toBeCloseTo(1, 9);
  }
});

test("the belief's moments after a grade agree with brute force on a fine grid", () => {
  const b = priorBelief({ ...prior, vigourSd: 1e-9, xSd: 1.2, fill: 0.5, eye: { mean: 0, sd: 0 } });
  checkBelief(b, 3, null);
  const cuts = [-Infinity, logit(0.25), logit(0.5), logit(0.8), logit(0.95), Infinity];
  const cdf = (z: number) => (z === Infinity ? 1 : z === -Infinity ? 0 : 0.5 * (1 + erf(z / Math.SQRT2)));
  let [w0, w1, w2] = [0, 0, 0];
  for (let x = -8; x <= 8; x += 0.001) {
    const like = 0.04 / 5 + 0.96 * (cdf((cuts[4] - x) / 0.6) - cdf((cuts[3] - x) / 0.6));
    const w = Math.exp(-0.5 * (x / 1.2) ** 2) * like;
    [w0, w1, w2] = [w0 + w, w1 + w * x, w2 + w * x * x];
  }
  const m = w1 / w0;
  const centre = 6;
  expect(b.x[centre]).toBeCloseTo(m, 2);
  expect(b.xVar[centre]).toBeCloseTo(w2 / w0 - m * m, 1);
});

test("an eye's bias is learned with the roots: by brute force over both, and looks by the same eye never mend it", () => {
  const eye = { mean: 0.2, sd: 0.5 };
  const b = priorBelief({ ...prior, vigourSd: 1e-9, xSd: 0.8, fill: 0.5, eye });
  checkBelief(b, 3, null, { fillNoise: 0.6, circlingNoise: 0.5, lapse: 0 });
  const cdf = (z: number) => (z === Infinity ? 1 : z === -Infinity ? 0 : 0.5 * (1 + erf(z / Math.SQRT2)));
  let [w, wx, wb, wxx, wbb, wxb] = [0, 0, 0, 0, 0, 0];
  for (let x = -5; x <= 5; x += 0.02)
    for (let e = -2.5; e <= 2.9; e += 0.02) {
      const like = cdf((logit(0.95) - x - e) / 0.6) - cdf((logit(0.8) - x - e) / 0.6);
      const p = Math.exp(-0.5 * ((x / 0.8) ** 2 + ((e - 0.2) / 0.5) ** 2)) * like;
      [w, wx, wb] = [w + p, wx + p * x, wb + p * e];
      [wxx, wbb, wxb] = [wxx + p * x * x, wbb + p * e * e, wxb + p * x * e];
    }
  const [mx, mb] = [wx / w, wb / w];
  expect(b.x[6]).toBeCloseTo(mx, 3);
  expect(b.bias[6]).toBeCloseTo(mb, 3);
  expect(b.xVar[6]).toBeCloseTo(wxx / w - mx ** 2, 3);
  expect(b.biasVar[6]).toBeCloseTo(wbb / w - mb ** 2, 3);
  expect(b.biasCov[6]).toBeCloseTo(wxb / w - mx * mb, 3);
  // Fifty looks alike: what is left is as wide as the eye may be off, against roots nobody knew.
  for (let i = 0; i < 50; i++) checkBelief(b, 3, null, { fillNoise: 0.6, circlingNoise: 0.5, lapse: 0 });
  const left = (0.8 ** 2 * 0.5 ** 2) / (0.8 ** 2 + 0.5 ** 2);
  expect(b.xVar[6]).toBeGreaterThan(0.95 * left);
  expect(b.xVar[6]).toBeLessThan(1.1 * left + 0.05);
});

test("a season's own warmth and the law's own error widen the band together", () => {
  const after = (lawSd: number) => {
    const b = priorBelief({ ...prior, vigourSd: 1e-9, xSd: 0.1, lawSd, lagDegreeDays: 0 });
    growBelief(b, 1600);
    return b.xVar[6] - 0.1 ** 2;
  };
  const growth = prior.kPerDegreeDay * 1600;
  expect(after(0)).toBeCloseTo((0.15 * growth) ** 2, 6);
  expect(after(DISCREPANCY_SD)).toBeCloseTo((0.15 ** 2 + 0.25 ** 2) * growth ** 2, 6);
  expect(EYE_BIAS_SD).toBe(0.5);
});

test("an eye is known from all trees it looked at, each word weighed by how sure it is, but for its own", () => {
  expect([EYE_WORD_SD, EYE_KIND_SD, EYE_LEAST_SD]).toEqual([0.35, 0.3, 0.15]);
  const word = (mean: number, variance: number, kind: string) => ({ mean, variance: variance - 0.35 ** 2, kind });
  // Words err by .35 of their own, kinds by .3: two of .25 and one of .91, each with its kind's .09; the prior's variance is .25.
  const [a, b, c] = [word(0.8, 0.5, "plum"), word(0.4, 0.5, "plum"), word(-0.2, 0.91, "fig")];
  const pool = new EyePool([a, b, c]);
  const all = pool.without([]);
  const [plum, fig] = [1 / (0.25 + 0.09), 1 / (0.91 + 0.09)];
  expect(all.mean).toBeCloseTo((0.6 * plum - 0.2 * fig) / (4 + plum + fig), 10);
  expect(all.sd).toBeCloseTo(Math.sqrt(1 / (4 + plum + fig)), 10);
  const one = 1 / (0.5 + 0.09);
  expect(pool.without([b]).mean).toBeCloseTo((0.8 * one - 0.2 * fig) / (4 + one + fig), 10);
  expect(pool.without([a, b, c])).toEqual({ mean: 0, sd: 0.5 });
  const many = Array.from({ length: 500 }, (_, i) => word(0.8, 0.2, `kind ${i}`));
  expect(new EyePool(many).without([]).sd).toBe(0.15);
});

test("a tree's word about the eye is what its looks say beyond what was known before: none without looks", () => {
  const b = priorBelief(prior);
  expect(wordOfEye(b)).toBeNull();
  growBelief(b, 200);
  // Hardly grown, and read as full: the eye or the roots, in the shares of their spreads.
  for (let j = 0; j < b.weight.length; j++) [b.bias[j], b.biasVar[j]] = [0.3, 0.16];
  // Precision 1/.16 − 1/.25 = 2.25; mean .3/.16 / 2.25.
  expect(wordOfEye(b)!.variance).toBeCloseTo(1 / 2.25, 6);
  expect(wordOfEye(b)!.mean).toBeCloseTo(0.3 / 0.16 / 2.25, 6);
});

test("an eye is called off when it surely is: a grade is 1.35 in logit fill", () => {
  expect(gradesOff({ mean: 0.3, sd: 0.25 })).toBeNull();
  expect(gradesOff({ mean: -0.674, sd: 0.25 })).toBeCloseTo(-0.5, 3);
});

function erf(x: number): number {
  const t = 1 / (1 + 0.3275911 * Math.abs(x));
  const y =
    1 -
    ((((1.061405429 * t - 1.453152027) * t + 1.421413741) * t - 0.284496736) * t + 0.254829592) * t * Math.exp(-x * x);
  return x >= 0 ? y : -y;
}

test("warmth until due brings every point to its line", () => {
  const b = priorBelief({ ...prior, xSd: 0.01, circling: 0, circlingSd: 0.01, lagDegreeDays: 160 });
  const points = pointsOf(b);
  const { warmth: need } = warmthUntilDue(b, points);
  for (let i = 0; i < points.x.length; i += 9) {
    const x = growX(points.x[i], points.k[i], effectiveWarmth(need[i], 160));
    const c = growCircling(points.circling[i], points.x[i], x, points.k[i], 1);
    expect(Math.max(logistic(x) / 0.85, c / 2)).toBeGreaterThanOrEqual(0.999);
  }
});

test("a move with an uncertain volume widens the belief", () => {
  const sure = priorBelief(prior);
  const unsure = copyBelief(sure);
  moveBelief(sure, { ratio: 2, lnVolumeSd: 0, correction: "none", wallFactor: 1 });
  moveBelief(unsure, { ratio: 2, lnVolumeSd: 0.25, correction: "none", wallFactor: 1 });
  expect(unsure.xVar[6]).toBeGreaterThan(sure.xVar[6]);
});

test("a young plant's roots are quick and it is due when its ball holds: less so the larger it is", () => {
  const pace = (l: number) => Number(youngPace(l).toFixed(4));
  expect([0.05, 0.1, 0.3, 1, 2, 5, 9].map(pace)).toEqual([5, 5, 4.0458, 3, 2.1386, 1, 1]);
  expect([youngIn(1.2).dueFill, youngIn(1.3).dueFill]).toEqual([0.6, undefined]);
  expect([youngIn(1.2).pace, youngIn(1.3).pace].map((v) => Number(v.toFixed(3)))).toEqual([2.773, 2.674]);
  expect([YOUNG_DUE_FILL, YOUNG_MOST_L]).toEqual([0.6, 1.2]);
  // A cell of a tenth of a litre, moderate: full in six to twelve weeks of thirteen degree-days a day.
  const b = priorBelief({
    ...prior,
    vigourSd: 1e-9,
    fill: 0.3,
    xSd: 0.01,
    circling: 0,
    lagDegreeDays: 0,
    ...youngIn(0.1),
  });
  const [middle] = [6];
  const until = warmthUntilDue(b, pointsOf(b)).warmth[5 * middle + 2];
  expect(until).toBeCloseTo((logit(0.6) - logit(0.3)) / (5 * prior.kPerDegreeDay), 6);
  const full = (logit(0.95) - logit(0.3)) / (5 * prior.kPerDegreeDay) / 13 / 7;
  expect([full > 6, full < 12]).toEqual([true, true]);
  // Moved into a large pot it is a tree like others.
  moveBelief(b, { ratio: 20, lnVolumeSd: 0, correction: "none", wallFactor: 1 });
  expect([b.pace, b.dueX]).toEqual([1, logit(0.85)]);
});
