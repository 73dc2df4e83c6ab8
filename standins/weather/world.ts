import { dailyCurve, forecastErrorC, GENERATED_FROM_YEAR, generateWeather, type Normals } from "@/core/climate/index";
import { dayFromParts, type DayNumber, isLeap, partsOf, slotOf } from "@/core/dates/index";
import { normalSource, subStream } from "@/core/random/index";

/**
 * A made-up atmosphere. The weather that will really come is generated from the climate it is told and a seed; what the service
 * says of it is wrong by an error that grows with the lead time, and drawn towards the climate so that it is neither biased nor
 * wilder than the weather itself: F = clim + r²(truth − clim) + r·√(1−r²)·sd·ε, r² = 1 − (e/sd)², ε an AR(.6) along the lead.
 */
export interface World {
  truth: (day: DayNumber) => { tminC: number; tmaxC: number; rainMm: number; windMs: number };
  forecast: (issuedOn: DayNumber, days: number) => ForecastDayOut[];
}

interface ForecastDayOut {
  date: DayNumber;
  tminC: number;
  tmaxC: number;
  rainMm: number;
  windMs: number;
}

const WORLD_YEARS = 30;
const PERSISTENCE = 0.6;

/** Any day of any year has its weather: the generated years are run through again and again. */
function indexOf(day: DayNumber, startDay: DayNumber, length: number): number {
  const { year, month, day: d } = partsOf(day);
  let pretend = GENERATED_FROM_YEAR + ((((year - GENERATED_FROM_YEAR) % 28) + 28) % 28);
  if (month === 2 && d === 29 && !isLeap(pretend)) pretend = GENERATED_FROM_YEAR + 3;
  return Math.min(length - 1, dayFromParts(pretend, month, d)! - startDay);
}

export function makeWorld(latitudeDeg: number, normals: Normals, seed: number): World {
  const years = generateWeather(latitudeDeg, normals, WORLD_YEARS, seed);
  const curves = {
    min: dailyCurve(normals.tminC),
    max: dailyCurve(normals.tmaxC),
    minSd: dailyCurve(normals.tminSdC),
    maxSd: dailyCurve(normals.tmaxSdC),
  };
  const truth = (day: DayNumber) => {
    const i = indexOf(day, years.startDay, years.tminC.length);
    return { tminC: years.tminC[i], tmaxC: years.tmaxC[i], rainMm: years.rainMm[i], windMs: years.windMs[i] };
  };
  const blurred = (actual: number, mean: number, sd: number, lead: number, noise: number) => {
    const r2 = 1 - (forecastErrorC(lead, sd) / sd) ** 2;
    return mean + r2 * (actual - mean) + Math.sqrt(r2 * (1 - r2)) * sd * noise;
  };
  return {
    truth,
    forecast: (issuedOn, days) => {
      const draw = normalSource(subStream(seed + issuedOn, "forecast"));
      let [a, b] = [draw(), draw()];
      return Array.from({ length: days }, (_, k) => {
        const day = issuedOn + k;
        const slot = slotOf(day);
        const actual = truth(day);
        const tminC = blurred(actual.tminC, curves.min[slot], curves.minSd[slot], k + 1, a);
        const tmaxC = blurred(actual.tmaxC, curves.max[slot], curves.maxSd[slot], k + 1, 0.6 * a + 0.8 * b);
        a = PERSISTENCE * a + Math.sqrt(1 - PERSISTENCE ** 2) * draw();
        b = PERSISTENCE * b + Math.sqrt(1 - PERSISTENCE ** 2) * draw();
        return { date: day, tminC, tmaxC: Math.max(tmaxC, tminC + 0.5), rainMm: actual.rainMm, windMs: actual.windMs };
      });
    },
  };
}
