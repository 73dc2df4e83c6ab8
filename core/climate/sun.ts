import { type DayNumber, dayOfYear } from "../dates/index";
import { clamp } from "../math/index";

const RAD = Math.PI / 180;

/**
 * Daylength in hours, sunrise and sunset at the top of the sun's disc with refraction (Forsythe et al. 1995, CBM model, p = .8333°).
 * @example daylengthHours(40, 172) // 15.02
 */
export function daylengthHours(latitudeDeg: number, dayOfYear1: number): number {
  const theta = 0.2163108 + 2 * Math.atan(0.9671396 * Math.tan(0.0086 * (dayOfYear1 - 186)));
  const declination = Math.asin(0.39795 * Math.cos(theta));
  const cosine =
    (Math.sin(0.8333 * RAD) + Math.sin(latitudeDeg * RAD) * Math.sin(declination)) /
    (Math.cos(latitudeDeg * RAD) * Math.cos(declination));
  return 24 - (24 / Math.PI) * Math.acos(clamp(cosine, -1, 1));
}

/** Daylength by day of the year (index 1…366) for one latitude: the yearly course is asked for thousands of times. */
export function daylengthTable(latitudeDeg: number): Float64Array {
  return Float64Array.from({ length: 367 }, (_, d) => daylengthHours(latitudeDeg, d));
}

/** @example daylengthOn(50, 20624) // 16.369 */
export function daylengthOn(latitudeDeg: number, day: DayNumber): number {
  return daylengthHours(latitudeDeg, dayOfYear(day));
}

/** Solar constant, MJ/m² per minute (FAO-56 eq. 21). */
const SOLAR_CONSTANT = 0.082;

/**
 * Radiation at the top of the atmosphere, MJ/m² and day: FAO-56 eq. 21–25 (Allen et al. 1998).
 * @example extraterrestrialMJ(0, 80) // 37.824
 */
export function extraterrestrialMJ(latitudeDeg: number, dayOfYear1: number): number {
  const phi = latitudeDeg * RAD;
  const distance = 1 + 0.033 * Math.cos(((2 * Math.PI) / 365) * dayOfYear1);
  const declination = 0.409 * Math.sin(((2 * Math.PI) / 365) * dayOfYear1 - 1.39);
  const sunset = Math.acos(clamp(-Math.tan(phi) * Math.tan(declination), -1, 1));
  return (
    ((24 * 60) / Math.PI) *
    SOLAR_CONSTANT *
    distance *
    (sunset * Math.sin(phi) * Math.sin(declination) + Math.cos(phi) * Math.cos(declination) * Math.sin(sunset))
  );
}

/**
 * Reference evaporation, mm/day: Hargreaves & Samani 1985 (FAO-56 eq. 52), radiation given in MJ/m².
 * @example referenceEvaporationMm(10, 24, 40) // 4.8876
 */
export function referenceEvaporationMm(tminC: number, tmaxC: number, radiationMJ: number): number {
  const range = Math.max(0, tmaxC - tminC);
  return Math.max(0, 0.0023 * ((tminC + tmaxC) / 2 + 17.8) * Math.sqrt(range) * 0.408 * radiationMJ);
}

/** Radiation coefficient of Hargreaves for places inland (FAO-56 eq. 50). */
const HARGREAVES_KRS = 0.16;

/**
 * Solar radiation from the daily range of temperature, for records that lack it: FAO-56 eq. 50.
 * @example solarFromRangeMJ(10, 24, 40) // 23.947
 */
export function solarFromRangeMJ(tminC: number, tmaxC: number, radiationMJ: number): number {
  return Math.min(0.75, HARGREAVES_KRS * Math.sqrt(Math.max(0, tmaxC - tminC))) * radiationMJ;
}
