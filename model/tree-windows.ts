import { dayAfterWarmth, type Site, type WarmthTrack } from "@/core/climate/index";
import { type DayNumber, growingSeason, toDay, toIso } from "@/core/dates/index";
import type { HealthState } from "@/core/event/index";
import { type DayStretch, type GrowersCalendar, liftersOn } from "@/core/people/index";
import {
  type Limit,
  mainLimit,
  OPEN_FROM,
  openPeriods,
  outlinedOn,
  type OutlinePeriod,
  type Operation,
  OPERATION_NEEDS,
  spanAt,
  OPERATIONS,
  suitabilityOn,
  usualOperation,
  windowFrom,
  type WindowOutline,
  windowsOf,
  type WindowSeries,
  withoutStretches,
  type WorkWindow,
} from "@/core/window/index";
import { ownWoodOf } from "./own-wood";
import type { TreeOnDay } from "./tree-on-day";
import type { WindowState } from "./state";
import { WINDOW_DAYS } from "./window-series";

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

const CURVE_STEP_DAYS = 2;
/** More root loss than this is too much for a tree that is weak, dry or sick. */
const WEAK_LOSS = 0.05;

/** Which works are asked of a tree, and the windows of its kind where it is asked to stand. */
export interface WindowsAsked {
  site: Site;
  series: Record<Operation, WindowSeries>;
  operations: readonly Operation[];
  curves: boolean;
}

/** Roots have recovered from the last work after this many lags' worth of warmth. */
const RECOVERY_LAGS = 2.5;
/** One that is not well is looked at again before anything is done to its roots. */
const LOOK_AGAIN_DAYS = 14;
/** Days ahead that the usual work of a tree is looked for: a year, and the season after it. */
const LOOK_AHEAD_DAYS = WINDOW_DAYS;
/** Curves are drawn for the year ahead and a little more. */
const CURVE_DAYS = 400;

/** The window of the work that is usual for its kind, as its verdict needs it: from its tracks alone, so that a browser can say it, too. */
export function usualWindow(tree: TreeOnDay): WindowState {
  const { tracks, day, profile } = tree;
  const operation = usualOperation(profile.values.rootShare);
  const row = windowOf(tree, operation, tracks.window, recoveredOn(tree, tracks.warmth), {
    curves: false,
    until: day + LOOK_AHEAD_DAYS,
  });
  const { open, suitability, limiting, safe, mainLimit } = row;
  const periods = row.periods.map(({ from, to, closedBy }) => ({ from, to, closedBy }));
  return { open, suitability, limiting, safe, mainLimit, periods, period: periods[0] ?? null };
}

