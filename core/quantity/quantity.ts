import { plainText, readFigures } from "./number";

/** What a field measures. Each is stored in one unit: mm, m, L, kg, °C, or the bare number. */
export type Dimension = "plain" | "mm" | "m" | "litres" | "kg" | "celsius";
export type UnitSystem = "metric" | "us";

export const LITRES_PER_US_GALLON = 3.785411784;
export const LITRES_PER_IMPERIAL_GALLON = 4.54609;
export const LITRES_PER_CUBIC_FOOT = 28.316846592;
export const MM_PER_INCH = 25.4;
export const KG_PER_POUND = 0.45359237;

type UnitKind = "length" | "volume" | "mass" | "share";
interface Unit {
  kind: UnitKind;
  /** In mm, L, kg, or as the bare number. */
  factor: number;
  words: string;
}

const UNITS: readonly Unit[] = [
  { kind: "length", factor: 1, words: "mm millimetre millimetres millimeter millimeters" },
  { kind: "length", factor: 10, words: "cm centimetre centimetres centimeter centimeters" },
  { kind: "length", factor: 1000, words: "m metre metres meter meters" },
  { kind: "length", factor: MM_PER_INCH, words: 'in inch inches " ″ ”' },
  { kind: "length", factor: 12 * MM_PER_INCH, words: "ft foot feet ' ′ ’" },
  { kind: "length", factor: 36 * MM_PER_INCH, words: "yd yard yards" },
  { kind: "volume", factor: 1, words: "l ltr litre litres liter liters" },
  { kind: "volume", factor: 0.001, words: "ml millilitre millilitres milliliter milliliters" },
  { kind: "volume", factor: 0.01, words: "cl" },
  { kind: "volume", factor: LITRES_PER_US_GALLON, words: "gal gallon gallons us-gal us-gallon us-gallons" },
  {
    kind: "volume",
    factor: LITRES_PER_IMPERIAL_GALLON,
    words: "imp-gal imp-gallon imp-gallons imperial-gallon imperial-gallons",
  },
  { kind: "volume", factor: LITRES_PER_US_GALLON / 4, words: "qt quart quarts" },
  { kind: "volume", factor: LITRES_PER_CUBIC_FOOT, words: "cu-ft cuft ft3 ft³ cubic-foot cubic-feet" },
  { kind: "volume", factor: 1000, words: "m3 m³ cubic-metre cubic-metres cubic-meter cubic-meters" },
  { kind: "mass", factor: 1, words: "kg kilo kilos kilogram kilograms" },
  { kind: "mass", factor: 0.001, words: "g gram grams" },
  { kind: "mass", factor: 1000, words: "t tonne tonnes" },
  { kind: "mass", factor: KG_PER_POUND, words: "lb lbs pound pounds" },
  { kind: "mass", factor: KG_PER_POUND / 16, words: "oz ounce ounces" },
  { kind: "share", factor: 1, words: "% percent per-cent" },
];
const BY_WORD = new Map(UNITS.flatMap((unit) => unit.words.split(" ").map((word) => [word, unit] as const)));
/** A pint is a larger one in Britain. */
const LITRES_PER_PINT: Record<UnitSystem, number> = {
  metric: LITRES_PER_IMPERIAL_GALLON / 8,
  us: LITRES_PER_US_GALLON / 8,
};
const PINTS = new Set(["pt", "pint", "pints"]);

const KIND_OF: Record<Exclude<Dimension, "celsius">, UnitKind> = {
  plain: "share",
  mm: "length",
  m: "length",
  litres: "volume",
  kg: "mass",
};

/** Why a text is not read: no number in it, a unit nobody knows, or one of another kind than the field's. */
export type QuantityFault = "empty" | "not-a-number" | "unknown-unit" | "wrong-unit";
export type QuantityRead = { ok: true; value: number } | { ok: false; fault: QuantityFault };

const fault = (code: QuantityFault): QuantityRead => ({ ok: false, fault: code });

/**
 * Reads a measure with or without its unit, whole or not at all. Without one the number is in the unit the field is stored in. Feet and
 * inches, pounds and ounces may follow each other.
 * @param units whose pint is meant
 * @example readQuantity("42 in", "mm") // { ok: true, value: 1066.8 }
 * @example readQuantity("5' 10\"", "m") // { ok: true, value: 1.778 }
 * @example readQuantity("3 apples", "litres") // { ok: false, fault: "unknown-unit" }
 */
export function readQuantity(text: string, dimension: Dimension, units: UnitSystem = "metric"): QuantityRead {
  const t = plainText(text);
  if (t === "") return fault("empty");
  const sign = /^[+-]/.exec(t)?.[0];
  const rest = (sign ? t.slice(1) : t).trim();
  const read = dimension === "celsius" ? readTemperature(rest, sign === "-") : readTerms(rest, dimension, units);
  if (!read.ok || dimension === "celsius") return read;
  return { ok: true, value: sign === "-" ? -read.value : read.value };
}

/** The same as a bare number; NaN where the text cannot be read. */
export function readNumber(text: string, dimension: Dimension = "plain", units: UnitSystem = "metric"): number {
  const read = readQuantity(text, dimension, units);
  return read.ok ? read.value : NaN;
}

