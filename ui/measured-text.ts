import { type Dimension, SHOWN_UNIT, typedAs, type UnitSystem } from "@/core/quantity/index";

/** Measures whose fields hold text in the unit they are stored in, by what stands behind the field. */
const OF_SUFFIX: Readonly<Record<string, Dimension>> = { mm: "mm", m: "m", kg: "kg", L: "litres", "°C": "celsius" };

const PLAIN = /^\s*[+-]?\d+(?:\.\d+)?\s*$/;
/** Figures and fractions: what names no unit of its own. */
const UNITLESS = /^[\d\s.,+\-−/½¼¾⅓⅔⅛⅜⅝⅞]*$/;

export interface MeasuredText {
  text: string;
  suffix: string | undefined;
  /** What is kept of what is typed: a bare number with the unit it was typed in. */
  kept: (typed: string) => string;
}

/** A field's text as its collection's units show it: what is kept is still read by the unit it is stored in. */
export function measuredText(value: string, suffix: string | undefined, units: UnitSystem): MeasuredText {
  const dimension = suffix === undefined ? undefined : OF_SUFFIX[suffix];
  if (dimension === undefined || units === "metric") return { text: value, suffix, kept: (typed) => typed };
  const unit = SHOWN_UNIT[units][dimension];
  const behind = ` ${unit}`;
  const text = value.endsWith(behind)
    ? value.slice(0, -behind.length)
    : PLAIN.test(value)
      ? typedAs(Number(value), dimension, units)
      : value;
  return {
    text,
    suffix: unit,
    kept: (typed) => (typed.trim() !== "" && UNITLESS.test(typed) ? `${typed}${behind}` : typed),
  };
}
