import { logistic, logit, normalCdf, normalPdf } from "../math/index";
import {
  CIRCLING_MOST,
  clipFill,
  DUE_CIRCLING,
  DUE_FILL,
  effectiveWarmth,
  growCircling,
  growX,
  STAGE_FILLS,
  warmthForEffective,
  xAtDue,
} from "./grow";
import { circlingAfter, type Correction, CORRECTIONS, type CorrectionName } from "./corrections";

/**
 * What is believed of a tree's roots: a grid over its own vigour factor u = ln m; at every grid point x = logit fill and
 * circling are normal. Growth, moves and checks update them in closed form; a check reweights the grid. This integrates
 * fill, season warmth, volume and potting date without sampling.
 */
const GRID = 13;
const GRID_REACH_SD = 3;
/** A share of trees goes far out of their kind's way: a wider normal mixed in, so that looks can carry the belief there. */
const FAR_SHARE = 0.15;
const FAR_TIMES = 1.7;
const GRID_Z = Float64Array.from({ length: GRID }, (_, j) => GRID_REACH_SD * ((2 * j) / (GRID - 1) - 1));
const GRID_WEIGHT = normalised(
  GRID_Z.map((z) => (1 - FAR_SHARE) * normalPdf(z) + (FAR_SHARE / FAR_TIMES) * normalPdf(z / FAR_TIMES)),
);
/** Sub-points of a normal that carry its spread to quantiles: ±1.46, ±.6, 0 with weight .2 each has unit variance. */
const SUB_Z = [-1.4603, -0.5976, 0, 0.5976, 1.4603];

/** Grade of fill as read by eye: noise on x, and how often a grade is simply off. */
export interface Eye {
  fillNoise: number;
  circlingNoise: number;
  lapse: number;
}
/** The ball out of its pot, before the eyes. */
export const BY_LOOK: Eye = { fillNoise: 0.6, circlingNoise: 0.5, lapse: 0.04 };
/** Felt through pot and surface, the ball where it is: twice as vague, and more often simply off. Our judgement (L). */
export const BY_FEEL: Eye = { fillNoise: 1.2, circlingNoise: 1.2, lapse: 0.1 };
/** Season warmth as the pot felt it, against the model: 15 % a season, independent between seasons. */
export const SEASON_SD = 0.15;
/** What the law of growth itself may be wrong by: noise on the rate of logit fill, a season. Our judgement (L). */
export const DISCREPANCY_SD = 0.25;
/** How far somebody's eye reads too full or too empty for good, in logit fill: four tenths of a grade. Our judgement (L). */
export const EYE_BIAS_SD = 0.5;
const SEASON_DEGREE_DAYS = 1600;
const FILL_CUTS = STAGE_FILLS.map((f) => logit(f));

export interface RootBelief {
  weight: Float64Array;
  /** Growth per °C·d at each grid point, the kind's pace times this tree's factor. */
  k: Float64Array;
  x: Float64Array;
  xVar: Float64Array;
  circling: Float64Array;
  circlingVar: Float64Array;
  /** How much too full its looks read it, and how that hangs together with x: what repeated looks by the same eye cannot mend. */
  bias: Float64Array;
  biasVar: Float64Array;
  biasCov: Float64Array;
  /** Noise on the law of growth, a season. */
  lawSd: number;
  wallFactor: number;
  /** Grade of turning from which it is due: what a correction left behind does not count until it has turned on, or a look shows it. */
  dueCircling: number;
  /** Logit fill from which it is due: a young plant as soon as its ball holds. */
  dueX: number;
  /** How many times the pace of a grown tree it grows at: a seedling's roots are quick. */
  pace: number;
  /** Lag of the last disturbance and the warmth since. */
  lagDegreeDays: number;
  warmthSince: number;
}

