import type { IsoDate } from "@/core/dates/index";
import { LITRES_PER_US_GALLON, MM_PER_INCH } from "@/core/quantity/index";

/** Numbers and dates for people, made last. Stored metric; US units are a way of showing. */
export type Units = "metric" | "us";

const LOCALE = "en-GB";
const cache = new Map<string, Intl.NumberFormat>();

export function number(value: number, digits = 0): string {
  const key = String(digits);
  let format = cache.get(key);
  if (!format)
    cache.set(
      key,
      (format = new Intl.NumberFormat(LOCALE, { maximumFractionDigits: digits, signDisplay: "negative" })),
    );
  return format.format(value);
}

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

export function kilograms(value: number, units: Units): string {
  return units === "us" ? `${number(value * 2.2046226)} lb` : `${number(value, significant(value))} kg`;
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

const dayFormat = new Intl.DateTimeFormat(LOCALE, { day: "numeric", month: "short", timeZone: "UTC" });
const fullFormat = new Intl.DateTimeFormat(LOCALE, {
  day: "numeric",
  month: "short",
  year: "numeric",
  timeZone: "UTC",
});
const monthFormat = new Intl.DateTimeFormat(LOCALE, { month: "short", timeZone: "UTC" });

const atNoon = (iso: IsoDate) => new Date(`${iso}T12:00:00Z`);

const NEAR_MS = 90 * 86_400_000;

/** "3 May", with its year when it lies more than 90 days from `near`, or in another calendar year. */
export function day(iso: IsoDate, near?: IsoDate): string {
  const close =
    near !== undefined &&
    iso.slice(0, 4) === near.slice(0, 4) &&
    Math.abs(atNoon(iso).getTime() - atNoon(near).getTime()) <= NEAR_MS;
  return (close ? dayFormat : fullFormat).format(atNoon(iso));
}

/** "3 May" of any year, from `MM-DD`. */
export function monthDay(text: string): string {
  return dayFormat.format(atNoon(`2004-${text}`));
}

export function month(iso: IsoDate): string {
  return monthFormat.format(atNoon(iso));
}

export { readNumber, readOptional } from "@/core/quantity/index";
