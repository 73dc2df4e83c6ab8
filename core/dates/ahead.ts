import { addMonths, dayFromParts, type IsoDate, parseIso, partsOf, toDay, toIso } from "./dates";
import { latestDay } from "./reach";
import { monthOf } from "./rough";

export type DayAhead =
  { ok: true; day: IsoDate } | { ok: false; fault: "not-understood" | "not-a-day" | "past" | "too-far" };

const COUNTS: Record<string, number> = { a: 1, an: 1, one: 1, two: 2, three: 3, four: 4, six: 6 };

/**
 * Reads a day that lies ahead, today among them: `2027-03-01`, `1 March 2027`, `March 1` (the next one), `tomorrow`, `in two weeks`.
 * @example readDayAhead("1 March", "2026-05-15") // { ok: true, day: "2027-03-01" }
 */
export function readDayAhead(text: string, today: IsoDate): DayAhead {
  const words = text.trim().toLowerCase().replace(/[,.]/g, " ").replace(/\s+/g, " ");
  const found = dayOf(words, today);
  if (found === null) return { ok: false, fault: "not-understood" };
  const { day } = found;
  if (day === null) return { ok: false, fault: "not-a-day" };
  if (day < today) return { ok: false, fault: "past" };
  return day > latestDay(today) ? { ok: false, fault: "too-far" } : { ok: true, day };
}

/** What the words name: a day, none of the calendar (null within), or nothing that can be read. */
function dayOf(words: string, today: IsoDate): { day: IsoDate | null } | null {
  if (words === "today") return { day: today };
  if (words === "tomorrow") return { day: toIso(toDay(today) + 1) };
  if (/^\d{4}-\d{2}-\d{2}$/.test(words)) return { day: parseIso(words) === null ? null : words };
  const ahead = /^in (\d{1,3}|[a-z]+) (day|week|month|year)s?$/.exec(words);
  if (ahead) {
    const count = COUNTS[ahead[1]] ?? Number(ahead[1]);
    if (!Number.isFinite(count)) return null;
    if (ahead[2] === "month") return { day: addMonths(today, count) };
    if (ahead[2] === "year") return { day: addMonths(today, 12 * count) };
    return { day: toIso(toDay(today) + count * (ahead[2] === "week" ? 7 : 1)) };
  }
  const dayFirst = /^(\d{1,2})(?:st|nd|rd|th)? ([a-z]{3,9})(?: (\d{4}))?$/.exec(words);
  const monthFirst = /^([a-z]{3,9}) (\d{1,2})(?:st|nd|rd|th)?(?: (\d{4}))?$/.exec(words);
  const [date, name, year] = dayFirst
    ? [dayFirst[1], dayFirst[2], dayFirst[3]]
    : monthFirst
      ? [monthFirst[2], monthFirst[1], monthFirst[3]]
      : [];
  const month = name === undefined ? null : monthOf(name);
  if (month === null) return null;
  return {
    day: year === undefined ? nextOf(month, Number(date), today) : iso(Number(year), month, Number(date)),
  };
}

const iso = (year: number, month: number, day: number): IsoDate | null => {
  const found = dayFromParts(year, month, day);
  return found === null ? null : toIso(found);
};

/** A leap day may be four years off, round a full century eight. */
const MOST_YEARS = 8;
function nextOf(month: number, date: number, today: IsoDate): IsoDate | null {
  const { year } = partsOf(toDay(today));
  for (let y = year; y <= year + MOST_YEARS; y++) {
    const found = iso(y, month, date);
    if (found !== null && found >= today) return found;
  }
  return null;
}
