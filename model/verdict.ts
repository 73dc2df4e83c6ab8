import { type DayNumber, type IsoDate, toDay } from "@/core/dates/index";
import type { DateEstimate, Estimate } from "@/core/estimate/index";
import type { PotFit } from "@/core/ladder/index";
import { DUE_CIRCLING, DUE_FILL, BOUND_CIRCLING, BOUND_FILL } from "@/core/roots/index";
import { brimEstimate } from "@/core/vessel/index";
import { type Limit, openPeriods } from "@/core/window/index";
import type { KindTracks, YardFacts } from "./context";
import type { TreeRecord } from "@/core/records/index";
import type { Replayed } from "./replayed";

export type VerdictCode = "unknown" | "not-due" | "move-now" | "wait" | "overdue" | "no-window" | "no-pot" | "hold";

export interface Verdict {
  code: VerdictCode;
  /** The day that goes with the word: due, opening or last safe day. */
  on: IsoDate | null;
  /** What holds it back, where something does. */
  limiting: Limit;
  /** Whether the window for the work is open on the day asked. */
  open: boolean;
}

export interface WindowState {
  open: boolean;
  suitability: number;
  limiting: Limit;
  /** Share of weather years in which work on this day ends well. */
  safe: number;
  /** The open stretch the day lies in, or the next one. */
  period: { from: IsoDate; to: IsoDate; closedBy: Limit } | null;
  /** The open stretches of the two years ahead. */
  periods: { from: IsoDate; to: IsoDate; closedBy: Limit }[];
  /** What holds the days until the next opening back, most often. */
  mainLimit: Limit;
}

/** Band of fill wider than this: nobody knows, look at the roots. */
const TOO_WIDE = 0.5;
const FRESH_CHECK_DAYS = 45;

interface JudgeInput {
  tree: TreeRecord;
  replayed: Replayed;
  yard: YardFacts;
  kind: KindTracks;
  on: DayNumber;
  fill: Estimate;
  circling: Estimate;
  due: DateEstimate;
  isDue: boolean;
  window: WindowState;
  pots: PotFit[];
}

/** One sentence's worth of judgement, and how hard it presses. */
export function judge(input: JudgeInput): { verdict: Verdict; pressDays: number } {
  const { tree, replayed, on, fill, circling, window, pots } = input;
  const due = "none" in input.due ? { p10: null, p50: null, p90: null } : input.due;
  const verdict = (code: VerdictCode, day: IsoDate | null, limiting: Limit = window.limiting): Verdict => ({
    code,
    on: day,
    limiting,
    open: window.open,
  });
  const lastSafe = lastSafeDay(input, due.p50 ?? due.p90);
  const pressDays = lastSafe === null ? Infinity : lastSafe - on;

  // Who has just looked is not sent to look again, unless what was seen does not fit.
  const fresh = replayed.lastCheckOn !== null && on - replayed.lastCheckOn < FRESH_CHECK_DAYS && !replayed.doubted;
  if (fill.p90 - fill.p10 > TOO_WIDE && !fresh) {
    return {
      verdict: verdict("unknown", due.p10),
      pressDays: due.p10 === null ? Infinity : (lastSafeDay(input, due.p10) ?? Infinity) - on,
    };
  }
  if (!input.isDue) return { verdict: verdict("not-due", due.p50), pressDays };
  if (inFinalPot(tree, replayed))
    return { verdict: verdict("hold", window.period?.from ?? null, window.mainLimit), pressDays };

  const missed = missedWindow(input);
  if (fill.p50 >= BOUND_FILL || circling.p50 >= BOUND_CIRCLING || missed !== null) {
    const day = window.open ? endOf(window) : (window.period?.from ?? null);
    return {
      verdict: verdict("overdue", day),
      pressDays: missed !== null ? missed - on : Math.min(-1, -overdueDays(input)),
    };
  }
  if (!window.period) return { verdict: verdict("no-window", null, window.mainLimit), pressDays };
  if (window.open) {
    if (!pots.some((pot) => pot.misfit === null)) return { verdict: verdict("no-pot", endOf(window)), pressDays };
    return { verdict: verdict("move-now", endOf(window)), pressDays };
  }
  return { verdict: verdict("wait", window.period.from), pressDays };
}

/** Where no end is in sight a due tree presses as if there were this long. */
const UNPRESSED_DAYS = 180;

/** The end of the first open stretch that reaches past the day the tree is due. */
function lastSafeDay({ on, window }: JudgeInput, dueOn: IsoDate | null): DayNumber | null {
  if (dueOn === null) return null;
  const from = Math.max(on, toDay(dueOn));
  const period = window.periods.find((p) => toDay(p.to) >= from);
  return period && period.closedBy !== "none" ? toDay(period.to) : from + UNPRESSED_DAYS;
}

/** Last day of the stretch that counts; null where nothing closes it as far as one can see. */
const endOf = ({ period }: WindowState): IsoDate | null =>
  period !== null && period.closedBy !== "none" ? period.to : null;

/** The last day of a window that has closed since the tree became due; null when none has. */
function missedWindow({ kind, replayed, on, fill, circling }: JudgeInput): DayNumber | null {
  // Walk back to the day it became due, on the middle course: fill above .85 or circling above 2 since then.
  const since = dueSince(replayed, kind, fill, circling, on);
  if (since === null) return null;
  const closed = openPeriods(kind.window, since, on).filter((p) => p.to < on - 2 && p.to - p.from >= 13);
  return closed.at(-1)?.to ?? null;
}

/** Roughly when the middle course crossed the line: x has risen by k·τ, so the crossing lies (x − x_due)/k of warmth back. */
function dueSince(
  replayed: Replayed,
  kind: KindTracks,
  fill: Estimate,
  circling: Estimate,
  on: DayNumber,
): DayNumber | null {
  if (fill.p50 < DUE_FILL) return circling.p50 >= DUE_CIRCLING ? on : null;
  const k = kind.profile.kPerDegreeDay;
  const back = (Math.log(fill.p50 / (1 - fill.p50)) - Math.log(DUE_FILL / (1 - DUE_FILL))) / k;
  const sums = kind.warmth.sums[kind.profile.warmth];
  const earliest = replayed.pottedOn ?? replayed.arrivedOn;
  const at = (d: DayNumber) => sums[Math.min(Math.max(d - kind.warmth.startDay, 0), sums.length - 1)];
  let [low, high] = [Math.min(earliest, on), on];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (at(on) - at(middle) < back) high = middle;
    else low = middle + 1;
  }
  return low;
}

/** Orders trees that are bound without a missed window on record: the fuller, the earlier. */
function overdueDays({ fill, circling }: JudgeInput): number {
  return Math.round(400 * Math.max(0, fill.p50 - BOUND_FILL) + 60 * Math.max(0, circling.p50 - BOUND_CIRCLING));
}

function inFinalPot(tree: TreeRecord, replayed: Replayed): boolean {
  return (
    tree.finalVolumeL !== null && replayed.pot !== null && brimEstimate(replayed.pot).p50 >= 0.9 * tree.finalVolumeL
  );
}
