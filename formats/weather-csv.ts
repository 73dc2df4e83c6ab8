import { csvRows, QUOTES_FAULT } from "./csv-rows";
import type { DailyRecord } from "@/core/climate/index";
import { separatorOf } from "./table";
import {
  dayProblems,
  assembleDays,
  type DayValues,
  type LineProblem,
  temperatureProblem,
  type WeatherParse,
} from "./weather-days";
import { dayFromParts, type DayNumber, toIso } from "@/core/dates/index";

/**
 * Daily weather as CSV. Columns, by name in any order: a date; the day's lowest and highest temperature; optionally rain (mm),
 * sun (MJ/m²) and wind (m/s). Separator comma, semicolon or tab; decimal point or comma; quotes and a byte order mark are fine.
 * Parsing takes text and returns days and problems: a bad line makes a problem and no invented day.
 */
export interface WeatherOptions {
  /** "auto" reads the unit from the column's name, else takes Celsius. */
  unit: "auto" | "C" | "F";
  /** For dates such as 03/04/2021; "auto" decides where the file leaves no doubt. */
  dateOrder: "auto" | "dmy" | "mdy";
}

type Field = "date" | "tmin" | "tmax" | "rain" | "solar" | "wind";

const HEADERS: Record<Field, RegExp> = {
  date: /^(date|day|datum|fecha|jour|time)$/,
  tmin: /^(t_?min|min|tn|minimum|lowest|low|min_?temp(erature)?|temp(erature)?_?min(imum)?)$/,
  tmax: /^(t_?max|max|tx|maximum|highest|high|max_?temp(erature)?|temp(erature)?_?max(imum)?)$/,
  rain: /^(rain|rainfall|precip(itation)?|prcp|rr)$/,
  solar: /^(sun|solar|radiation|rs|global_?radiation)$/,
  wind: /^(wind|wind_?speed|ws)$/,
};

const MISSING = /^(|na|n\/a|nan|null|-|--|\*|-?9999?(\.0+)?|-99\.9|999\.9)$/i;

