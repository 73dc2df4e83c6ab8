import { type DayNumber, toDay } from "../dates/index";
import type { HealthState, LoggedEvent } from "../event/index";

/** What was last said of a tree by a day. */
export interface Condition {
  health: HealthState;
  healthOn: DayNumber | null;
  /** Rooted through its pot into the ground below, and since when that is known. */
  anchoredOn: DayNumber | null;
  /** Held by a stake since. */
  stakedOn: DayNumber | null;
}

/** How a tree is on a day: the newest word up to it. A dry spell, once said, is taken to be over after two weeks. */
export function conditionOn(events: readonly LoggedEvent[], on: DayNumber): Condition {
  const condition: Condition = { health: "well", healthOn: null, anchoredOn: null, stakedOn: null };
  for (const { payload, on: when } of events) {
    const day = toDay(when.best);
    if (day > on) continue;
    if (payload.kind === "health") [condition.health, condition.healthOn] = [payload.state, day];
    if (payload.kind === "anchored") condition.anchoredOn = payload.anchored ? day : null;
    if (payload.kind === "staked") condition.stakedOn = payload.staked ? day : null;
    // A new pot has new holes: what held it in the ground is severed.
    if (payload.kind === "potted" && payload.correction !== "replace-top") condition.anchoredOn = null;
  }
  if (condition.health === "dry" && on - condition.healthOn! > DRY_DAYS) condition.health = "well";
  return condition;
}

const DRY_DAYS = 14;
