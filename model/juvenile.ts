import { DAYS_PER_YEAR, type DayNumber, toDay } from "@/core/dates/index";
import type { ArrivalForm, LoggedEvent } from "@/core/event/index";
import type { TreeOnDay } from "./tree-on-day";

/** Forms that a young plant comes in: it has no flare yet, its old surface is the line. */
const YOUNG_FORMS = new Set<ArrivalForm>(["liner", "cutting", "air-layer"]);
/** Years after which a plant that came young is one no more: our judgement (L). */
const JUVENILE_YEARS = 2;

export const isYoungForm = (form: ArrivalForm): boolean => YOUNG_FORMS.has(form);

/** Whether what came so many days ago in a form is still a seedling, liner or cutting. */
export const staysYoung = (form: ArrivalForm, days: number): boolean =>
  isYoungForm(form) && days <= JUVENILE_YEARS * DAYS_PER_YEAR;

/** Whether a tree is still a seedling, liner or cutting on a day. */
export function juvenile(events: readonly LoggedEvent[], on: DayNumber): boolean {
  return events.some((e) => e.payload.kind === "arrived" && staysYoung(e.payload.form, on - toDay(e.on.best)));
}

/** Years since it was raised; null where nobody said. */
export function ageYears({ record, day }: Pick<TreeOnDay, "record" | "day">): number | null {
  return record.raisedOn ? (day - toDay(record.raisedOn.best)) / DAYS_PER_YEAR : null;
}

/** Seedling, liner or cutting, or known to be no older than two years. */
export function isYoung({ events, day, record }: Pick<TreeOnDay, "events" | "day" | "record">): boolean {
  if (juvenile(events, day)) return true;
  const age = ageYears({ record, day });
  return age !== null && age <= JUVENILE_YEARS;
}

/** Fresh bark and compost sink: the flare of a grown tree is set so much proud of the mix, mm (L). */
const GROWN_CROWN_MM = 10;

/** How far proud of the mix a tree is set, mm; a young plant's old surface is the line. */
export const usualCrownMm = (events: readonly LoggedEvent[], on: DayNumber): number =>
  juvenile(events, on) ? 0 : GROWN_CROWN_MM;
