"use client";

import { type DayRange, readRoughDate } from "@/core/dates/index";
import { DATE_FAULTS } from "@/formats/date-faults";
import { day } from "@/words/format";
import { TextField } from "@/ui/fields";
import { useAsOf } from "./as-of";

/** What a person typed as a day, and what is made of it: a range, unknown (null), or a fault. */
export type ReadDate = { range: DayRange | null; fault?: undefined } | { range?: undefined; fault: string };

export function useRoughDate() {
  const { today, latitudeDeg } = useAsOf();
  return (text: string): ReadDate => {
    const read = readRoughDate(text, { today, latitudeDeg });
    return read.ok ? { range: read.range } : { fault: DATE_FAULTS[read.fault] };
  };
}

/** A day as people remember it; what was understood stands beneath while typing. */
export function RoughDateField({
  label,
  value,
  onChange,
  fault,
  needed = false,
  className,
}: {
  label: string;
  value: string;
  onChange: (text: string) => void;
  fault?: string;
  /** "unknown" is no answer here. */
  needed?: boolean;
  className?: string;
}) {
  const read = useRoughDate()(value);
  const { range } = read;
  const understood =
    range === undefined
      ? "2021-05-03, May 2021, spring 2022, 2021, before March 2020 …"
      : range === null
        ? needed
          ? "a year or a season is enough: 2021, spring 2022"
          : "nobody knows"
        : range.from === range.to
          ? day(range.best)
          : `between ${day(range.from)} and ${day(range.to)}`;
  return (
    <TextField
      label={label}
      value={value}
      onChange={onChange}
      className={className}
      fault={fault}
      hint={understood}
      placeholder={needed ? "such as 2021-05-03 or spring 2022" : "unknown"}
    />
  );
}
