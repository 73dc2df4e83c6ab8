import { daylengthTable, extraterrestrialMJ, hourlyTemperatures } from "../climate/index";
import { type DayNumber, dayOfYear } from "../dates/index";

/** Days of weather round a pot; missing sun, rain and wind are guessed. */
export interface WeatherDays {
  startDay: DayNumber;
  tminC: ArrayLike<number>;
  tmaxC: ArrayLike<number>;
  solarMJ: ArrayLike<number>;
  rainMm: ArrayLike<number>;
  windMs: ArrayLike<number>;
  /** Running means of the air over ten and ninety days before the first of them, °C; its own mean where nobody knows. */
  soil?: readonly [quickC: number, slowC: number];
}

/** Weather round a pot hour by hour. Sun is what falls on level ground, sky loss what a clear sky takes from it, W/m². */
export interface PotHours {
  airC: Float64Array;
  windMs: Float64Array;
  soilC: Float64Array;
  sunWm2: Float64Array;
  skyLossWm2: Float64Array;
  /** Snow on the mix, m²K/W; null: none. */
  snowR: Float64Array | null;
}

/** Weather of an hour round a pot, as a row. */
export interface PotHour {
  airC: number;
  windMs: number;
  soilC: number;
  sunWm2?: number;
  skyLossWm2?: number;
}

export function hoursFromRows(rows: readonly PotHour[]): PotHours {
  const column = (key: keyof PotHour) => Float64Array.from(rows, (h) => h[key] ?? 0);
  return {
    airC: column("airC"),
    windMs: column("windMs"),
    soilC: column("soilC"),
    sunWm2: column("sunWm2"),
    skyLossWm2: column("skyLossWm2"),
    snowR: null,
  };
}

/** Soil follows the means of ten and of ninety days (M). */
const SOIL = { quick: 0.6, quickDays: 10, slowDays: 90 } as const;
/** Wind of the day and of the night as shares of the day's mean; where nobody measures it, m/s (L). */
const WIND = { day: 1.3, night: 0.7, unknownMs: 2 } as const;
/** What a clear sky takes, W/m², its share by the sky, and the clearness from which a sky is mixed and clear (M). */
export const CLEAR_SKY_WM2 = 70;
const SKY = { shares: [0.15, 0.55, 1], mixedFrom: 0.35, clearFrom: 0.55 } as const;
/** Sky by the day's range of temperature, K, where the sun is too low to tell. */
const RANGE = { mixedFrom: 5, clearFrom: 9 } as const;
const LEAST_SUN_MJ = 3;
/** It snows below this mean, °C; snow melts by so many mm a day and kelvin, lies so many cm deep per mm, and keeps warm (L). */
const SNOW = { belowC: 0.5, meltMm: 3, cmPerMm: 0.5, rPerCm: 0.15, mostR: 3 } as const;

/** Soil's two running means after some days. */
export function soilAfter(tminC: ArrayLike<number>, tmaxC: ArrayLike<number>, until: number): [number, number] {
  let [quick, slow] = [(tminC[0] + tmaxC[0]) / 2, (tminC[0] + tmaxC[0]) / 2];
  for (let d = 0; d < until; d++) {
    const mean = (tminC[d] + tmaxC[d]) / 2;
    quick += (mean - quick) / SOIL.quickDays;
    slow += (mean - slow) / SOIL.slowDays;
  }
  return [quick, slow];
}

function skyShare(solarMJ: number, radiationMJ: number, rangeC: number): number {
  const [value, mixed, clear] =
    radiationMJ >= LEAST_SUN_MJ
      ? [solarMJ / radiationMJ, SKY.mixedFrom, SKY.clearFrom]
      : [rangeC, RANGE.mixedFrom, RANGE.clearFrom];
  return SKY.shares[value < mixed ? 0 : value < clear ? 1 : 2];
}

/** Hours of weather in the open from days: temperatures after Linvill, sun as half a sine, sky by clearness, snow by degree-days. */
export function weatherHours(latitudeDeg: number, days: WeatherDays): PotHours {
  const { startDay, tminC, tmaxC, solarMJ, rainMm, windMs } = days;
  const n = tminC.length;
  const size = 24 * n;
  const hours: PotHours = {
    airC: hourlyTemperatures(latitudeDeg, startDay, tminC, tmaxC),
    windMs: new Float64Array(size),
    soilC: new Float64Array(size),
    sunWm2: new Float64Array(size),
    skyLossWm2: new Float64Array(size),
    snowR: new Float64Array(size),
  };
  const daylengths = daylengthTable(latitudeDeg);
  let [quick, slow] = days.soil ?? soilAfter(tminC, tmaxC, 0);
  let snowMm = 0;
  for (let d = 0; d < n; d++) {
    const mean = (tminC[d] + tmaxC[d]) / 2;
    quick += (mean - quick) / SOIL.quickDays;
    slow += (mean - slow) / SOIL.slowDays;
    const soilC = SOIL.quick * quick + (1 - SOIL.quick) * slow;
    snowMm = Math.max(0, snowMm + (mean < SNOW.belowC ? rainMm[d] : 0) - SNOW.meltMm * Math.max(0, mean));
    const snowR = Math.min(SNOW.mostR, snowMm * SNOW.cmPerMm * SNOW.rPerCm);
    const date = dayOfYear(startDay + d);
    const length = Math.min(23.5, Math.max(0.5, daylengths[date]));
    const sunrise = 12 - length / 2;
    const peak = (solarMJ[d] * 1e6 * Math.PI) / (2 * length * 3600);
    const loss = CLEAR_SKY_WM2 * skyShare(solarMJ[d], extraterrestrialMJ(latitudeDeg, date), tmaxC[d] - tminC[d]);
    const wind = Number.isNaN(windMs[d]) ? WIND.unknownMs : windMs[d];
    for (let h = 0; h < 24; h++) {
      const i = 24 * d + h;
      const up = h > sunrise && h < sunrise + length;
      hours.windMs[i] = wind * (up ? WIND.day : WIND.night);
      hours.soilC[i] = soilC;
      hours.sunWm2[i] = up ? peak * Math.sin((Math.PI * (h - sunrise)) / length) : 0;
      hours.skyLossWm2[i] = up ? 0 : loss;
      hours.snowR![i] = snowR;
    }
  }
  return hours;
}
