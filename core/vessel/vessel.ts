import type { Vessel } from "./schema";
import { USUAL_WALL, type Wall } from "./walls";

/**
 * Geometry of containers by their inner dimensions: millimetres inside, litres at the door. Heights are measured from the inner
 * floor upwards. The schemas stand apart, so that pages which only draw do not carry the validator.
 */

/** Hoop stretch of a filled fabric cylinder: our judgement. */
export const FABRIC_STRETCH = 0.02;
const MM3_PER_L = 1e6;

/** Height from the inner floor to the brim, mm. A filled gusseted bag stands L − G/2 high. */
export function brimHeightMm(vessel: Vessel): number {
  return vessel.shape === "bag" ? vessel.lengthMm - vessel.gussetMm / 2 : vessel.heightMm;
}

/** Perimeter and area of the free-standing bag: flat at the floor, round from the height where the film has spread. */
function bagGeometry(bag: Extract<Vessel, { shape: "bag" }>) {
  const perimeter = 2 * (bag.flatWidthMm + bag.gussetMm);
  const brim = brimHeightMm(bag);
  return {
    floorArea: bag.flatWidthMm * bag.gussetMm,
    roundArea: perimeter ** 2 / (4 * Math.PI),
    shoulder: Math.min(brim, perimeter / (2 * Math.PI)),
  };
}

/** Horizontal inner section at a height, mm², before any rescaling by a measured volume. */
function rawArea(vessel: Vessel, heightMm: number): number {
  const t = heightMm / brimHeightMm(vessel);
  switch (vessel.shape) {
    case "round":
      return (Math.PI / 4) * (vessel.baseWidthMm + (vessel.topWidthMm - vessel.baseWidthMm) * t) ** 2;
    case "square": {
      const side = vessel.baseWidthMm + (vessel.topWidthMm - vessel.baseWidthMm) * t;
      const corner = ((vessel.cornerRadiusMm ?? 0) * side) / vessel.topWidthMm;
      return side ** 2 - (4 - Math.PI) * corner ** 2;
    }
    case "rectangle":
      return (
        (vessel.baseLengthMm + (vessel.topLengthMm - vessel.baseLengthMm) * t) *
        (vessel.baseWidthMm + (vessel.topWidthMm - vessel.baseWidthMm) * t)
      );
    case "cylinder":
      return (Math.PI / 4) * vessel.topWidthMm ** 2;
    case "fabric":
      return (Math.PI / 4) * (vessel.topWidthMm * (1 + (vessel.stretch ?? FABRIC_STRETCH))) ** 2;
    case "bag": {
      const { floorArea, roundArea, shoulder } = bagGeometry(vessel);
      return heightMm >= shoulder ? roundArea : floorArea + ((roundArea - floorArea) * heightMm) / shoulder;
    }
  }
}

/** Simpson's rule, exact for areas up to quadratic in height: every shape here, the bag piece by piece. */
function rawVolume(vessel: Vessel, heightMm: number): number {
  const piece = (from: number, to: number) =>
    ((to - from) / 6) * (rawArea(vessel, from) + 4 * rawArea(vessel, (from + to) / 2) + rawArea(vessel, to));
  if (vessel.shape !== "bag") return piece(0, heightMm);
  const { shoulder } = bagGeometry(vessel);
  return heightMm <= shoulder ? piece(0, heightMm) : piece(0, shoulder) + piece(shoulder, heightMm);
}

/** A volume measured by water or counted litres overrides geometry by scaling every section. */
function scaleOf(vessel: Vessel): number {
  if (vessel.measuredVolumeL === undefined) return 1;
  return (vessel.measuredVolumeL * MM3_PER_L) / rawVolume(vessel, brimHeightMm(vessel));
}

/** Inner horizontal area at a height, m². */
export function areaAtM2(vessel: Vessel, heightMm: number): number {
  return (rawArea(vessel, heightMm) * scaleOf(vessel)) / 1e6;
}

/** Litres below a height (the brim when none is given). Heights are clamped into the vessel. */
export function volumeL(vessel: Vessel, heightMm: number = brimHeightMm(vessel)): number {
  const within = Math.min(Math.max(heightMm, 0), brimHeightMm(vessel));
  return (rawVolume(vessel, within) * scaleOf(vessel)) / MM3_PER_L;
}

/** Height at which the vessel holds this many litres; the brim's height when it holds fewer. */
export function heightAtVolumeMm(vessel: Vessel, litres: number): number {
  const brim = brimHeightMm(vessel);
  const scale = scaleOf(vessel);
  const target = (litres * MM3_PER_L) / scale;
  if (target <= 0) return 0;
  if (target >= rawVolume(vessel, brim)) return brim;
  // Newton kept inside a shrinking bracket: the area is the derivative and is never zero above the floor.
  let [low, high] = [0, brim];
  let h = (brim * target) / rawVolume(vessel, brim);
  for (let i = 0; i < 60; i++) {
    const error = rawVolume(vessel, h) - target;
    if (Math.abs(error) < 1e-3) return h;
    if (error > 0) high = h;
    else low = h;
    const next = h - error / rawArea(vessel, h);
    h = next > low && next < high ? next : (low + high) / 2;
  }
  return h;
}

