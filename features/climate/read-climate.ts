import { readTyped } from "@/core/quantity/index";
import type { Units } from "@/words/format";

const MONTHS = ["jan", "feb", "mar", "apr", "may", "jun", "jul", "aug", "sep", "oct", "nov", "dec"];
const DAYS = [31, 29, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];

/**
 * `MM-DD` of what was typed as a day of the year; null where nothing was, undefined where it is no day.
 * @example readMonthDay("10 May") // "05-10"
 * @example readMonthDay("31.4.") // undefined
 */
export function readMonthDay(text: string): string | null | undefined {
  const t = text.trim().toLowerCase();
  if (t === "") return null;
  const pad = (n: number) => String(n).padStart(2, "0");
  const valid = (month: number, day: number) =>
    day >= 1 && day <= (DAYS[month - 1] ?? 0) ? `${pad(month)}-${pad(day)}` : undefined;
  let m = /^(\d{1,2})-(\d{1,2})$/.exec(t);
  if (m) return valid(Number(m[1]), Number(m[2]));
  m = /^(\d{1,2})\.\s?(\d{1,2})\.?$/.exec(t);
  if (m) return valid(Number(m[2]), Number(m[1]));
  m = /^(\d{1,2})\.?\s+([a-z]{3,})$/.exec(t);
  const [dayText, name] = m ? [m[1], m[2]] : (/^([a-z]{3,})\s+(\d{1,2})$/.exec(t) ?? []).slice(1).reverse();
  if (name === undefined) return undefined;
  return valid(MONTHS.findIndex((month) => name.startsWith(month)) + 1, Number(dayText));
}

/** A temperature in the unit that is shown, or the one that is typed; null where nothing was, undefined where it is none. */
export function readDegrees(text: string, units: Units): number | null | undefined {
  if (text.trim() === "") return null;
  const typed = readTyped(text, "celsius", units);
  return typed.ok ? typed.value : undefined;
}