export interface RootPrior {
  kPerDegreeDay: number;
  vigourSd: number;
  /** Where mates of its kind and sort have been looked at: mean of ln of its own factor; 0 otherwise. */
  vigourMean?: number;
  fill: number;
  /** Spread of logit fill. */
  xSd: number;
  circling: number;
  circlingSd: number;
  /** What is known of the eye that looks, in logit fill; absent: nothing. */
  eye?: { mean: number; sd: number };
  /** Of a young plant: fill from which it is due, and how many times the pace of a grown tree it grows at. */
  dueFill?: number;
  pace?: number;
  /** Noise on the law of growth; absent: the usual. */
  lawSd?: number;
  wallFactor: number;
  lagDegreeDays: number;
}

function normalised(values: Float64Array): Float64Array {
  const total = values.reduce((a, b) => a + b, 0);
  return values.map((v) => v / total);
}

export function priorBelief(prior: RootPrior): RootBelief {
  const k = new Float64Array(GRID);
  for (let j = 0; j < GRID; j++)
    k[j] = prior.kPerDegreeDay * Math.exp((prior.vigourMean ?? 0) + prior.vigourSd * GRID_Z[j]);
  return {
    weight: GRID_WEIGHT.slice(),
    k,
    x: new Float64Array(GRID).fill(logit(clipFill(prior.fill))),
    xVar: new Float64Array(GRID).fill(prior.xSd ** 2),
    circling: new Float64Array(GRID).fill(prior.circling),
    circlingVar: new Float64Array(GRID).fill(prior.circlingSd ** 2),
    bias: new Float64Array(GRID).fill(prior.eye?.mean ?? 0),
    biasVar: new Float64Array(GRID).fill((prior.eye?.sd ?? EYE_BIAS_SD) ** 2),
    biasCov: new Float64Array(GRID),
    lawSd: prior.lawSd ?? DISCREPANCY_SD,
    wallFactor: prior.wallFactor,
    dueCircling: DUE_CIRCLING,
    dueX: logit(prior.dueFill ?? DUE_FILL),
    pace: prior.pace ?? 1,
    lagDegreeDays: prior.lagDegreeDays,
    warmthSince: 0,
  };
}

export function copyBelief(belief: RootBelief): RootBelief {
  return {
    ...belief,
    weight: belief.weight.slice(),
    k: belief.k.slice(),
    x: belief.x.slice(),
    xVar: belief.xVar.slice(),
    circling: belief.circling.slice(),
    circlingVar: belief.circlingVar.slice(),
    bias: belief.bias.slice(),
    biasVar: belief.biasVar.slice(),
    biasCov: belief.biasCov.slice(),
  };
}

/** Spread of roots that somebody states outright: of logit fill, and of the grade of turning (L). */
const STATED_SD = { x: 0.3, circling: 0.3 };

/** Roots as somebody states them, whatever their history had them be. */
export function stateBelief(b: RootBelief, fill: number, circling: number): void {
  b.x.fill(logit(clipFill(fill)));
  b.xVar.fill(STATED_SD.x ** 2);
  b.biasCov.fill(0);
  b.circling.fill(Math.min(CIRCLING_MOST, circling));
  b.circlingVar.fill(STATED_SD.circling ** 2);
  b.dueCircling = DUE_CIRCLING;
}

/** Lets so much root-zone warmth pass. */
export function growBelief(b: RootBelief, degreeDays: number): void {
  if (degreeDays <= 0) return;
  const effective =
    effectiveWarmth(b.warmthSince + degreeDays, b.lagDegreeDays) - effectiveWarmth(b.warmthSince, b.lagDegreeDays);
  b.warmthSince += degreeDays;
  // Seasons err independently, and so does the law in each: n seasons' sum errs by sd·total/√n.
  const relative = Math.hypot(SEASON_SD, b.lawSd) / Math.sqrt(Math.max(1, degreeDays / SEASON_DEGREE_DAYS));
  for (let j = 0; j < GRID; j++) {
    const k = b.pace * b.k[j];
    const x1 = growX(b.x[j], k, effective);
    b.circling[j] = growCircling(b.circling[j], b.x[j], x1, k, b.wallFactor);
    b.xVar[j] += (k * effective * relative) ** 2;
    b.x[j] = x1;
  }
}

