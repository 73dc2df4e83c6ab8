"use client";

import { useId, useState } from "react";
import { readNumber } from "@/words/format";

/** A slider with its number beside it: thumb, keys and typing change the same value. */
export function SliderField({
  label,
  value,
  min,
  max,
  step,
  unit,
  onChange,
}: {
  label: string;
  value: number;
  min: number;
  max: number;
  step: number;
  unit: string;
  onChange: (value: number) => void;
}) {
  const id = useId();
  // Half-typed numbers stay in the field; only those within the range are taken.
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <div>
      <label htmlFor={id} className="mb-1 block font-medium">
        {label}
      </label>
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <input
          id={id}
          type="range"
          className="range range-sm min-w-24 flex-1"
          min={min}
          max={max}
          step={step}
          value={value}
          onChange={(e) => onChange(Number(e.target.value))}
        />
        <span className="flex items-center gap-1">
          <input
            aria-label={`${label}, ${unit}`}
            inputMode="decimal"
            className="input input-sm w-16"
            value={typed ?? String(value)}
            onChange={(e) => {
              setTyped(e.target.value);
              const read = readNumber(e.target.value);
              if (read >= min && read <= max) onChange(read);
            }}
            onBlur={() => setTyped(null)}
          />
          {unit}
        </span>
      </div>
    </div>
  );
}
