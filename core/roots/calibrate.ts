import { logistic, weightedQuantiles } from "../math/index";
import { checkBelief, growBelief, moveBelief, pointsOf, priorBelief, vigourFactors } from "./belief";
import type { CorrectionName } from "./corrections";
import { checkRerooting } from "./rerooting";

export interface CalibrateInput {
  kPerDegreeDay: number;
  wallFactor: number;
  start: { fill: number; circling: number; volumeL: number };
  /** In order: a season's warmth, then what was seen at its end, then the move. */
  seasons: readonly {
    degreeDays: number;
    check?: { fillGrade?: number; circlingGrade?: number };
    /** Longest new roots seen in fresh mix, mm. */
    rerootingMm?: number;
    move?: { toL: number; correction: CorrectionName };
  }[];
  /** Spread of ln of the tree's own factor before any check. */
  priorSd: number;
  /** Spread of logit fill at the start. */
  startSd: number;
}

/** A tree's own vigour factor as its checks tell: 10, 50 and 90 % of what is believed, and its fill at the end. */
export function calibrate(input: CalibrateInput): {
  low: number;
  median: number;
  high: number;
  fill: { p10: number; p50: number; p90: number };
} {
  const { start, kPerDegreeDay } = input;
  const b = priorBelief({
    kPerDegreeDay,
    vigourSd: input.priorSd,
    fill: start.fill,
    xSd: input.startSd,
    circling: start.circling,
    circlingSd: 0.05,
    wallFactor: input.wallFactor,
    lagDegreeDays: 0,
    // The question names all that may be unsure: an eye that is right in the mean, and roots that grow by the law.
    eye: { mean: 0, sd: 0 },
    lawSd: 0,
  });
  let volumeL = start.volumeL;
  for (const { degreeDays, check, rerootingMm, move } of input.seasons) {
    growBelief(b, degreeDays);
    if (check) checkBelief(b, check.fillGrade ?? null, check.circlingGrade ?? null);
    if (rerootingMm !== undefined) checkRerooting(b, rerootingMm);
    if (move) {
      const { correction, toL } = move;
      moveBelief(b, { ratio: toL / volumeL, lnVolumeSd: 0, correction, wallFactor: input.wallFactor });
      volumeL = toL;
    }
  }
  const { values, weights } = vigourFactors(b, kPerDegreeDay);
  const [low, median, high] = weightedQuantiles(values, weights, [0.1, 0.5, 0.9]);
  const points = pointsOf(b);
  const [p10, p50, p90] = weightedQuantiles(points.x, points.weight, [0.1, 0.5, 0.9]).map(logistic);
  return { low, median, high, fill: { p10, p50, p90 } };
}
