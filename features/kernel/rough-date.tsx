"use client";

import { useState } from "react";
import { earliestDay, latestDay, readDayAhead, readRoughDate } from "@/core/dates/index";
import { AHEAD_FAULTS, DATE_FAULTS } from "@/formats/date-faults";
import { DateField, type ReadDate } from "@/ui/form/date-field";
import { useInput } from "@/ui/form/inputs";
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

/** One day, past or ahead, as people write it; a season or a year is none. */
export function useOneDay() {
  const { today, latitudeDeg } = useAsOf();
  return (text: string): ReadDate => {
    const past = readRoughDate(text, { today, latitudeDeg });
    if (past.ok && past.range && past.range.from === past.range.to) return { range: past.range };
    const ahead = readDayAhead(text, today);
    if (ahead.ok) return { range: { best: ahead.day, from: ahead.day, to: ahead.day } };
    return { fault: past.ok ? DATE_FAULTS["not-understood"] : DATE_FAULTS[past.fault] };
  };
}

/** A field for one day: typed or chosen; what it hands on is the day, or nothing while it cannot be read. */
export function DayField({
  label,
  value,
  onChange,
  fault,
  ahead = false,
  className,
}: {
  label: string;
  /** The day; empty where there is none. */
  value: string;
  onChange: (iso: string) => void;
  fault?: string;
  /** It may lie ahead of today. */
  ahead?: boolean;
  className?: string;
}) {
  const { today } = useAsOf();
  const read = useOneDay();
  const [typed, setTyped] = useState({ text: value, day: value });
  // A day from elsewhere takes the text's place; the field's own does not.
  const text = typed.day === value ? typed.text : value;
  return (
    <DateField
      label={label}
      value={text}
      onChange={(next) => {
        const day = read(next).range?.best ?? "";
        setTyped({ text: next, day });
        onChange(day);
      }}
      className={className}
      fault={fault}
      exact
      needed
      read={read}
      today={ahead ? latestDay(today) : today}
      from={today}
      first={earliestDay(today, ahead ? "other" : "tree")}
    />
  );
}

type Of<F extends (props: never) => unknown> = Omit<Parameters<F>[0], "value" | "onChange" | "fault"> & {
  name: string;
};

/** The same inside a form, each by the name of its field. */
export const DayInput = ({ name, ...rest }: Of<typeof DayField>) => <DayField {...rest} {...useInput<string>(name)} />;
export const RoughDateInput = ({ name, ...rest }: Of<typeof RoughDateField>) => (
  <RoughDateField {...rest} {...useInput<string>(name)} />
);
