/** Made-up trees that grow by the model with seasons of their own and are read by an erring eye: do the 80 % bands hold them? */
import { logistic, logit, weightedQuantiles } from "@/core/math/index";
import { normalSource, subStream } from "@/core/random/index";
import {
  checkBelief,
  EyePool,
  type EyeWord,
  growBelief,
  growCircling,
  growX,
  moveBelief,
  moveRoots,
  pointsOf,
  priorBelief,
  STAGE_FILLS,
  SURPRISE_BELOW,
  VIGOUR_PER_DEGREE_DAY,
  vigourFactors,
  wordOfEye,
} from "@/core/roots/index";

export const PRIOR_SD = 0.55;
const SEASON_WARMTH = 1600;
const K = VIGOUR_PER_DEGREE_DAY.moderate;

/** Laws a tree may grow by: the model's own, and others that it knows nothing of. */
export const LAWS = ["logistic", "gompertz", "front", "self-limiting"] as const;
export type Law = (typeof LAWS)[number];

/** Slopes of fill by warmth, each scaled to fill a pot from 30 to 85 % in the same warmth as the logistic. */
const FROM = 0.3;
const TO = 0.85;
const LOGISTIC_SPAN = logit(TO) - logit(FROM);
const LIMITED = 3;
const SLOPES: Record<Exclude<Law, "logistic">, { slope: (f: number) => number; span: number }> = {
  gompertz: { slope: (f) => f * Math.log(1 / f), span: Math.log(Math.log(1 / FROM) / Math.log(1 / TO)) },
  front: { slope: () => 1, span: TO - FROM },
  // Roots hinder one another long before the pot is full.
  "self-limiting": { slope: (f) => f * (1 - f) ** LIMITED, span: integral((f) => 1 / (f * (1 - f) ** LIMITED)) },
};
function integral(of: (f: number) => number): number {
  const steps = 2000;
  const h = (TO - FROM) / steps;
  let sum = 0;
  for (let i = 0; i < steps; i++) sum += h * of(FROM + (i + 0.5) * h);
  return sum;
}

/** Logit fill after so much effective warmth, by a law. */
export function growBy(law: Law, x: number, k: number, degreeDays: number): number {
  if (law === "logistic") return growX(x, k, degreeDays);
  const { slope, span } = SLOPES[law];
  const steps = 200;
  let f = logistic(x);
  for (let i = 0; i < steps; i++)
    f = Math.min(0.9995, f + (slope(f) * k * span * degreeDays) / (LOGISTIC_SPAN * steps));
  return Math.max(x, logit(f));
}

/** How the truth differs from what the belief takes for granted. */
export interface Truth {
  law?: Law;
  /** Spread of its own pace between trees, and of its seasons. */
  trueSd?: number;
  seasonSd?: number;
  /** Grades by which the eye reads too high. */
  eyeBias?: number;
}

export interface Kept {
  fill: boolean;
  factor: boolean;
  /** The misfit was noticed at a look: it was less probable than is usual. */
  noticed: boolean;
  /** Milliseconds of its posterior. */
  ms: number;
}

type Belief = ReturnType<typeof priorBelief>;

/** What happened to a tree, as a belief is told it, and how its roots really are at the end. */
interface Grown {
  /** Answers how probable a grade was, where one was seen. */
  story: ((b: Belief) => number | null)[];
  x: number;
  k: number;
}

const START = { fill: 0.3, xSd: 0.6, circling: 0.3, circlingSd: 0.4, wallFactor: 1, lagDegreeDays: 100 };

/** One tree: potted, grown for some seasons, moved when it is full, looked at each autumn; then asked a season later. */
export function syntheticTree(seed: number, truth: Truth = {}): Kept {
  return judged(grown(seed, truth));
}

