/** Open area of the drain holes as a share of the base: least, and better. At least four holes. Our judgement (L). */
export const DRAIN_LEAST_SHARE = 0.005;
export const DRAIN_GOOD_SHARE = 0.01;
export const DRAIN_LEAST_HOLES = 4;

export interface DrainPlan {
  /** Open share of the base as it is. */
  share: number;
  /** Holes of this size that are wanted in all. */
  wanted: number;
  toDrill: number;
  /** Share once they are drilled. */
  shareAfter: number;
}

/**
 * How many holes a base still wants.
 * @example drainHoles({ baseAreaM2: 0.25, holeMm: 25, existing: 2 }).toDrill // 4
 */
export function drainHoles(input: {
  baseAreaM2: number;
  holeMm: number;
  existing: number;
  /** Width of the holes that are there, where it differs. */
  existingMm?: number;
  aimShare?: number;
}): DrainPlan {
  const { baseAreaM2, holeMm, existing, existingMm = holeMm, aimShare = DRAIN_GOOD_SHARE } = input;
  const areaOf = (mm: number) => (Math.PI / 4) * (mm / 1000) ** 2;
  const open = existing * areaOf(existingMm);
  const byArea = Math.max(0, Math.ceil((aimShare * baseAreaM2 - open) / areaOf(holeMm) - 1e-9));
  const toDrill = Math.max(byArea, DRAIN_LEAST_HOLES - existing, 0);
  return {
    share: open / baseAreaM2,
    wanted: existing + toDrill,
    toDrill,
    shareAfter: (open + toDrill * areaOf(holeMm)) / baseAreaM2,
  };
}
