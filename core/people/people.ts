import { type DayNumber, toDay } from "../dates/index";
import type { LoggedEvent } from "../event/index";
import { PAIR_LIMIT_KG, SOLO_LIMIT_KG } from "../mass/index";

/** Somebody who carries and pots. Limits are personal: they may be lowered, never raised above local manual-handling rules. */
export interface Person {
  id: string;
  name: string;
  self: boolean;
  liftKg: number;
  hoursPerWeek: number | null;
  /** Monday = 1; none named: any day. */
  weekdays: number[];
}

export interface Absence {
  eventId: string;
  entryId: string;
  /** null: nobody is there. */
  personId: string | null;
  from: string;
  to: string;
  note: string;
}

export interface GrowersCalendar {
  people: Person[];
  absences: Absence[];
}

/** The newest word about each person, and every absence that counts. */
export function calendarOf(events: readonly LoggedEvent[]): GrowersCalendar {
  const people = new Map<string, Person & { gone: boolean; seq: number }>();
  const absences: Absence[] = [];
  for (const { payload, id, entryId, seq } of events) {
    if (payload.kind === "person") {
      const known = people.get(payload.personId);
      if (!known || known.seq < seq) people.set(payload.personId, { ...payload, id: payload.personId, seq });
    } else if (payload.kind === "absence") {
      const { personId, from, to, note } = payload;
      absences.push({ eventId: id, entryId, personId, from, to, note });
    }
  }
  return {
    people: [...people.values()]
      .filter((p) => !p.gone)
      .map(({ id, name, self, liftKg, hoursPerWeek, weekdays }) => ({ id, name, self, liftKg, hoursPerWeek, weekdays }))
      .sort((a, b) => Number(b.self) - Number(a.self) || a.name.localeCompare(b.name)),
    absences: absences.sort((a, b) => a.from.localeCompare(b.from)),
  };
}

/** 1970-01-01 was a Thursday; Monday = 1. */
function weekdayOf(day: DayNumber): number {
  return ((((day + 3) % 7) + 7) % 7) + 1;
}

/** Who can work on a day. With nobody entered yet, the keeper is taken to be there. */
export function presentOn(calendar: GrowersCalendar, day: DayNumber): Person[] {
  const away = (personId: string) =>
    calendar.absences.some(
      (a) => (a.personId === null || a.personId === personId) && toDay(a.from) <= day && day <= toDay(a.to),
    );
  return calendar.people.filter((p) => !away(p.id) && (p.weekdays.length === 0 || p.weekdays.includes(weekdayOf(day))));
}

/** Hours of work the people have on some days (inclusive); null where nobody has said how many a week. */
export function hoursBetween(calendar: GrowersCalendar, from: DayNumber, to: DayNumber): number | null {
  if (calendar.people.every((p) => p.hoursPerWeek === null)) return null;
  let hours = 0;
  for (let day = from; day <= to; day++)
    for (const p of presentOn(calendar, day)) hours += (p.hoursPerWeek ?? 0) / (p.weekdays.length || 7);
  return hours;
}

/** Stretches of days, inclusive. */
export type DayStretch = readonly [from: DayNumber, to: DayNumber];

/** Stretches in which nobody at all is there to work. Only days inside an absence are looked at: a day off in the week closes nothing. */
export function awayStretches(calendar: GrowersCalendar): DayStretch[] {
  const stretches: [DayNumber, DayNumber][] = [];
  const days = new Set<DayNumber>();
  for (const a of calendar.absences) for (let d = toDay(a.from); d <= toDay(a.to); d++) days.add(d);
  for (const day of [...days].sort((a, b) => a - b)) {
    const nobody =
      calendar.people.length === 0
        ? calendar.absences.some((a) => a.personId === null && toDay(a.from) <= day && day <= toDay(a.to))
        : presentOn(calendar, day).length === 0;
    if (!nobody) continue;
    const last = stretches.at(-1);
    if (last?.[1] === day - 1) last[1] = day;
    else stretches.push([day, day]);
  }
  return stretches;
}

/** Two who lift together manage two thirds of the sum of what each may lift, as a rule of manual handling (remembered; local rules decide). */
export const TEAM_SHARE = 2 / 3;

/** What one may lift: the own limit, never more than the general one. */
export function soloLimitKg(person: Pick<Person, "liftKg">): number {
  return Math.min(person.liftKg, SOLO_LIMIT_KG);
}

/** What two manage together on the level. */
export function pairLimitKg(a: Pick<Person, "liftKg">, b: Pick<Person, "liftKg">): number {
  return Math.min(TEAM_SHARE * (soloLimitKg(a) + soloLimitKg(b)), PAIR_LIMIT_KG);
}

/** Who can lift this mass on a day: one alone, two together, or nobody. */
export function liftersOn(
  calendar: GrowersCalendar,
  day: DayNumber,
  massKg: number,
): { alone: Person | null; pair: [Person, Person] | null; present: number } {
  const present = presentOn(calendar, day).sort((a, b) => b.liftKg - a.liftKg);
  const alone = present.find((p) => soloLimitKg(p) >= massKg) ?? null;
  const [a, b] = present;
  const pair: [Person, Person] | null = a && b && pairLimitKg(a, b) >= massKg ? [a, b] : null;
  return { alone, pair: alone ? null : pair, present: present.length };
}
