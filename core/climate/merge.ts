import { toDay, toIso } from "../dates/index";
import { mean, standardDeviation } from "../math/index";
import { LONGEST_FILLED } from "./gaps";
import type { DailyRecord } from "./normals";

/** One source of daily weather, with what its height adds to its temperatures. */
export interface SourceRecord {
  id: string;
  record: DailyRecord;
  lapseC: number;
}

/** What a source's temperatures were moved by so that it agrees with the most trusted one. */
export interface SourceAdjustment {
  id: string;
  by: "nothing" | "height" | "common-days";
  minC: number;
  maxC: number;
  /** Days both have, where they were compared. */
  commonDays: number;
  /** Scatter of the nights' differences, K; null where they were not compared. */
  scatterC: number | null;
}

export interface MergedRecord {
  record: DailyRecord;
  /** Which source each day is from, by its place in the list; −1: none. */
  from: Int16Array;
  adjustments: SourceAdjustment[];
}

/** Fewest common days two sources are compared on: a month's weather evens out. */
const LEAST_COMMON = 30;

function differences(reference: DailyRecord, other: DailyRecord, pick: "tminC" | "tmaxC"): number[] {
  const out: number[] = [];
  for (let i = 0; i < other.tminC.length; i++) {
    const at = other.startDay + i - reference.startDay;
    if (at < 0 || at >= reference.tminC.length) continue;
    const d = reference[pick][at] - other[pick][i];
    if (!Number.isNaN(d)) out.push(d);
  }
  return out;
}

/**
 * Several records of one site as one: each day from the most trusted source that has it. Where a lesser source shares at least a
 * month of days with the best, its temperatures are moved by the mean difference; otherwise by what its height makes.
 * @param sources most trusted first
 */
export function mergeSources(sources: readonly SourceRecord[]): MergedRecord | null {
  const filled = sources.filter((s) => s.record.tminC.length > 0);
  if (filled.length === 0) return null;
  const adjustments = sources.map((s, k): SourceAdjustment => {
    const nights = k === 0 ? [] : differences(sources[0].record, s.record, "tminC");
    if (nights.length < LEAST_COMMON)
      return {
        id: s.id,
        by: s.lapseC === 0 ? "nothing" : "height",
        minC: s.lapseC,
        maxC: s.lapseC,
        commonDays: nights.length,
        scatterC: null,
      };
    const days = differences(sources[0].record, s.record, "tmaxC");
    return {
      id: s.id,
      by: "common-days",
      // The reference itself may stand at another height than the site.
      minC: mean(nights) + sources[0].lapseC,
      maxC: (days.length > 0 ? mean(days) : mean(nights)) + sources[0].lapseC,
      commonDays: nights.length,
      scatterC: standardDeviation(nights),
    };
  });
  const startDay = Math.min(...filled.map((s) => s.record.startDay));
  const length = Math.max(...filled.map((s) => s.record.startDay + s.record.tminC.length)) - startDay;
  const empty = () => new Float32Array(length).fill(NaN);
  const record: DailyRecord = {
    startDay,
    tminC: empty(),
    tmaxC: empty(),
    solarMJ: empty(),
    rainMm: empty(),
    windMs: empty(),
  };
  const from = new Int16Array(length).fill(-1);
  sources.forEach((s, k) => {
    const { minC, maxC } = adjustments[k];
    const shift = s.record.startDay - startDay;
    for (let i = 0; i < s.record.tminC.length; i++) {
      const at = shift + i;
      const has = !Number.isNaN(s.record.tminC[i]) && !Number.isNaN(s.record.tmaxC[i]);
      if (from[at] < 0 && has) {
        from[at] = k;
        record.tminC[at] = s.record.tminC[i] + minC;
        record.tmaxC[at] = Math.max(s.record.tmaxC[i] + maxC, record.tminC[at]);
      }
      // Sun, rain and wind come from whoever has them, the most trusted first.
      for (const field of ["solarMJ", "rainMm", "windMs"] as const)
        if (Number.isNaN(record[field][at])) record[field][at] = s.record[field][i];
    }
  });
  return { record, from, adjustments };
}

/** What a day of the calendar map shows. */
export const DAY_STATES = ["outside", "read", "filled", "missing"] as const;
export type DayState = (typeof DAY_STATES)[number];

/** One calendar year of a record: state of each of its days from 1 January on, and which source it is from. */
export interface YearOfDays {
  year: number;
  states: DayState[];
  from: number[];
}

/** A record day by day for its map: read, filled in a straight line, missing, or outside the record. */
export function recordCalendar(merged: MergedRecord): YearOfDays[] {
  const { record, from } = merged;
  const end = record.startDay + from.length - 1;
  const [firstYear, lastYear] = [Number(toIso(record.startDay).slice(0, 4)), Number(toIso(end).slice(0, 4))];
  const state: DayState[] = Array.from(from, (k) => (k >= 0 ? "read" : "missing"));
  for (let i = 0; i < from.length; i++) {
    if (from[i] >= 0) continue;
    let until = i;
    while (until < from.length && from[until] < 0) until++;
    if (until - i <= LONGEST_FILLED && i > 0 && until < from.length) state.fill("filled", i, until);
    i = until;
  }
  return Array.from({ length: lastYear - firstYear + 1 }, (_, k) => {
    const year = firstYear + k;
    const first = toDay(`${year}-01-01`);
    const days = toDay(`${year + 1}-01-01`) - first;
    const at = (d: number) => first + d - record.startDay;
    const inside = (d: number) => at(d) >= 0 && at(d) < from.length;
    return {
      year,
      states: Array.from({ length: days }, (_, d) => (inside(d) ? state[at(d)] : "outside")),
      from: Array.from({ length: days }, (_, d) => (inside(d) ? from[at(d)] : -1)),
    };
  });
}

/** What a short record of one's own says of normals taken from elsewhere. */
export interface ReadingsFit {
  days: number;
  minC: number;
  maxC: number;
  /** One standard error of the nights' offset, K. */
  seC: number;
}

/** How far a site may lie off its district's normals, K, before anything was read there: our judgement (L). */
const PRIOR_OFFSET_SD = 1.5;
/** Weather of days closer than this is hardly new. */
const DAYS_ALIKE = 7;

/**
 * Offset of a site from normals by readings too few to make normals of: the mean departure, drawn towards none by how much of it may
 * be chance of the weather.
 */
export function offsetFromReadings(
  departuresMin: readonly number[],
  departuresMax: readonly number[],
  sdC: number,
): ReadingsFit | null {
  const days = departuresMin.length;
  if (days < DAYS_ALIKE) return null;
  const noise = sdC ** 2 / (days / DAYS_ALIKE);
  const share = PRIOR_OFFSET_SD ** 2 / (PRIOR_OFFSET_SD ** 2 + noise);
  return {
    days,
    minC: share * mean(departuresMin),
    maxC: share * mean(departuresMax),
    seC: Math.sqrt(share * noise),
  };
}