/**
 * Inner width at a height in the drawing plane, mm: diameter, side, or the shorter side of a rectangle;
 * a bag as the circle of equal perimeter.
 */
export function widthAtMm(vessel: Vessel, heightMm: number): number {
  const t = heightMm / brimHeightMm(vessel);
  switch (vessel.shape) {
    case "round":
    case "square":
    case "rectangle":
      return vessel.baseWidthMm + (vessel.topWidthMm - vessel.baseWidthMm) * t;
    case "cylinder":
      return vessel.topWidthMm;
    case "fabric":
      return vessel.topWidthMm * (1 + (vessel.stretch ?? FABRIC_STRETCH));
    case "bag":
      return (2 * (vessel.flatWidthMm + vessel.gussetMm)) / Math.PI;
  }
}

/** The longer side of a rectangle at a height; the width itself for every other shape. */
export function lengthAtMm(vessel: Vessel, heightMm: number): number {
  if (vessel.shape !== "rectangle") return widthAtMm(vessel, heightMm);
  return vessel.baseLengthMm + ((vessel.topLengthMm - vessel.baseLengthMm) * heightMm) / vessel.heightMm;
}

/** A pot narrower above than below never gives its ball back whole. */
export function narrowsUpwards(vessel: Vessel): boolean {
  return widthAtMm(vessel, brimHeightMm(vessel)) < widthAtMm(vessel, 0) - 1;
}

/** Share of the mix that one watering must find room for, from the mix in place (δ of the freeboard rule in docs/models.md). */
export interface FreeboardRule {
  /** Leaching fraction of a watering. */
  leaching: number;
  /** Share that soaks in while it is being poured: our judgement. */
  soaksIn: number;
}
export const FREEBOARD_RULE: FreeboardRule = { leaching: 0.1, soaksIn: 0.4 };

/** δ = (θ at container capacity − θ when watering is due)/(1 − leaching) · (1 − soaks in), litres per litre of mix. */
export function dosePerMixL(thetaCapacity: number, thetaTrigger: number, rule: FreeboardRule = FREEBOARD_RULE): number {
  return (Math.max(0, thetaCapacity - thetaTrigger) / (1 - rule.leaching)) * (1 - rule.soaksIn);
}

/** Least empty rim: 10 mm in pots to 3 L, 15 mm above. */
export function leastFreeboardMm(vessel: Vessel): number {
  return volumeL(vessel) <= 3 ? 10 : 15;
}

export interface Freeboard {
  freeboardMm: number;
  fillHeightMm: number;
  mixL: number;
}

/** One watering, litres for each litre of mix, while nothing is known of the mix: the usual tenth (M). */
export const USUAL_DOSE_PER_MIX_L = 0.1;

/**
 * Empty rim that holds one watering: V(fill) = V(H)/(1 + δ), or V(H) − D for a fixed dose; never less than `minMm`.
 * @example freeboard({shape:"round",topWidthMm:400,baseWidthMm:300,heightMm:360}, {dosePerMixL: .1}) // { freeboardMm: 25.7, fillHeightMm: 334.3, mixL: 31.7 }
 */
export function freeboard(vessel: Vessel, dose: { dosePerMixL: number } | { doseL: number }, minMm = 15): Freeboard {
  const brimL = volumeL(vessel);
  const wantedL = "doseL" in dose ? brimL - dose.doseL : brimL / (1 + dose.dosePerMixL);
  const brim = brimHeightMm(vessel);
  const fillHeightMm = Math.max(0, Math.min(heightAtVolumeMm(vessel, wantedL), brim - minMm));
  return { freeboardMm: brim - fillHeightMm, fillHeightMm, mixL: volumeL(vessel, fillHeightMm) };
}

/**
 * Round pot of typical proportions (height .92 of the top width, base .78) for a brim volume known only by name: a guess for drawing.
 * @example typicalRoundVessel(14.5) // { shape: "round", topWidthMm: 293.2, baseWidthMm: 228.7, heightMm: 269.74, wall: "smooth-plastic" }
 */
export function typicalRoundVessel(brimL: number, wall: Wall = USUAL_WALL): Vessel {
  const shapeAt = (d: number): Vessel => ({
    shape: "round",
    topWidthMm: d,
    baseWidthMm: 0.78 * d,
    heightMm: 0.92 * d,
    wall,
  });
  // Shapes alike grow with the cube of their width.
  const widthMm = ROUND_1M * Math.cbrt(brimL / volumeL(shapeAt(ROUND_1M)));
  return shapeAt(Math.round(widthMm * 10) / 10);
}
const ROUND_1M = 1000;
