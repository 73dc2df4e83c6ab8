import type { DayNumber } from "../dates/index";
import { quantileOf } from "../math/index";
import type { PotHours } from "../place/index";
import { type PotInWinter, potTemperature } from "./pot-temperature";
import { wetFreezes } from "./freezing";
import { hardenedByDay, rootKill, type RootLimits, withMargin } from "./root-kill";

/** Water by volume of a pot that is watered. */
export const WET = 0.4;

/** A pot through one course, day by day; which roots that kills is asked afterwards, for any limits. */
export interface PotCourse {
  shellMinC: Float32Array;
  coreMinC: Float32Array;
  /** Days on which mature roots are hardened. */
  hard: Uint8Array;
  /** Times the wet wall freezes through after a thaw. */
  freezes: number;
}

export function potCourse(pot: PotInWinter, hours: PotHours): PotCourse {
  const { shellC, coreC } = potTemperature(pot, hours.soilC[0], hours);
  const days = Math.floor(hours.airC.length / 24);
  const shellMinC = new Float32Array(days).fill(Infinity);
  const coreMinC = new Float32Array(days).fill(Infinity);
  const coreMeanC = new Float32Array(days);
  for (let d = 0; d < days; d++)
    for (let h = 24 * d; h < 24 * d + 24; h++) {
      if (shellC[h] < shellMinC[d]) shellMinC[d] = shellC[h];
      if (coreC[h] < coreMinC[d]) coreMinC[d] = coreC[h];
      coreMeanC[d] += coreC[h] / 24;
    }
  return {
    shellMinC,
    coreMinC,
    hard: hardenedByDay(coreMeanC),
    freezes: wetFreezes(shellC, pot.waterFraction ?? WET),
  };
}

/** Share of the roots each day of a course kills. */
export function killByDay({ shellMinC, coreMinC, hard }: PotCourse, limits: RootLimits): Float32Array {
  return shellMinC.map((shell, d) => rootKill(shell, coreMinC[d], limits, hard[d] === 1));
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
  /** The same if its roots are as much tenderer as sources differ. */
  chanceWithMargin: number;
  /** Times a wet wall freezes through: the middle winter, and one of ten. */
  freezes: [p50: number, p90: number];
}

/** More than this counts as a loss one sees. */
export const SEEN_LOSS = 0.1;

export function winterOutlook(
  pot: PotInWinter,
  courses: readonly PotHours[],
  startDay: DayNumber,
  limits: RootLimits,
): WinterOutlook {
  const winters = courses.map((hours) => {
    const course = potCourse(pot, hours);
    const worst = (of: RootLimits) => killByDay(course, of).reduce((a, b) => Math.max(a, b), 0);
    return { ...course, kill: worst(limits), tenderKill: worst(withMargin(limits)) };
  });
  const days = winters[0].shellMinC.length;
  const band = (of: (w: PotCourse) => Float32Array, p: number) =>
    Float32Array.from({ length: days }, (_, d) =>
      quantileOf(
        winters.map((w) => of(w)[d]).sort((a, b) => a - b),
        p,
      ),
    );
  const coldest = (of: (w: PotCourse) => Float32Array): [number, number] => {
    const minima = winters.map((w) => Math.min(...of(w))).sort((a, b) => a - b);
    return [quantileOf(minima, 0.5), quantileOf(minima, 0.1)];
  };
  const freezes = winters.map((w) => w.freezes).sort((a, b) => a - b);
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
    chanceWithMargin: winters.filter((w) => w.tenderKill > SEEN_LOSS).length / winters.length,
    freezes: [quantileOf(freezes, 0.5), quantileOf(freezes, 0.9)],
  };
}
