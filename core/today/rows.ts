import { type DayNumber, type IsoDate, toDay, toIso } from "../dates/index";
import type { Exception, Reason } from "../decision/index";
import { type Answers, heldUntil, isDone } from "./answers";
import { TODAY_FIGURES as F } from "./figures";
import type { TodayItem, TodayWhat } from "./item";

export const TODAY_GROUPS = ["now", "week", "month", "later", "lasting"] as const;
export type TodayGroup = (typeof TODAY_GROUPS)[number];

/** Equal work at several trees of one place. */
export interface TodayRow {
  /** Unique within one list. */
  id: string;
  group: TodayGroup;
  what: TodayWhat;
  placeId: string | null;
  items: TodayItem[];
  /** How many they are, and how many plants stand in them. */
  count: number;
  plants: number;
  /** The first day of any, and the last day of the one that ends first. */
  from: IsoDate;
  to: IsoDate | null;
  overdue: number;
  /** Sums over those where it is known; null where it is known of none. */
  minutes: number | null;
  looseMixL: number | null;
  /** The heaviest thing that is lifted. */
  massKg: number | null;
  /** Why: what all of them share. */
  because: Reason[];
  excepted: Exception | null;
}

/** One place's rows of a group. */
export interface TodayRound {
  placeId: string | null;
  rows: TodayRow[];
}

export interface TodayList {
  groups: Record<TodayGroup, TodayRound[]>;
  /** What was put off to a later day, or (null) is not to be done, and why. */
  putOff: { item: TodayItem; until: IsoDate | null; reason: string }[];
}

function groupOf(item: TodayItem, on: DayNumber): TodayGroup | null {
  if (item.lasts) return "lasting";
  const ahead = toDay(item.from) - on;
  if (ahead <= 0) return "now";
  if (ahead <= F.weekDays) return "week";
  if (ahead <= F.monthDays) return "month";
  return ahead <= F.mostDays ? "later" : null;
}

const codeOf = (what: TodayWhat): string =>
  what.kind === "act"
    ? `act:${what.work}:${what.correction ?? ""}`
    : what.kind === "aftercare"
      ? `aftercare:${what.code}`
      : what.kind === "move"
        ? `move:${what.direction}:${what.toId ?? ""}`
        : `task:${what.taskId}`;

/**
 * The one dated list: items that are done or refused are gone, those put off come back on their day; equal work in one place is one row.
 * Rounds and rows stand in the order of what is lost by waiting.
 * @example todayList([], new Map(), "2026-05-15").groups.now // []
 */
export function todayList(items: readonly TodayItem[], answers: Answers, on: IsoDate): TodayList {
  const today = toDay(on);
  const rows = new Map<string, TodayRow>();
  const putOff: TodayList["putOff"] = [];
  for (const asked of items) {
    const said = answers.get(asked.id);
    if (said?.answer === "refused") putOff.push({ item: asked, until: null, reason: said.reason });
    if (isDone(answers, asked.id)) continue;
    const until = heldUntil(answers, asked.id);
    const item = until !== null && until > asked.from ? { ...asked, from: until } : asked;
    if (until !== null && until > on) putOff.push({ item, until, reason: said!.reason });
    const group = groupOf(item, today);
    if (group === null) continue;
    // What lasts ends on a day of its own, what lies far ahead begins in a month of its own.
    const apart = group === "lasting" ? item.to : group === "later" ? item.from.slice(0, 7) : "";
    const id = `${group}:${codeOf(item.what)}:${item.placeId ?? ""}:${apart}`;
    const row = rows.get(id);
    if (row) row.items.push(item);
    else rows.set(id, rowOf(id, group, item));
  }
  const all = [...rows.values()].map(summed).sort((a, b) => pressOf(a, today) - pressOf(b, today) || byId(a, b));
  const groups = Object.fromEntries(
    TODAY_GROUPS.map((group) => [group, roundsOf(all.filter((row) => row.group === group))]),
  ) as TodayList["groups"];
  return { groups, putOff };
}

function rowOf(id: string, group: TodayGroup, item: TodayItem): TodayRow {
  const { what, placeId, from, to, because, excepted } = item;
  return {
    ...{ id, group, what, placeId, items: [item], count: 1, plants: 0, from, to, overdue: 0 },
    ...{ minutes: null, looseMixL: null, massKg: null, because: [...because], excepted },
  };
}

function summed(row: TodayRow): TodayRow {
  const { items } = row;
  const sum = (value: (item: TodayItem) => number | null) => {
    const known = items.flatMap((item) => value(item) ?? []);
    return known.length === 0 ? null : known.reduce((a, b) => a + b, 0);
  };
  const masses = items.flatMap((item) => item.massKg ?? []);
  const ends = items.flatMap((item) => item.to ?? []).sort();
  return {
    ...row,
    items: [...items].sort((a, b) => (a.to ?? "9999").localeCompare(b.to ?? "9999") || a.tag.localeCompare(b.tag)),
    count: items.length,
    plants: items.reduce((n, item) => n + item.plants, 0),
    from: items.map((item) => item.from).sort()[0],
    to: ends[0] ?? null,
    overdue: items.filter((item) => item.overdue).length,
    minutes: sum((item) => item.minutes),
    looseMixL: sum((item) => item.looseMixL),
    massKg: masses.length === 0 ? null : Math.max(...masses),
    because: row.because.filter((reason) => items.every((item) => item.because.includes(reason))),
    excepted: items.every((item) => item.excepted === row.excepted) ? row.excepted : null,
  };
}

/** Overdue first, then what ends first, then what begins first. */
function pressOf(row: TodayRow, today: DayNumber): number {
  const ends = row.to === null ? F.mostDays : toDay(row.to) - today;
  const begins = Math.max(0, toDay(row.from) - today);
  const late = row.overdue > 0 || row.excepted !== null ? -2 * F.mostDays : 0;
  return row.group === "now" || row.group === "lasting" ? late + ends : begins + ends / F.mostDays;
}

const byId = (a: TodayRow, b: TodayRow) => a.id.localeCompare(b.id);

function roundsOf(rows: readonly TodayRow[]): TodayRound[] {
  const rounds = new Map<string | null, TodayRound>();
  for (const row of rows) {
    const round = rounds.get(row.placeId);
    if (round) round.rows.push(row);
    else rounds.set(row.placeId, { placeId: row.placeId, rows: [row] });
  }
  return [...rounds.values()];
}

/** The first day on which anything begins after today; null where nothing does. */
export function nextDay({ groups }: TodayList): IsoDate | null {
  const days = (["week", "month", "later"] as const).flatMap((group) =>
    groups[group].flatMap((round) => round.rows.map((row) => toDay(row.from))),
  );
  return days.length === 0 ? null : toIso(Math.min(...days));
}