/** A move into another volume, or root work in place. `lnVolumeSd`: uncertainty of ln(from/to). */
export function moveBelief(
  b: RootBelief,
  move: {
    ratio: number;
    lnVolumeSd: number;
    correction: CorrectionName;
    retainedShare?: number;
    /** Share of turning that went, where it is not the work's usual one. */
    circlingRemoved?: number;
    wallFactor: number;
    /** Of a young plant, in its next pot. */
    dueFill?: number;
    pace?: number;
  },
): void {
  const { retained, lagDegreeDays, inPlace }: Correction = CORRECTIONS[move.correction];
  const removed = move.circlingRemoved ?? CORRECTIONS[move.correction].circlingRemoved;
  const kept = (move.retainedShare ?? retained) / move.ratio;
  for (let j = 0; j < GRID; j++) {
    const f = logistic(b.x[j]);
    const after = clipFill(kept * f);
    // d logit(c·f)/d logit(f) = (1 − f)/(1 − c·f).
    const slope = (1 - f) / (1 - after);
    b.x[j] = logit(after);
    b.xVar[j] = b.xVar[j] * slope ** 2 + (move.lnVolumeSd / (1 - after)) ** 2;
    b.biasCov[j] *= slope;
    b.circling[j] = circlingAfter(b.circling[j], move.correction, removed);
    b.circlingVar[j] *= (1 - removed) ** 2;
  }
  b.wallFactor = move.wallFactor;
  if (!inPlace) {
    b.dueX = logit(move.dueFill ?? DUE_FILL);
    b.pace = move.pace ?? 1;
  }
  if (!inPlace) b.dueCircling = Math.max(DUE_CIRCLING, meanOf(b, b.circling) + TURNED_ON);
  b.lagDegreeDays = lagDegreeDays;
  b.warmthSince = 0;
}

/** Turning left in a ball by the last correction makes it due again once it has turned on by so many grades (L). */
const TURNED_ON = 1;

const meanOf = ({ weight }: RootBelief, values: Float64Array) => values.reduce((sum, v, j) => sum + weight[j] * v, 0);

/** The same roots in another share of the same mix: nothing is disturbed, growth goes on. */
export function shareBelief(b: RootBelief, ratio: number): void {
  for (let j = 0; j < GRID; j++) {
    const f = logistic(b.x[j]);
    const after = clipFill(f / ratio);
    const slope = (1 - f) / (1 - after);
    b.x[j] = logit(after);
    b.xVar[j] *= slope ** 2;
    b.biasCov[j] *= slope;
  }
}

/** Uncertainty of when something happened, as a variance of the warmth since. */
export function blurBelief(b: RootBelief, warmthSd: number): void {
  for (let j = 0; j < GRID; j++) b.xVar[j] += (b.pace * b.k[j] * warmthSd) ** 2;
}

/**
 * How probable a grade of fill is before it is seen.
 */
export function gradeProbability(b: RootBelief, fillGrade: number, eye: Eye = BY_LOOK): number {
  let expected = 0;
  const copy = copyBelief(b);
  for (let j = 0; j < GRID; j++) expected += b.weight[j] * observeFill(copy, j, fillGrade, eye);
  return expected;
}

/** The grade of fill that is expected of a look, between the whole ones. */
export function expectedGrade(b: RootBelief, eye: Eye = BY_LOOK): number {
  let expected = 0;
  for (let grade = 1; grade <= FILL_CUTS.length; grade++) expected += grade * gradeProbability(b, grade, eye);
  return expected;
}

