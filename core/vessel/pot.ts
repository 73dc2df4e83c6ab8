import { exactly, type Estimate, mapEstimate } from "../estimate/index";
import { MIX_SHARE_OF_BRIM, nominalEstimate, nominalVolume } from "./nominal";
import type { Pot, Vessel } from "./schema";
import { typicalRoundVessel, volumeL } from "./vessel";

/** Spread of "about n litres" (80 % band): our judgement. */
const ABOUT_SPREAD = 0.2;

/** Brim volume with its honest range. */
export function brimEstimate(pot: Pot): Estimate {
  switch (pot.known) {
    case "measured":
      return exactly(volumeL(pot.vessel), pot.vessel.measuredVolumeL === undefined ? "derived" : "measured");
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

/** Mix in place when nobody measured a fill line: the usual share of the brim. */
export function mixEstimate(pot: Pot): Estimate {
  const brim = brimEstimate(pot);
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
  return { vessel: typicalRoundVessel(brimEstimate(pot).p50, pot.wall), guessed: true };
}

export function wallOf(pot: Pot) {
  return pot.known === "measured" ? (pot.vessel.wall ?? "smooth-plastic") : pot.wall;
}
