import type { DayNumber } from "../dates/index";
import { type CarryBy, type Carrying, carryTo } from "./carry";
import type { InDays, OutDays } from "./days";
import { OUTSIDE, type TreeOutlook } from "./outlook";
import { placeKey, type Quarter, type ShelterData, type Standing } from "./problem";

/** A pot's way into its quarters, or out again. */
export interface Move {
  standing: Standing;
  direction: "in" | "out";
  fromId: string | null;
  toId: string | null;
  /** In by this day, or out not before it: late enough nine times of ten. */
  day: DayNumber;
  /** The same in the middle winter; null where that has no such night. */
  middle: DayNumber | null;
  /** The night it flees, or what it waits for. */
  why: InDays["cause"] | "swell" | "frost" | "no-hurry" | "between";
  /** Chance of a harmful night by tomorrow and so on. */
  soon: number[];
  /** Nights after it has gone out, in the mean spring, that ask for fleece or a way back. */
  nightsAfter: number;
  carrying: Carrying;
}

/** Without a night that harms it a pot that is to go in goes this long before midwinter, days. */
const NO_HURRY_DAYS = 20;

/**
 * What must be carried for a plan: in, what does not stand where it is planned; out, all that winters away from its summer place.
 * The tenderest first in and last out.
 */
export function movesOf(input: {
  data: ShelterData;
  /** Planned place by standing; `outside` or missing: its summer place. */
  assignment: Readonly<Record<string, string>>;
  startDay: DayNumber;
  midwinter: DayNumber;
  today: DayNumber;
}): { in: Move[]; out: Move[] } {
  const { data, assignment, startDay, midwinter, today } = input;
  const outlooks = new Map(data.outlooks.map((o) => [o.treeId, o]));
  const quarter = (id: string | null) => data.quarters.find((q) => q.id === id);
  const carrying = (s: Standing, q: Quarter | undefined) =>
    carryTo(s.eachKg, s.plants, q?.build ?? { distanceM: null, steps: 0 }, data.limits);
  const into: Move[] = [];
  const out: Move[] = [];
  for (const s of data.standings) {
    if (s.anchored) continue;
    const at = assignment[s.id] ?? OUTSIDE;
    const now = placeKey(s, s.nowId);
    const own = s.treeIds.flatMap((id) => outlooks.get(id) ?? []);
    if (at !== OUTSIDE && at !== now && today < midwinter + LAST_IN_DAYS)
      into.push({
        standing: s,
        direction: "in",
        fromId: s.nowId,
        toId: at,
        // What is in some quarters already flees no night outdoors.
        ...(now === OUTSIDE ? inOf(own, startDay, midwinter) : { ...unhurried(midwinter), why: "between" as const }),
        nightsAfter: 0,
        carrying: carrying(s, quarter(at)),
      });
    const from = at !== OUTSIDE ? at : now;
    if (from === OUTSIDE) continue;
    const days = own.flatMap((o) => o.stays[from]?.out ?? []);
    if (days.length === 0) continue;
    const latest = days.reduce((a, b): OutDays => (b.p90 > a.p90 ? b : a));
    out.push({
      standing: s,
      direction: "out",
      fromId: from,
      toId: s.homeId,
      day: startDay + latest.p90,
      middle: startDay + latest.p50,
      why: latest.bySwell ? "swell" : "frost",
      soon: [],
      nightsAfter: latest.nightsAfter,
      carrying: carrying(s, quarter(from)),
    });
  }
  const chance = (m: Move) => m.soon[0] ?? 0;
  return { in: into.sort((a, b) => a.day - b.day || chance(b) - chance(a)), out: out.sort((a, b) => a.day - b.day) };
}
/** So long after midwinter nothing is carried in any more. */
const LAST_IN_DAYS = 60;

const unhurried = (midwinter: DayNumber) => ({ day: midwinter - NO_HURRY_DAYS, middle: null, soon: [] });

function inOf(outlooks: readonly TreeOutlook[], startDay: DayNumber, midwinter: DayNumber) {
  const first = outlooks
    .flatMap((o) => o.in ?? [])
    .sort((a, b) => a.p10 - b.p10)
    .at(0);
  return first
    ? {
        day: startDay + first.p10,
        middle: first.p50 === null ? null : startDay + first.p50,
        why: first.cause,
        soon: first.soon,
      }
    : { ...unhurried(midwinter), why: "no-hurry" as const };
}

