"use client";

import { DayPicker } from "react-day-picker";
import { parseIso } from "@/core/dates/index";

const atNoon = (iso: string) => new Date(`${iso}T12:00:00`);
const isoOf = (date: Date) =>
  `${date.getFullYear()}-${String(date.getMonth() + 1).padStart(2, "0")}-${String(date.getDate()).padStart(2, "0")}`;

/** A month to choose a day from; days outside its bounds cannot be chosen. */
export default function Calendar({
  value,
  first,
  last,
  from = last,
  onChoose,
}: {
  value: string | null;
  first: string;
  last: string;
  /** The day whose month is shown while none is chosen. */
  from?: string;
  onChoose: (iso: string) => void;
}) {
  const shown = value !== null && parseIso(value) !== null ? value : from;
  return (
    <DayPicker
      className="react-day-picker"
      mode="single"
      captionLayout="dropdown"
      weekStartsOn={1}
      selected={value === null || parseIso(value) === null ? undefined : atNoon(value)}
      defaultMonth={atNoon(shown)}
      startMonth={atNoon(first)}
      endMonth={atNoon(last)}
      disabled={[{ before: atNoon(first) }, { after: atNoon(last) }]}
      onSelect={(day) => day && onChoose(isoOf(day))}
    />
  );
}
