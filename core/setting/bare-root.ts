import { SETTLE_FRACTION } from "../mix/index";
import { type Vessel, volumeL, widthAtMm } from "../vessel/index";
import type { BareRoot } from "./schema";
import { UNION_CLEAR_MM, type Warning } from "./setting";

/** Roots drawn outward lie down a mound of about this slope; our judgement (L). */
const MOUND_SLOPE_DEG = 45;
/** A pot may be this many times as wide as the roots spread, not more: growers' rule (L). */
export const BARE_ROOT_MOST_WIDTH = 1.5;

export type BareRootWarning = "roots-too-long" | "pot-too-wide" | "roots-too-wide" | "union-buried";

export interface BareRootPlan {
  /** Height of the collar above the floor. */
  collarHeightMm: number;
  baseLayerMm: number;
  /** Cone of mix under the collar, its height and the litres in it. */
  moundMm: number;
  moundL: number;
  settledMixL: number;
  looseMixL: number;
  /** Between the tips of the spread roots and the wall at the fill line. */
  sideGapTopMm: number;
  warnings: (Omit<Warning, "code"> & { code: BareRootWarning })[];
}

/**
 * A tree without a ball: the collar at the finished level, the roots drawn down a cone of mix, the pot at most 1.5 times their spread.
 * @example bareRootPlan({ vessel: { shape: "cylinder", topWidthMm: 300, heightMm: 300 }, roots: { spreadMm: 240, rootLengthMm: 200 }, fillHeightMm: 270 }).moundMm // 141
 */
export function bareRootPlan(input: {
  vessel: Vessel;
  roots: BareRoot;
  fillHeightMm: number;
  crownMm?: number;
  bottomLayerMm?: number;
  settleFraction?: number;
}): BareRootPlan {
  const { vessel, roots, fillHeightMm, crownMm = 0, bottomLayerMm = 0, settleFraction = SETTLE_FRACTION } = input;
  const collarHeightMm = fillHeightMm + crownMm;
  const room = collarHeightMm - bottomLayerMm;
  const slope = (MOUND_SLOPE_DEG * Math.PI) / 180;
  const drop = roots.rootLengthMm * Math.sin(slope);
  const moundMm = Math.min(room, drop);
  const radius = Math.min(roots.spreadMm / 2, moundMm / Math.tan(slope));
  const settledMixL = Math.max(0, volumeL(vessel, fillHeightMm) - volumeL(vessel, bottomLayerMm));
  const width = widthAtMm(vessel, fillHeightMm);
  const warnings: BareRootPlan["warnings"] = [];
  if (drop > room) warnings.push({ code: "roots-too-long", byMm: (drop - room) / Math.sin(slope) });
  if (width > BARE_ROOT_MOST_WIDTH * roots.spreadMm)
    warnings.push({ code: "pot-too-wide", byMm: width - BARE_ROOT_MOST_WIDTH * roots.spreadMm });
  if (roots.spreadMm > width) warnings.push({ code: "roots-too-wide", byMm: (roots.spreadMm - width) / 2 });
  const union = roots.unionMm ?? null;
  if (union !== null && union + crownMm < UNION_CLEAR_MM)
    warnings.push({ code: "union-buried", byMm: UNION_CLEAR_MM - union - crownMm });
  return {
    collarHeightMm,
    baseLayerMm: Math.max(0, room - drop),
    moundMm,
    moundL: ((Math.PI / 3) * radius ** 2 * moundMm) / 1e6,
    settledMixL,
    looseMixL: settledMixL / (1 - settleFraction),
    sideGapTopMm: (width - roots.spreadMm) / 2,
    warnings,
  };
}
