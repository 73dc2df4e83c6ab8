import { type DayNumber, toDay } from "../dates/index";
import type { EventPayload, LoggedEvent } from "../event/index";
import type { TreeRecord } from "./records";

export type Ended = Extract<EventPayload, { kind: "ended" }>;

/** Changes of how many plants of a record stand in the collection, in order of day. */
export interface PresenceStep {
  day: DayNumber;
  plants: number;
  ended: Ended | null;
}

/** Arrival, splits and endings of one record. `events`: all it shares in, those of the batch it came from included. */
export function presenceSteps(tree: TreeRecord, events: readonly LoggedEvent[]): PresenceStep[] {
  const steps: PresenceStep[] = [];
  let plants = 0;
  for (const event of events) {
    if (event.treeId !== tree.id) continue;
    const { payload } = event;
    let ended: Ended | null = null;
    if (payload.kind === "arrived" || payload.kind === "split-from") plants = tree.count;
    else if (payload.kind === "split-off") plants -= payload.count;
    else if (payload.kind === "ended") {
      plants -= payload.count;
      ended = payload;
    } else continue;
    plants = Math.max(0, plants);
    steps.push({ day: toDay(event.on.best), plants, ended });
  }
  return steps;
}

/** Plants of a record that stand in the collection on a day. */
export function plantsOn(steps: readonly PresenceStep[], on: DayNumber): number {
  let plants = 0;
  for (const step of steps) {
    if (step.day > on) break;
    plants = step.plants;
  }
  return plants;
}

/** How and when the last plant of a record left; null while one stands. */
export function endOf(steps: readonly PresenceStep[]): { day: DayNumber; ended: Ended } | null {
  const last = steps.at(-1);
  return last && last.plants === 0 && last.ended ? { day: last.day, ended: last.ended } : null;
}
