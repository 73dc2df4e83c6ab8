import { dayAfterWarmth, type Site } from "@/core/climate/index";
import { type DayNumber, growingSeason, toDay, toIso } from "@/core/dates/index";
import type { HealthState, LoggedEvent } from "@/core/event/index";
import { type Profile } from "@/core/species/index";
import {
  type Limit,
  mainLimit,
  OPEN_FROM,
  openPeriods,
  type Operation,
  OPERATION_NEEDS,
  OPERATIONS,
  spanAt,
  suitabilityOn,
  windowsOf,
  type WindowOptions,
  type WindowSeries,
} from "@/core/window/index";
import type { OwnWood } from "@/core/wood/index";
import { conditionOn } from "@/core/records/index";
import { massNow } from "./mass-now";
import { ownWoodOf, woodEvidence } from "./own-wood";
import { type DayStretch, type GrowersCalendar, liftersOn } from "@/core/people/index";
import type { TreeRecord } from "@/core/records/index";
import type { Replayed } from "./replay";
import type { PlaceSites } from "./stays";
import { staysOf } from "./stays";
import { RECOVERY_LAGS, withoutStretches } from "./verdict";

/** One work on one tree: whether today, why not, when, and how sure the ends are. */
export interface OperationWindow {
  operation: Operation;
  open: boolean;
  suitability: number;
  limiting: Limit;
  /** Share of weather years in which work on this day ends well. */
  safe: number;
  /** What closed the window although the season would allow it: the tree or the grower. */
  heldBy: HeldBy | null;
  periods: {
    from: string;
    to: string;
    closedBy: Limit;
    /** First and last days over the weather years: 10, 50, 90 %; null where days without hands cut it short. */
    opens: [string, string, string] | null;
    closes: [string, string, string] | null;
  }[];
  mainLimit: Limit;
  /** By day from `from` on: suitability ×200, safe ×100, for the curve. */
  curve: { from: string; stepDays: number; suitability: number[]; safe: number[] };
}

/** What of the tree itself or of its growers closes a day. */
export type HeldBy =
  | { by: "recovery"; until: string | null }
  | { by: "health"; state: HealthState }
  | { by: "grower"; massKg: number | null };

/** Days ahead that windows are worked out for: this season and the next. */
export const WINDOW_DAYS = 400;
const CURVE_STEP_DAYS = 2;
/** More root loss than this is too much for a tree that is weak, dry or sick. */
const WEAK_LOSS = 0.05;

export interface TreeWindowsInput {
  sites: PlaceSites;
  tree: TreeRecord;
  profile: Profile;
  events: readonly LoggedEvent[];
  replayed: Replayed;
  calendar: GrowersCalendar;
  away: readonly DayStretch[];
  options: WindowOptions;
  on: DayNumber;
  /** Stands somewhere else, as a question. */
  placeId?: string | null;
  operations?: readonly Operation[];
  /** Leaves the curves out, for a whole yard. */
  withoutCurves?: boolean;
}

/** One that is asked about elsewhere is taken to have stood there for a fortnight: its roots are as warm as the place. */
const SETTLED_DAYS = 14;

/** The weather a tree has had and, if it stays where it is or goes where it is asked to, will have. */
export function siteOf({ sites, events, on, placeId }: TreeWindowsInput): Site {
  const stays = staysOf(events, on);
  if (placeId !== undefined && placeId !== stays.at(-1)!.placeId) stays.push({ from: on - SETTLED_DAYS, placeId });
  return sites.forStays(stays);
}

/** Windows of a kind in some weather, as far as a tree's next four hundred days reach. */
export function seriesAround<O extends Operation>(
  site: Site,
  profile: Profile,
  operations: readonly O[],
  on: DayNumber,
  options: WindowOptions,
): Record<O, WindowSeries> {
  const { latitudeDeg } = site;
  return windowsOf(
    site,
    profile,
    operations,
    growingSeason(on, latitudeDeg),
    growingSeason(on + WINDOW_DAYS, latitudeDeg),
    options,
  );
}

