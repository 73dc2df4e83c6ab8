import { SETTLE_FRACTION, type TextureJump } from "../mix/index";
import { narrowsUpwards, type Vessel, volumeL } from "../vessel/index";
import { ballVolumeL, gapsAt } from "./ball";
import type { Ball } from "./schema";

export type SettingWarning =
  | "ball-too-tall"
  | "gap-tight"
  | "gap-none"
  | "base-thin"
  | "narrow-mouth"
  | "union-buried"
  | "flare-low"
  | "off-centre"
  | "texture"
  | "rim-proud";

/** A warning with what would cure it, mm: how much to cut, to shave a side, to raise, to shift; `ratio` for textures. */
export interface Warning {
  code: SettingWarning;
  byMm?: number;
  ratio?: number;
}

/** Mix can be worked in by hand from this gap on; below the second one not at all. Growers' figures (L). */
export const WORKABLE_GAP_MM = 15;
export const LEAST_GAP_MM = 8;
/** Mix beneath a ball below which it sits on the floor (L). */
export const LEAST_BASE_MM = 10;
/** A graft union stays this far above the mix, and a topping this far from the stem (L). */
export const UNION_CLEAR_MM = 50;
/** A ball may lose this share of its height at the base without a deeper correction (L). */
export const MOST_TRIM_SHARE = 0.15;
/** A trunk this far off the axis of its ball is worth shifting for (L). */
const SHIFT_FROM_MM = 5;

export interface SettingInput {
  vessel: Vessel;
  /** From the flare line to the base, after the correction. */
  ball: Ball;
  fillHeightMm: number;
  crownMm?: number;
  bottomLayerMm?: number;
  settleFraction?: number;
  /** How far the stem stands off the axis of its ball. */
  offAxisMm?: number;
  /** Lean of the stem that is wanted, degrees from upright. */
  tiltDeg?: number;
  /** Depth of the flare below the surface the ball is set by: it stays buried by this much. */
  flareBelowMm?: number;
  /** Graft union above the surface the ball is set by; null where there is none. */
  unionMm?: number | null;
  texture?: TextureJump | null;
  /** A pot that is planted whole: how far its rim stands above the mix in it. */
  rimAboveMm?: number;
}

export interface SettingPlan {
  baseLayerMm: number;
  looseBaseLayerMm: number;
  trimMm: number;
  ballL: number;
  settledMixL: number;
  looseMixL: number;
  /** Gap to the wall at the fill line, at the tighter side. */
  sideGapTopMm: number;
  /** Gap at the ends of a long pot; the same as at the side in all others. */
  endGapTopMm: number;
  /** Smallest gap anywhere from the base of the ball to the fill line, once the stem stands on the axis of the pot. */
  smallestGapMm: number;
  /** How far the ball is moved off the axis so that the stem stands on it; towards the side the stem leans from. */
  shiftMm: number;
  /** Extra base under one side for the tilt. */
  tiltWedgeMm: number;
  warnings: Warning[];
}

/**
 * Where the ball stands so that its flare ends at the finished level (`crownMm` proud of it).
 * The loose base is higher than the settled one, so that the ball starts high and sinks to the line.
 * A ball taller than the room is trimmed at its base by the shortfall.
 * @example settingPlan({ vessel: { shape: "round", topWidthMm: 400, baseWidthMm: 300, heightMm: 360 }, ball: { topWidthMm: 250, baseWidthMm: 200, heightMm: 220 }, fillHeightMm: 320, crownMm: 10 }).baseLayerMm // 110
 */
export function settingPlan(input: SettingInput): SettingPlan {
  const { vessel, ball, fillHeightMm } = input;
  const crownMm = input.crownMm ?? 0;
  const bottomLayerMm = input.bottomLayerMm ?? 0;
  const settle = input.settleFraction ?? SETTLE_FRACTION;
  const room = fillHeightMm + crownMm - bottomLayerMm;
  const baseLayerMm = Math.max(0, room - ball.heightMm);
  const trimMm = Math.max(0, ball.heightMm - room);
  const belowLine = Math.max(0, Math.min(ball.heightMm, ball.heightMm - crownMm));
  const ballL = ballVolumeL(ball, Math.min(trimMm, belowLine), belowLine);
  const settledMixL = Math.max(0, volumeL(vessel, fillHeightMm) - volumeL(vessel, bottomLayerMm) - ballL);
  const gaps = gapsAt(vessel, fillHeightMm, ball, belowLine);
  const shiftMm = input.offAxisMm ?? 0;
  const tiltWedgeMm = ball.baseWidthMm * Math.tan(((input.tiltDeg ?? 0) * Math.PI) / 180);
  // A steep ball may clear the rim and still wedge lower down: its base counts as well.
  const standsAt = bottomLayerMm + baseLayerMm;
  const lowest = standsAt < fillHeightMm ? gapsAt(vessel, standsAt, ball, trimMm).sideMm : gaps.sideMm;
  const smallestGapMm = Math.min(gaps.sideMm, lowest) - Math.abs(shiftMm);
  const warnings = [
    ...fitWarnings(trimMm, smallestGapMm, baseLayerMm),
    ...placeWarnings(input, crownMm, shiftMm),
    ...(narrowsUpwards(vessel) ? [{ code: "narrow-mouth" as const }] : []),
  ];
  return {
    baseLayerMm,
    looseBaseLayerMm: baseLayerMm / (1 - settle),
    trimMm,
    ballL,
    settledMixL,
    looseMixL: settledMixL / (1 - settle),
    sideGapTopMm: gaps.sideMm,
    endGapTopMm: gaps.endMm,
    smallestGapMm,
    shiftMm: shiftMm === 0 ? 0 : -shiftMm,
    tiltWedgeMm,
    warnings,
  };
}

function fitWarnings(trimMm: number, gapMm: number, baseLayerMm: number): Warning[] {
  const warnings: Warning[] = [];
  if (trimMm > 0) warnings.push({ code: "ball-too-tall", byMm: trimMm });
  if (gapMm < LEAST_GAP_MM) warnings.push({ code: "gap-none", byMm: WORKABLE_GAP_MM - gapMm });
  else if (gapMm < WORKABLE_GAP_MM) warnings.push({ code: "gap-tight", byMm: WORKABLE_GAP_MM - gapMm });
  if (trimMm === 0 && baseLayerMm < LEAST_BASE_MM)
    warnings.push({ code: "base-thin", byMm: LEAST_BASE_MM - baseLayerMm });
  return warnings;
}

function placeWarnings(input: SettingInput, crownMm: number, shiftMm: number): Warning[] {
  const warnings: Warning[] = [];
  const union = input.unionMm ?? null;
  if (union !== null && union + crownMm < UNION_CLEAR_MM)
    warnings.push({ code: "union-buried", byMm: UNION_CLEAR_MM - union - crownMm });
  if ((input.flareBelowMm ?? 0) > 0) warnings.push({ code: "flare-low", byMm: input.flareBelowMm });
  if (Math.abs(shiftMm) >= SHIFT_FROM_MM) warnings.push({ code: "off-centre", byMm: Math.abs(shiftMm) });
  if (input.texture?.jump) warnings.push({ code: "texture", ratio: input.texture.ratio });
  if (input.rimAboveMm !== undefined && input.rimAboveMm + crownMm > -RIM_BELOW_MM)
    warnings.push({ code: "rim-proud", byMm: input.rimAboveMm + crownMm + RIM_BELOW_MM });
  return warnings;
}

/** The rim of a pot planted whole ends this far below the new surface, or it wicks the ball dry (L). */
export const RIM_BELOW_MM = 10;