/** A day's carrying. */
export interface Round {
  day: DayNumber;
  moves: Move[];
  minutes: number;
  /** Person-minutes there are on that day; null: nobody has said. */
  have: number | null;
  kg: number;
  kgM: number;
}

/** Moves due within so many days of each other are one round. */
const ROUND_DAYS = 7;
/** Person-minutes of carrying taken for a day nobody has given hours for. */
const USUAL_MINUTES = 180;
/** How far a round is looked for around its day. */
const SEARCH_DAYS = 21;

/**
 * Moves as rounds: in, on the last day with people before the first of a lot is due, more days before it where one is not enough; out,
 * on the first day with people once a week's lot may go.
 * @param minutesOn person-minutes on a day: 0 where nobody is there, null where nobody has said
 */
export function roundsOf(
  moves: readonly Move[],
  direction: Move["direction"],
  today: DayNumber,
  minutesOn: (day: DayNumber) => number | null,
): Round[] {
  const step = direction === "in" ? -1 : 1;
  const works = (day: DayNumber) => minutesOn(day) !== 0;
  const rounds: Round[] = [];
  const room = (r: Round) => (r.have ?? USUAL_MINUTES) - r.minutes;
  /** A new day for a lot: from `from` on in the direction, skipping days taken. */
  const open = (from: DayNumber): Round => {
    let day = Math.max(today, from);
    for (let k = 0; k <= SEARCH_DAYS; k++) {
      const asked = Math.max(today, from + step * k);
      if (works(asked) && !rounds.some((r) => r.day === asked)) {
        day = asked;
        break;
      }
      // Nobody is there before today: the first day somebody is.
      if (direction === "in" && asked === today) {
        for (let d = today; d <= today + SEARCH_DAYS; d++)
          if (works(d) && !rounds.some((r) => r.day === d)) {
            day = d;
            break;
          }
        break;
      }
    }
    const round: Round = { day, moves: [], minutes: 0, have: minutesOn(day), kg: 0, kgM: 0 };
    rounds.push(round);
    return round;
  };
  let [lot, lotFrom]: [Round | null, DayNumber] = [null, 0];
  for (const move of moves) {
    // Out: never before its day; in: not much before it is due.
    if (!lot || move.day > (direction === "in" ? lotFrom + ROUND_DAYS : lot.day)) {
      lotFrom = Math.max(today, move.day);
      lot = open(direction === "in" ? lotFrom - 1 : lotFrom + ROUND_DAYS - 1);
    }
    if (lot.moves.length > 0 && move.carrying.minutes > room(lot)) lot = open(lot.day + step);
    lot.moves.push(move);
    lot.minutes += move.carrying.minutes;
    lot.kg += move.standing.massKg;
    lot.kgM += move.carrying.kgM;
  }
  return rounds.sort((a, b) => a.day - b.day);
}

/** Loads of a round by who carries them, kg and minutes. */
export function loadsBy(round: Round): Partial<Record<CarryBy, { pots: number; kg: number; minutes: number }>> {
  const out: Partial<Record<CarryBy, { pots: number; kg: number; minutes: number }>> = {};
  for (const { carrying, standing } of round.moves) {
    const load = (out[carrying.by] ??= { pots: 0, kg: 0, minutes: 0 });
    load.pots += standing.plants;
    load.kg += standing.massKg;
    load.minutes += carrying.minutes;
  }
  return out;
}

/** Days by which plants from warmth or poor light are brought to the open: shade, half the day's sun, all of it. */
export interface HardeningStage {
  from: DayNumber;
  what: "shade" | "half-sun" | "place";
}
const STAGE_DAYS = { shade: 4, half: 5 } as const;
/** Quarters from which leaves must be used to the sun: dimmer than bright, or warmer than this, °C. */
const SOFT = { lightBelow: 2, warmerC: 8 } as const;

export function hardeningOff(move: Move, light: number, meanC: number): HardeningStage[] {
  const leafless = !move.standing.evergreen && move.why === "swell";
  if (leafless || (light >= SOFT.lightBelow && meanC < SOFT.warmerC)) return [];
  return [
    { from: move.day, what: "shade" },
    { from: move.day + STAGE_DAYS.shade, what: "half-sun" },
    { from: move.day + STAGE_DAYS.shade + STAGE_DAYS.half, what: "place" },
  ];
}
