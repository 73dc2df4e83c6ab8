import { z } from "zod";
import { frostSlotOf, frostYearStartSlot, isNorth, SLOTS_PER_YEAR, toDay } from "../dates/index";
import { clamp } from "../math/index";
import { residualSource } from "./generator";
import { DEFAULT_RAIN, type Normals } from "./normals";

/** The four answers a grower can give without a weather record. Frost days are `MM-DD`, null where it never freezes. */
export const answersSchema = z.object({
  latitudeDeg: z.number().min(-90).max(90),
  longitudeDeg: z.number().min(-180).max(180),
  elevationM: z.number().min(-450).max(6000),
  coldestNightC: z.number().min(-65).max(25),
  lastSpringFrost: z
    .string()
    .regex(/^\d{2}-\d{2}$/)
    .nullable(),
  firstAutumnFrost: z
    .string()
    .regex(/^\d{2}-\d{2}$/)
    .nullable(),
});
export type SiteAnswers = z.infer<typeof answersSchema>;

export type AnswerFault =
  | {
      field: "lastSpringFrost" | "firstAutumnFrost";
      code: "no-such-day" | "wrong-half-of-year" | "one-without-the-other";
    }
  | { field: "coldestNightC"; code: "frost-without-cold" | "cold-without-frost" };

/** Day of the frost year of an `MM-DD`, null when there is no such day (29 February is taken as the 28th). */
function slotInFrostYear(monthDay: string, latitudeDeg: number): number | null {
  try {
    return frostSlotOf(toDay(`2004-${monthDay}`), latitudeDeg);
  } catch {
    return null;
  }
}

/** Spring frosts end in the second half of the frost year, autumn frosts begin in the first. */
const HALF_YEAR_SLOT = 190;

/** What does not fit together in the answers; empty when they do. */
export function answerFaults(answers: SiteAnswers): AnswerFault[] {
  const faults: AnswerFault[] = [];
  const check = (field: "lastSpringFrost" | "firstAutumnFrost", inHalf: (slot: number) => boolean) => {
    const text = answers[field];
    if (text === null) return;
    const slot = slotInFrostYear(text, answers.latitudeDeg);
    if (slot === null) faults.push({ field, code: "no-such-day" });
    else if (!inHalf(slot)) faults.push({ field, code: "wrong-half-of-year" });
  };
  check("lastSpringFrost", (slot) => slot >= HALF_YEAR_SLOT);
  check("firstAutumnFrost", (slot) => slot < HALF_YEAR_SLOT);
  if ((answers.lastSpringFrost === null) !== (answers.firstAutumnFrost === null)) {
    faults.push({
      field: answers.lastSpringFrost === null ? "lastSpringFrost" : "firstAutumnFrost",
      code: "one-without-the-other",
    });
  }
  const frosty = answers.lastSpringFrost !== null || answers.firstAutumnFrost !== null;
  if (frosty && answers.coldestNightC > 0) faults.push({ field: "coldestNightC", code: "frost-without-cold" });
  if (!frosty && answers.coldestNightC < 0) faults.push({ field: "coldestNightC", code: "cold-without-frost" });
  return faults;
}

interface Wave {
  /** Annual mean, half-range and slot of the coldest day of the mean daily minimum. */
  meanC: number;
  amplitudeC: number;
  coldestSlot: number;
}

/** Day-to-day spread of minima: wider in winter and the more so the more continental the site. Our judgement (L). */
function minimumSdC(wave: Wave, slot: number): number {
  return (
    2.5 +
    (0.05 + 0.26 * wave.amplitudeC) * (0.5 + 0.5 * Math.cos((2 * Math.PI * (slot - wave.coldestSlot)) / SLOTS_PER_YEAR))
  );
}

function minimumMeanC(wave: Wave, slot: number): number {
  return wave.meanC - wave.amplitudeC * Math.cos((2 * Math.PI * (slot - wave.coldestSlot)) / SLOTS_PER_YEAR);
}

const FIT_YEARS = 30;
const FIT_SEED = 20_011;

/** Mean coldest night and mean frost days of generated years, by days of the frost year. */
function simulate(wave: Wave, latitudeDeg: number, residuals: Float64Array) {
  const start = frostYearStartSlot(latitudeDeg);
  let [coldest, last, first, lasts, firsts] = [0, 0, 0, 0, 0];
  const means = new Float64Array(SLOTS_PER_YEAR);
  const sds = new Float64Array(SLOTS_PER_YEAR);
  for (let f = 0; f < SLOTS_PER_YEAR; f++) {
    const slot = (f + start) % SLOTS_PER_YEAR;
    means[f] = minimumMeanC(wave, slot);
    sds[f] = minimumSdC(wave, slot);
  }
  for (let year = 0; year < FIT_YEARS; year++) {
    let [low, firstFrost, lastFrost] = [Infinity, -1, -1];
    for (let f = 0; f < SLOTS_PER_YEAR; f++) {
      const tmin = means[f] + sds[f] * residuals[year * SLOTS_PER_YEAR + f];
      if (tmin < low) low = tmin;
      if (tmin > 0) continue;
      if (f < 200 && firstFrost < 0) firstFrost = f;
      if (f >= 200) lastFrost = f;
    }
    coldest += low;
    if (firstFrost >= 0) [first, firsts] = [first + firstFrost, firsts + 1];
    if (lastFrost >= 0) [last, lasts] = [last + lastFrost, lasts + 1];
  }
  // A year without frost pulls the mean towards the middle of winter, so that the fit feels missing frosts.
  return {
    coldestC: coldest / FIT_YEARS,
    firstSlot: (first + (FIT_YEARS - firsts) * 200) / FIT_YEARS,
    lastSlot: (last + (FIT_YEARS - lasts) * 200) / FIT_YEARS,
  };
}

