import type { DayNumber } from "../dates/index";
import { LEAST_OPEN_DAYS } from "./judge";
import { type Limit, LIMITS, OPEN_FROM } from "./operations";
import { MOST_GAP_DAYS, type OpenPeriod, withoutStretches } from "./periods";
import type { WindowSeries, WindowSpan } from "./series";

/** A window without its curve: what decisions need of it, small enough to travel with a collection. */
export interface WindowOutline {
  startDay: DayNumber;
  endDay: DayNumber;
  /** Stretches of days alike, in order: first day, the limiting factor's place among all, and 1 where the day is open. */
  runs: [DayNumber, number, 0 | 1][];
  spans: WindowSpan[];
}

export interface OutlinePeriod extends OpenPeriod {
  /** Last day over the weather years: 10, 50, 90 %; null where nobody can say, or days without hands cut it short. */
  closes: readonly [DayNumber, DayNumber, DayNumber] | null;
}

/** One work on one tree from a day on. */
export interface WorkWindow {
  open: boolean;
  limiting: Limit;
  /** Open stretches ahead; the first begins on the day asked where that is open. */
  periods: OutlinePeriod[];
}

export function outlineOf({ startDay, suitability, limiting, spans }: WindowSeries): WindowOutline {
  const runs: WindowOutline["runs"] = [];
  suitability.forEach((value, i) => {
    const open = value >= 200 * OPEN_FROM ? 1 : 0;
    const last = runs.at(-1);
    if (last?.[1] !== limiting[i] || last[2] !== open) runs.push([startDay + i, limiting[i], open]);
  });
  return { startDay, endDay: startDay + suitability.length - 1, runs, spans };
}

/** A season's own days laid over the usual ones; both outlines must know the days in between. */
export function outlineOver(under: WindowOutline, over: WindowOutline): WindowOutline {
  const { startDay, endDay } = under;
  const after = runAt(under, over.endDay + 1);
  return {
    startDay,
    endDay,
    runs: [
      ...under.runs.filter(([from]) => from < over.startDay),
      ...over.runs,
      ...(after === null ? [] : [[over.endDay + 1, after[1], after[2]] as WindowOutline["runs"][number]]),
      ...under.runs.filter(([from]) => from > over.endDay + 1),
    ],
    spans: [...under.spans.filter((s) => s.to < over.startDay || s.from > over.endDay), ...over.spans].sort(
      (a, b) => a.from - b.from,
    ),
  };
}

/** The run a day lies in; null outside the days known. */
function runAt({ runs, startDay, endDay }: WindowOutline, day: DayNumber): WindowOutline["runs"][number] | null {
  if (day < startDay || day > endDay) return null;
  let [low, high] = [0, runs.length - 1];
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if (runs[middle][0] <= day) low = middle;
    else high = middle - 1;
  }
  return runs[low];
}

/** Whether a day is open, and what limits it; null outside the days known. */
export function outlinedOn(outline: WindowOutline, day: DayNumber): Pick<WorkWindow, "open" | "limiting"> | null {
  const run = runAt(outline, day);
  return run && { open: run[2] === 1, limiting: LIMITS[run[1]] };
}

/** Open stretches between two days, as `openPeriods` finds them day by day. */
function stretches(outline: WindowOutline, from: DayNumber, to: DayNumber): OpenPeriod[] {
  const end = Math.min(to, outline.endDay);
  const found: { from: DayNumber; to: DayNumber }[] = [];
  outline.runs.forEach(([start, , open], i) => {
    const first = Math.max(start, from);
    const last = Math.min((outline.runs.at(i + 1)?.[0] ?? outline.endDay + 1) - 1, end);
    if (!open || last < first) return;
    const before = found.at(-1);
    if (before && first - before.to - 1 <= MOST_GAP_DAYS) before.to = last;
    else found.push({ from: first, to: last });
  });
  // Of a stretch that began before, its last days count however few.
  const goesOn = runAt(outline, from - 1)?.[2] === 1;
  return found
    .filter((p) => p.to - p.from + 1 >= LEAST_OPEN_DAYS || (p.from === from && goesOn))
    .map((p) => ({ ...p, closedBy: p.to >= end ? "none" : LIMITS[runAt(outline, p.to + 1)![1]] }));
}

/**
 * A work's window from a day on; null where the outline does not reach the day.
 * @param notBefore the tree itself holds it back until this day
 * @param closed days without hands
 */
export function windowFrom(
  outline: WindowOutline,
  on: DayNumber,
  until: DayNumber,
  notBefore: DayNumber = on,
  closed: readonly (readonly [DayNumber, DayNumber])[] = [],
): WorkWindow | null {
  const today = outlinedOn(outline, on);
  if (!today) return null;
  const periods = stretches(outline, Math.max(on, notBefore), until)
    .flatMap((p) => withoutStretches(p, closed))
    .map((p) => {
      const cut = closed.some(([a, b]) => a <= p.to + 1 && b >= p.from - 1);
      const middle = (p.from + p.to) >> 1;
      const span = outline.spans.find((s) => s.from <= middle && middle <= s.to);
      return { ...p, closes: span && !cut ? span.closes : null };
    });
  return { ...today, periods };
}
