import { type DayNumber, toIso } from "@/core/dates/index";
import { day, month } from "@/words/format";

/** An axis of numbers: where it begins and ends, what is named on it, and how a place on it is told. */
export interface ChartAxis {
  from: number;
  to: number;
  ticks: readonly number[];
  word: (at: number) => string;
  tip: (at: number) => string;
}

/** Months further apart than this are named every third, so that a phone can hold them. */
const MOST_MONTHS = 14;

/**
 * Days, with the first of each month named; January by its year.
 * @example dayAxis(toDay("2026-11-20"), 60, "2026-12-01").ticks.map(toIso) // ["2026-12-01", "2027-01-01"]
 */
export function dayAxis(from: DayNumber, days: number, near: string): ChartAxis {
  const firsts = Array.from({ length: days }, (_, d) => from + d).filter((d) => toIso(d).endsWith("-01"));
  const ticks =
    firsts.length <= MOST_MONTHS ? firsts : firsts.filter((d) => (Number(toIso(d).slice(5, 7)) - 1) % 3 === 0);
  return {
    from,
    to: from + days - 1,
    ticks,
    word: (d) => {
      const iso = toIso(Math.round(d));
      return iso.slice(5, 7) === "01" ? iso.slice(0, 4) : month(iso).slice(0, 3);
    },
    tip: (d) => day(toIso(Math.round(d)), near),
  };
}
