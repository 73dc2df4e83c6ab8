import type { Site } from "@/core/climate/index";
import { type DayNumber, toDay } from "@/core/dates/index";
import type { LoggedEvent } from "@/core/event/index";
import { seasonFacts, type Situation } from "@/core/judgement/index";
import { MACHINE_LIMIT_KG, TREE_SHARE, VOLUNTEER_LIMIT_KG } from "@/core/mass/index";
import { clamp } from "@/core/math/index";
import { mixLife } from "@/core/mix/index";
import { type GrowersCalendar, pairLimitKg, soloLimitKg } from "@/core/people/index";
import { ballInPot, usualFillHeightMm } from "@/core/potting/index";
import { vesselOf } from "@/core/vessel/index";
import { type PlaceSites, staysOf } from "./stays";
import type { TreeOnDay } from "./tree-on-day";

/** Days of forecast that count as "now" for heat. */
const HOT_DAYS = 3;

/** What a judgement needs to know of one tree on one day; null where nobody has said which pot it stands in. */
export function situationOf(day: TreeOnDay): Situation | null {
  const { record: tree, state, roots: replayed, profile, site, condition, events, yard } = day;
  const on = day.day;
  if (!replayed.pot) return null;
  const { vessel } = vesselOf(replayed.pot);
  const ball = ballInPot(
    vessel,
    replayed.fillHeightMm ?? usualFillHeightMm(vessel),
    replayed.bottomLayerMm,
    replayed.mix,
    day.yearsInPot,
  );
  const massKg = day.mass?.wetKg ?? 0;
  const { daysToBudBreak: _, weeksToCold: _unused, ...facts } = seasonFacts(site, profile, on);
  const life = replayed.mix ? mixLife(replayed.mix) : null;
  return {
    profile,
    kPerDegreeDay: profile.kPerDegreeDay * state.vigour.p50,
    ...facts,
    fill: state.fill.p50,
    circling: state.circling.p50,
    volumeL: state.volumeL.p50,
    ball: { widthMm: ball.topWidthMm, heightMm: ball.heightMm },
    hottestC: hottestAheadC(site, on),
    dry: condition.health === "dry",
    flareHidden: flareHidden(events, on),
    girdler: state.circling.p50 >= GIRDLER_GRADE ? { shareOfGirth: null } : null,
    broken: day.lot?.condition === "cracked",
    slumped: life !== null && life.by !== "long" && (state.mixAgeYears ?? 0) >= life.years,
    offeredL: tree.finalVolumeL,
    carriedKg: carriedIn(events, yard.places, on) ? mostLiftedKg(yard.calendar) : null,
    massKg,
    immovable: massKg > MACHINE_LIMIT_KG,
    finalPot: state.verdict.code === "hold",
    trunkMm: tree.trunkMm,
    healthy: condition.health === "well",
  };
}

/** Highest of the next days by the forecast; null without one that reaches the day. */
function hottestAheadC(site: Site, on: DayNumber): number | null {
  const ahead = site.nights.filter((n) => n.day >= on && n.day < on + HOT_DAYS);
  return ahead.length === 0 ? null : Math.max(...ahead.map((n) => n.tmaxC));
}

/** The last potting left the flare under the mix. */
function flareHidden(events: readonly LoggedEvent[], on: DayNumber): boolean {
  let hidden = false;
  for (const { payload, on: when } of events)
    if (payload.kind === "potted" && toDay(when.best) <= on) hidden = (payload.flareBelowMm ?? 0) > 0;
  return hidden;
}

/** It was indoors within the last thirteen months, and out again: what moves with the seasons must be carried. */
const CARRIED_DAYS = 400;
export function carriedIn(events: readonly LoggedEvent[], places: PlaceSites, on: DayNumber): boolean {
  const indoors = (placeId: string | null) => !places.airAt(placeId).outdoors;
  const stays = staysOf(events, on);
  const lately = stays.filter((_, i) => (stays[i + 1]?.from ?? Infinity) > on - CARRIED_DAYS);
  return lately.some((s) => indoors(s.placeId)) && lately.some((s) => !indoors(s.placeId));
}

/** What the hands on record lift at best, together; one volunteer where nobody is entered. */
export function mostLiftedKg({ people }: GrowersCalendar): number {
  const [a, b] = [...people].sort((x, y) => y.liftKg - x.liftKg);
  if (!a) return VOLUNTEER_LIMIT_KG;
  return b ? Math.max(soloLimitKg(a), pairLimitKg(a, b)) : soloLimitKg(a);
}

/** From this grade of turning on a girdling root is to be reckoned with. */
const GIRDLER_GRADE = 3.5;

/**
 * Share of an anchored tree's uptake that comes from roots in the ground: a crown heavier than its pot would feed is fed from
 * below. Between a fifth and three fifths; the middle where nobody measured the tree. Our judgement (L).
 */
export function anchoredShare(treeKg: number | null, wetSoilKg: number): number {
  if (treeKg === null) return 0.4;
  return clamp(1 - (TREE_SHARE * wetSoilKg) / Math.max(treeKg, 1e-6), 0.2, 0.6);
}
