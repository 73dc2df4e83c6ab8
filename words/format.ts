import type { IsoDate } from "@/core/dates/index";
import { type English, english } from "./english";
import { KG_PER_POUND, LITRES_PER_US_GALLON, MM_PER_INCH } from "@/core/quantity/index";

/** Numbers and dates for people, made last. Stored metric; US units are a way of showing. */
export type Units = "metric" | "us";

/** One formatter for each key in each English: making one takes longer than using it a thousand times. */
function kept<F>(make: (locale: English, key: string) => F): (key: string) => F {
  const made = new Map<string, F>();
  return (key) => {
    const locale = english();
    let format = made.get(locale + key);
    if (!format) made.set(locale + key, (format = make(locale, key)));
    return format;
  };
}

const numberFormat = kept(
  (locale, digits) => new Intl.NumberFormat(locale, { maximumFractionDigits: Number(digits), signDisplay: "negative" }),
);

export const number = (value: number, digits = 0): string => numberFormat(String(digits)).format(value);

const significant = (value: number) => (Math.abs(value) < 10 ? 1 : 0);

export function litres(value: number, units: Units): string {
  if (units === "metric") return `${number(value, significant(value))} L`;
  const gallons = value / LITRES_PER_US_GALLON;
  // A tenth of a gallon is a third of a litre: small pots are told in quarts.
  if (value !== 0 && Math.abs(gallons) < 0.95) return `${number(4 * gallons, 1)} qt`;
  return `${number(gallons, significant(gallons))} gal`;
}

export function millimetres(value: number, units: Units): string {
  return units === "us" ? `${number(value / 25.4, 1)} in` : `${number(value)} mm`;
}

export function metres(value: number, units: Units): string {
  return units === "us" ? `${number(value / 0.3048, 1)} ft` : `${number(value, 2)} m`;
}

/** Height above the sea, in whole metres or feet. */
export function elevation(metresUp: number, units: Units): string {
  return units === "us" ? `${number(metresUp / 0.3048)} ft` : `${number(metresUp)} m`;
}

const FT2_PER_M2 = (1000 / (12 * MM_PER_INCH)) ** 2;
/** How areas are shown and typed. */
export const areaUnit = (units: Units): { name: string; perM2: number } =>
  units === "us" ? { name: "ft²", perM2: FT2_PER_M2 } : { name: "m²", perM2: 1 };

export function area(squareMetres: number, units: Units): string {
  const { name, perM2 } = areaUnit(units);
  const shown = squareMetres * perM2;
  return `${number(shown, shown < 1 ? 2 : shown < 100 ? 1 : 0)} ${name}`;
}

const MPH_PER_MS = 3600 / 1609.344;
const KMH_PER_MS = 3.6;
export function windSpeed(metresASecond: number, units: Units): string {
  return units === "us" ? `${number(metresASecond * MPH_PER_MS)} mph` : `${number(metresASecond, 1)} m/s`;
}

/** Gusts, with the unit weather reports give them in. */
export const gusts = (metresASecond: number, units: Units): string =>
  units === "us"
    ? windSpeed(metresASecond, units)
    : `${number(metresASecond)} m/s (${number(metresASecond * KMH_PER_MS)} km/h)`;

/** A depth of rain: a tenth of a millimetre, a hundredth of an inch. */
export function rain(depthMm: number, units: Units): string {
  return units === "us" ? `${number(depthMm / MM_PER_INCH, 2)} in` : `${number(depthMm, 1)} mm`;
}

export function kilograms(value: number, units: Units): string {
  return units === "us" ? `${number(value / KG_PER_POUND)} lb` : `${number(value, significant(value))} kg`;
}

export function celsius(value: number, units: Units): string {
  return units === "us" ? `${number((value * 9) / 5 + 32)} °F` : `${number(value, 1)} °C`;
}

/** On an axis whose unit stands above it. */
export const celsiusShort = (value: number, units: Units): string => celsius(value, units).replace(/\s.*$/, "");

export const degreesUnit = (units: Units): string => (units === "us" ? "°F" : "°C");

/** So many of the shown degrees are one kelvin: of differences, where nothing is added. */
export const degreesPerKelvin = (units: Units): number => (units === "us" ? 9 / 5 : 1);

/** A sum of warmth: degrees times days above a base. */
export const degreeDays = (kelvinDays: number, units: Units): string =>
  `${number(kelvinDays * degreesPerKelvin(units))} ${degreesUnit(units)}·d`;

/** A difference of temperatures. */
export function degreesApart(kelvin: number, units: Units): string {
  return `${number(kelvin * degreesPerKelvin(units), 1)} ${degreesUnit(units)}`;
}

/** How full a pot is: beyond 97 % the model no longer tells shares apart. */
export function fullness(fill: number): string {
  return fill > 0.97 ? "full" : percent(fill);
}

export function percent(share: number): string {
  return `${number(100 * share)} %`;
}

/** Parts of a date as the reader's English orders them. */
const DATE_PARTS: Record<"day" | "full" | "month" | "weekday", Intl.DateTimeFormatOptions> = {
  day: { day: "numeric", month: "short" },
  full: { day: "numeric", month: "short", year: "numeric" },
  month: { month: "short" },
  weekday: { weekday: "short" },
};
const dateFormat = kept(
  (locale, parts) =>
    new Intl.DateTimeFormat(locale, { ...DATE_PARTS[parts as keyof typeof DATE_PARTS], timeZone: "UTC" }),
);

const atNoon = (iso: IsoDate) => new Date(`${iso}T12:00:00Z`);

const NEAR_MS = 90 * 86_400_000;

/** "3 May" ("May 3" in American English), with its year when it lies more than 90 days from `near`, or in another calendar year. */
export function day(iso: IsoDate, near?: IsoDate): string {
  const close =
    near !== undefined &&
    iso.slice(0, 4) === near.slice(0, 4) &&
    Math.abs(atNoon(iso).getTime() - atNoon(near).getTime()) <= NEAR_MS;
  return dateFormat(close ? "day" : "full").format(atNoon(iso));
}

/** "3 May" of any year, from `MM-DD`. */
export function monthDay(text: string): string {
  return dateFormat("day").format(atNoon(`2004-${text}`));
}

export const month = (iso: IsoDate): string => dateFormat("month").format(atNoon(iso));

export const weekday = (iso: IsoDate): string => dateFormat("weekday").format(atNoon(iso));

export { readNumber, readOptional } from "@/core/quantity/index";