/**
 * Monthly normals from four answers: a yearly wave of the minimum (mean, half-range, lag) is fitted so that generated years
 * reproduce the coldest night and both frost days; where it never freezes the half-range follows the latitude.
 * The day's range, rain and wind are plain defaults. All of it is a guess and is shown as one.
 */
export function normalsFromAnswers(answers: SiteAnswers): Normals {
  const { latitudeDeg } = answers;
  const source = residualSource(FIT_SEED);
  const residuals = new Float64Array(FIT_YEARS * SLOTS_PER_YEAR);
  for (let i = 0; i < residuals.length; i++) residuals[i] = source()[1];

  const solstice = isNorth(latitudeDeg) ? 354 : 171;
  // The colder the coldest night, the more continental; where it never freezes the latitude decides. Our judgement (L).
  const usualAmplitude =
    answers.coldestNightC < 0
      ? clamp(3.2 - 0.38 * answers.coldestNightC, 3.2, 20)
      : clamp(1 + 0.07 * Math.abs(latitudeDeg), 1, 3.2);
  const last = answers.lastSpringFrost === null ? null : slotInFrostYear(answers.lastSpringFrost, latitudeDeg);
  const first = answers.firstAutumnFrost === null ? null : slotInFrostYear(answers.firstAutumnFrost, latitudeDeg);

  const waveOf = ([meanC, amplitudeC, lag]: number[]): Wave => ({
    meanC,
    amplitudeC: Math.max(0.2, amplitudeC),
    coldestSlot: solstice + lag,
  });
  const cost = (p: number[]) => {
    const s = simulate(waveOf(p), latitudeDeg, residuals);
    const cold = (s.coldestC - answers.coldestNightC) ** 2;
    // A weak pull towards what the latitude suggests keeps contradictory answers from running away.
    const prior = 0.1 * (p[1] - usualAmplitude) ** 2 + 0.002 * (p[2] - 28) ** 2;
    const dates =
      last === null || first === null ? 0 : ((s.lastSlot - last) / 4) ** 2 + ((s.firstSlot - first) / 4) ** 2;
    return cold + dates + prior;
  };
  const wave = waveOf(
    patternSearch(cost, [answers.coldestNightC + 2 * usualAmplitude + 6, usualAmplitude, 28], [4, 2, 8]),
  );

  const range = (slot: number) => {
    // Day's range: about 9 K, wider in summer away from the tropics. Our judgement (L).
    const swing = clamp((Math.abs(latitudeDeg) - 15) / 10, 0, 1) * 2.5;
    return 9 - swing * Math.cos((2 * Math.PI * (slot - wave.coldestSlot)) / SLOTS_PER_YEAR);
  };
  const byMonth = (f: (slot: number) => number) =>
    Array.from({ length: 12 }, (_, m) => {
      let sum = 0;
      for (let d = 0; d < 30; d++) sum += f((m * 365) / 12 + d);
      return sum / 30;
    });
  return {
    tminC: byMonth((slot) => minimumMeanC(wave, slot)),
    tmaxC: byMonth((slot) => minimumMeanC(wave, slot) + range(slot)),
    tminSdC: byMonth((slot) => minimumSdC(wave, slot)),
    tmaxSdC: byMonth((slot) => minimumSdC(wave, slot) + 0.6),
    wetShare: Array.from({ length: 12 }, () => DEFAULT_RAIN.wetShare),
    rainMm: Array.from({ length: 12 }, () => DEFAULT_RAIN.rainMm),
    windMs: Array.from({ length: 12 }, () => DEFAULT_RAIN.windMs),
  };
}

/** Minimum by trying steps along each axis and halving them when none helps. Robust against the steps of counted days. */
function patternSearch(cost: (p: number[]) => number, start: number[], steps: number[]): number[] {
  let best = [...start];
  let least = cost(best);
  const step = [...steps];
  for (let round = 0; round < 60 && step[0] > 0.02; round++) {
    let improved = false;
    for (let axis = 0; axis < best.length; axis++) {
      for (const sign of [1, -1]) {
        const trial = [...best];
        trial[axis] += sign * step[axis];
        const value = cost(trial);
        if (value < least - 1e-9) [best, least, improved] = [trial, value, true];
      }
    }
    if (!improved) for (let axis = 0; axis < step.length; axis++) step[axis] /= 2;
  }
  return best;
}