/** So many looks in a row that are off by more than so many grades ask the same, however probable each was. Our judgement (L). */
export const STRAYED = { grades: 1, looks: 3 };

/** A grade less probable than this, before it was seen, asks whether pot or date are wrong. */
export const SURPRISE_BELOW = 0.05;

/** The same eyes where the history itself is in doubt: the ball as it is now is believed, the tree's own pace hardly bends. */
export const DOUBTED_LAPSE = 0.6;

/**
 * A root check: grades 0–4 of fill and circling as seen. Either may be missing. Answers how probable the grade of fill was before
 * it was seen (null without one): a small number asks whether the history is wrong. With `doubted` the roots are moved to what was
 * seen, while the pace is reweighed as if most such checks were off.
 */
export function checkBelief(
  b: RootBelief,
  fillGrade: number | null,
  circlingGrade: number | null,
  eye: Eye = BY_LOOK,
  doubted = false,
): number | null {
  if (circlingGrade !== null) b.dueCircling = DUE_CIRCLING;
  let [total, expected] = [0, 0];
  for (let j = 0; j < GRID; j++) {
    const fill = fillGrade === null ? 1 : observeFill(b, j, fillGrade, eye);
    const circling = circlingGrade === null ? 1 : observeCircling(b, j, circlingGrade, eye);
    expected += b.weight[j] * fill;
    b.weight[j] *= (doubted ? DOUBTED_LAPSE / 5 + (1 - DOUBTED_LAPSE) * fill : fill) * circling;
    total += b.weight[j];
  }
  for (let j = 0; j < GRID; j++) b.weight[j] /= total;
  return fillGrade === null ? null : expected;
}

/** Reweighs the paces by how well each explains something seen; `likelihood` is asked once a pace. */
export function reweigh(b: RootBelief, likelihood: (kPerDegreeDay: number) => number): void {
  let total = 0;
  for (let j = 0; j < GRID; j++) {
    b.weight[j] *= likelihood(b.k[j]);
    total += b.weight[j];
  }
  for (let j = 0; j < GRID; j++) b.weight[j] /= total;
}

/** Mean and variance of ln of the tree's own factor against its kind's pace. */
export function lnFactorOf(b: RootBelief, kPerDegreeDay: number): { mean: number; variance: number } {
  let [mean, square] = [0, 0];
  for (let j = 0; j < GRID; j++) {
    const u = Math.log(b.k[j] / kPerDegreeDay);
    mean += b.weight[j] * u;
    square += b.weight[j] * u * u;
  }
  return { mean, variance: Math.max(1e-9, square - mean * mean) };
}

/**
 * Probit of x and the eye's bias between the grade's boundaries; the normal at this grid point is matched to the posterior's moments.
 */
function observeFill(b: RootBelief, j: number, grade: number, { fillNoise, lapse }: Eye): number {
  const { xVar, bias, biasVar, biasCov } = b;
  // What is read is x as the eye has it: the bias is learned with it, and what both share is not taken twice.
  const [fromX, fromBias] = [xVar[j] + biasCov[j], biasVar[j] + biasCov[j]];
  const sd = Math.sqrt(fromX + fromBias + fillNoise ** 2);
  const read = b.x[j] + bias[j];
  const low = grade === 0 ? -Infinity : (FILL_CUTS[grade - 1] - read) / sd;
  const high = grade === 4 ? Infinity : (FILL_CUTS[grade] - read) / sd;
  const inside = Math.max(1e-12, normalCdf(high) - normalCdf(low));
  const [pLow, pHigh] = [Number.isFinite(low) ? normalPdf(low) : 0, Number.isFinite(high) ? normalPdf(high) : 0];
  const likelihood = lapse / 5 + (1 - lapse) * inside;
  const seen = ((1 - lapse) * inside) / likelihood;
  const pull = (pLow - pHigh) / inside;
  const curve =
    ((Number.isFinite(low) ? low * pLow : 0) - (Number.isFinite(high) ? high * pHigh : 0)) / inside - pull ** 2;
  const [gainX, gainBias] = [fromX / sd, fromBias / sd];
  // Mixture of "the grade is right" and "the grade is off".
  const between = seen * (1 - seen) * pull ** 2;
  const mixed = (before: number, gains: number) => before + seen * gains * curve + gains * between;
  b.xVar[j] = Math.max(1e-6, mixed(xVar[j], gainX ** 2));
  biasVar[j] = Math.max(0, mixed(biasVar[j], gainBias ** 2));
  biasCov[j] = mixed(biasCov[j], gainX * gainBias);
  b.x[j] += seen * gainX * pull;
  bias[j] += seen * gainBias * pull;
  return likelihood;
}

