import { type LinearModel, type LinearSolution, ModelBuilder } from "../linear/index";
import type { YearStep } from "./year";

const WEEK = 7;
/** Steps this alike are shifted as one group, minutes. */
const MINUTES_STEP = 10;
/** An hour above what the hands can do, against an hour a week away from the middle of its window. */
const OVER_COST = 100;
const PEAK_COST = 1000;
const SHIFT_COST = 1;
/** An hour of the busiest week, where there are hands enough. */
const FLAT_COST = 3;
/** A window longer than this is worked from its start: nobody waits half a year. */
const MOST_WEEKS = 20;

interface Group {
  steps: YearStep[];
  weeks: number[];
  /** Mean hours of one step. */
  hours: number;
  middle: number;
  columns: number[];
}

/** The weeks' work as a model: each step into one week of its window, so that no week asks for more than the hands can do. */
export interface Easing {
  model: LinearModel;
  groups: Group[];
}

export const weekOf = (day: number) => Math.floor(day / WEEK);

/**
 * @param hoursIn hours the people have in a week; null: nobody has said, and the peak alone is lowered
 */
export function easingOf(steps: readonly YearStep[], hoursIn: (week: number) => number | null): Easing {
  const groups = new Map<string, Group>();
  for (const s of steps) {
    const [from, to] = s.window ?? [s.day, s.day];
    const key = `${weekOf(from)}:${weekOf(to)}:${Math.round(s.minutes / MINUTES_STEP)}`;
    const group = groups.get(key);
    if (group) group.steps.push(s);
    else {
      const [first, last] = [weekOf(from), Math.min(weekOf(to), weekOf(from) + MOST_WEEKS - 1)];
      const weeks = Array.from({ length: last - first + 1 }, (_, i) => first + i);
      groups.set(key, { steps: [s], weeks, hours: 0, middle: (first + last) / 2, columns: [] });
    }
  }
  const b = new ModelBuilder();
  const byWeek = new Map<number, [number, number][]>();
  const peak = b.column(PEAK_COST);
  const flat = b.column(FLAT_COST);
  for (const g of groups.values()) {
    g.hours = g.steps.reduce((sum, s) => sum + s.minutes, 0) / g.steps.length / 60;
    g.columns = g.weeks.map((week) => {
      const column = b.column(SHIFT_COST * g.hours * Math.abs(week - g.middle), { upper: g.steps.length, whole: true });
      byWeek.set(week, [...(byWeek.get(week) ?? []), [column, g.hours]]);
      return column;
    });
    b.row(
      g.columns.map((c) => [c, 1] as const),
      { lower: g.steps.length, upper: g.steps.length },
    );
  }
  for (const [week, entries] of byWeek) {
    const over = b.column(OVER_COST);
    b.row([...entries, [over, -1]], { upper: hoursIn(week) ?? 0 });
    b.row([...entries, [flat, -1]], { upper: 0 });
    b.row(
      [
        [over, 1],
        [peak, -1],
      ],
      { upper: 0 },
    );
  }
  return { model: b.model, groups: [...groups.values()] };
}

/** The day each step is put down for by a solution: the middle of its week, within its window. */
export function easedDays({ groups }: Easing, { values }: LinearSolution): Map<YearStep, number> {
  const days = new Map<YearStep, number>();
  for (const g of groups) {
    let at = 0;
    g.weeks.forEach((week, i) => {
      const many = Math.round(values[g.columns[i]]);
      for (const s of g.steps.slice(at, at + many)) {
        const [from, to] = s.window ?? [s.day, s.day];
        days.set(s, Math.min(to, Math.max(from, week * WEEK + 3)));
      }
      at += many;
    });
    for (const s of g.steps.slice(at)) days.set(s, s.day);
  }
  return days;
}

/** Busiest week of some days of work: hours, and by how much it is above what the people have. */
export function busiestWeek(
  steps: readonly YearStep[],
  dayOf: (step: YearStep) => number,
  hoursIn: (week: number) => number | null,
): { week: number; hours: number; over: number } | null {
  const weeks = new Map<number, number>();
  for (const s of steps) weeks.set(weekOf(dayOf(s)), (weeks.get(weekOf(dayOf(s))) ?? 0) + s.minutes / 60);
  let worst: { week: number; hours: number; over: number } | null = null;
  for (const [week, hours] of weeks) {
    const over = Math.max(0, hours - (hoursIn(week) ?? 0));
    if (!worst || over > worst.over || (over === worst.over && hours > worst.hours)) worst = { week, hours, over };
  }
  return worst;
}
