import type { PastDays } from "@/contract/queries";
import { calendarSlot, type FrostEvent, type Site } from "@/core/climate/index";
import { monthDayOfSlot } from "@/core/dates/index";
import { monthDay, number } from "./format";

export interface FrostWords {
  last: string;
  first: string;
  /** Where the statistics come from. */
  source: string;
  plusMinus: string;
  guess: boolean;
}

/** A day of the frost year as a calendar day of any year. */
export function slotWord(frostSlot: number | null, latitudeDeg: number): string | null {
  return frostSlot === null ? null : monthDay(monthDayOfSlot(calendarSlot(frostSlot, latitudeDeg)));
}

function sentence(event: FrostEvent, latitudeDeg: number, which: "last" | "first"): string {
  const half = slotWord(event.preferred[0.5], latitudeDeg);
  const tail = slotWord(event.preferred[0.1], latitudeDeg);
  if (event.withFrost === 0) return which === "last" ? "No spring frost in any year." : "No autumn frost in any year.";
  if (half === null || tail === null)
    return `Frost in ${event.withFrost} of ${event.years} years only${half ? `, usually about ${half}` : ""}.`;
  return which === "last"
    ? `Usually by ${half}; 10 % chance of frost after ${tail}.`
    : `Usually not before ${half}; 10 % chance of frost before ${tail}.`;
}

export function sourceWords(site: Site): string {
  if (site.basis === "record") return `from ${site.recordYears} complete frost years of your own record`;
  if (site.basis === "short-record")
    return `from weather years generated after your own record, which is too short to count frosts from`;
  if (site.basis === "table") return "from weather years generated after your twelve monthly normals";
  return "by a guess from place and answers, until you read in a weather record";
}

export function frostWords(site: Site, statistics = site.frost(0)): FrostWords {
  const { last, first } = statistics;
  return {
    last: sentence(last, site.latitudeDeg, "last"),
    first: sentence(first, site.latitudeDeg, "first"),
    source: sourceWords(site),
    plusMinus: last.plusMinusDays === null ? "" : `± ${number(last.plusMinusDays)} days`,
    guess: site.basis === "answers",
  };
}

/** What came of asking a weather service for past days. */
export function pastWords(outcome: PastDays["outcome"], detail: string): string {
  switch (outcome) {
    case "ok":
      return "Here is what it has: look it through, then read it in.";
    case "complete":
      return "Nothing to fill: no day that it has is missing from the record.";
    case "off":
      return "No weather service is switched on.";
    case "timeout":
    case "unreachable":
      return `The service did not answer: ${detail}. Try again later; nothing was changed.`;
    case "refused":
      return `The service gave no days: ${detail}. Nothing was changed.`;
    case "nonsense":
      return `What the service sent cannot be used: ${detail}. Nothing was changed.`;
  }
}
