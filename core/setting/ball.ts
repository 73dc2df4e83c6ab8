import { lengthAtMm, type Vessel, widthAtMm } from "../vessel/index";
import type { Ball } from "./schema";

/** Size of a ball at a height above its base: width and length (the same unless it is long). */
export function ballAt(ball: Ball, heightMm: number): { widthMm: number; lengthMm: number } {
  const t = heightMm / ball.heightMm;
  const widthMm = ball.baseWidthMm + (ball.topWidthMm - ball.baseWidthMm) * t;
  if (ball.shape !== "rectangle") return { widthMm, lengthMm: widthMm };
  return { widthMm, lengthMm: ball.baseLengthMm! + (ball.topLengthMm! - ball.baseLengthMm!) * t };
}

function areaOf(ball: Ball, heightMm: number): number {
  const { widthMm, lengthMm } = ballAt(ball, heightMm);
  return ball.shape === "square" || ball.shape === "rectangle" ? widthMm * lengthMm : (Math.PI / 4) * widthMm ** 2;
}

/** Litres of the ball between two heights above its base: exact, since its section is quadratic in height. */
export function ballVolumeL(ball: Ball, from = 0, to = ball.heightMm): number {
  if (to <= from) return 0;
  return (((to - from) / 6) * (areaOf(ball, from) + 4 * areaOf(ball, (from + to) / 2) + areaOf(ball, to))) / 1e6;
}

/** The ball made smaller by so much on each side and at the base. */
export function shavedBall(ball: Ball, sideMm: number, baseMm: number): Ball {
  const less = (v: number) => Math.max(10, v - 2 * sideMm);
  return {
    ...ball,
    topWidthMm: less(ball.topWidthMm),
    baseWidthMm: less(ball.baseWidthMm),
    heightMm: Math.max(10, ball.heightMm - baseMm),
    ...(ball.shape === "rectangle"
      ? { topLengthMm: less(ball.topLengthMm!), baseLengthMm: less(ball.baseLengthMm!) }
      : {}),
  };
}

/** The ball with every measure multiplied: raked and washed balls shrink on all sides alike. */
export function scaledBall(ball: Ball, scale: number): Ball {
  return {
    ...ball,
    topWidthMm: ball.topWidthMm * scale,
    baseWidthMm: ball.baseWidthMm * scale,
    heightMm: ball.heightMm * scale,
    ...(ball.shape === "rectangle"
      ? { topLengthMm: ball.topLengthMm! * scale, baseLengthMm: ball.baseLengthMm! * scale }
      : {}),
  };
}

/** Clear space between ball and wall, mm: at the tightest place, and at the ends of a long pot. */
export interface Gaps {
  sideMm: number;
  endMm: number;
}

/** Room between this ball and the wall at one height. Corners of a square ball reach furthest in a round pot. */
export function gapsAt(vessel: Vessel, atMm: number, ball: Ball, ballHeightMm: number): Gaps {
  const [width, length] = [widthAtMm(vessel, atMm), lengthAtMm(vessel, atMm)];
  const { widthMm, lengthMm } = ballAt(ball, ballHeightMm);
  const angular = ball.shape === "square" || ball.shape === "rectangle";
  const roundPot = vessel.shape !== "square" && vessel.shape !== "rectangle";
  if (roundPot && angular) {
    const corner = (width - Math.hypot(widthMm, lengthMm)) / 2;
    return { sideMm: corner, endMm: corner };
  }
  // A long ball lies along a long pot.
  const [short, long] = widthMm <= lengthMm ? [widthMm, lengthMm] : [lengthMm, widthMm];
  const [narrow, wide] = width <= length ? [width, length] : [length, width];
  const [sideMm, endMm] = [(narrow - short) / 2, (wide - long) / 2];
  return { sideMm: Math.min(sideMm, endMm), endMm: Math.max(sideMm, endMm) };
}
