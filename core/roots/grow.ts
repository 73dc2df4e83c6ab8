import { logistic, logit, softplus } from "../math/index";

/**
 * Roots filling a pot: fill f = litres explored / litres of mix, growing logistically in thermal time, so x = logit f rises in
 * a straight line. Circling C (0–4) gathers once f passes .75. Both in closed form: no stepping.
 */
export const FILL_LEAST = 0.005;
export const FILL_MOST = 0.995;
/** x is held here: f reaching 1.0 would break the logit. */
const X_MOST = 8;
export const CIRCLING_FROM = 0.75;
const X_CIRCLING = logit(CIRCLING_FROM);
/** Circling gathers no faster than in a vigorous tree: fast growers outrun their own turning. */
const CIRCLING_K_MOST = 0.0014;
export const CIRCLING_PACE = 1.2;
export const CIRCLING_MOST = 4;

/** A tree is due at this fill, or at this grade of circling. */
export const DUE_FILL = 0.85;
export const DUE_CIRCLING = 2;

/** @example clipFill(1.2) // 0.995 */
export function clipFill(fill: number): number {
  return Math.min(FILL_MOST, Math.max(FILL_LEAST, fill));
}

/**
 * Thermal time that counts after a disturbance: τ − λ(1 − e^(−τ/λ)).
 * @example effectiveWarmth(300, 100) // 204.98
 */
export function effectiveWarmth(degreeDays: number, lagDegreeDays: number): number {
  if (lagDegreeDays <= 0) return degreeDays;
  return degreeDays - lagDegreeDays * (1 - Math.exp(-degreeDays / lagDegreeDays));
}

/**
 * Inverse of `effectiveWarmth` by Newton: how much warmth must pass until so much has counted.
 * @example warmthForEffective(205, 100) // 300.02
 */
export function warmthForEffective(effective: number, lagDegreeDays: number): number {
  if (effective <= 0) return 0;
  if (lagDegreeDays <= 0) return effective;
  let tau = effective + lagDegreeDays;
  for (let i = 0; i < 40; i++) {
    const slope = Math.max(1e-6, 1 - Math.exp(-tau / lagDegreeDays));
    const step = (effectiveWarmth(tau, lagDegreeDays) - effective) / slope;
    tau = Math.max(1e-9, tau - step);
    if (Math.abs(step) < 1e-6) break;
  }
  return tau;
}

/** k·∫(f − .75)₊/.25 dτ along x from x0 to x1. */
function turning(x0: number, x1: number): number {
  const from = Math.max(x0, X_CIRCLING);
  if (x1 <= from) return 0;
  return (softplus(x1) - softplus(from) - CIRCLING_FROM * (x1 - from)) / (1 - CIRCLING_FROM);
}

function pace(kPerDegreeDay: number, wallFactor: number): number {
  return (wallFactor * CIRCLING_PACE * Math.min(1, CIRCLING_K_MOST / kPerDegreeDay)) / CIRCLING_MOST;
}

/**
 * x after `effective` degree-days.
 * @example growX(0, 0.002, 500) // 1
 */
export function growX(x0: number, kPerDegreeDay: number, effective: number): number {
  return Math.min(X_MOST, x0 + kPerDegreeDay * effective);
}

/**
 * Circling after x has risen from x0 to x1.
 * @example growCircling(1, 2, 3, 0.002, 1) // 1.4028
 */
export function growCircling(
  circling: number,
  x0: number,
  x1: number,
  kPerDegreeDay: number,
  wallFactor: number,
): number {
  return CIRCLING_MOST - (CIRCLING_MOST - circling) * Math.exp(-pace(kPerDegreeDay, wallFactor) * turning(x0, x1));
}

/** Pace of turning of a tree in a wall, for `turningBySoftplus`: worked out once where many seasons are played. */
export const turningPace = pace;

const AT_START = softplus(X_CIRCLING) - CIRCLING_FROM * X_CIRCLING;
/** Logit fill from which roots turn. */
export const TURNING_FROM_X = X_CIRCLING;

/** `growCircling` where the softplus of both ends is known already; only for an x1 from which roots turn. */
export function turningBySoftplus(
  circling: number,
  x0: number,
  softplus0: number,
  x1: number,
  softplus1: number,
  pacePer: number,
): number {
  const from = x0 > X_CIRCLING ? softplus0 - CIRCLING_FROM * x0 : AT_START;
  const turned = (softplus1 - CIRCLING_FROM * x1 - from) / (1 - CIRCLING_FROM);
  return CIRCLING_MOST - (CIRCLING_MOST - circling) * Math.exp(-pacePer * turned);
}

