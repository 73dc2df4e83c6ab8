import { type DayNumber, slotOf } from "../dates/index";
import { normalCdf } from "../math/index";
import { normalSource, subStream } from "../random/index";
import { dailyCurve, type Normals } from "./normals";

/** Days a forecast reaches; what comes after is the site's weather years. */
export const FORECAST_DAYS = 10;
/** Errors of days that follow each other are alike by so much. */
const ERROR_PERSISTENCE = 0.6;

export interface ForecastDay {
  day: DayNumber;
  tminC: number;
  tmaxC: number;
  rainMm: number | null;
  windMs: number | null;
}

/** Days ahead as a weather service gave them on the day it issued them. */
export interface Forecast {
  issuedOn: DayNumber;
  days: ForecastDay[];
}

/**
 * Standard error of a forecast temperature so many days ahead, K: 1.3 on the first day, a third of a kelvin more each day, never
 * more than the climate itself knows. Our own (L), in the range of published verification of surface temperatures.
 * @example forecastErrorC(3, 4) // 1.96
 */
export function forecastErrorC(leadDays: number, climateSdC: number): number {
  return Math.min(0.97 * climateSdC, 1.3 + 0.33 * (Math.max(1, leadDays) - 1));
}

/**
 * Chance that the night is as cold as the threshold or colder.
 * @example chanceBelow(-2, 0, 2) // 0.15866
 */
export function chanceBelow(thresholdC: number, forecastC: number, errorC: number): number {
  return normalCdf((thresholdC - forecastC) / errorC);
}

/** A forecast's days from `from` on, with the error each has by its age: an old forecast knows less. */
export interface ForecastNight extends ForecastDay {
  leadDays: number;
  minErrorC: number;
  maxErrorC: number;
}

export function forecastNights(forecast: Forecast, normals: Normals, from: DayNumber): ForecastNight[] {
  const [minSd, maxSd] = [dailyCurve(normals.tminSdC), dailyCurve(normals.tmaxSdC)];
  return forecast.days
    .filter((d) => d.day >= from)
    .map((d) => {
      const leadDays = d.day - forecast.issuedOn + 1;
      return {
        ...d,
        leadDays,
        minErrorC: forecastErrorC(leadDays, minSd[slotOf(d.day)]),
        maxErrorC: forecastErrorC(leadDays, maxSd[slotOf(d.day)]),
      };
    });
}

/** One course the coming days may take, drawn from the forecast and its errors: the same member, the same course. */
export function forecastCourse(
  nights: readonly ForecastNight[],
  seed: number,
  member: number,
): { tminC: number[]; tmaxC: number[] } {
  // Members come in mirrored pairs, so that their mean is the forecast itself.
  const [pair, side] = [member >> 1, member % 2 === 0 ? 1 : -1];
  const draw = (name: string) => {
    const source = normalSource(subStream(seed + pair, name));
    return () => side * source();
  };
  const [low, high] = [draw("forecast-min"), draw("forecast-max")];
  const fresh = Math.sqrt(1 - ERROR_PERSISTENCE ** 2);
  let [a, b] = [low(), high()];
  const out = { tminC: [] as number[], tmaxC: [] as number[] };
  for (const night of nights) {
    // Lows and highs of a day err together.
    const [x, y] = [a, 0.6 * a + 0.8 * b];
    const tmin = night.tminC + night.minErrorC * x;
    const tmax = night.tmaxC + night.maxErrorC * y;
    out.tminC.push(Math.min(tmin, tmax - 0.5));
    out.tmaxC.push(Math.max(tmax, tmin + 0.5));
    a = ERROR_PERSISTENCE * a + fresh * low();
    b = ERROR_PERSISTENCE * b + fresh * high();
  }
  return out;
}

/** A coming night as it may be: forecast, or what is usual where no forecast reaches. */
export interface NightAhead {
  day: DayNumber;
  minC: number;
  minErrorC: number;
  maxC: number;
  maxErrorC: number;
  rainMm: number | null;
  windMs: number | null;
  basis: "forecast" | "usual";
}

/** The coming nights from today on: by forecast as far as it goes, then by the climate alone. */
export function nightsAhead(
  site: { today: DayNumber; normals: Normals; nights: readonly ForecastNight[] },
  days = FORECAST_DAYS,
): NightAhead[] {
  const { normals } = site;
  const curves = [normals.tminC, normals.tminSdC, normals.tmaxC, normals.tmaxSdC].map(dailyCurve);
  return Array.from({ length: days }, (_, k) => {
    const day = site.today + k;
    const night = site.nights.find((n) => n.day === day);
    if (night) {
      const { tminC, tmaxC, minErrorC, maxErrorC, rainMm, windMs } = night;
      return { day, minC: tminC, minErrorC, maxC: tmaxC, maxErrorC, rainMm, windMs, basis: "forecast" };
    }
    const [minC, minErrorC, maxC, maxErrorC] = curves.map((c) => c[slotOf(day)]);
    return { day, minC, minErrorC, maxC, maxErrorC, rainMm: null, windMs: null, basis: "usual" };
  });
}
