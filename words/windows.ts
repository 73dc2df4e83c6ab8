import type { HeldBy, OperationWindow } from "@/model/index";
import { toIso } from "@/core/dates/index";
import type { HalfDay, HalfDayReason } from "@/core/window/index";
import { celsius, day, kilograms, number, percent, type Units, weekday } from "./format";
import { HEALTH_WORDS, LIMIT_BECAUSE, LIMIT_WORD } from "./terms";

/** Open or closed, in a few words. */
export function statusWords(row: OperationWindow, near: string): string {
  const [first] = row.periods;
  if (row.open)
    return !first ? "open" : first.closedBy === "none" ? "open all year" : `open until ${day(first.to, near)}`;
  return first ? `${LIMIT_WORD[row.limiting]}; opens ${day(first.from, near)}` : `closed: ${LIMIT_WORD[row.mainLimit]}`;
}

/** Why it is open or closed today, with its figures. */
export function whyWords(row: OperationWindow, near: string, risk: number): string {
  const safe = `Done on ${day(near)} it ends well in ${percent(row.safe)} of the weather years there; ${percent(1 - risk)} is what this collection asks for.`;
  if (row.open) {
    const [first] = row.periods;
    const end =
      first && first.closedBy !== "none"
        ? ` It closes after ${day(first.to, near)}, because then ${LIMIT_BECAUSE[first.closedBy]}.`
        : "";
    return `Open today: its worst factor leaves ${number(row.suitability, 2)} of 1, and 0.5 is enough. ${safe}${end}`;
  }
  const [first] = row.periods;
  const next = first
    ? ` It opens ${day(first.from, near)}.`
    : ` It does not open within the next two years, because ${LIMIT_BECAUSE[row.mainLimit]}.`;
  return `Not today, because ${LIMIT_BECAUSE[row.limiting]}: the worst factor leaves ${number(row.suitability, 2)} of 1, and 0.5 is asked for. ${safe}${next}`;
}

/** One open stretch with the spread of its last day over the weather years. */
export function endsWords(period: OperationWindow["periods"][number], near: string): string {
  const range = `${day(period.from, near)} to ${day(period.to, near)}`;
  if (!period.closes) return `${range}: cut short by days on which nobody is there.`;
  const [early, middle, late] = period.closes;
  if (period.closedBy === "none") return `${day(period.from, near)} on: nothing closes it within two years.`;
  if (early === late) return `${range}, then ${LIMIT_BECAUSE[period.closedBy]}.`;
  return `${range}, then ${LIMIT_BECAUSE[period.closedBy]}. Last safe day: in one year of ten by ${day(early, near)}, in half by ${day(middle, near)}, in nine of ten by ${day(late, near)}.`;
}

/** What of the tree or its growers holds it, and until when. */
export function heldWords(held: HeldBy, near: string, units: Units): string {
  switch (held.by) {
    case "recovery":
      return held.until
        ? `Its roots have recovered from the last work about ${day(held.until, near)}.`
        : "Its roots will not have recovered from the last work within the year.";
    case "health":
      return `It was seen to be ${HEALTH_WORDS[held.state]}: nothing that costs it roots until it is well again.`;
    case "grower":
      return held.massKg === null
        ? "Nobody is there on this day."
        : `Too few are there on this day to lift ${kilograms(held.massKg, units)}.`;
  }
}

export const HALF_DAY_WORDS: Record<HalfDayReason, string> = {
  good: "good",
  heat: "hot",
  frost: "frost",
  wind: "wind",
  rain: "rain",
};
/** @example halfDayWords(half, "2026-05-15", "metric") // "Thu 21 May, morning (14 °C, rain to follow)" */
export function halfDayWords(half: HalfDay, near: string, units: Units): string {
  const iso = toIso(half.day);
  const rain = half.rainAfter ? ", rain to follow" : "";
  return `${weekday(iso)} ${day(iso, near)}, ${half.half} (${celsius(half.tempC, units)}${rain})`;
}
