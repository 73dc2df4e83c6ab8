import { type Mix, volumeLeft } from "../mix/index";
import { type CorrectionName, CORRECTIONS, retainedAfterShave, usualShaveDepthMm } from "../roots/index";
import type { Ball } from "../setting/index";
import { areaAtM2, freeboard, leastFreeboardMm, type Vessel } from "../vessel/index";

/** Fill line where nobody recorded one: room for a usual watering. */
export function usualFillHeightMm(vessel: Vessel): number {
  let height = usualFill.get(vessel);
  if (height === undefined)
    usualFill.set(vessel, (height = freeboard(vessel, { dosePerMixL: 0.1 }, leastFreeboardMm(vessel)).fillHeightMm));
  return height;
}
const usualFill = new WeakMap<Vessel, number>();

/** Diameter of the circle of equal area, mm: balls from square and long pots are planned as round ones. */
function equalWidthMm(vessel: Vessel, heightMm: number): number {
  return Math.sqrt((4 / Math.PI) * areaAtM2(vessel, heightMm) * 1e6);
}

/** The ball a pot gives back: mix from the bottom layer to the fill line, lower by what the mix has slumped. */
export function ballInPot(
  vessel: Vessel,
  fillHeightMm: number,
  bottomLayerMm: number,
  mix: Mix | null,
  ageYears: number,
): Ball {
  const left = mix ? volumeLeft(mix, ageYears) : 1;
  return {
    topWidthMm: equalWidthMm(vessel, fillHeightMm),
    baseWidthMm: equalWidthMm(vessel, bottomLayerMm),
    heightMm: Math.max(20, (fillHeightMm - bottomLayerMm) * left),
  };
}

/** The ball after a correction, and the share of roots it keeps when the depth decides it. */
export function correctBall(
  ball: Ball,
  correction: CorrectionName,
): { ball: Ball; retainedShare: number; depthMm: number | null } {
  if (correction === "shave") {
    const depthMm = usualShaveDepthMm(ball.topWidthMm);
    return {
      ball: {
        topWidthMm: ball.topWidthMm - 2 * depthMm,
        baseWidthMm: ball.baseWidthMm - 2 * depthMm,
        heightMm: ball.heightMm - depthMm,
      },
      retainedShare: retainedAfterShave(ball.topWidthMm, ball.heightMm, depthMm),
      depthMm,
    };
  }
  const retainedShare = CORRECTIONS[correction].retained;
  if (correction === "rake-and-thin" || correction === "prune-and-return" || correction === "wash-bare") {
    // A raked ball shrinks on all sides alike.
    const scale = Math.cbrt(retainedShare);
    return {
      ball: {
        topWidthMm: ball.topWidthMm * scale,
        baseWidthMm: ball.baseWidthMm * scale,
        heightMm: ball.heightMm * scale,
      },
      retainedShare,
      depthMm: null,
    };
  }
  return { ball, retainedShare, depthMm: null };
}
