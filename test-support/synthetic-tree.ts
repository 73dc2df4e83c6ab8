/** Made-up trees that grow by the model with seasons of their own and are read by an erring eye: do the 80 % bands hold them? */
import { logistic, logit, weightedQuantiles } from "@/core/math/index";
import { normalSource, subStream } from "@/core/random/index";
import {
  checkBelief,
  growBelief,
  growCircling,
  growX,
  moveBelief,
  moveRoots,
  pointsOf,
  priorBelief,
  STAGE_FILLS,
  VIGOUR_PER_DEGREE_DAY,
  vigourFactors,
} from "@/core/roots/index";

export const PRIOR_SD = 0.55;
const SEASON_WARMTH = 1600;
const K = VIGOUR_PER_DEGREE_DAY.moderate;

export interface Kept {
  fill: boolean;
  factor: boolean;
  /** Milliseconds of its posterior. */
  ms: number;
}

/** One tree: potted, grown for some seasons, moved when it is full, looked at each autumn; then asked a season later. */
export function syntheticTree(seed: number, trueSd: number, seasonSd: number): Kept {
  const normal = normalSource(subStream(seed, "tree"));
  const uniform = subStream(seed, "eye");
  const k = K * Math.exp(trueSd * normal());
  const prior = { fill: 0.3, xSd: 0.6, circling: 0.3, circlingSd: 0.4, wallFactor: 1, lagDegreeDays: 100 };
  let x = logit(prior.fill) + prior.xSd * normal();
  let c = Math.min(3.9, Math.max(0, prior.circling + prior.circlingSd * normal()));
  let volumeL = 10;
  let [lag, since] = [prior.lagDegreeDays, 0];
  const story: ((b: ReturnType<typeof priorBelief>) => void)[] = [];
  const effective = (t: number) => t - lag * (1 - Math.exp(-t / lag));
  const season = () => {
    const warmth = SEASON_WARMTH * Math.max(0.3, 1 + seasonSd * normal());
    const eff = effective(since + warmth) - effective(since);
    const x1 = growX(x, k, eff);
    c = growCircling(c, x, x1, k, 1);
    [x, since] = [x1, since + warmth];
    story.push((b) => growBelief(b, SEASON_WARMTH));
  };
  const looks = 1 + Math.floor(3 * uniform());
  for (let s = 0; s < looks; s++) {
    season();
    const seen = logistic(x + 0.6 * normal());
    const lapse = uniform() < 0.04;
    const grade = lapse ? Math.floor(5 * uniform()) : STAGE_FILLS.filter((f) => seen >= f).length;
    const turn = Math.round(Math.min(4, Math.max(0, c + 0.5 * normal())));
    story.push((b) => checkBelief(b, grade, turn));
    if (logistic(x) > 0.85) {
      const toL = volumeL * 2;
      const moved = moveRoots(logistic(x), c, volumeL, toL, "tease-and-clip");
      [x, c, lag, since, volumeL] = [logit(moved.fill), moved.circling, moved.lagDegreeDays, 0, toL];
      story.push((b) => moveBelief(b, { ratio: 2, lnVolumeSd: 0, correction: "tease-and-clip", wallFactor: 1 }));
    }
  }
  season();
  const from = performance.now();
  const belief = priorBelief({ kPerDegreeDay: K, vigourSd: PRIOR_SD, ...prior });
  for (const tell of story) tell(belief);
  const points = pointsOf(belief);
  const [low, high] = weightedQuantiles(points.x, points.weight, [0.1, 0.9]);
  const factors = vigourFactors(belief, K);
  const [slow, fast] = weightedQuantiles(factors.values, factors.weights, [0.1, 0.9]);
  const ms = performance.now() - from;
  return { fill: x >= low && x <= high, factor: k / K >= slow && k / K <= fast, ms };
}
