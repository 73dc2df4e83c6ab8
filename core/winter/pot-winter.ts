import { hourlyTemperatures } from "../climate/index";
import type { DayNumber } from "../dates/index";
import { quantileOf } from "../math/index";
import { type PotHour, type PotInWinter, potTemperature } from "./pot-temperature";
import { hardenedByDay, rootKill, type RootLimits } from "./root-kill";

/** One possible course of a winter: daily extremes where the pot stands. */
export interface WinterCourse {
  startDay: DayNumber;
  tminC: ArrayLike<number>;
  tmaxC: ArrayLike<number>;
}

/** Wind by day and by night where nobody measures it, m/s (L). */
const WIND_MS = { day: 2.5, night: 1.5 } as const;
/** A clear sky's loss at night, W/m², and the share of it that is left under cloud, by the day's range of temperature, K (L). */
const SKY_LOSS_WM2 = 70;
const skyShare = (rangeC: number) => (rangeC < 5 ? 0.15 : rangeC < 9 ? 0.55 : 1);
/** Soil follows the means of ten and of ninety days. */
const SOIL = { quick: 0.6, quickDays: 10, slowDays: 90 } as const;
const NIGHT_UNTIL = 7;
const NIGHT_FROM = 18;

/** Hours of weather round a pot from daily extremes. No sun: a cautious winter. */
export function potHours(latitudeDeg: number, { startDay, tminC, tmaxC }: WinterCourse): PotHour[] {
  const air = hourlyTemperatures(latitudeDeg, startDay, tminC, tmaxC);
  const hours: PotHour[] = [];
  let quick = (tminC[0] + tmaxC[0]) / 2;
  let slow = quick;
  for (let d = 0; d < tminC.length; d++) {
    const mean = (tminC[d] + tmaxC[d]) / 2;
    quick += (mean - quick) / SOIL.quickDays;
    slow += (mean - slow) / SOIL.slowDays;
    const soilC = SOIL.quick * quick + (1 - SOIL.quick) * slow;
    const loss = SKY_LOSS_WM2 * skyShare(tmaxC[d] - tminC[d]);
    for (let h = 0; h < 24; h++) {
      const night = h < NIGHT_UNTIL || h >= NIGHT_FROM;
      hours.push({
        airC: air[24 * d + h],
        windMs: night ? WIND_MS.night : WIND_MS.day,
        soilC,
        skyLossWm2: night ? loss : 0,
      });
    }
  }
  return hours;
}

/** A pot through one course: the coldest of each day, and what it costs the roots. */
export interface PotWinter {
  shellMinC: Float32Array;
  coreMinC: Float32Array;
  /** Largest share of roots any day kills. */
  kill: number;
  /** Day of the course on which that is. */
  worstDay: number;
}

export function potWinter(pot: PotInWinter, hours: readonly PotHour[], limits: RootLimits): PotWinter {
  const { shellC, coreC } = potTemperature(pot, hours[0].soilC, hours);
  const days = Math.floor(hours.length / 24);
  const shellMinC = new Float32Array(days).fill(Infinity);
  const coreMinC = new Float32Array(days).fill(Infinity);
  const coreMeanC = new Float32Array(days);
  for (let d = 0; d < days; d++)
    for (let h = 24 * d; h < 24 * d + 24; h++) {
      if (shellC[h] < shellMinC[d]) shellMinC[d] = shellC[h];
      if (coreC[h] < coreMinC[d]) coreMinC[d] = coreC[h];
      coreMeanC[d] += coreC[h] / 24;
    }
  const hard = hardenedByDay(coreMeanC);
  let [kill, worstDay] = [0, 0];
  for (let d = 0; d < days; d++) {
    const share = rootKill(shellMinC[d], coreMinC[d], limits, hard[d] === 1);
    if (share > kill) [kill, worstDay] = [share, d];
  }
  return { shellMinC, coreMinC, kill, worstDay };
}

/** A winter as its possible courses show it. */
export interface WinterOutlook {
  startDay: DayNumber;
  /** By day: the coldest of shell and core in the middle course, and in one of ten. */
  shell50C: Float32Array;
  shell10C: Float32Array;
  core50C: Float32Array;
  core10C: Float32Array;
  /** Coldest of a whole winter at the wall and in the core: in the middle winter, and in one of ten. */
  coldestShellC: [p50: number, p10: number];
  coldestCoreC: [p50: number, p10: number];
  /** Mean share of roots lost, and chance of losing more than a tenth. */
  meanKill: number;
  chanceOfLoss: number;
}

/** More than this counts as a loss one sees. */
const SEEN_LOSS = 0.1;

export function winterOutlook(
  pot: PotInWinter,
  courses: readonly (readonly PotHour[])[],
  startDay: DayNumber,
  limits: RootLimits,
): WinterOutlook {
  const winters = courses.map((hours) => potWinter(pot, hours, limits));
  const days = winters[0].shellMinC.length;
  const band = (of: (w: PotWinter) => Float32Array, p: number) =>
    Float32Array.from({ length: days }, (_, d) =>
      quantileOf(
        winters.map((w) => of(w)[d]).sort((a, b) => a - b),
        p,
      ),
    );
  const coldest = (of: (w: PotWinter) => Float32Array): [number, number] => {
    const minima = winters.map((w) => Math.min(...of(w))).sort((a, b) => a - b);
    return [quantileOf(minima, 0.5), quantileOf(minima, 0.1)];
  };
  return {
    startDay,
    coldestShellC: coldest((w) => w.shellMinC),
    coldestCoreC: coldest((w) => w.coreMinC),
    shell50C: band((w) => w.shellMinC, 0.5),
    shell10C: band((w) => w.shellMinC, 0.1),
    core50C: band((w) => w.coreMinC, 0.5),
    core10C: band((w) => w.coreMinC, 0.1),
    meanKill: winters.reduce((sum, w) => sum + w.kill, 0) / winters.length,
    chanceOfLoss: winters.filter((w) => w.kill > SEEN_LOSS).length / winters.length,
  };
}