/** All work on one tree: windows of its kind where it stands, less what the tree itself and its growers do not allow. */
export function treeWindows(tree: TreeOnDay, asked: WindowsAsked): OperationWindow[] {
  const { day: on, profile, yard } = tree;
  const { site, operations } = asked;
  const season = growingSeason(on, site.latitudeDeg);
  const evidence = tree.woodEvidence(season);
  // What was seen of its own wood speaks of its own season only.
  const mine = evidence
    ? windowsOf(
        site,
        profile,
        operations,
        season,
        season,
        yard.windowOptions,
        ownWoodOf(site, profile, season, evidence),
      )
    : null;
  const recovered = recoveredOn(tree, site.warmth);
  return operations.map((operation) => {
    const usual = asked.series[operation];
    const series = mine ? overlaid(usual, mine[operation]) : usual;
    return windowOf(tree, operation, series, recovered, { curves: asked.curves, until: on + WINDOW_DAYS });
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

/** The day its roots have recovered from the last work. */
export function recoveredOn({ roots: replayed, profile, day: on }: TreeOnDay, warmth: WarmthTrack): DayNumber {
  if (replayed.disturbedOn === null) return -Infinity;
  const need = RECOVERY_LAGS * replayed.belief.lagDegreeDays - replayed.belief.warmthSince;
  if (need <= 0) return -Infinity;
  return dayAfterWarmth(warmth, profile.warmth, on, need) ?? on + LOOK_AHEAD_DAYS;
}

/** What the tree itself and its growers make of a work's windows. */
interface Hold {
  /** Nothing of it before this day. */
  from: DayNumber;
  /** Days without hands. */
  closed: readonly DayStretch[];
  /** What closes today, if its season would have it open or not. */
  heldBy: HeldBy | null;
}

function holdOn(tree: TreeOnDay, operation: Operation, recovered: DayNumber, openBySeason: boolean): Hold {
  const on = tree.day;
  const { health } = tree.condition;
  const needs = OPERATION_NEEDS[operation];
  const urgent = needs.urgent === true;
  const waits = !urgent && needs.work > 0 && on < recovered;
  const ailing =
    !urgent && ((health === "quarantine" && needs.lifted) || (health !== "well" && needs.rootLoss > WEAK_LOSS));
  const short = needs.lifted ? handsShort(tree) : { stretches: [] as DayStretch[], massKg: null };
  const closed = [...tree.yard.away, ...short.stretches];
  const nobody = closed.some(([a, b]) => a <= on && on <= b);
  const heldBy: HeldBy | null = ailing
    ? { by: "health", state: health }
    : waits
      ? { by: "recovery", until: recovered > on + LOOK_AHEAD_DAYS ? null : toIso(recovered) }
      : nobody && openBySeason
        ? { by: "grower", massKg: short.massKg }
        : null;
  return { from: Math.max(ailing ? on + LOOK_AGAIN_DAYS : on, waits ? recovered : on), closed, heldBy };
}

/** The window of a work as decisions are made on it: its stretches ahead are looked for when they are asked for. */
class TrackedWindow implements WorkWindow {
  readonly open: boolean;
  readonly limiting: Limit;
  private found: OutlinePeriod[] | null = null;

  constructor(
    private readonly outline: WindowOutline,
    private readonly on: DayNumber,
    private readonly hold: Hold,
    season: Pick<WorkWindow, "open" | "limiting">,
  ) {
    const { heldBy } = hold;
    this.open = season.open && heldBy === null;
    this.limiting = heldBy ? heldBy.by : season.limiting;
  }

  get periods(): OutlinePeriod[] {
    const { from, closed } = this.hold;
    return (this.found ??= windowFrom(this.outline, this.on, this.on + LOOK_AHEAD_DAYS, from, closed)!.periods);
  }
}

/** The windows of all works as decisions are made on them, from its tracks alone; null before these begin. */
export function workWindows(tree: TreeOnDay): Record<Operation, WorkWindow> | null {
  const { tracks, day: on } = tree;
  const recovered = recoveredOn(tree, tracks.warmth);
  const works: Partial<Record<Operation, WorkWindow>> = {};
  for (const operation of OPERATIONS) {
    const outline = tracks.outlines[operation];
    const season = outlinedOn(outline, on);
    if (!season) return null;
    works[operation] = new TrackedWindow(outline, on, holdOn(tree, operation, recovered, season.open), season);
  }
  return works as Record<Operation, WorkWindow>;
}

function windowOf(
  tree: TreeOnDay,
  operation: Operation,
  series: WindowSeries,
  recovered: DayNumber,
  { curves, until: to }: { curves: boolean; until: DayNumber },
): OperationWindow {
  const on = tree.day;
  const at = suitabilityOn(series, on) ?? { suitability: 0, limiting: "none" as const, safe: 0 };
  const { from, closed, heldBy } = holdOn(tree, operation, recovered, at.suitability >= OPEN_FROM);
  const periods = closed.length === 0 ? freePeriods(series, from, to) : periodsWithout(series, from, to, closed);
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
    curve: curves
      ? curveOf(series, on, Math.min(to, on + CURVE_DAYS))
      : { from: toIso(on), stepDays: CURVE_STEP_DAYS, suitability: [], safe: [] },
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
function handsShort(tree: TreeOnDay): {
  stretches: DayStretch[];
  massKg: number | null;
} {
  const { yard, day: on } = tree;
  const { calendar } = yard;
  if (calendar.people.length === 0 || calendar.absences.length === 0) return { stretches: [], massKg: null };
  // Weighed only where somebody is away at all: the mass of a pot takes longer than all else here.
  const massKg = tree.mass?.wetKg ?? null;
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
