import { type WarmthTrack } from "@/core/climate/index";
import { type DayNumber, toDay } from "@/core/dates/index";
import type { LoggedEvent } from "@/core/event/index";
import type { Profile } from "@/core/species/index";
import type { LotRecord } from "@/core/records/index";
import { stateBelief } from "@/core/roots/index";
import { arrived, change } from "./happenings";
import { advance, type Replayed } from "./replayed";

/** What a question states of a tree outright, which a record would have to show: its pace, and its roots on a day. */
export interface StatedTree {
  kPerDegreeDay?: number;
  roots?: { on: DayNumber; fill: number; circling: number };
}

/** The same from a day on which its roots are stated. */
export function replayStated(
  stated: NonNullable<StatedTree["roots"]>,
  ...[events, lots, profile, track, on, knownAt]: Parameters<typeof replay>
): Replayed | null {
  const state = replay(events, lots, profile, track, Math.min(stated.on, on), knownAt);
  if (!state || on < stated.on) return state;
  stateBelief(state.belief, stated.fill, stated.circling);
  state.lastCheckOn = stated.on;
  advance(state, on, profile, track);
  return state;
}

/**
 * Replays a tree's events through the root model up to `on` (inclusive). Closed form from event to event: the cost is the number
 * of events, not of days. Answers null before the tree arrived.
 * @param events the tree's counting events in order
 */
export function replay(
  events: readonly LoggedEvent[],
  lots: ReadonlyMap<string, LotRecord>,
  profile: Profile,
  track: WarmthTrack,
  on: DayNumber,
  knownAt?: string,
): Replayed | null {
  let state: Replayed | null = null;
  for (const event of events) {
    const day = toDay(event.on.best);
    if (day > on) break;
    if (knownAt !== undefined && event.recordedAt > knownAt) continue;
    if (state) advance(state, day, profile, track);
    const { payload, potLotId } = event;
    const pot = potLotId === null ? null : (lots.get(potLotId)?.pot ?? null);
    const round = { day, on: event.on, potLotId, pot, profile, track };
    if (payload.kind === "arrived") state = arrived(payload, round);
    else if (state) change(state, payload, round);
  }
  if (state) advance(state, on, profile, track);
  return state;
}
