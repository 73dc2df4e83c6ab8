"use client";

import { useState } from "react";
import { type Dimension, readTyped, SHOWN_UNIT, typedAs, type UnitSystem } from "@/core/quantity/index";
import { celsius, kilograms, litres, metres, millimetres } from "@/words/format";
import { Field } from "../fields";

const SHOWN: Partial<Record<Dimension, (value: number, units: UnitSystem) => string>> = {
  mm: millimetres,
  m: metres,
  litres,
  kg: kilograms,
  celsius,
};

/** What was typed with another unit than the one shown, as it is understood. */
function understood(text: string, dimension: Dimension, units: UnitSystem): string | undefined {
  if (!/[a-z'"″′°%]/i.test(text)) return undefined;
  const read = readTyped(text, dimension, units);
  return read.ok ? SHOWN[dimension]?.(read.value, units) : undefined;
}

/**
 * One field for every measure: takes any unit people write, shows the collection's own, keeps what was typed. Its value is in the
 * unit the measure is stored in; null where the field is empty, NaN where it cannot be read, which the form's schema refuses.
 */
export function QuantityField({
  label,
  dimension,
  units,
  value,
  onChange,
  fault,
  hint,
  className,
}: {
  label: string;
  dimension: Dimension;
  units: UnitSystem;
  value: number | null;
  onChange: (value: number | null) => void;
  fault?: string;
  hint?: string;
  className?: string;
}) {
  const shownOf = (v: number | null) => (v === null || Number.isNaN(v) ? "" : typedAs(v, dimension, units));
  const [typed, setTyped] = useState({ text: shownOf(value), value });
  // A value from elsewhere (a reset, a suggestion) takes the text's place; the field's own does not.
  const text = Object.is(typed.value, value) ? typed.text : shownOf(value);
  const change = (next: string) => {
    const read = readTyped(next, dimension, units);
    const now = read.ok ? read.value : read.fault === "empty" ? null : NaN;
    setTyped({ text: next, value: now });
    onChange(now);
  };
  const unit = SHOWN_UNIT[units][dimension];
  return (
    <Field label={label} fault={fault} hint={understood(text, dimension, units) ?? hint} className={className}>
      {(aria) => (
        <span className="flex items-center gap-2">
          <input
            {...aria}
            // Below zero cannot be typed on the decimal keypads of phones; nor can a unit.
            inputMode={dimension === "celsius" ? undefined : "decimal"}
            className={`input w-full ${fault ? "input-error" : ""}`}
            value={text}
            onChange={(e) => change(e.target.value)}
          />
          {unit && <span className="w-7 shrink-0">{unit}</span>}
        </span>
      )}
    </Field>
  );
}
