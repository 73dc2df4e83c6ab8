/**
 * Small numerics shared by the models.
 * @example clamp(5, 0, 3) // 3
 */
export function clamp(value: number, low: number, high: number): number {
  return value < low ? low : value > high ? high : value;
}

/** @example logit(0.5) // 0 */
export function logit(p: number): number {
  return Math.log(p / (1 - p));
}

/** @example logistic(0) // 0.5 */
export function logistic(x: number): number {
  return 1 / (1 + Math.exp(-x));
}

/**
 * ln(1 + e^x) without overflow.
 * @example softplus(0) // 0.69315
 */
export function softplus(x: number): number {
  return x > 30 ? x : Math.log1p(Math.exp(x));
}

/**
 * Normal density and distribution function (Abramowitz & Stegun 7.1.26 for erf: error below 1.5e-7).
 * @example normalPdf(0) // 0.39894
 */
export function normalPdf(z: number): number {
  return Math.exp(-0.5 * z * z) / 2.5066282746310002;
}

/** @example normalCdf(1.2815515655) // 0.9 */
export function normalCdf(z: number): number {
  const t = 1 / (1 + 0.3275911 * (Math.abs(z) / Math.SQRT2));
  const poly = t * (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))));
  const erf = 1 - poly * Math.exp((-z * z) / 2);
  return z >= 0 ? 0.5 * (1 + erf) : 0.5 * (1 - erf);
}

/**
 * Inverse normal distribution function: Acklam's rational approximation (relative error below 1.2e-9).
 * @example normalQuantile(0.9) // 1.2816
 */
export function normalQuantile(p: number): number {
  if (p <= 0) return -Infinity;
  if (p >= 1) return Infinity;
  const a = [
    -39.69683028665376, 220.9460984245205, -275.9285104469687, 138.357751867269, -30.66479806614716, 2.506628277459239,
  ];
  const b = [-54.47609879822406, 161.5858368580409, -155.6989798598866, 66.80131188771972, -13.28068155288572];
  const c = [
    -0.007784894002430293, -0.3223964580411365, -2.400758277161838, -2.549732539343734, 4.374664141464968,
    2.938163982698783,
  ];
  const d = [0.007784695709041462, 0.3224671290700398, 2.445134137142996, 3.754408661907416];
  const tail = (q: number) =>
    (((((c[0] * q + c[1]) * q + c[2]) * q + c[3]) * q + c[4]) * q + c[5]) /
    ((((d[0] * q + d[1]) * q + d[2]) * q + d[3]) * q + 1);
  if (p < 0.02425) return tail(Math.sqrt(-2 * Math.log(p)));
  if (p > 1 - 0.02425) return -tail(Math.sqrt(-2 * Math.log(1 - p)));
  const q = p - 0.5;
  const r = q * q;
  return (
    ((((((a[0] * r + a[1]) * r + a[2]) * r + a[3]) * r + a[4]) * r + a[5]) * q) /
    (((((b[0] * r + b[1]) * r + b[2]) * r + b[3]) * r + b[4]) * r + 1)
  );
}

/**
 * Quantile of sorted values by linear interpolation between order statistics (Weibull plotting position r/(n+1)), clamped.
 * @example weibullQuantile([1, 2, 3, 4], 0.5) // 2.5
 */
export function weibullQuantile(sorted: readonly number[], p: number): number {
  if (sorted.length === 0) return NaN;
  const rank = p * (sorted.length + 1) - 1;
  if (rank <= 0) return sorted[0];
  if (rank >= sorted.length - 1) return sorted[sorted.length - 1];
  const low = Math.floor(rank);
  return sorted[low] + (rank - low) * (sorted[low + 1] - sorted[low]);
}

/** @example mean([1, 2, 6]) // 3 */
export function mean(values: readonly number[]): number {
  let sum = 0;
  for (const value of values) sum += value;
  return sum / values.length;
}

/**
 * Sample standard deviation (n − 1), centred first.
 * @example standardDeviation([1, 2, 3]) // 1
 */
export function standardDeviation(values: readonly number[]): number {
  const centre = mean(values);
  let sum = 0;
  for (const value of values) sum += (value - centre) ** 2;
  return Math.sqrt(sum / (values.length - 1));
}

// Indices being sorted: kept between calls, since making a small array costs more than sorting it.
let scratch = new Uint16Array(256);

/** Insertion sort: the few dozen points of a belief come almost in order, where it beats a comparator. */
function sortByValue(order: Uint16Array, values: ArrayLike<number>): void {
  if (order.length > 200) {
    order.sort((i, j) => values[i] - values[j]);
    return;
  }
  for (let i = 1; i < order.length; i++) {
    const moving = order[i];
    const value = values[moving];
    let j = i - 1;
    while (j >= 0 && values[order[j]] > value) {
      order[j + 1] = order[j];
      j--;
    }
    order[j + 1] = moving;
  }
}

/**
 * Quantiles of weighted points: the points in order, each in the middle of its weight, straight lines between. `ps` rises.
 * @example weightedQuantiles([1, 2, 3], [1, 1, 2], [0.5]) // [2.3333]
 */
export function weightedQuantiles(
  values: ArrayLike<number>,
  weights: ArrayLike<number>,
  ps: readonly number[],
): number[] {
  const n = values.length;
  if (n > scratch.length) scratch = new Uint16Array(n);
  const order = scratch.subarray(0, n);
  let total = 0;
  for (let i = 0; i < n; i++) {
    order[i] = i;
    total += weights[i];
  }
  sortByValue(order, values);
  const result: number[] = [];
  let [k, before, lastMiddle, lastValue] = [0, 0, 0, values[order[0]]];
  for (const p of ps) {
    const target = p * total;
    while (k < n && before + weights[order[k]] / 2 < target) {
      lastMiddle = before + weights[order[k]] / 2;
      lastValue = values[order[k]];
      before += weights[order[k]];
      k++;
    }
    if (k === n) {
      result.push(values[order[n - 1]]);
      continue;
    }
    const middle = before + weights[order[k]] / 2;
    const span = middle - lastMiddle;
    const share = k === 0 || !(span > 0) ? 1 : (target - lastMiddle) / span;
    result.push(share >= 1 ? values[order[k]] : lastValue + (values[order[k]] - lastValue) * share);
  }
  return result;
}

/** Root of a monotone function on [low, high] by bisection, to `tolerance`; the ends are answered when it lies outside. */
export function bisect(f: (x: number) => number, low: number, high: number, tolerance: number): number {
  let [a, b] = [low, high];
  const rising = f(b) >= f(a);
  for (let i = 0; i < 200 && b - a > tolerance; i++) {
    const middle = (a + b) / 2;
    if (f(middle) < 0 === rising) a = middle;
    else b = middle;
  }
  return (a + b) / 2;
}

/** z of an 80 % band's end: turns bands into spreads and back. */
export const Z90 = 1.2815515655446004;

/**
 * Quantile of sorted values, linear between neighbours; 0 of none.
 * @example quantileOf([1, 2, 3, 4, 5], 0.5) // 3
 */
export function quantileOf(sorted: readonly number[], p: number): number {
  if (sorted.length === 0) return 0;
  const at = p * (sorted.length - 1);
  const low = Math.floor(at);
  const high = Math.min(sorted.length - 1, low + 1);
  return sorted[low] + (at - low) * (sorted[high] - sorted[low]);
}
