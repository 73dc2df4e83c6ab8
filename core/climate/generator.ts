import { type DayNumber, dayFromParts, slotOf } from "../dates/index";
import { clamp } from "../math/index";
import { gammaSource, normalSource, subStream } from "../random/index";
import { type DailyRecord, dailyCurve, type Normals, radiationBySlot } from "./normals";
import { solarFromRangeMJ } from "./sun";

/**
 * Weather years after Richardson (1981) and Richardson & Wright (1984): residuals of (Tmax, Tmin, solar) follow
 * x_t = A x_(t−1) + B e_t with A = M1 M0⁻¹ and BBᵀ = M0 − M1 M0⁻¹ M1ᵀ. Published structure, matrices from memory (M).
 * A slow component (10 % of the variance, 30 days) is shared by Tmin and Tmax, or winters come out too alike (Katz & Parlange 1998).
 */
const M0 = [
  [1, 0.633, 0.186],
  [0.633, 1, -0.193],
  [0.186, -0.193, 1],
];
const M1 = [
  [0.621, 0.445, 0.087],
  [0.563, 0.674, -0.1],
  [0.015, -0.091, 0.251],
];
const SLOW_SHARE = 0.1;
const SLOW_DAYS = 30;
const WET_PERSISTENCE = 0.35;
const RAIN_SHAPE = 0.75;
/** Spread of the clearness index and what a wet day takes from it: our judgement. */
const CLEARNESS_SD = 0.13;
const WET_CLEARNESS = 0.16;
export const LEAST_RANGE_C = 0.5;

type Matrix = number[][];
const multiply = (a: Matrix, b: Matrix): Matrix =>
  a.map((row) => b[0].map((_, j) => row.reduce((s, v, k) => s + v * b[k][j], 0)));
const transpose = (a: Matrix): Matrix => a[0].map((_, j) => a.map((row) => row[j]));

function inverse3(m: Matrix): Matrix {
  const [[a, b, c], [d, e, f], [g, h, i]] = m;
  const det = a * (e * i - f * h) - b * (d * i - f * g) + c * (d * h - e * g);
  return [
    [(e * i - f * h) / det, (c * h - b * i) / det, (b * f - c * e) / det],
    [(f * g - d * i) / det, (a * i - c * g) / det, (c * d - a * f) / det],
    [(d * h - e * g) / det, (b * g - a * h) / det, (a * e - b * d) / det],
  ];
}

function cholesky3(m: Matrix): Matrix {
  const l = [
    [0, 0, 0],
    [0, 0, 0],
    [0, 0, 0],
  ];
  for (let i = 0; i < 3; i++) {
    for (let j = 0; j <= i; j++) {
      let sum = m[i][j];
      for (let k = 0; k < j; k++) sum -= l[i][k] * l[j][k];
      l[i][j] = i === j ? Math.sqrt(Math.max(0, sum)) : sum / l[j][j];
    }
  }
  return l;
}

const A = multiply(M1, inverse3(M0));
const lagged = multiply(multiply(M1, inverse3(M0)), transpose(M1));
const B = cholesky3(M0.map((row, i) => row.map((v, j) => v - lagged[i][j])));

/** Unit residuals of (Tmax, Tmin, clearness), day after day; they do not depend on the site. */
export function residualSource(seed: number): () => readonly [number, number, number] {
  const normal = normalSource(subStream(seed, "residuals"));
  const slowNormal = normalSource(subStream(seed, "slow"));
  const keep = Math.exp(-1 / SLOW_DAYS);
  let x = [normal(), normal(), normal()];
  let slow = slowNormal();
  return () => {
    const e = [normal(), normal(), normal()];
    x = A.map(
      (row, i) => row[0] * x[0] + row[1] * x[1] + row[2] * x[2] + B[i][0] * e[0] + B[i][1] * e[1] + B[i][2] * e[2],
    );
    slow = keep * slow + Math.sqrt(1 - keep * keep) * slowNormal();
    const mix = (v: number) => Math.sqrt(1 - SLOW_SHARE) * v + Math.sqrt(SLOW_SHARE) * slow;
    return [mix(x[0]), mix(x[1]), x[2]];
  };
}

/** The calendar year generated weather pretends to start in: any year with real leap days after it will do. */
export const GENERATED_FROM_YEAR = 2001;

/** A night and its afternoon keep their least distance about the same middle. */
export function heldApart(tminC: number, tmaxC: number): readonly [tminC: number, tmaxC: number] {
  if (tmaxC - tminC >= LEAST_RANGE_C) return [tminC, tmaxC];
  const middle = (tmaxC + tminC) / 2;
  return [middle - LEAST_RANGE_C / 2, middle + LEAST_RANGE_C / 2];
}

/** So many generated calendar years in a row, from 1 January 2001 on. Same seed, same weather. */
export function generateWeather(latitudeDeg: number, normals: Normals, years: number, seed: number): DailyRecord {
  const startDay: DayNumber = dayFromParts(GENERATED_FROM_YEAR, 1, 1)!;
  const days = dayFromParts(GENERATED_FROM_YEAR + years, 1, 1)! - startDay;
  const curve = {
    tmin: dailyCurve(normals.tminC),
    tmax: dailyCurve(normals.tmaxC),
    tminSd: dailyCurve(normals.tminSdC),
    tmaxSd: dailyCurve(normals.tmaxSdC),
    wet: dailyCurve(normals.wetShare),
    rain: dailyCurve(normals.rainMm.map((mm) => mm / 30.4)),
    wind: dailyCurve(normals.windMs),
  };
  const radiation = radiationBySlot(latitudeDeg);
  const residual = residualSource(seed);
  const wetDraw = subStream(seed, "wet");
  const amount = gammaSource(subStream(seed, "rain"), RAIN_SHAPE);
  const windDraw = subStream(seed, "wind");
  const out: DailyRecord = {
    startDay,
    tminC: new Float32Array(days),
    tmaxC: new Float32Array(days),
    solarMJ: new Float32Array(days),
    rainMm: new Float32Array(days),
    windMs: new Float32Array(days),
  };
  let wet = false;
  for (let i = 0; i < days; i++) {
    const slot = slotOf(startDay + i);
    const [zMax, zMin, zSun] = residual();
    let tmax = curve.tmax[slot] + Math.max(0.3, curve.tmaxSd[slot]) * zMax;
    let tmin = curve.tmin[slot] + Math.max(0.3, curve.tminSd[slot]) * zMin;
    [tmin, tmax] = heldApart(tmin, tmax);
    const p = clamp(curve.wet[slot], 0.01, 0.99);
    wet = wetDraw() < (wet ? p + WET_PERSISTENCE * (1 - p) : p * (1 - WET_PERSISTENCE));
    const usual =
      radiation[slot] > 0 ? solarFromRangeMJ(curve.tmin[slot], curve.tmax[slot], radiation[slot]) / radiation[slot] : 0;
    const clearness = clamp(usual + WET_CLEARNESS * (p - (wet ? 1 : 0)) + CLEARNESS_SD * zSun, 0.08, 0.75);
    out.tminC[i] = tmin;
    out.tmaxC[i] = tmax;
    out.solarMJ[i] = clearness * radiation[slot];
    out.rainMm[i] = wet ? (amount() * Math.max(0, curve.rain[slot])) / p / RAIN_SHAPE : 0;
    // Weibull with shape 2: mean = scale · Γ(1.5) = scale · .8862.
    out.windMs[i] = (Math.max(0.2, curve.wind[slot]) / 0.8862) * Math.sqrt(-Math.log(1 - windDraw()));
  }
  return out;
}
