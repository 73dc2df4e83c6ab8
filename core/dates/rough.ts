import { dayFromParts, type DayNumber, isNorth, parseIso, toDay, toIso, DAYS_PER_YEAR } from "./dates";
import { type DatedThing, earliestDay } from "./reach";

/** What is known of a day: the best one and the range it lies in, all calendar dates. */
export interface DayRange {
  best: string;
  from: string;
  to: string;
}

export type RoughDate =
  | { ok: true; range: DayRange }
  /** "unknown", "?", "nobody knows", nothing at all. */
  | { ok: true; range: null }
  | { ok: false; fault: "not-understood" | "not-a-day" | "future" | "too-old" };

export interface RoughDateSetting {
  today: string;
  latitudeDeg: number;
  /** How 03/04/2021 is read; null: refused as doubtful. */
  order?: "dmy" | "mdy" | null;
  /** How far back "before March 2020" may reach, years. */
  openYears?: number;
  /** Whose day it is; a tree's, unless said. */
  of?: DatedThing;
}

const MONTH_NAMES = [
  "january",
  "february",
  "march",
  "april",
  "may",
  "june",
  "july",
  "august",
  "september",
  "october",
  "november",
  "december",
];
const UNKNOWN = /^(|\?+|-+|–|n\/?a|unknown|not known|nobody knows|no idea|don'?t know)$/;
const DEFAULT_OPEN_YEARS = 6;
/** First month of each season in the north; the south is half a year apart. */
const SEASON_MONTH: Record<string, number> = { spring: 3, summer: 6, autumn: 9, fall: 9, winter: 12 };
/** A word that narrows a stretch to a third of it. */
const THIRD: Record<string, [number, number]> = {
  early: [0, 1 / 3],
  mid: [1 / 3, 2 / 3],
  middle: [1 / 3, 2 / 3],
  late: [2 / 3, 1],
};
const THIRD_OF = new RegExp(String.raw`^(${Object.keys(THIRD).join("|")})[\s-]+(?:of\s+)?(.+)$`);

type Span = [DayNumber, DayNumber];

/**
 * Reads a day as people remember it: `2021-05-03`, `3 May 2021`, `May 2021`, `2021`, `spring 2022`, `late summer 2021`,
 * `winter 2021/22`, `before March` (the last one), `before 2020`, `after 2019`, `about 2018`, `two years ago`, `unknown`.
 * Seasons follow the hemisphere. The best day is the middle of the range; the range never reaches past today.
 * @example readRoughDate("spring 2022", { today: "2026-05-15", latitudeDeg: 48 }) // { ok: true, range: { best: "2022-04-16", from: "2022-03-01", to: "2022-05-31" } }
 */
export function readRoughDate(text: string, setting: RoughDateSetting): RoughDate {
  const words = text
    .trim()
    .toLowerCase()
    .replace(/[,.]\s+/g, " ")
    .replace(/\s+/g, " ");
  if (UNKNOWN.test(words)) return { ok: true, range: null };
  const today = toDay(setting.today);
  const span = readSpan(words, today, setting);
  if (span === "not-a-day" || span === null) return { ok: false, fault: span ?? "not-understood" };
  let [from, to] = span;
  if (from > today) return { ok: false, fault: "future" };
  const earliest = toDay(earliestDay(setting.today, setting.of ?? "tree"));
  if (to < earliest) return { ok: false, fault: "too-old" };
  from = Math.max(from, earliest);
  to = Math.min(to, today);
  from = Math.min(from, to);
  const best = Math.round((from + to) / 2);
  return { ok: true, range: { best: toIso(best), from: toIso(from), to: toIso(to) } };
}

function readSpan(words: string, today: DayNumber, setting: RoughDateSetting): Span | "not-a-day" | null {
  const open = Math.round((setting.openYears ?? DEFAULT_OPEN_YEARS) * DAYS_PER_YEAR);
  if (words === "today") return [today, today];
  if (words === "yesterday") return [today - 1, today - 1];
  const around = /^(?:about|around|ca|circa|roughly|~)\s*(.+)$/.exec(words);
  if (around) {
    const inner = readSpan(around[1], today, setting);
    if (inner === null || inner === "not-a-day") return inner;
    const slack = Math.max(15, Math.round((inner[1] - inner[0]) / 2));
    return [inner[0] - slack, inner[1] + slack];
  }
  const limit = /^(before|by|until|after|since|not before)\s+(.+)$/.exec(words);
  if (limit) {
    const inner = readSpan(limit[2], today, setting);
    if (inner === null || inner === "not-a-day") return inner;
    if (limit[1] === "before") return [inner[0] - open, inner[0] - 1];
    if (limit[1] === "by" || limit[1] === "until") return [inner[1] - open, inner[1]];
    return [limit[1] === "after" ? inner[1] + 1 : inner[0], Math.max(today, inner[1])];
  }
  const between = /^(?:between\s+)?(.+?)\s+(?:and|to|–|—|\.\.)\s+(.+)$/.exec(words);
  if (between) {
    const [a, b] = [readSpan(between[1], today, setting), readSpan(between[2], today, setting)];
    if (a === null || b === null || a === "not-a-day" || b === "not-a-day")
      return a === "not-a-day" ? a : b === "not-a-day" ? b : null;
    return a[0] <= b[1] ? [a[0], b[1]] : null;
  }
  const third = THIRD_OF.exec(words);
  if (third) {
    const inner = readSpan(third[2], today, setting);
    if (inner === null || inner === "not-a-day") return inner;
    const length = inner[1] - inner[0];
    const [a, b] = THIRD[third[1]];
    return [inner[0] + Math.round(a * length), inner[0] + Math.round(b * length)];
  }
  return (
    readAgo(words, today) ??
    readDay(words, setting) ??
    readSeason(words, today, setting) ??
    readMonth(words, today) ??
    readYear(words)
  );
}

const COUNT: Record<string, number> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
};