/** The unit a measure is shown and typed in. */
export const SHOWN_UNIT: Record<UnitSystem, Record<Dimension, string>> = {
  metric: { plain: "", mm: "mm", m: "m", litres: "L", kg: "kg", celsius: "°C" },
  us: { plain: "", mm: "in", m: "ft", litres: "gal", kg: "lb", celsius: "°F" },
};

const BARE = /^[+\-−]?[\d.,'’ ]+$/;

/**
 * Reads a measure as it is typed beside its unit: a bare number is in the unit shown.
 * @example readTyped("12", "mm", "us") // { ok: true, value: 304.8 }
 * @example readTyped("30 cm", "mm", "us") // { ok: true, value: 300 }
 */
export function readTyped(text: string, dimension: Dimension, units: UnitSystem): QuantityRead {
  const bare = units === "us" && dimension !== "plain" && BARE.test(plainText(text));
  return readQuantity(bare ? `${text} ${SHOWN_UNIT.us[dimension]}` : text, dimension, units);
}

/** A stored measure as the number that is typed for it. @example typedAs(304.8, "mm", "us") // "12" */
export function typedAs(value: number, dimension: Dimension, units: UnitSystem): string {
  const shown = units === "metric" || dimension === "plain" ? value : SHOWN_FROM[dimension](value);
  return String(Math.round(shown * 1000) / 1000);
}

const SHOWN_FROM: Record<Exclude<Dimension, "plain">, (value: number) => number> = {
  mm: (v) => v / MM_PER_INCH,
  m: (v) => (v * 1000) / (12 * MM_PER_INCH),
  litres: (v) => v / LITRES_PER_US_GALLON,
  kg: (v) => v / KG_PER_POUND,
  celsius: (v) => (v * 9) / 5 + 32,
};

/** The same where nothing may be said: null for an empty field. @example readOptional("", "mm") // null */
export function readOptional(text: string, dimension: Dimension = "plain", units: UnitSystem = "metric") {
  return text.trim() === "" ? null : readNumber(text, dimension, units);
}

const TEMPERATURE = /^([\d., '’/]*\d)\s*(?:°|º|degrees?|deg)?\s*(c|f|celsius|fahrenheit)?\.?$/i;

function readTemperature(text: string, below: boolean): QuantityRead {
  const match = TEMPERATURE.exec(text);
  if (!match) return fault(/\d/.test(text) ? "unknown-unit" : "not-a-number");
  const figures = readFigures(match[1]);
  if (figures === null) return fault("not-a-number");
  const value = below ? -figures : figures;
  return { ok: true, value: match[2]?.toLowerCase().startsWith("f") ? ((value - 32) * 5) / 9 : value };
}

/** Figures and the word after them, again and again. */
const TERM =
  /^((?:\d+ )?\d+ ?\/ ?\d+|(?:\d|[.,](?=\d))(?:[\d.,]|[ '’](?=\d{3}(?!\d)))*)\s*((?:(?:us|imp|imperial|cu|cubic|per)\.?[ -])?[a-z²³]+3?|["'″′”’%])?\.?\s*/i;

function readTerms(text: string, dimension: Exclude<Dimension, "celsius">, units: UnitSystem): QuantityRead {
  let rest = text;
  let total = 0;
  let before: Unit | null = null;
  for (let first = true; rest !== "" || first; first = false) {
    const match = TERM.exec(rest);
    const figures = match ? readFigures(match[1]) : null;
    if (!match || figures === null) return fault("not-a-number");
    rest = rest.slice(match[0].length);
    const word = match[2]?.toLowerCase().replace(/\.?[ -]/, "-");
    if (word === undefined) {
      // "5' 10" means inches; any other bare number must stand alone.
      if (!first && !(before !== null && isFoot(before) && rest === "")) return fault("not-a-number");
      total += figures * (first ? 1 : inStored(MM_PER_INCH, dimension));
      if (first && rest !== "") return fault("not-a-number");
      return { ok: true, value: total };
    }
    const unit = unitNamed(word, units);
    if (!unit) return fault("unknown-unit");
    if (unit.kind !== KIND_OF[dimension]) return fault("wrong-unit");
    // A second term is a smaller one of the same system: inches after feet, ounces after pounds.
    if (before !== null && !follows(before, unit)) return fault("not-a-number");
    total += figures * inStored(unit.factor, dimension);
    before = unit;
  }
  return { ok: true, value: total };
}

const isFoot = (unit: Unit) => unit.factor === 12 * MM_PER_INCH;
const follows = (before: Unit, unit: Unit) =>
  (isFoot(before) && unit.factor === MM_PER_INCH) ||
  (before.factor === KG_PER_POUND && unit.factor === KG_PER_POUND / 16);

const inStored = (factor: number, dimension: Dimension) => (dimension === "m" ? factor / 1000 : factor);

function unitNamed(word: string, units: UnitSystem): Unit | undefined {
  if (PINTS.has(word)) return { kind: "volume", factor: LITRES_PER_PINT[units], words: word };
  return BY_WORD.get(word);
}
