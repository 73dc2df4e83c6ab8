import { logistic, softplus } from "../math/index";

/**
 * Logistic and softplus by table, for a search that asks for them a million times: linear between 8,192 points of −6 to 8.5, off
 * by less than 1e-7.
 */
const FROM = -6;
const TO = 8.5;
const POINTS = 8192;
const PER = (POINTS - 1) / (TO - FROM);
const fill = new Float64Array(POINTS + 1);
const soft = new Float64Array(POINTS + 1);
for (let i = 0; i <= POINTS; i++) {
  const x = FROM + i / PER;
  fill[i] = logistic(x);
  soft[i] = softplus(x);
}

/** Fill at logit x; x within the ladder's range. */
export function fillAt(x: number): number {
  const at = (x - FROM) * PER;
  const i = at | 0;
  const lower = fill[i];
  return lower + (fill[i + 1] - lower) * (at - i);
}

/** ln(1 + eˣ). */
export function softplusAt(x: number): number {
  const at = (x - FROM) * PER;
  const i = at | 0;
  const lower = soft[i];
  return lower + (soft[i + 1] - lower) * (at - i);
}
