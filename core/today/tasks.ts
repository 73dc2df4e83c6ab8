import { addMonths, type IsoDate, toDay, toIso } from "../dates/index";
import type { LoggedEvent, REPEATS } from "../event/index";
import type { TodayItem } from "./item";
import { type Answers, isDone } from "./answers";

/** Every so many days, weeks, months or years. */
export interface Repeat {
  unit: (typeof REPEATS)[number];
  count: number;
}

/** A job of the grower's own. */
export interface Task {
  taskId: string;
  text: string;
  first: IsoDate;
  /** null: once. */
  every: Repeat | null;
  placeId: string | null;
}

/** The newest word about each job; those taken out are gone. */
export function tasksOf(events: readonly LoggedEvent[]): Task[] {
  const tasks = new Map<string, Task & { gone: boolean; seq: number }>();
  for (const { payload, seq } of events) {
    if (payload.kind !== "task") continue;
    const known = tasks.get(payload.taskId);
    if (!known || known.seq < seq) tasks.set(payload.taskId, { ...payload, seq });
  }
  return [...tasks.values()]
    .filter((t) => !t.gone)
    .map(({ taskId, text, first, every, placeId }) => ({ taskId, text, first, every, placeId }))
    .sort((a, b) => a.first.localeCompare(b.first) || a.text.localeCompare(b.text));
}

/** The day of the n-th time, from 0: a month without that day has its last. */
export function timeOf({ first, every }: Pick<Task, "first" | "every">, n: number): IsoDate {
  if (!every || n === 0) return first;
  const step = n * every.count;
  if (every.unit === "month") return addMonths(first, step);
  if (every.unit === "year") return addMonths(first, 12 * step);
  return toIso(toDay(first) + step * (every.unit === "week" ? 7 : 1));
}

/**
 * The one time of a job that stands open: the last that has come, or, once that is done, the next. What was missed before it is not asked
 * for any more.
 */
export function openTime(task: Task, answers: Answers, today: IsoDate): IsoDate | null {
  let last = task.every ? Math.max(-1, leastTimes(task.first, task.every, today) - 1) : -1;
  while (timeOf(task, last + 1) <= today && (task.every || last < 0)) last++;
  const came = last >= 0 && !isDone(answers, taskItemId(task.taskId, timeOf(task, last)));
  if (came) return timeOf(task, last);
  if (!task.every && last >= 0) return null;
  // One that lies ahead may be done already.
  for (let n = last + 1; ; n++) {
    const on = timeOf(task, n);
    if (!isDone(answers, taskItemId(task.taskId, on))) return on;
    if (!task.every) return null;
  }
}

/** Times that have surely come: nobody counts the days of a century one by one. */
function leastTimes(first: IsoDate, { unit, count }: Repeat, today: IsoDate): number {
  return Math.floor((toDay(today) - toDay(first)) / (LONGEST_DAYS[unit] * count));
}
const LONGEST_DAYS: Record<Repeat["unit"], number> = { day: 1, week: 7, month: 31, year: 366 };

export const taskItemId = (taskId: string, on: IsoDate) => `task:${taskId}:${on}`;

export function taskItems(tasks: readonly Task[], answers: Answers, today: IsoDate): TodayItem[] {
  return tasks.flatMap((task): TodayItem[] => {
    const on = openTime(task, answers, today);
    return on === null
      ? []
      : [
          {
            id: taskItemId(task.taskId, on),
            what: { kind: "task", taskId: task.taskId, text: task.text },
            tag: "",
            placeId: task.placeId,
            plants: 0,
            from: on,
            to: null,
            overdue: on < today,
            lasts: false,
            minutes: null,
            massKg: null,
            looseMixL: null,
            because: [],
            excepted: null,
          },
        ];
  });
}
