import { csvRows, QUOTES_FAULT } from "./csv-rows";
import { dayFromParts, toDay, toIso } from "@/core/dates/index";
import { separatorOf } from "./table";
import {
  assembleDays,
  dayProblems,
  type DayValues,
  LEAST_C,
  type LineProblem,
  MOST_C,
  type WeatherParse,
} from "./weather-days";

/**
 * Readings of a thermometer with a memory: a column with the time, a column with the temperature. Times stand in the site's own
 * clock (`2026-01-31 06:10`, `31.01.2026 06:10`); with a zone (`…Z`, `…+01:00`) they are taken over into it by `toLocal`.
 */
interface Reading {
  day: number;
  minute: number;
  tempC: number;
  line: number;
}

/** An hour of readings: its mean and its extremes, `YYYY-MM-DD HH:00`. */
export interface LoggerHour {
  hour: string;
  meanC: number;
  minC: number;
  maxC: number;
}

interface LoggerFile {
  readings: number;
  hours: LoggerHour[];
  firstHour: string;
  lastHour: string;
  problems: LineProblem[];
  unit: "C" | "F";
}
export type LoggerParse = { ok: true; file: LoggerFile } | { ok: false; message: string };

export interface LoggerOptions {
  unit: "auto" | "C" | "F";
  /** For times that name their zone: the same moment on the site's clock, as `YYYY-MM-DD HH:MM`. */
  toLocal?: (utc: Date) => string;
}

const TIME_HEADER = /^(time|date|date.?time|timestamp|zeit|datum|fecha|hora)\b/i;
const TEMP_HEADER = /(temp|°|celsius|fahrenheit|^t$|^value$|reading)/i;
const MISSING = /^(|na|n\/a|nan|null|-|--|-9999?|err(or)?)$/i;

interface Columns {
  time: number;
  clock: number | null;
  temp: number;
  fahrenheit: boolean;
  headless: boolean;
}

function columnsOf(head: readonly string[]): Columns | null {
  if (readTime(head[0] ?? "", null, () => "") !== null)
    return { time: 0, clock: null, temp: 1, fahrenheit: false, headless: true };
  const time = head.findIndex((h) => TIME_HEADER.test(h.trim()));
  const temp = head.findIndex((h, i) => i !== time && TEMP_HEADER.test(h.trim()));
  if (time < 0 || temp < 0) return null;
  const clock = head.findIndex((h, i) => i !== time && i !== temp && /^(time|hour|zeit|hora)$/i.test(h.trim()));
  return {
    time,
    clock: clock < 0 ? null : clock,
    temp,
    fahrenheit: /(°|deg|\(|\[|_|\s)f(ahrenheit)?[)\]]?$|fahrenheit/i.test(head[temp].trim()),
    headless: false,
  };
}

/** A logger file has times of day and one temperature, not a lowest and a highest one. */
export function looksLikeLogger(text: string): boolean {
  const lines = text.replace(/^\uFEFF/, "").split(/\r?\n/, 3);
  if (lines.length < 2) return false;
  const separator = separatorOf(text);
  const cells = (line: string | undefined) => (line ?? "").split(separator).map((c) => c.replace(/^"|"$/g, ""));
  const columns = columnsOf(cells(lines[0]));
  if (!columns || cells(lines[0]).some((h) => /(^|_|\s)(t_?)?(min|max)\b/i.test(h))) return false;
  const first = cells(columns.headless ? lines[0] : lines[1]);
  return readTime(first[columns.time] ?? "", columns.clock === null ? null : first[columns.clock], () => "") !== null;
}

function readTime(
  text: string,
  clock: string | null | undefined,
  toLocal: (utc: Date) => string,
): { day: number; minute: number } | null {
  let t = `${text.trim()}${clock ? ` ${clock.trim()}` : ""}`;
  if (/(z|[+-]\d{2}:?\d{2})$/i.test(t) && /^\d{4}-\d{2}-\d{2}[T ]\d{2}:/.test(t)) {
    const utc = new Date(t.replace(" ", "T"));
    if (Number.isNaN(utc.getTime())) return null;
    t = toLocal(utc) || t.slice(0, 16);
  }
  const m =
    /^(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})[T\s]+(\d{1,2}):(\d{2})/.exec(t) ??
    /^(\d{1,2})\.(\d{1,2})\.(\d{4})\s+(\d{1,2}):(\d{2})/
      .exec(t)
      ?.map((v, i, all) => (i === 1 ? all[3] : i === 3 ? all[1] : v));
  if (!m) return null;
  const day = dayFromParts(Number(m[1]), Number(m[2]), Number(m[3]));
  const [hour, minute] = [Number(m[4]), Number(m[5])];
  return day === null || hour > 23 || minute > 59 ? null : { day, minute: hour * 60 + minute };
}

type Read =
  { ok: true; readings: Reading[]; problems: LineProblem[]; unit: "C" | "F" } | { ok: false; message: string };

