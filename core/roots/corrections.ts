import { logistic, logit } from "../math/index";
import { clipFill, effectiveWarmth, growX } from "./grow";

/**
 * What may be done to a ball on its way: retained share of roots, share of circling removed, and the thermal lag (°C·d)
 * before growth resumes. Our own vocabulary and figures (L); a share the grower measured replaces the table's.
 */
export interface Correction {
  retained: number;
  circlingRemoved: number;
  lagDegreeDays: number;
  /** Worked whole while the shoots are soft. */
  intact: boolean;
  /** Done where the tree stands: it does not leave its pot. */
  inPlace?: boolean;
  /** Turning is at most this grade afterwards, whatever share of it went. */
  circlingMost?: number;
}

export const CORRECTIONS = {
  none: { retained: 1, circlingRemoved: 0, lagDegreeDays: 60, intact: true },
  loosen: { retained: 0.97, circlingRemoved: 0.15, lagDegreeDays: 100, intact: true },
  score: { retained: 0.93, circlingRemoved: 0.15, lagDegreeDays: 140, intact: false },
  "tease-and-clip": { retained: 0.9, circlingRemoved: 0.5, lagDegreeDays: 160, intact: false },
  shave: { retained: 0.7, circlingRemoved: 0.7, lagDegreeDays: 220, intact: false },
  "rake-and-thin": { retained: 0.7, circlingRemoved: 0.75, lagDegreeDays: 260, intact: false },
  "prune-and-return": { retained: 0.7, circlingRemoved: 0.75, lagDegreeDays: 260, intact: false },
  "wash-bare": { retained: 0.55, circlingRemoved: 0.95, lagDegreeDays: 400, intact: false },
  split: { retained: 0.8, circlingRemoved: 0.75, lagDegreeDays: 260, intact: false },
  "replace-top": { retained: 0.97, circlingRemoved: 0, lagDegreeDays: 60, intact: true, inPlace: true },
  "remove-girdler": {
    retained: 0.95,
    circlingRemoved: 0,
    lagDegreeDays: 60,
    intact: true,
    inPlace: true,
    circlingMost: 2,
  },
  "core-in-place": { retained: 0.9, circlingRemoved: 0, lagDegreeDays: 80, intact: false, inPlace: true },
  "slice-in-place": { retained: 0.85, circlingRemoved: 0.25, lagDegreeDays: 140, intact: false, inPlace: true },
  "trim-outside": { retained: 0.97, circlingRemoved: 0, lagDegreeDays: 60, intact: true, inPlace: true },
} satisfies Record<string, Correction>;
/** From this share of roots lost on, the kind's own season for root work counts, and autumn is for robust kinds only. */
export const MUCH_ROOT_LOSS = 0.1;
export type CorrectionName = keyof typeof CORRECTIONS;
export const CORRECTION_NAMES = Object.keys(CORRECTIONS) as [CorrectionName, ...CorrectionName[]];
const worksInPlace = (name: CorrectionName) => (CORRECTIONS[name] as Correction).inPlace === true;
/** Work on a ball that is out of its pot, and work on a tree that stays in it. */
export const BALL_CORRECTIONS = CORRECTION_NAMES.filter((name) => !worksInPlace(name));
export const IN_PLACE_CORRECTIONS = CORRECTION_NAMES.filter(worksInPlace) as [CorrectionName, ...CorrectionName[]];
/** What a potting may have done to the ball: a renewed top counts as one, too. */
export const POTTED_CORRECTIONS: readonly CorrectionName[] = [...BALL_CORRECTIONS, "replace-top"];

/**
 * Grade of turning after a work on it.
 * @example circlingAfter(3, "shave") // 0.9
 */
export function circlingAfter(
  circling: number,
  correction: CorrectionName,
  removed: number = CORRECTIONS[correction].circlingRemoved,
): number {
  const { circlingMost } = CORRECTIONS[correction] as Correction;
  return Math.min((1 - removed) * circling, circlingMost ?? Infinity);
}

/** Roots are denser in the shell of a ball than in its core. */
export const SHELL_DENSITY = 1.3;

/**
 * Usual shaving depth: 5 % of the ball's width a side, 8–30 mm.
 * @example usualShaveDepthMm(240) // 12
 */
export function usualShaveDepthMm(ballWidthMm: number): number {
  return Math.min(30, Math.max(8, 0.05 * ballWidthMm));
}

/**
 * Share of roots kept when sides and base are shaved: 1 − 1.3 × the share of volume cut.
 * @example retainedAfterShave(240, 220, 20) // 0.52071
 */
export function retainedAfterShave(ballWidthMm: number, ballHeightMm: number, depthMm: number): number {
  const cut = 1 - (1 - (2 * depthMm) / ballWidthMm) ** 2 * (1 - depthMm / ballHeightMm);
  return Math.max(0.05, 1 - SHELL_DENSITY * cut);
}

/**
 * Share of roots that goes with so much off each side, top and base left alone: 1.3 × the share of volume.
 * @example sideLoss(300, 15) // 0.247
 */
export function sideLoss(ballWidthMm: number, sideMm: number): number {
  return SHELL_DENSITY * (1 - (1 - (2 * sideMm) / ballWidthMm) ** 2);
}

export interface RootMove {
  fill: number;
  circling: number;
  lagDegreeDays: number;
}

/**
 * State right after a move: the kept roots in the new volume. Volumes are mix in place.
 * @example moveRoots(.9, 1, 4, 32, "loosen") // { fill: .109, circling: .85, lagDegreeDays: 100 }
 */
export function moveRoots(
  fill: number,
  circling: number,
  fromL: number,
  toL: number,
  correction: CorrectionName,
  retainedShare?: number,
): RootMove {
  const { retained, lagDegreeDays } = CORRECTIONS[correction];
  return {
    fill: Math.min(0.995, ((retainedShare ?? retained) * fill * fromL) / toL),
    circling: circlingAfter(circling, correction),
    lagDegreeDays,
  };
}

/**
 * Fill so much root warmth (°C·d) after a move into a volume of mix: what is kept, in the new volume, grown on after its lag.
 * @param from fill, circling and mix in place (L) before the move
 */
export function fillAfterMove(
  from: { fill: number; circling: number; volumeL: number },
  toL: number,
  correction: CorrectionName,
  kPerDegreeDay: number,
  degreeDays: number,
): number {
  const moved = moveRoots(from.fill, from.circling, from.volumeL, toL, correction);
  return logistic(growX(logit(clipFill(moved.fill)), kPerDegreeDay, effectiveWarmth(degreeDays, moved.lagDegreeDays)));
}