function readAgo(words: string, today: DayNumber): Span | null {
  if (words === "last year") return yearSpan(Number(toIso(today).slice(0, 4)) - 1);
  if (words === "this year") return yearSpan(Number(toIso(today).slice(0, 4)));
  const ago = /^(a|an|one|two|three|four|five|six|seven|eight|\d{1,2}) (week|month|year)s? ago$/.exec(words);
  if (!ago) return null;
  const n = COUNT[ago[1]] ?? Number(ago[1]);
  const unit = { week: 7, month: DAYS_PER_YEAR / 12, year: DAYS_PER_YEAR }[ago[2] as "week" | "month" | "year"];
  // "Two years ago" is said of anything between one and a half and two and a half.
  const half = unit / 2;
  return [Math.round(today - n * unit - half), Math.round(today - n * unit + half)];
}

function readDay(words: string, { order = null }: RoughDateSetting): Span | "not-a-day" | null {
  const exact = (year: number, month: number, day: number): Span | "not-a-day" => {
    const n = dayFromParts(year, month, day);
    return n === null ? "not-a-day" : [n, n];
  };
  if (/^\d{4}-\d{2}-\d{2}$/.test(words)) {
    const n = parseIso(words);
    return n === null ? "not-a-day" : [n, n];
  }
  const dotted = /^(\d{1,2})\.(\d{1,2})\.(\d{4})$/.exec(words);
  if (dotted) return exact(Number(dotted[3]), Number(dotted[2]), Number(dotted[1]));
  const slashed = /^(\d{1,2})[/-](\d{1,2})[/-](\d{4})$/.exec(words);
  if (slashed) {
    const [a, b, year] = slashed.slice(1).map(Number);
    if (a > 12) return exact(year, b, a);
    if (b > 12) return exact(year, a, b);
    if (order === null && a !== b) return null;
    return order === "mdy" ? exact(year, a, b) : exact(year, b, a);
  }
  const named = /^(\d{1,2})(?:st|nd|rd|th)? ([a-z]{3,9}) (\d{4})$/.exec(words);
  if (named) return withMonth(named[2], (m) => exact(Number(named[3]), m, Number(named[1])));
  const american = /^([a-z]{3,9}) (\d{1,2})(?:st|nd|rd|th)? (\d{4})$/.exec(words);
  if (american) return withMonth(american[1], (m) => exact(Number(american[3]), m, Number(american[2])));
  return null;
}

function withMonth<T>(word: string, then: (month: number) => T): T | null {
  const month = monthOf(word);
  return month === null ? null : then(month);
}

/** @example monthOf("sept") // 9 */
export function monthOf(word: string): number | null {
  const at = MONTH_NAMES.findIndex((name) => name.startsWith(word));
  return at >= 0 ? at + 1 : null;
}

function readSeason(words: string, today: DayNumber, { latitudeDeg }: RoughDateSetting): Span | null {
  const match = /^(?:(last)\s+)?(spring|summer|autumn|fall|winter)(?:\s+(?:of\s+)?(\d{4})(?:\s*\/\s*\d{2,4})?)?$/.exec(
    words,
  );
  if (!match) return null;
  const month = ((SEASON_MONTH[match[2]] - 1 + (isNorth(latitudeDeg) ? 0 : 6)) % 12) + 1;
  const spanOf = (year: number): Span => [
    dayFromParts(year, month, 1)!,
    monthSpan(year + (month > 10 ? 1 : 0), ((month + 1) % 12) + 1)[1],
  ];
  if (match[3]) return spanOf(Number(match[3]));
  // Without a year: the last one that has begun.
  const year = Number(toIso(today).slice(0, 4));
  for (const y of [year, year - 1]) if (spanOf(y)[match[1] ? 1 : 0] <= today) return spanOf(y);
  return spanOf(year - 2);
}

function monthSpan(year: number, month: number): Span {
  const next = month === 12 ? dayFromParts(year + 1, 1, 1)! : dayFromParts(year, month + 1, 1)!;
  return [dayFromParts(year, month, 1)!, next - 1];
}

function readMonth(words: string, today: DayNumber): Span | null {
  const numeric = /^(\d{4})-(\d{2})$/.exec(words);
  if (numeric && Number(numeric[2]) >= 1 && Number(numeric[2]) <= 12)
    return monthSpan(Number(numeric[1]), Number(numeric[2]));
  const named = /^(?:last )?([a-z]{3,9})(?:\s+(\d{4}))?$/.exec(words);
  const month = named ? monthOf(named[1]) : null;
  if (!named || month === null) return null;
  if (named[2]) return monthSpan(Number(named[2]), month);
  const year = Number(toIso(today).slice(0, 4));
  return monthSpan(year, month)[0] <= today ? monthSpan(year, month) : monthSpan(year - 1, month);
}

function yearSpan(year: number): Span {
  return [dayFromParts(year, 1, 1)!, dayFromParts(year, 12, 31)!];
}

function readYear(words: string): Span | null {
  const match = /^(?:in )?(\d{4})$/.exec(words);
  return match ? yearSpan(Number(match[1])) : null;
}

/** Writes a range so that reading it gives the same range again: an exact day, or "from to to". */
export function writeRoughDate(range: DayRange | null): string {
  if (range === null) return "unknown";
  if (range.from === range.to) return range.best;
  const [y, m, d] = range.from.split("-");
  if (m === "01" && d === "01" && range.to === `${y}-12-31`) return y;
  if (d === "01" && range.to === toIso(monthSpan(Number(y), Number(m))[1])) return `${y}-${m}`;
  return `${range.from} to ${range.to}`;
}