function readReadings(text: string, options: LoggerOptions, today: string): Read {
  const rows = csvRows(text, separatorOf(text));
  if (rows === null) return { ok: false, message: QUOTES_FAULT };
  const columns = rows.length === 0 ? null : columnsOf(rows[0].record);
  if (!columns)
    return { ok: false, message: "A logger's file has a column with the time and one with the temperature." };
  const unit = options.unit === "auto" ? (columns.fahrenheit ? "F" : "C") : options.unit;
  const dayProblem = dayProblems(today, "this moment has not come yet");
  const toLocal = options.toLocal ?? (() => "");
  const problems: LineProblem[] = [];
  const readings: Reading[] = [];
  for (const { record: cells, info } of columns.headless ? rows : rows.slice(1)) {
    const fault = (message: string) =>
      problems.push({ line: info.lines, message, text: cells.join(" · ").slice(0, 80) });
    const time = readTime(cells[columns.time] ?? "", columns.clock === null ? null : cells[columns.clock], toLocal);
    if (time === null) {
      fault("the time cannot be read: write it as 2026-01-31 06:10");
      continue;
    }
    const wrongDay = dayProblem(time.day);
    if (wrongDay !== null) {
      fault(wrongDay);
      continue;
    }
    const raw = (cells[columns.temp] ?? "").trim();
    if (MISSING.test(raw)) continue;
    const value = Number(raw.replace(",", ".").replace("−", "-"));
    const tempC = unit === "F" ? ((value - 32) * 5) / 9 : value;
    if (!Number.isFinite(value)) fault("the temperature is not a number");
    else if (tempC < LEAST_C || tempC > MOST_C) fault("no thermometer ever read this: is the unit right?");
    else readings.push({ ...time, tempC, line: info.lines });
  }
  if (readings.length === 0)
    return {
      ok: false,
      message: `No line of this file holds a reading. The first fault: ${problems[0]?.message ?? "no readings"}.`,
    };
  return { ok: true, readings, problems, unit };
}

const pad = (n: number) => String(n).padStart(2, "0");

/** Reads a logger's file hour by hour. */
export function parseLogger(text: string, options: LoggerOptions, today: string): LoggerParse {
  const read = readReadings(text, options, today);
  if (!read.ok) return read;
  const byHour = new Map<number, { sum: number; n: number; min: number; max: number }>();
  for (const { day, minute, tempC } of read.readings) {
    const key = day * 24 + Math.floor(minute / 60);
    const hour = byHour.get(key);
    if (!hour) byHour.set(key, { sum: tempC, n: 1, min: tempC, max: tempC });
    else {
      hour.sum += tempC;
      hour.n++;
      hour.min = Math.min(hour.min, tempC);
      hour.max = Math.max(hour.max, tempC);
    }
  }
  const hours = [...byHour]
    .sort((a, b) => a[0] - b[0])
    .map(([key, h]) => ({
      hour: `${toIso(Math.floor(key / 24))} ${pad(((key % 24) + 24) % 24)}:00`,
      meanC: h.sum / h.n,
      minC: h.min,
      maxC: h.max,
    }));
  return {
    ok: true,
    file: {
      readings: read.readings.length,
      hours,
      firstHour: hours[0].hour,
      lastHour: hours[hours.length - 1].hour,
      problems: read.problems,
      unit: read.unit,
    },
  };
}

/** A day with fewer hours than this has no trustworthy extremes. */
const LEAST_HOURS = 20;

/** Lowest and highest of each day that has enough hours; the running day is left out. */
export function dailyExtremes(hours: readonly LoggerHour[]): Map<number, { minC: number; maxC: number }> {
  const days = new Map<number, { minC: number; maxC: number; hours: number }>();
  for (const h of hours) {
    const day = toDay(h.hour.slice(0, 10));
    const known = days.get(day);
    if (!known) days.set(day, { minC: h.minC, maxC: h.maxC, hours: 1 });
    else {
      known.minC = Math.min(known.minC, h.minC);
      known.maxC = Math.max(known.maxC, h.maxC);
      known.hours++;
    }
  }
  for (const [day, d] of days) if (d.hours < LEAST_HOURS) days.delete(day);
  return days;
}

/** A logger's file as the site's own daily weather. */
export function loggerAsWeather(text: string, options: LoggerOptions, today: string): WeatherParse {
  const read = parseLogger(text, options, today);
  if (!read.ok) return read;
  const days = new Map<number, { values: DayValues }>();
  for (const [day, { minC, maxC }] of dailyExtremes(read.file.hours)) {
    if (day < toDay(today)) days.set(day, { values: { tmin: minC, tmax: maxC, rain: NaN, solar: NaN, wind: NaN } });
  }
  if (days.size === 0)
    return {
      ok: false,
      message: `This logger's file has no whole day: at least ${LEAST_HOURS} hours of a day are needed.`,
    };
  return {
    ok: true,
    file: {
      ...assembleDays(days),
      problems: read.file.problems,
      unit: read.file.unit,
      columns: ["time", "temperature"],
      format: "logger",
      notes: [`${read.file.readings} readings of a logger, as the lowest and highest of each day`],
      elevationM: null,
    },
  };
}
