import { dayAfterWarmth, type WarmthTrack } from "@/core/climate/index";
import { type DayNumber, type IsoDate, toDay, toIso } from "@/core/dates/index";
import type { Estimate } from "@/core/estimate/index";
import { weightedQuantiles } from "@/core/math/index";
import {
  crossingDegreeDays,
  effectiveWarmth,
  reachedBy,
  RING_MM,
  SEASON_SD,
  warmthForEffective,
} from "@/core/roots/index";
import type { Profile } from "@/core/species/index";
import type { Condition } from "@/core/records/index";
import type { Replayed } from "./replayed";

/** New roots as long as this in the fresh mix hold the ball: our judgement (L), one crossing of a usual ring. */
export const HOLDING_MM = RING_MM;
/** Weeks, not seasons: after this nobody asks any more whether it has rooted. */
const ASKED_DAYS = 400;

/** How far a tree's roots have got into the mix of its last potting, and what follows from it. */
export interface Rerooting {
  pottedOn: IsoDate;
  days: number;
  /** Longest new roots expected today, mm. */
  expectedMm: Estimate;
  /** Share of the new mix they can drink from. */
  reached: Estimate;
  /** When they hold the ball. */
  hold: { p10: IsoDate | null; p50: IsoDate | null; p90: IsoDate | null };
  seen: { on: IsoDate; lengthMm: number; firm: boolean | null; probability: number } | null;
  staked: IsoDate | null;
  /** Take the stake off: now, as was seen; or look again on this day. */
  stake: "off" | "stays" | "none";
  lookOn: IsoDate | null;
  /** First feed: when roots hold, the mix's own feed is used up and the tree takes it up. */
  feedFrom: IsoDate | null;
}

function quantiles(values: ArrayLike<number>, weight: ArrayLike<number>): Estimate {
  const [p10, p50, p90] = weightedQuantiles(values, weight, [0.1, 0.5, 0.9]);
  return { p10, p50, p90, basis: "typical" };
}

/** Null where it was never potted on record, or so long ago that it has rooted in any case. */
export function rerootingOf(
  replayed: Replayed,
  profile: Profile,
  track: WarmthTrack,
  condition: Condition,
  fedUntil: IsoDate | null,
  feedsFrom: (day: DayNumber) => DayNumber | null,
  on: DayNumber,
): Rerooting | null {
  const { pottedOn, belief, previousVolumeL } = replayed;
  if (pottedOn === null || previousVolumeL === null || on - pottedOn > ASKED_DAYS) return null;
  const { lengthMm, crossed, weight } = reachedBy(belief);
  const old = Math.min(1, previousVolumeL / replayed.volumeL.p50);
  const need: number[] = [];
  const share: number[] = [];
  const done = effectiveWarmth(belief.warmthSince, belief.lagDegreeDays);
  for (let j = 0; j < belief.k.length; j++)
    for (const z of [-1, 0, 1]) {
      const crossing = crossingDegreeDays(belief.k[j]) * (1 + 1.22 * SEASON_SD * z);
      need.push(
        crossing <= done ? 0 : Math.max(0, warmthForEffective(crossing, belief.lagDegreeDays) - belief.warmthSince),
      );
      share.push(weight[j] / 3);
    }
  const ends = weightedQuantiles(Float64Array.from(need), Float64Array.from(share), [0.1, 0.5, 0.9]).map((w) =>
    w <= 0 ? on : dayAfterWarmth(track, profile.warmth, on, w),
  );
  const iso = (d: DayNumber | null) => (d === null ? null : toIso(d));
  const hold = { p10: iso(ends[0]), p50: iso(ends[1]), p90: iso(ends[2]) };
  const seen = replayed.rerooted && { ...replayed.rerooted, on: toIso(replayed.rerooted.on) };
  const holds = seen !== null && seen.lengthMm >= HOLDING_MM && seen.firm !== false;
  const staked = condition.stakedOn === null ? null : toIso(condition.stakedOn);
  const from = holds ? seen.on : hold.p50;
  const feed = from === null ? null : feedsFrom(toDay(later(from, fedUntil)));
  return {
    pottedOn: toIso(pottedOn),
    days: on - pottedOn,
    expectedMm: quantiles(lengthMm, weight),
    reached: quantiles(
      crossed.map((x) => old + (1 - old) * x),
      weight,
    ),
    hold,
    seen,
    staked,
    stake: staked === null ? "none" : holds ? "off" : "stays",
    lookOn: holds ? null : ends[1] === null ? null : toIso(Math.max(ends[1], on, seen ? toDay(seen.on) + 7 : on)),
    feedFrom: iso(feed),
  };
}

const later = (a: IsoDate, b: IsoDate | null): IsoDate => (b !== null && b > a ? b : a);
