import { type Mix, volumeLeft } from "../mix/index";
import { type CorrectionName, CORRECTIONS, retainedAfterShave, usualShaveDepthMm } from "../roots/index";
import { type Ball, scaledBall, shavedBall } from "../setting/index";
import { areaAtM2, freeboard, leastFreeboardMm, lengthAtMm, type Vessel, widthAtMm } from "../vessel/index";

/** Fill line where nobody recorded one: room for a usual watering. */
export function usualFillHeightMm(vessel: Vessel): number {
  let height = usualFill.get(vessel);
  if (height === undefined)
    usualFill.set(vessel, (height = freeboard(vessel, { dosePerMixL: 0.1 }, leastFreeboardMm(vessel)).fillHeightMm));
  return height;
}
const usualFill = new WeakMap<Vessel, number>();

/** The ball a pot gives back: mix from the bottom layer to the fill line, lower by what the mix has slumped; angular out of angular pots. */
export function ballInPot(
  vessel: Vessel,
  fillHeightMm: number,
  bottomLayerMm: number,
  mix: Mix | null,
  ageYears: number,
): Ball {
  const left = mix ? volumeLeft(mix, ageYears) : 1;
  const heightMm = Math.max(20, (fillHeightMm - bottomLayerMm) * left);
  const widths = {
    topWidthMm: widthAtMm(vessel, fillHeightMm),
    baseWidthMm: widthAtMm(vessel, bottomLayerMm),
    heightMm,
  };
  if (vessel.shape === "square") return { shape: "square", ...widths };
  if (vessel.shape === "rectangle")
    return {
      shape: "rectangle",
      ...widths,
      topLengthMm: lengthAtMm(vessel, fillHeightMm),
      baseLengthMm: lengthAtMm(vessel, bottomLayerMm),
    };
  // A bag's section changes from a strip to a circle: the circle of equal area is what its ball comes to.
  const round = (atMm: number) => Math.sqrt((4 / Math.PI) * areaAtM2(vessel, atMm) * 1e6);
  return { topWidthMm: round(fillHeightMm), baseWidthMm: round(bottomLayerMm), heightMm };
}

/** The ball after a correction, and the share of roots it keeps when the depth decides it. */
export function correctBall(
  ball: Ball,
  correction: CorrectionName,
): { ball: Ball; retainedShare: number; depthMm: number | null } {
  if (correction === "shave") {
    const depthMm = usualShaveDepthMm(ball.topWidthMm);
    return {
      ball: shavedBall(ball, depthMm, depthMm),
      retainedShare: retainedAfterShave(ball.topWidthMm, ball.heightMm, depthMm),
      depthMm,
    };
  }
  const retainedShare = CORRECTIONS[correction].retained;
  if (correction === "rake-and-thin" || correction === "prune-and-return" || correction === "wash-bare") {
    // A raked ball shrinks on all sides alike.
    return { ball: scaledBall(ball, Math.cbrt(retainedShare)), retainedShare, depthMm: null };
  }
  return { ball, retainedShare, depthMm: null };
}