/** Column name without unit: "Tmin (°F)" and "tmin_f" both become tmin, with the unit kept apart. */
function readHeader(cell: string): { field: Field | null; fahrenheit: boolean } {
  const lower = cell.trim().toLowerCase();
  const fahrenheit = /(°|deg|\(|\[|_|\s)f(ahrenheit)?[)\]]?$/.test(lower);
  const bare = lower
    .replace(/[([].*$/, "")
    .replace(/[\s_]*(°|deg_?)?\s*(c|f|celsius|fahrenheit|mm|m\/s|ms|mj)$/, "")
    .trim()
    .replace(/[\s-]+/g, "_");
  const field = (Object.keys(HEADERS) as Field[]).find((f) => HEADERS[f].test(bare) || HEADERS[f].test(lower)) ?? null;
  return { field, fahrenheit };
}

interface Parts {
  a: number;
  b: number;
  year: number;
}

type ReadDate = { day: DayNumber } | { slashed: Parts } | null;

function readDate(text: string): ReadDate {
  const t = text.trim().replace(/[T\s]\d{1,2}:\d{2}.*$/, "");
  let m = /^(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})$/.exec(t) ?? /^(\d{4})(\d{2})(\d{2})$/.exec(t);
  if (m) {
    const day = dayFromParts(Number(m[1]), Number(m[2]), Number(m[3]));
    return day === null ? null : { day };
  }
  m = /^(\d{1,2})\.(\d{1,2})\.(\d{4})$/.exec(t);
  if (m) {
    const day = dayFromParts(Number(m[3]), Number(m[2]), Number(m[1]));
    return day === null ? null : { day };
  }
  m = /^(\d{1,2})[/-](\d{1,2})[/-](\d{4})$/.exec(t);
  return m ? { slashed: { a: Number(m[1]), b: Number(m[2]), year: Number(m[3]) } } : null;
}

function readNumber(text: string): number | "missing" | null {
  const t = text.trim();
  if (MISSING.test(t)) return "missing";
  const n = Number(t.replace(",", ".").replace(/^\+/, "").replace("−", "-"));
  return Number.isFinite(n) ? n : null;
}

/** @param today days after it are problems: a record cannot know them */
export function parseWeatherCsv(text: string, options: WeatherOptions, today: string): WeatherParse {
  if (text.includes("\u0000"))
    return {
      ok: false,
      message:
        "This is not a text file. A weather record is a CSV file: lines of text with a date and two temperatures.",
    };
  if (text.trim() === "") return { ok: false, message: "The file is empty." };
  const rows = csvRows(text, separatorOf(text));
  if (rows === null) return { ok: false, message: QUOTES_FAULT };
  const head = rows[0].record;
  const headless = readDate(head[0] ?? "") !== null;
  const headers = headless
    ? (["date", "tmin", "tmax"] as Field[]).map((field) => ({ field, fahrenheit: false }))
    : head.map(readHeader);
  const at = (field: Field) => headers.findIndex((h) => h.field === field);
  const [dateAt, minAt, maxAt] = [at("date"), at("tmin"), at("tmax")];
  if (dateAt < 0 || minAt < 0 || maxAt < 0) {
    const lacking = [
      dateAt < 0 ? "a date" : "",
      minAt < 0 ? "a lowest temperature (tmin)" : "",
      maxAt < 0 ? "a highest temperature (tmax)" : "",
    ].filter(Boolean);
    return {
      ok: false,
      message: `This does not look like a daily weather record: there is no column for ${lacking.join(", ")}. Its first line reads: ${head.join(" · ").slice(0, 120)}`,
    };
  }
  const unit = options.unit === "auto" ? (headers[minAt].fahrenheit ? "F" : "C") : options.unit;
  const toC = (value: number) => (unit === "F" ? ((value - 32) * 5) / 9 : value);

  const body = headless ? rows : rows.slice(1);
  const order = dateOrderOf(
    body.map((r) => r.record[dateAt] ?? ""),
    options.dateOrder,
  );
  if (order === "unclear") {
    return {
      ok: false,
      needs: "dateOrder",
      message:
        "Dates like 03/04/2021 may be read two ways, and nothing in the file decides it. Say which comes first, day or month.",
    };
  }

  const problems: LineProblem[] = [];
  const days = new Map<DayNumber, { line: number; values: DayValues }>();
  const dayProblem = dayProblems(today, "this day has not come yet");
  for (const { record: cells, info } of body) {
    const problem = (message: string) =>
      problems.push({ line: info.lines, message, text: cells.join(" · ").slice(0, 80) });
    const date = readDate(cells[dateAt] ?? "");
    let day: DayNumber | null = null;
    if (date && "day" in date) day = date.day;
    else if (date)
      day = dayFromParts(
        date.slashed.year,
        order === "dmy" ? date.slashed.b : date.slashed.a,
        order === "dmy" ? date.slashed.a : date.slashed.b,
      );
    if (day === null) {
      problem("the date cannot be read or does not exist");
      continue;
    }
    const wrongDay = dayProblem(day);
    if (wrongDay !== null) {
      problem(wrongDay);
      continue;
    }
    const known = days.get(day);
    if (known) {
      problem(`${toIso(day)} stands on line ${known.line} already`);
      continue;
    }
    const [tmin, tmax] = [readNumber(cells[minAt] ?? ""), readNumber(cells[maxAt] ?? "")];
    if (tmin === null || tmax === null) {
      problem("a temperature is not a number");
      continue;
    }
    if (tmin === "missing" || tmax === "missing") continue;
    const [minC, maxC] = [toC(tmin), toC(tmax)];
    const impossible = temperatureProblem(minC, maxC, unit === "F" ? "°F" : "°C");
    if (impossible !== null) {
      problem(impossible);
      continue;
    }
    const extra = (field: Field, most: number) => {
      const value = at(field) < 0 ? "missing" : readNumber(cells[at(field)] ?? "");
      return typeof value === "number" && value >= 0 && value <= most ? value : NaN;
    };
    days.set(day, {
      line: info.lines,
      values: {
        tmin: minC,
        tmax: maxC,
        rain: extra("rain", 2000),
        solar: extra("solar", 50),
        wind: extra("wind", 120),
      },
    });
  }
  if (days.size === 0)
    return {
      ok: false,
      message: `None of the ${body.length} lines holds a day that can be used. The first fault: ${problems[0]?.message ?? "no readings"}.`,
    };
  return {
    ok: true,
    file: {
      ...assembleDays(days),
      problems,
      unit,
      columns: headers.map((h, i) => h.field ?? `(${head[i] ?? "?"})`),
      format: "csv",
      notes: [],
      elevationM: null,
    },
  };
}

function dateOrderOf(dates: string[], wanted: WeatherOptions["dateOrder"]): "dmy" | "mdy" | "unclear" {
  if (wanted !== "auto") return wanted;
  let slashed = false;
  for (const text of dates) {
    const date = readDate(text);
    if (!date || !("slashed" in date)) continue;
    slashed = true;
    if (date.slashed.a > 12) return "dmy";
    if (date.slashed.b > 12) return "mdy";
  }
  return slashed ? "unclear" : "dmy";
}

/** Writes a record in the form the parser documents; `sourceOf` adds a last column that says where each day is from. */
export function writeWeatherCsv(record: DailyRecord, sourceOf?: (i: number) => string): string {
  const lines = [`date,tmin,tmax,rain,sun,wind${sourceOf ? ",source" : ""}`];
  const cell = (value: number) => (Number.isNaN(value) ? "" : String(Math.round(value * 10) / 10));
  const quoted = (text: string) => (/[",\n]/.test(text) ? `"${text.replaceAll('"', '""')}"` : text);
  for (let i = 0; i < record.tminC.length; i++) {
    lines.push(
      [
        toIso(record.startDay + i),
        ...[record.tminC, record.tmaxC, record.rainMm, record.solarMJ, record.windMs].map((v) => cell(v[i])),
        ...(sourceOf ? [quoted(sourceOf(i))] : []),
      ].join(","),
    );
  }
  return lines.join("\n") + "\n";
}
