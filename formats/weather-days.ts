import type { DailyRecord } from "@/core/climate/index";
import { type DayNumber, earliestDay, toDay, toIso } from "@/core/dates/index";

/** What every reader of weather files answers: days and problems, never an invented day. */
export interface LineProblem {
  line: number;
  message: string;
  text: string;
}

interface WeatherFile {
  record: DailyRecord;
  goodDays: number;
  firstDay: string;
  lastDay: string;
  problems: LineProblem[];
  gaps: { from: string; to: string; days: number }[];
  unit: "C" | "F";
  columns: string[];
  /** What kind of file it was taken for. */
  format: WeatherFormat;
  /** What a reader should know before it is used. */
  notes: string[];
  /** Height of the station, where the file says it. */
  elevationM: number | null;
}

export type WeatherFormat = "csv" | "ghcn-csv" | "ghcn-fixed" | "epw" | "logger";

export type WeatherParse = { ok: true; file: WeatherFile } | { ok: false; message: string; needs?: "dateOrder" };

/** Readings of one day; NaN where nothing was read. */
export interface DayValues {
  tmin: number;
  tmax: number;
  rain: number;
  solar: number;
  wind: number;
}

/** What is wrong with a day itself: a slip of a thousand years would make a record of as many; null when it can be. */
export function dayProblems(today: string, ahead: string): (day: DayNumber) => string | null {
  const [first, last] = [toDay(earliestDay(today, "other")), toDay(today)];
  return (day) => (day > last ? ahead : day < first ? "this lies more than 150 years back: is the year right?" : null);
}

/** No thermometer outdoors ever read beyond these, °C. */
export const LEAST_C = -75;
export const MOST_C = 60;

/** What is wrong with a day's two temperatures; null when they can be. */
export function temperatureProblem(minC: number, maxC: number, unit: string): string | null {
  if (minC < LEAST_C || maxC > MOST_C)
    return `${unit} outside what thermometers outdoors ever read: is the unit right?`;
  return minC > maxC ? "the lowest temperature is above the highest" : null;
}

/** Days put on one time axis, with the gaps between them. */
export function assembleDays(days: ReadonlyMap<DayNumber, { values: DayValues }>) {
  const sorted = [...days.keys()].sort((a, b) => a - b);
  const [first, last] = [sorted[0], sorted[sorted.length - 1]];
  const empty = () => new Float32Array(last - first + 1).fill(NaN);
  const record: DailyRecord = {
    startDay: first,
    tminC: empty(),
    tmaxC: empty(),
    solarMJ: empty(),
    rainMm: empty(),
    windMs: empty(),
  };
  const gaps: { from: string; to: string; days: number }[] = [];
  let before = first;
  for (const day of sorted) {
    const { values } = days.get(day)!;
    const at = day - first;
    record.tminC[at] = values.tmin;
    record.tmaxC[at] = values.tmax;
    record.rainMm[at] = values.rain;
    record.solarMJ[at] = values.solar;
    record.windMs[at] = values.wind;
    if (day - before > 1) gaps.push({ from: toIso(before + 1), to: toIso(day - 1), days: day - before - 1 });
    before = day;
  }
  return { record, goodDays: sorted.length, firstDay: toIso(first), lastDay: toIso(last), gaps };
}
