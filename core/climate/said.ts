import { z } from "zod";
import { type DayNumber, frostSlotOf, toDay } from "../dates/index";
import type { SiteAnswers } from "./answers";
import { frostStatistics } from "./frost";
import type { Normals } from "./normals";

/** Twelve monthly normals as a station's table or an atlas has them, and the height they were taken at. */
export const normalsSaidSchema = z.object({
  tminC: z.array(z.number().min(-70).max(40)).length(12),
  tmaxC: z.array(z.number().min(-60).max(55)).length(12),
  elevationM: z.number().min(-450).max(6000).nullable(),
});
export type NormalsSaid = z.infer<typeof normalsSaidSchema>;

/** The year's usual ends as the neighbourhood knows them, °C; null where nobody said. */
export const extremesSaidSchema = z.object({
  coldestNightC: z.number().min(-65).max(25).nullable(),
  hotAfternoonC: z.number().min(-10).max(55).nullable(),
});
export type ExtremesSaid = z.infer<typeof extremesSaidSchema>;

/** Fall of temperature with height, K per metre: the standard atmosphere's 6.5 K/km (ICAO Doc 7488). */
export const LAPSE_C_PER_M = 0.0065;

/**
 * What is to be added to a temperature taken at one height to stand for another.
 * @example lapseC(200, 1200) // -6.5
 */
export function lapseC(fromM: number | null, toM: number): number {
  return fromM === null ? 0 : (fromM - toM) * LAPSE_C_PER_M;
}

/** Full normals from a table of mean temperatures, brought to the site's height; of spread, rain and wind the guess stands. */
export function normalsFromTable(stated: NormalsSaid, siteElevationM: number, guessed: Normals): Normals {
  const shift = lapseC(stated.elevationM, siteElevationM);
  return {
    ...guessed,
    tminC: stated.tminC.map((v) => v + shift),
    tmaxC: stated.tmaxC.map((v) => v + shift),
  };
}

/** Local knowledge can move the minima by this much at most: more means that one of the two is wrong. */
const MOST_OFFSET_C = 6;

export interface FrostFit {
  /** To be added to every minimum. */
  offsetC: number;
  /** Days by which the median still misses the days said: zero where one offset meets all. */
  missLastDays: number | null;
  missFirstDays: number | null;
}

/**
 * The offset of the minima that puts the middle year's frost days where the neighbourhood knows them (a Gaussian minimum
 * underestimates clear spring nights by one to three weeks). With both days known the squared misses are balanced.
 * @param minima the record's or the generated years' minima before any offset
 */
export function offsetForFrostDays(
  latitudeDeg: number,
  startDay: DayNumber,
  minima: ArrayLike<number>,
  stated: { last: string | null; first: string | null },
): FrostFit {
  const slot = (monthDay: string | null) =>
    monthDay === null ? null : frostSlotOf(toDay(`2005-${monthDay === "02-29" ? "02-28" : monthDay}`), latitudeDeg);
  const wanted = { last: slot(stated.last), first: slot(stated.first) };
  const misses = (offsetC: number) => {
    const s = frostStatistics(latitudeDeg, startDay, minima, 0, offsetC);
    const miss = (which: "last" | "first") => {
      const want = wanted[which];
      if (want === null) return null;
      const got = s[which].preferred[0.5];
      // No frost in half of the years: as far off as can be, so that the search goes on towards the cold.
      return (got ?? (which === "last" ? 200 : 199)) - want;
    };
    return { last: miss("last"), first: miss("first") };
  };
  let [best, least] = [0, Infinity];
  const search = (from: number, to: number, step: number) => {
    for (let offset = from; offset <= to + 1e-9; offset += step) {
      const m = misses(offset);
      // Of equally good offsets the smallest is taken.
      const cost = (m.last ?? 0) ** 2 + (m.first ?? 0) ** 2 + 0.01 * Math.abs(offset);
      if (cost < least - 1e-9) [best, least] = [Math.round(offset * 10) / 10, cost];
    }
  };
  search(-MOST_OFFSET_C, MOST_OFFSET_C, 0.5);
  search(best - 0.5, best + 0.5, 0.1);
  const m = misses(best);
  return { offsetC: best, missLastDays: m.last, missFirstDays: m.first };
}

/** First answers as later words change them. */
export function answersWithSaid(
  answers: SiteAnswers,
  frost: { last: string | null; first: string | null } | null,
  extremes: ExtremesSaid | null,
): SiteAnswers {
  return {
    ...answers,
    lastSpringFrost: frost?.last ?? answers.lastSpringFrost,
    firstAutumnFrost: frost?.first ?? answers.firstAutumnFrost,
    coldestNightC: extremes?.coldestNightC ?? answers.coldestNightC,
    hotAfternoonC: extremes?.hotAfternoonC ?? answers.hotAfternoonC,
  };
}
