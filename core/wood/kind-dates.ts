import type { Site } from "../climate/index";
import { type DayNumber } from "../dates/index";
import { weightedQuantiles } from "../math/index";
import type { FruitClock } from "./clocks";
import type { HabitParameters } from "./habits";
import { ripeOrPicked } from "./ripening";
import { woodMembers } from "./series";

/** What of a kind's year has a day of its own. */
export const STAGES = ["budBreak", "leafOut", "firstBloom", "fullBloom", "ripe", "leafFall"] as const;
export type Stage = (typeof STAGES)[number];

/** Why a stage has no day: the kind has none such, or this climate brings none. */
export type NoStage =
  | "flushes-all-year"
  | "evergreen"
  | "no-bloom-known"
  | "no-fruit-known"
  | "keeps-leaves"
  | "too-cold-to-wake"
  | "too-cool-to-ripen";

export type StageDates = { p10: DayNumber; p50: DayNumber; p90: DayNumber } | { because: NoStage };

/** A stage that fails in more than this share of the years has no date. */
const MOSTLY = 0.5;

/** Days on which a kind wakes, blooms, ripens and sheds its leaves, over the years a season may be. */
export function kindDates(
  site: Site,
  season: number,
  h: HabitParameters,
  fruit: FruitClock | null,
): Record<Stage, StageDates> {
  const { slices } = site.season(season);
  const { startDay } = slices[0];
  const members = woodMembers(site, season, h);
  const slice = (m: number) => slices[slices.length === 1 ? 0 : m];
  const spread = (days: number[], because: NoStage): StageDates => {
    const known = days.filter((d) => d >= 0);
    if (known.length <= MOSTLY * days.length) return { because };
    const [p10, p50, p90] = weightedQuantiles(
      known,
      known.map(() => 1),
      [0.1, 0.5, 0.9],
    ).map((d) => startDay + Math.round(d));
    return { p10, p50, p90 };
  };
  const of = (pick: (m: number) => number, because: NoStage) =>
    spread(
      members.map((_, m) => pick(m)),
      because,
    );
  const blooms = h.bloomGdh !== null || h.bloomDays !== null;
  // Where no winter holds it back its flushes follow one another, and none is the first of the year.
  const winterless = members.filter(({ wood }) => wood.flush !== null).length > MOSTLY * members.length;
  const wakes = (pick: (m: number) => number): StageDates =>
    winterless ? { because: "flushes-all-year" } : of(pick, "too-cold-to-wake");
  return {
    budBreak: wakes((m) => members[m].wood.budBreak),
    leafOut: wakes((m) => members[m].wood.leafOut),
    firstBloom: blooms ? wakes((m) => members[m].wood.bloomFrom) : { because: "no-bloom-known" },
    fullBloom: blooms ? wakes((m) => members[m].wood.fullBloom) : { because: "no-bloom-known" },
    ripe:
      winterless && fruit
        ? { because: "flushes-all-year" }
        : fruit
          ? of((m) => ripeOrPicked(h, slice(m), members[m].wood, fruit).day, "too-cool-to-ripen")
          : { because: "no-fruit-known" },
    leafFall: h.leaf === "evergreen" ? { because: "evergreen" } : of((m) => members[m].wood.leafFall, "keeps-leaves"),
  };
}
