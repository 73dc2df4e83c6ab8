import { z } from "zod";
import { coldNights, LEAST_NIGHTS, type NightPair } from "../climate/index";
import { clamp, mean, solve } from "../math/index";
import {
  airAtPlace,
  followOf,
  GROUND_ABOVE_C,
  type OutsideHours,
  type PlaceAir,
  SHELTERS,
  skyCooling,
  WALL_HOURS,
} from "./air";

/** What a logger's hours tell of a place's air; the rest stays as its type has it. */
export const learnedAirSchema = z.object({
  /** The type it was taken for: what was learned holds for no other. */
  as: z.enum(SHELTERS),
  tauH: z.number().min(0).max(500),
  hold: z.number().min(0).max(1),
  addedC: z.number().min(-30).max(40),
  gainC: z.number().min(0).max(10),
});
export type LearnedAir = z.infer<typeof learnedAirSchema>;

export interface AirFit {
  air: Omit<LearnedAir, "as">;
  /** Days' worth of hours it was learned from. */
  days: number;
  /** Typical miss of an hour, K. */
  residualC: number;
}

/** Fewest days a place's air is learned from. */
const LEAST_DAYS = 10;
/** Hours in which a place may follow, tried one by one. */
const TAUS_H = [0.5, 1, 1.5, 2, 3, 4, 6, 8, 11, 14, 18, 24, 30, 40, 60, 90, 130];
/** How far from its type a place usually lies, one sd (L): ln of hours, share, K, K per 100 W/m². */
const PRIOR_SD = { lnTau: 0.8, hold: 0.25, addedC: 3, gainC: 1, gainInDarkC: 0.2 } as const;
/** A day of hours errs together by so much, K (L). */
const DAY_ERROR_C = 1;
/** Hours so near to what a heater or a vent holds say nothing of walls, K. */
const HELD_C = 0.5;

/** Hours that tell of the walls: read, not held by heater or vent, and not in weeks warmer than what warms the place. */
function tellingHours(outside: OutsideHours, readC: Float64Array, type: PlaceAir): Uint8Array {
  const use = new Uint8Array(readC.length);
  let weeks = outside.airC[0];
  for (let i = 0; i < use.length; i++) {
    weeks += (outside.airC[i] - weeks) / WALL_HOURS;
    const held =
      (type.ventC !== null && readC[i] > type.ventC - HELD_C) ||
      (type.floorC !== null && readC[i] < type.floorC + HELD_C);
    const summer = type.anchorC !== "soil" && weeks > type.anchorC;
    use[i] = Number.isNaN(readC[i]) || held || summer ? 0 : 1;
  }
  return use;
}

/** The best fit with one lag, and what it costs in misses and in distance from the type. */
function fitWithLag(outside: OutsideHours, readC: Float64Array, use: Uint8Array, type: PlaceAir, tauH: number) {
  const follow = followOf(tauH);
  const roofed = { ...type, tauH };
  const gainSd = type.gainC > 0 && type.sun > 0 ? PRIOR_SD.gainC : PRIOR_SD.gainInDarkC;
  const prior = [
    { mean: type.hold, sd: PRIOR_SD.hold },
    { mean: 0, sd: PRIOR_SD.addedC },
    { mean: type.gainC, sd: gainSd },
  ];
  const weight = 1 / (24 * DAY_ERROR_C ** 2);
  const a = prior.map((p, i) => prior.map((_, j) => (i === j ? 1 / p.sd ** 2 : 0)));
  const b = prior.map((p) => p.mean / p.sd ** 2);
  let [out, anchor, sun, sky, yy, n] = [NaN, NaN, NaN, NaN, 0, 0];
  const step = (was: number, goal: number) => (Number.isNaN(was) ? goal : was + (goal - was) * follow);
  for (let i = 0; i < readC.length; i++) {
    out = step(out, outside.airC[i]);
    anchor = step(anchor, type.anchorC === "soil" ? outside.soilC[i] + GROUND_ABOVE_C : type.anchorC);
    sun = step(sun, outside.sunWm2[i] / 100);
    sky = step(sky, skyCooling(roofed, outside.skyLossWm2[i]));
    if (use[i] === 0) continue;
    const x = [anchor - out, 1, sun];
    const y = readC[i] - out + sky;
    n++;
    yy += weight * y * y;
    for (let j = 0; j < 3; j++) {
      b[j] += weight * x[j] * y;
      for (let k = 0; k < 3; k++) a[j][k] += weight * x[j] * x[k];
    }
  }
  let [hold, addedC, gainC] = solve(a, b);
  // Held within what is possible; the plain difference takes up the rest.
  hold = clamp(hold, 0, 0.98);
  gainC = Math.max(0, gainC);
  addedC = (b[1] - a[1][0] * hold - a[1][2] * gainC) / a[1][1];
  const v = [hold, addedC, gainC];
  let cost = yy + prior.reduce((s, p) => s + (p.mean / p.sd) ** 2, 0);
  for (let j = 0; j < 3; j++) {
    cost -= 2 * b[j] * v[j];
    for (let k = 0; k < 3; k++) cost += a[j][k] * v[j] * v[k];
  }
  const misses = cost - prior.reduce((s, p, j) => s + ((v[j] - p.mean) / p.sd) ** 2, 0);
  return {
    air: { tauH, hold, addedC, gainC },
    cost: cost + (Math.log(tauH / type.tauH) / PRIOR_SD.lnTau) ** 2,
    residualC: Math.sqrt(Math.max(0, misses) / weight / Math.max(1, n)),
  };
}

/**
 * Learns how outside cold, ground and sun reach a place from hours read there, starting from its type: least squares for each lag,
 * the readings weighed against how far places of a type lie apart. Cold nights have the last word: on average they are met.
 *
 * @param readC air of the place by the hours of `outside`, NaN where nobody read it
 * @returns null for the open air, and with fewer than ten days of hours that tell of the walls
 */
export function learnAir(outside: OutsideHours, readC: Float64Array, type: PlaceAir): AirFit | null {
  if (type.tauH === 0) return null;
  const use = tellingHours(outside, readC, type);
  const hours = use.reduce((n, u) => n + u, 0);
  if (hours < 24 * LEAST_DAYS) return null;
  const best = TAUS_H.map((tauH) => fitWithLag(outside, readC, use, type, tauH)).reduce((a, b) =>
    b.cost < a.cost ? b : a,
  );
  const pairs = coldPairs(outside, readC, { ...type, ...best.air });
  const missed = pairs.length >= LEAST_NIGHTS ? mean(pairs.map((p) => p.read - p.reckoned)) : 0;
  return {
    air: { ...best.air, addedC: best.air.addedC + missed },
    days: Math.round(hours / 24),
    residualC: best.residualC,
  };
}

/** Lowest of the cold nights as read and as reckoned. */
function coldPairs(outside: OutsideHours, readC: Float64Array, air: PlaceAir) {
  const reckonedC = airAtPlace(outside, air);
  const nights: (NightPair & { reckonedC: number })[] = [];
  for (let day = 0; 24 * (day + 1) <= readC.length; day++) {
    const span = <T extends Float64Array>(v: T) => Math.min(...v.subarray(24 * day, 24 * (day + 1)));
    const placeC = span(readC);
    if (!Number.isNaN(placeC)) nights.push({ day, siteC: span(outside.airC), placeC, reckonedC: span(reckonedC) });
  }
  const cold = new Set(coldNights(nights).map((p) => p.day));
  return nights.filter((p) => cold.has(p.day)).map((p) => ({ read: p.placeC, reckoned: p.reckonedC }));
}
