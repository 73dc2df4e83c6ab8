import { SETTLE_FRACTION } from "../mix/index";
import { brimHeightMm, type Vessel, volumeL, widthAtMm } from "../vessel/index";
import type { Ball } from "./schema";

export type SettingWarning = "ball-too-tall" | "gap-tight" | "gap-none" | "base-thin" | "narrow-mouth";

export interface SettingPlan {
  baseLayerMm: number;
  looseBaseLayerMm: number;
  trimMm: number;
  ballL: number;
  settledMixL: number;
  looseMixL: number;
  sideGapTopMm: number;
  warnings: { code: SettingWarning }[];
}

function ballVolumeL(ball: Ball, widthTop: number, widthBase: number, heightMm: number): number {
  return ((Math.PI / 12) * heightMm * (widthTop ** 2 + widthTop * widthBase + widthBase ** 2)) / 1e6;
}

/**
 * Where the ball stands so that its flare ends at the finished level (`crownMm` proud of it).
 * The loose base is higher than the settled one, so that the ball starts high and sinks to the line.
 * A ball taller than the room is trimmed at its base by the shortfall.
 */
export function settingPlan(input: {
  vessel: Vessel;
  ball: Ball;
  fillHeightMm: number;
  crownMm?: number;
  bottomLayerMm?: number;
  settleFraction?: number;
}): SettingPlan {
  const { vessel, ball, fillHeightMm } = input;
  const crownMm = input.crownMm ?? 0;
  const bottomLayerMm = input.bottomLayerMm ?? 0;
  const settle = input.settleFraction ?? SETTLE_FRACTION;

  const room = fillHeightMm + crownMm - bottomLayerMm;
  const baseLayerMm = Math.max(0, room - ball.heightMm);
  const trimMm = Math.max(0, ball.heightMm - room);

  const widthUp = (mm: number) => ball.baseWidthMm + ((ball.topWidthMm - ball.baseWidthMm) * mm) / ball.heightMm;
  const belowLine = Math.max(0, Math.min(ball.heightMm, ball.heightMm - crownMm));
  const ballL = Math.max(
    0,
    ballVolumeL(
      ball,
      widthUp(belowLine),
      widthUp(Math.min(trimMm, belowLine)),
      belowLine - Math.min(trimMm, belowLine),
    ),
  );
  const settledMixL = Math.max(0, volumeL(vessel, fillHeightMm) - volumeL(vessel, bottomLayerMm) - ballL);
  const sideGapTopMm = (widthAtMm(vessel, fillHeightMm) - widthUp(belowLine)) / 2;

  const warnings: { code: SettingWarning }[] = [];
  if (trimMm > 0) warnings.push({ code: "ball-too-tall" });
  if (sideGapTopMm < 8) warnings.push({ code: "gap-none" });
  else if (sideGapTopMm < 15) warnings.push({ code: "gap-tight" });
  if (trimMm === 0 && baseLayerMm < 10) warnings.push({ code: "base-thin" });
  if (widthAtMm(vessel, brimHeightMm(vessel)) < widthAtMm(vessel, 0) - 1) warnings.push({ code: "narrow-mouth" });

  return {
    baseLayerMm,
    looseBaseLayerMm: baseLayerMm / (1 - settle),
    trimMm,
    ballL,
    settledMixL,
    looseMixL: settledMixL / (1 - settle),
    sideGapTopMm,
    warnings,
  };
}
