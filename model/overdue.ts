import type { DayNumber } from "@/core/dates/index";
import { DUE_CIRCLING } from "@/core/roots/index";
import { openPeriods } from "@/core/window/index";
import type { KindTracks } from "./context";
import type { Replayed } from "./replayed";
import type { TreeState } from "./state";
import type { TreeOnDay } from "./tree-on-day";

/** The last day of a window that has closed since the tree became due; null when none has. */
export function missedWindow({ tracks: kind, roots, state, day: on }: TreeOnDay): DayNumber | null {
  // Walk back to the day it became due, on the middle course: fill above the line or circling above 2 since then.
  const since = dueSince(roots, kind, state, on);
  if (since === null) return null;
  const closed = openPeriods(kind.window, since, on).filter((p) => p.to < on - 2 && p.to - p.from >= 13);
  return closed.at(-1)?.to ?? null;
}

/** Roughly when the middle course crossed the line: x has risen by k·τ, so the crossing lies (x − x_due)/k of warmth back. */
function dueSince(
  replayed: Replayed,
  kind: KindTracks,
  { fill, circling, dueFill }: TreeState,
  on: DayNumber,
): DayNumber | null {
  if (fill.p50 < dueFill) return circling.p50 >= DUE_CIRCLING ? on : null;
  const k = replayed.belief.pace * kind.profile.kPerDegreeDay;
  const back = (Math.log(fill.p50 / (1 - fill.p50)) - Math.log(dueFill / (1 - dueFill))) / k;
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
