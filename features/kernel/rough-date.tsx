"use client";

import { latestDay, readDayAhead, readRoughDate } from "@/core/dates/index";
import { AHEAD_FAULTS, DATE_FAULTS } from "@/formats/date-faults";
import { DateField, type ReadDate } from "@/ui/form/date-field";
import { useAsOf } from "./as-of";

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
  const { today } = useAsOf();
  return (
    <DateField
      label={label}
      value={value}
      onChange={onChange}
      className={className}
      fault={fault}
      needed={needed}
      read={useRoughDate()}
      today={today}
    />
  );
}

export function useDayAhead() {
  const { today } = useAsOf();
  return (text: string): ReadDate => {
    const read = readDayAhead(text, today);
    return read.ok ? { range: { best: read.day, from: read.day, to: read.day } } : { fault: AHEAD_FAULTS[read.fault] };
  };
}

/** A day that lies ahead, today among them. */
export function DayAheadField({
  label,
  value,
  onChange,
  fault,
  className,
}: {
  label: string;
  value: string;
  onChange: (text: string) => void;
  fault?: string;
  className?: string;
}) {
  const { today } = useAsOf();
  return (
    <DateField
      label={label}
      value={value}
      onChange={onChange}
      className={className}
      fault={fault}
      exact
      needed
      read={useDayAhead()}
      today={today}
      ahead={latestDay(today)}
    />
  );
}