/** So many trees of one grower, of a few kinds: the same eye looked at all of them. */
export function syntheticYard(seed: number, truth: Truth, trees: number): Kept[] {
  const all = Array.from({ length: trees }, (_, i) => grown(seed + i, truth));
  const words = all.map((tree, i): EyeWord[] => {
    const word = wordOfEye(told(tree));
    return word ? [{ ...word, kind: `kind ${i % KINDS}` }] : [];
  });
  const pool = new EyePool(words.flat());
  return all.map((tree, i) => judged(tree, pool.without(words[i])));
}
const KINDS = 4;

function told({ story }: Grown, eye?: { mean: number; sd: number }): Belief {
  const belief = priorBelief({ kPerDegreeDay: K, vigourSd: PRIOR_SD, ...START, eye });
  for (const tell of story) tell(belief);
  return belief;
}

function grown(seed: number, { law = "logistic", trueSd = PRIOR_SD, seasonSd = 0.15, eyeBias = 0 }: Truth): Grown {
  const normal = normalSource(subStream(seed, "tree"));
  const uniform = subStream(seed, "eye");
  const k = K * Math.exp(trueSd * normal());
  let x = logit(START.fill) + START.xSd * normal();
  let c = Math.min(3.9, Math.max(0, START.circling + START.circlingSd * normal()));
  let volumeL = 10;
  let [lag, since] = [START.lagDegreeDays, 0];
  const story: Grown["story"] = [];
  const effective = (t: number) => t - lag * (1 - Math.exp(-t / lag));
  const season = () => {
    const warmth = SEASON_WARMTH * Math.max(0.3, 1 + seasonSd * normal());
    const eff = effective(since + warmth) - effective(since);
    const x1 = growBy(law, x, k, eff);
    c = growCircling(c, x, x1, k, 1);
    [x, since] = [x1, since + warmth];
    story.push((b) => {
      growBelief(b, SEASON_WARMTH);
      return null;
    });
  };
  const looks = 1 + Math.floor(3 * uniform());
  for (let s = 0; s < looks; s++) {
    season();
    const seen = logistic(x + 0.6 * normal());
    const lapse = uniform() < 0.04;
    const read = STAGE_FILLS.filter((f) => seen >= f).length;
    // A grade off is off for good: whole grades as the bias has it, the rest by chance.
    const off = Math.floor(eyeBias) + (uniform() < eyeBias - Math.floor(eyeBias) ? 1 : 0);
    const grade = lapse ? Math.floor(5 * uniform()) : Math.min(4, Math.max(0, read + off));
    const turn = Math.round(Math.min(4, Math.max(0, c + 0.5 * normal())));
    story.push((b) => checkBelief(b, grade, turn));
    if (logistic(x) > 0.85) {
      const toL = volumeL * 2;
      const moved = moveRoots(logistic(x), c, volumeL, toL, "tease-and-clip");
      [x, c, lag, since, volumeL] = [logit(moved.fill), moved.circling, moved.lagDegreeDays, 0, toL];
      story.push((b) => {
        moveBelief(b, { ratio: 2, lnVolumeSd: 0, correction: "tease-and-clip", wallFactor: 1 });
        return null;
      });
    }
  }
  season();
  return { story, x, k };
}

function judged({ story, x, k }: Grown, eye?: { mean: number; sd: number }): Kept {
  const from = performance.now();
  const belief = priorBelief({ kPerDegreeDay: K, vigourSd: PRIOR_SD, ...START, eye });
  let noticed = false;
  for (const tell of story) {
    const expected = tell(belief);
    if (expected !== null && expected < SURPRISE_BELOW) noticed = true;
  }
  const points = pointsOf(belief);
  const [low, high] = weightedQuantiles(points.x, points.weight, [0.1, 0.9]);
  const factors = vigourFactors(belief, K);
  const [slow, fast] = weightedQuantiles(factors.values, factors.weights, [0.1, 0.9]);
  const ms = performance.now() - from;
  // Above the last grade nobody can see a difference.
  const seen = (v: number) => Math.min(v, logit(STAGE_FILLS[3]));
  return { fill: seen(x) >= seen(low) && seen(x) <= seen(high), factor: k / K >= slow && k / K <= fast, noticed, ms };
}
