import { USUAL_WALL } from "./walls";
import { exactly, type Estimate, logSd, mapEstimate, weaker } from "../estimate/index";
import { Z90 } from "../math/index";
import { MIX_SHARE_OF_BRIM, nominalEstimate, nominalVolume } from "./nominal";
import type { Pot, Vessel } from "./schema";
import { outsideVolume } from "./outside";
import { brimHeightMm, typicalRoundVessel, volumeL } from "./vessel";

/** Spread of "about n litres" (80 % band): our judgement. */
export const ABOUT_SPREAD = 0.2;

/** Brim volume with its honest range. */
export function brimEstimate(pot: Pot): Estimate {
  switch (pot.known) {
    case "measured":
      return exactly(volumeL(pot.vessel), pot.vessel.measuredVolumeL === undefined ? "derived" : "measured");
    case "outside":
      return outsideVolume(pot).brim;
    case "nominal":
      return nominalEstimate(nominalVolume(pot.system, pot.size)!);
    case "about":
      return {
        p10: pot.litres * (1 - ABOUT_SPREAD),
        p50: pot.litres,
        p90: pot.litres * (1 + ABOUT_SPREAD),
        basis: "guess",
      };
  }
}

/** How exactly a finger finds the level of the mix under its topping: sd, mm. */
export const DEPTH_SD_MM = 7;

/**
 * Mix in place, litres. Without a depth from the rim to the mix: the usual share of the brim. With one: the geometry at that level,
 * less sure where the shape itself is a guess.
 */
export function mixEstimate(pot: Pot, depthToMixMm: number | null = null): Estimate {
  const brim = brimEstimate(pot);
  if (depthToMixMm !== null) {
    const { vessel } = vesselOf(pot);
    const height = brimHeightMm(vessel);
    const share = (depth: number) => volumeL(vessel, Math.max(0.1 * height, height - depth)) / volumeL(vessel);
    const middle = share(depthToMixMm);
    const depthSd = Math.log(middle / share(depthToMixMm + DEPTH_SD_MM));
    const spread = Math.exp(Z90 * Math.hypot(depthSd, logSd(brim)));
    const p50 = brim.p50 * middle;
    return { p10: p50 / spread, p50, p90: p50 * spread, basis: weaker(brim.basis, "derived") };
  }
  return {
    p10: brim.p10 * MIX_SHARE_OF_BRIM.low,
    p50: brim.p50 * MIX_SHARE_OF_BRIM.typical,
    p90: brim.p90 * MIX_SHARE_OF_BRIM.high,
    basis: mapEstimate(brim, (x) => x, "typical").basis,
  };
}

/** A shape to draw and to plan with: the measured one, or a round pot of usual proportions (`guess`). */
export function vesselOf(pot: Pot): { vessel: Vessel; guessed: boolean } {
  if (pot.known === "measured") return { vessel: pot.vessel, guessed: false };
  if (pot.known === "outside") return { vessel: outsideVolume(pot).vessel, guessed: false };
  return { vessel: typicalRoundVessel(brimEstimate(pot).p50, pot.wall), guessed: true };
}

export function wallOf(pot: Pot) {
  return pot.known === "measured" ? (pot.vessel.wall ?? USUAL_WALL) : pot.wall;
}

/** A vessel of the same proportions with so many times the volume. */
function scaledVessel(vessel: Vessel, volumeFactor: number): Vessel {
  const s = Math.cbrt(volumeFactor);
  const inner = [
    "topWidthMm",
    "baseWidthMm",
    "heightMm",
    "topLengthMm",
    "baseLengthMm",
    "cornerRadiusMm",
    "flatWidthMm",
    "gussetMm",
    "lengthMm",
  ];
  return Object.fromEntries(
    Object.entries(vessel).map(([field, value]) => [field, inner.includes(field) ? (value as number) * s : value]),
  ) as Vessel;
}

/** The pot at one end of what is known of its size: its shape scaled to that volume. A measured pot is what it is. */
export function potAtEnd(pot: Pot, end: "p10" | "p90"): Pot {
  const brim = brimEstimate(pot);
  if (pot.known === "measured" || !(brim.p50 > 0)) return pot;
  return { known: "measured", vessel: scaledVessel(vesselOf(pot).vessel, brim[end] / brim.p50) };
}