/** Turning that must still gather for circling to reach `target`. */
function turningUntil(circling: number, target: number, kPerDegreeDay: number, wallFactor: number): number {
  return Math.log((CIRCLING_MOST - circling) / (CIRCLING_MOST - target)) / pace(kPerDegreeDay, wallFactor);
}

/** The x at which circling reaches `target`; never less than x0. */
export function xAtCircling(
  circling: number,
  x0: number,
  target: number,
  kPerDegreeDay: number,
  wallFactor: number,
): number {
  if (circling >= target) return x0;
  const need = turningUntil(circling, target, kPerDegreeDay, wallFactor);
  // turning() rises with a slope towards 1; Newton from a point well above starts on its convex side and cannot overshoot.
  const from = Math.max(x0, X_CIRCLING);
  let x = from + need + 2;
  for (let i = 0; i < 30; i++) {
    const slope = Math.max(1e-4, (logistic(x) - CIRCLING_FROM) / (1 - CIRCLING_FROM));
    const step = (turning(x0, x) - need) / slope;
    x = Math.max(from + 1e-9, x - step);
    if (Math.abs(step) < 1e-5) break;
  }
  return x;
}

const X_DUE = logit(DUE_FILL);

/**
 * The x at which a tree is due, by fill or by circling, whichever comes first.
 * @example xAtDue(0, 0, 0.002, 1) // { x: 1.7346, byCircling: false }
 */
export function xAtDue(
  circling: number,
  x0: number,
  kPerDegreeDay: number,
  wallFactor: number,
  dueCircling: number = DUE_CIRCLING,
  dueX: number = X_DUE,
): { x: number; byCircling: boolean } {
  if (circling >= dueCircling) return { x: x0, byCircling: true };
  if (x0 >= dueX) return { x: x0, byCircling: false };
  // Most trees fill before they turn: then there is no equation to solve.
  if (turning(x0, dueX) < turningUntil(circling, dueCircling, kPerDegreeDay, wallFactor))
    return { x: dueX, byCircling: false };
  return { x: xAtCircling(circling, x0, dueCircling, kPerDegreeDay, wallFactor), byCircling: true };
}

export interface RootState {
  fill: number;
  circling: number;
}

/** One undisturbed stretch of warmth. @example growRoots({fill:.35,circling:0}, .00075, 1600, 0, 1).fill // .641 */
export function growRoots(
  state: RootState,
  kPerDegreeDay: number,
  degreeDays: number,
  lagDegreeDays: number,
  wallFactor: number,
): RootState {
  const x0 = logit(clipFill(state.fill));
  const x1 = growX(x0, kPerDegreeDay, effectiveWarmth(degreeDays, lagDegreeDays));
  return { fill: logistic(x1), circling: growCircling(state.circling, x0, x1, kPerDegreeDay, wallFactor) };
}

export const FILL_STAGES = ["settling-in", "reaching-out", "knit", "rooted-out", "bound"] as const;
export type FillStage = (typeof FILL_STAGES)[number];
/** Boundaries of the stages, which are the boundaries of the fill grades 0–4. */
export const STAGE_FILLS = [0.25, 0.5, 0.8, 0.95] as const;

/** Root-bound: the last stage, or turning as bad. */
export const BOUND_FILL = STAGE_FILLS[3];
export const BOUND_CIRCLING = 3;

/** @example fillStage(0.9) // "rooted-out" */
export function fillStage(fill: number): FillStage {
  return FILL_STAGES[STAGE_FILLS.filter((boundary) => fill >= boundary).length];
}

/** Surface of mix seen by the air, m² per L^⅔: a pot about as wide as tall. */
const SURFACE_M2 = 0.00866;

/**
 * Days until a pot has dried in the cool season are store/(surface + roots·fill): the three for a volume of mix, L.
 * @example dryingOf(8) // [1.2, 0.013856, 0.192]
 */
export function dryingOf(volumeL: number): readonly [store: number, surface: number, roots: number] {
  const evaporationMm = 0.8;
  return [0.15 * volumeL, evaporationMm * 0.5 * SURFACE_M2 * volumeL ** (2 / 3), evaporationMm * 0.03 * volumeL];
}

export interface Oversize {
  dryingDays: number;
  /** Rot risk index, 0–1: not a probability. */
  index: number;
}

/** How long an unrooted store of mix stays wet in the cool season, and the risk index that follows from it. */
export function oversize(fill: number, volumeL: number, airFraction = 0.2, coolWet = 1): Oversize {
  const [store, surface, roots] = dryingOf(volumeL);
  const dryingDays = store / (surface + roots * fill);
  const airShort = Math.min(1, Math.max(0, (0.35 - airFraction) / 0.25));
  return { dryingDays, index: (1 - fill) * (1 - Math.exp(-Math.max(0, dryingDays - 7) / 10)) * airShort * coolWet };
}
