import { logit } from "../math/index";
import { EYE_BIAS_SD, type RootBelief } from "./belief";
import { STAGE_FILLS } from "./grow";
import { evidenceOf, type Normal } from "./pooling";

/** What one tree says of an eye is off by this much of its own, in logit fill: laws of growth err, too. Our judgement (L). */
export const EYE_WORD_SD = 0.35;
/** And what all trees of one kind say together by so much. Our judgement (L). */
export const EYE_KIND_SD = 0.3;
/** However many trees it has looked at, an eye is never known better than this: it tires and changes. Our judgement (L). */
export const EYE_LEAST_SD = 0.15;

const PRIOR: Normal = { mean: 0, variance: EYE_BIAS_SD ** 2 };

/** What a tree's looks, seen against how its roots must have grown, say of the eye that looked; null where they say nothing. */
export function wordOfEye({ weight, bias, biasVar }: RootBelief): Normal | null {
  let [mean, square] = [0, 0];
  for (let j = 0; j < weight.length; j++) {
    mean += weight[j] * bias[j];
    square += weight[j] * (biasVar[j] + bias[j] ** 2);
  }
  return evidenceOf(PRIOR, { mean, variance: square - mean ** 2 });
}

/** What one tree says of the eye, and its kind: all of one kind may be quicker than was thought. */
export interface EyeWord extends Normal {
  kind: string;
}

/** What many trees say of one eye, summed by kind so that any of them can be taken out again: their own replays bring their words. */
export class EyePool {
  private readonly kinds: Map<string, { precision: number; sum: number }>;

  constructor(words: readonly EyeWord[], before?: EyePool) {
    this.kinds = new Map(before?.kinds);
    for (const word of words) this.add(word, 1);
  }

  /** The same with other words of one tree. */
  after(was: readonly EyeWord[], is: readonly EyeWord[]): EyePool {
    const pool = new EyePool(is, this);
    for (const word of was) pool.add(word, -1);
    return pool;
  }

  private add(word: EyeWord, sign: 1 | -1): void {
    const { precision, sum } = this.kinds.get(word.kind) ?? NOTHING;
    const p = sign * precisionOf(word);
    this.kinds.set(word.kind, { precision: precision + p, sum: sum + p * word.mean });
  }

  /** Mean and spread of the eye's bias, in logit fill, from all words but these. */
  without(own: readonly EyeWord[]): { mean: number; sd: number } {
    let [precision, sum] = [1 / PRIOR.variance, 0];
    for (const [kind, all] of this.kinds) {
      let [ofKind, said] = [all.precision, all.sum];
      for (const word of own) {
        if (word.kind !== kind) continue;
        const p = precisionOf(word);
        ofKind -= p;
        said -= p * word.mean;
      }
      if (ofKind <= LEAST_PRECISION) continue;
      const p = 1 / (1 / ofKind + EYE_KIND_SD ** 2);
      precision += p;
      sum += (p * said) / ofKind;
    }
    return { mean: sum / precision, sd: Math.max(EYE_LEAST_SD, Math.sqrt(1 / precision)) };
  }
}

const NOTHING = { precision: 0, sum: 0 };
/** What is left of a sum when all its words were taken out again. */
const LEAST_PRECISION = 1e-9;
const precisionOf = ({ variance }: Normal) => 1 / (variance + EYE_WORD_SD ** 2);

/** Logit fill from one grade to the next, on average. */
const GRADE_X = (logit(STAGE_FILLS[STAGE_FILLS.length - 1]) - logit(STAGE_FILLS[0])) / (STAGE_FILLS.length - 1);
/** As sure as that an eye reads too full or too empty before anybody is told: spreads from none. */
const SURE_SD = 1.3;

/** Grades by which an eye surely reads too full (or, below nought, too empty); null where nobody can say yet. */
export function gradesOff({ mean, sd }: { mean: number; sd: number }): number | null {
  return Math.abs(mean) > SURE_SD * sd ? mean / GRADE_X : null;
}