function observeCircling(b: RootBelief, j: number, grade: number, { circlingNoise, lapse }: Eye): number {
  const variance = b.circlingVar[j] + circlingNoise ** 2;
  const z = (grade - b.circling[j]) / Math.sqrt(variance);
  const likelihood = lapse / 5 + ((1 - lapse) * normalPdf(z)) / Math.sqrt(variance);
  const gain = b.circlingVar[j] / variance;
  b.circling[j] = Math.min(CIRCLING_MOST - 0.01, Math.max(0, b.circling[j] + gain * (grade - b.circling[j])));
  b.circlingVar[j] *= 1 - gain;
  return likelihood;
}

/** Weighted points that carry the belief to any quantity. */
export interface BeliefPoints {
  weight: Float64Array;
  x: Float64Array;
  circling: Float64Array;
  k: Float64Array;
}

export function pointsOf(b: RootBelief): BeliefPoints {
  const n = GRID * SUB_Z.length;
  const points = {
    weight: new Float64Array(n),
    x: new Float64Array(n),
    circling: new Float64Array(n),
    k: new Float64Array(n),
  };
  let at = 0;
  for (let j = 0; j < GRID; j++) {
    const [xSd, cSd] = [Math.sqrt(b.xVar[j]), Math.sqrt(b.circlingVar[j])];
    for (let s = 0; s < SUB_Z.length; s++, at++) {
      points.weight[at] = b.weight[j] / SUB_Z.length;
      points.x[at] = b.x[j] + SUB_Z[s] * xSd;
      // Circling's spread is walked in another order than that of x: they are independent given the vigour.
      points.circling[at] = Math.min(
        CIRCLING_MOST,
        Math.max(0, b.circling[j] + SUB_Z[(s * 2 + 1) % SUB_Z.length] * cSd),
      );
      points.k[at] = b.k[j];
    }
  }
  return points;
}

/** Mean vigour factor over the kind's pace, as weighted points of ln m. */
export function vigourFactors(b: RootBelief, kPerDegreeDay: number): { values: Float64Array; weights: Float64Array } {
  return { values: b.k.map((k) => k / kPerDegreeDay), weights: b.weight };
}

/** Warmth still to pass until due, by fill or by circling, at every point. Zero where it is due already. */
export function warmthUntilDue(b: RootBelief, points: BeliefPoints): { warmth: Float64Array; byCircling: Uint8Array } {
  const n = points.x.length;
  const warmth = new Float64Array(n);
  const byCircling = new Uint8Array(n);
  const done = effectiveWarmth(b.warmthSince, b.lagDegreeDays);
  for (let i = 0; i < n; i++) {
    const k = b.pace * points.k[i];
    const target = xAtDue(points.circling[i], points.x[i], k, b.wallFactor, b.dueCircling, b.dueX);
    byCircling[i] = target.byCircling ? 1 : 0;
    const effective = (target.x - points.x[i]) / k;
    warmth[i] = effective <= 0 ? 0 : Math.max(0, warmthForEffective(done + effective, b.lagDegreeDays) - b.warmthSince);
  }
  return { warmth, byCircling };
}
