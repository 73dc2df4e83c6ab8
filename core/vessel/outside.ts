import type { Estimate } from "../estimate/index";
import { Z90 } from "../math/index";
import { outerWidthMm, type OutsidePot } from "./outside-schema";
import type { Vessel } from "./schema";
import { USUAL_WALL, type Wall, WALL } from "./walls";
import { lengthAtMm, volumeL, widthAtMm } from "./vessel";

/** Spread of a wall nobody measured (sd as a share), of one measured (mm). */
const WALL_SD_SHARE = 0.35;
const WALL_SD_MM = 1;
/** A tape held against a rolled rim over leaves: sd of a width, of a height, of a girth, mm. */
export const WIDTH_SD_MM = 5;
export const HEIGHT_SD_MM = 7;
const GIRTH_SD_MM = 10;
/** Foot against rim where nobody measured the foot. */
export const USUAL_TAPER = 0.8;
const TAPER_SD = 0.07;
/** The floor sits in the foot: a hollow under it, feet, a double bottom. */
const FLOOR_EXTRA_MM = 4;

/** Wall of a pot nobody measured, mm; thicker with the size of the pot. @example usualWallMm("terracotta", 300) // 12 */
export function usualWallMm(wall: Wall, widthMm: number): number {
  return WALL[wall].usualMm * Math.sqrt(Math.max(0.4, widthMm / 300));
}

/** Width of the foot outside its walls, the narrower way of a long pot: what a pot tips over. */
export function footWidthMm(vessel: Vessel): number {
  const inner = Math.min(widthAtMm(vessel, 0), lengthAtMm(vessel, 0));
  return inner + 2 * (vessel.wallMm ?? usualWallMm(vessel.wall ?? USUAL_WALL, inner));
}

interface Outer {
  widthMm: number;
  heightMm: number;
  taper: number;
  wallMm: number;
}

function innerVessel(p: OutsidePot, o: Outer): Vessel {
  const topWidthMm = Math.max(20, o.widthMm - 2 * o.wallMm);
  const baseWidthMm = Math.max(10, o.widthMm * o.taper - 2 * o.wallMm);
  const heightMm = Math.max(20, o.heightMm - o.wallMm - FLOOR_EXTRA_MM);
  return { shape: p.shape, topWidthMm, baseWidthMm, heightMm, wall: p.wall };
}

/**
 * Inner shape and brim volume of a pot measured from outside, with the range that tape, wall and taper leave: each is shifted by
 * one standard deviation and the effects on ln V are added as independent.
 * @example outsideVolume({known:"outside", shape:"round", wall:"smooth-plastic", outerWidthMm:300, outerHeightMm:270}).brim // { p10: 13.2, p50: 14.7, p90: 16.5, basis: "derived" }
 */
export function outsideVolume(p: OutsidePot): { vessel: Vessel; brim: Estimate } {
  const widthMm = outerWidthMm(p);
  const { straight } = WALL[p.wall];
  const at: Outer = {
    widthMm,
    heightMm: p.outerHeightMm,
    taper: p.outerBaseWidthMm !== undefined ? p.outerBaseWidthMm / widthMm : straight ? 1 : USUAL_TAPER,
    wallMm: Math.min(p.wallMm ?? usualWallMm(p.wall, widthMm), 0.3 * widthMm),
  };
  const vessel = innerVessel(p, at);
  const middle = volumeL(vessel);
  const girthSd = GIRTH_SD_MM / (p.shape === "round" ? Math.PI : 4);
  const shifts: Partial<Outer>[] = [
    { widthMm: at.widthMm + (p.girthMm === undefined ? WIDTH_SD_MM : girthSd) },
    { heightMm: at.heightMm + HEIGHT_SD_MM },
    {
      taper: at.taper + (p.outerBaseWidthMm !== undefined ? WIDTH_SD_MM / widthMm : straight ? TAPER_SD / 2 : TAPER_SD),
    },
    { wallMm: at.wallMm + (p.wallMm === undefined ? WALL_SD_SHARE * at.wallMm : WALL_SD_MM) },
  ];
  let variance = 0;
  for (const shift of shifts) variance += Math.log(volumeL(innerVessel(p, { ...at, ...shift })) / middle) ** 2;
  const spread = Math.exp(Z90 * Math.sqrt(variance));
  return { vessel, brim: { p10: middle / spread, p50: middle, p90: middle * spread, basis: "derived" } };
}

/** Height of a usual round pot as a share of its width at the rim: pots are sold between .85 and 1. */
const USUAL_HEIGHT_SHARE = 0.92;

/** Litres at the brim that a rim of this width suggests, where nobody measured the height: a guess, to be entered as "about". */
export function litresFromRim(shape: "round" | "square", outerWidthMm: number, wall: Wall): number {
  const outerHeightMm = outerWidthMm * USUAL_HEIGHT_SHARE;
  return Math.round(outsideVolume({ known: "outside", shape, wall, outerWidthMm, outerHeightMm }).brim.p50 * 10) / 10;
}