/** All work on one tree: windows of its kind where it stands, less what the tree itself and its growers do not allow. */
export function treeWindows(
  input: TreeWindowsInput,
  /** Windows of its kind where it stands, where somebody has them already. */
  known?: Partial<Record<Operation, WindowSeries>>,
): OperationWindow[] {
  const { profile, events, on, options } = input;
  const site = siteOf(input);
  const season = growingSeason(on, site.latitudeDeg);
  const operations = input.operations ?? OPERATIONS;
  const evidence = woodEvidence(events, season, site.latitudeDeg, on);
  const own: OwnWood | undefined = evidence ? ownWoodOf(site, profile, season, evidence) : undefined;
  const first =
    (known as Record<Operation, WindowSeries> | undefined) ?? seriesAround(site, profile, operations, on, options);
  // What was seen of its own wood speaks of its own season only.
  const mine = own ? windowsOf(site, profile, operations, season, season, options, own) : null;
  const condition = conditionOn(events, on);
  const recovered = recoveredOn(input, site);
  return operations.map((operation) => {
    const series = mine ? overlaid(first[operation], mine[operation]) : first[operation];
    return windowOf(input, operation, series, condition.health, recovered);
  });
}

/** A season's own days laid over the usual ones. */
function overlaid(under: WindowSeries, over: WindowSeries): WindowSeries {
  const at = over.startDay - under.startDay;
  const end = over.startDay + over.safe.length;
  const laid = (a: Uint8Array, b: Uint8Array) => {
    const out = a.slice();
    out.set(b, at);
    return out;
  };
  return {
    startDay: under.startDay,
    suitability: laid(under.suitability, over.suitability),
    limiting: laid(under.limiting, over.limiting),
    safe: laid(under.safe, over.safe),
    spans: [...under.spans.filter((s) => s.to < over.startDay || s.from >= end), ...over.spans].sort(
      (a, b) => a.from - b.from,
    ),
  };
}

function recoveredOn({ replayed, profile, on }: TreeWindowsInput, site: Site): DayNumber {
  if (replayed.disturbedOn === null) return -Infinity;
  const need = RECOVERY_LAGS * replayed.belief.lagDegreeDays - replayed.belief.warmthSince;
  if (need <= 0) return -Infinity;
  return dayAfterWarmth(site.warmth, profile.warmth, on, need) ?? on + WINDOW_DAYS;
}

function windowOf(
  input: TreeWindowsInput,
  operation: Operation,
  series: WindowSeries,
  health: HealthState,
  recovered: DayNumber,
): OperationWindow {
  const { on, away } = input;
  const needs = OPERATION_NEEDS[operation];
  const to = on + WINDOW_DAYS;
  const at = suitabilityOn(series, on) ?? { suitability: 0, limiting: "none" as const, safe: 0 };
  const urgent = needs.urgent === true;
  const waits = !urgent && needs.work > 0 && on < recovered;
  const ailing =
    !urgent && ((health === "quarantine" && needs.lifted) || (health !== "well" && needs.rootLoss > WEAK_LOSS));
  const short = needs.lifted ? handsShort(input) : { stretches: [] as DayStretch[], massKg: null };
  const closed = [...away, ...short.stretches];
  const nobody = closed.some(([a, b]) => a <= on && on <= b);
  const from = waits ? recovered : on;
  const periods = ailing
    ? []
    : closed.length === 0
      ? freePeriods(series, from, to)
      : periodsWithout(series, from, to, closed);
  const heldBy: HeldBy | null = ailing
    ? { by: "health", state: health }
    : waits
      ? { by: "recovery", until: recovered > to ? null : toIso(recovered) }
      : nobody && at.suitability >= OPEN_FROM
        ? { by: "grower", massKg: short.massKg }
        : null;
  const limiting: Limit = heldBy ? heldBy.by : at.limiting;
  const open = heldBy === null && at.suitability >= OPEN_FROM;
  return {
    operation,
    open,
    suitability: heldBy ? Math.min(at.suitability, 0.2) : at.suitability,
    limiting,
    safe: at.safe,
    heldBy,
    periods,
    mainLimit: open
      ? "none"
      : heldBy
        ? heldBy.by
        : mainLimit(series, on, periods[0] ? toDay(periods[0].from) - 1 : Math.min(to, on + 365)),
    curve: input.withoutCurves
      ? { from: toIso(on), stepDays: CURVE_STEP_DAYS, suitability: [], safe: [] }
      : curveOf(series, on, to),
  };
}

/** Trees of one kind and place that nothing holds ask the same of the same windows: the last answer is kept by series. */
const lastFree = new WeakMap<WindowSeries, { from: DayNumber; to: DayNumber; periods: OperationWindow["periods"] }>();
function freePeriods(series: WindowSeries, from: DayNumber, to: DayNumber): OperationWindow["periods"] {
  const known = lastFree.get(series);
  if (known?.from === from && known.to === to) return known.periods;
  const periods = periodsWithout(series, from, to, []);
  lastFree.set(series, { from, to, periods });
  return periods;
}

function periodsWithout(
  series: WindowSeries,
  from: DayNumber,
  to: DayNumber,
  closed: readonly DayStretch[],
): OperationWindow["periods"] {
  const iso = (v: [number, number, number]) => v.map((d) => toIso(d)) as [string, string, string];
  return openPeriods(series, from, to)
    .flatMap((p) => withoutStretches(p, closed))
    .map((p) => {
      const span = spanAt(series, (p.from + p.to) >> 1);
      const cut = closed.some(([a, b]) => a <= p.to + 1 && b >= p.from - 1);
      return {
        from: toIso(p.from),
        to: toIso(p.to),
        closedBy: p.closedBy,
        opens: span && !cut ? iso(span.opens) : null,
        closes: span && !cut ? iso(span.closes) : null,
      };
    });
}

function curveOf(series: WindowSeries, from: DayNumber, to: DayNumber): OperationWindow["curve"] {
  const suitability: number[] = [];
  const safe: number[] = [];
  for (let day = from; day <= to; day += CURVE_STEP_DAYS) {
    const i = Math.min(day - series.startDay, series.safe.length - 1);
    suitability.push(series.suitability[i]);
    safe.push(series.safe[i]);
  }
  return { from: toIso(from), stepDays: CURVE_STEP_DAYS, suitability, safe };
}

/**
 * Days on which too few are there to lift it: only days inside somebody's absence are looked at. What no pair may lift at any time
 * is a matter of truck and hoist, and closes nothing.
 */
function handsShort({ replayed, tree, calendar, on }: TreeWindowsInput): {
  stretches: DayStretch[];
  massKg: number | null;
} {
  if (calendar.people.length === 0 || calendar.absences.length === 0) return { stretches: [], massKg: null };
  const massKg = massNow(replayed, { trunkMm: tree.trunkMm, heightM: tree.heightM }, on)?.wetKg ?? null;
  if (massKg === null) return { stretches: [], massKg: null };
  const canLift = (people: GrowersCalendar, day: DayNumber) => {
    const { alone, pair } = liftersOn(people, day, massKg);
    return alone !== null || pair !== null;
  };
  const always = { people: calendar.people.map((p) => ({ ...p, weekdays: [] })), absences: [] };
  if (!canLift(always, on)) return { stretches: [], massKg };
  const days = new Set<DayNumber>();
  for (const absence of calendar.absences)
    for (let d = Math.max(on, toDay(absence.from)); d <= Math.min(toDay(absence.to), on + WINDOW_DAYS); d++)
      days.add(d);
  const stretches: [DayNumber, DayNumber][] = [];
  for (const day of [...days].sort((a, b) => a - b)) {
    if (canLift(calendar, day)) continue;
    const last = stretches.at(-1);
    if (last?.[1] === day - 1) last[1] = day;
    else stretches.push([day, day]);
  }
  return { stretches, massKg };
}

/** The first stretch in which the windows of all of a set are open, or null. */
export function openTogether(
  each: readonly (readonly { from: string; to: string }[])[],
): { from: string; to: string } | null {
  let common: { from: string; to: string }[] = [...(each[0] ?? [])];
  for (const periods of each.slice(1))
    common = common.flatMap((a) =>
      periods.flatMap((b) => {
        const from = a.from > b.from ? a.from : b.from;
        const to = a.to < b.to ? a.to : b.to;
        return from <= to ? [{ from, to }] : [];
      }),
    );
  return common.sort((a, b) => a.from.localeCompare(b.from))[0] ?? null;
}
