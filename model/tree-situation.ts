import { MIDSUMMER, SEASON_LEAD_DAYS, warmthBetween } from "@/core/climate/index";
import { type DayNumber, growingSeason, midwinterOf, toDay } from "@/core/dates/index";
import { DECISION_FIGURES } from "@/core/decision/index";
import type { LoggedEvent } from "@/core/event/index";
import type { Situation } from "@/core/judgement/index";
import { lazily } from "@/core/math/index";
import { WET_MIX_KG_PER_L } from "@/core/ladder/index";
import { TREE_SHARE, VOLUNTEER_LIMIT_KG } from "@/core/mass/index";
import { clamp } from "@/core/math/index";
import { mixLife } from "@/core/mix/index";
import { type GrowersCalendar, pairLimitKg, soloLimitKg } from "@/core/people/index";
import { currentBall } from "@/core/potting/index";
import { WOOD_PHASES } from "@/core/wood/index";
import type { KindTracks } from "./context";
import { presumedPot } from "./replayed";
import type { TreeOnDay } from "./tree-on-day";

/** Days of forecast that count as "now" for heat. */
const HOT_DAYS = 3;

/**
 * What a decision needs to know of one tree on one day, from its tracks alone; null while it stands in no pot.
 * @param seen what the eyes said of it, which goes before what was believed
 */
export function situationOf(day: TreeOnDay, seen: Partial<Situation> = {}): Situation | null {
  const { record: tree, state, roots: replayed, profile, condition, events, tracks } = day;
  const on = day.day;
  const pot = presumedPot(replayed);
  const ball = pot && currentBall({ ...replayed, pot }, day.yearsInPot)?.ball;
  if (!ball) return null;
  const life = replayed.mix ? mixLife(replayed.mix) : null;
  const massKg = () => day.mass?.wetKg ?? WET_MIX_KG_PER_L * (state.volumeL.p50 / state.share);
  const situation = {
    profile,
    kPerDegreeDay: profile.kPerDegreeDay * state.vigour.p50,
    ...seasonOfTracks(tracks, day.yard.latitudeDeg, on),
    fill: state.fill.p50,
    circling: state.circling.p50,
    volumeL: state.volumeL.p50,
    ball: { widthMm: ball.topWidthMm, heightMm: ball.heightMm },
    hottestC: hottestAheadC(tracks.heat, on),
    dry: condition.health === "dry",
    flareHidden: flareHidden(events, on),
    girdler: state.circling.p50 >= GIRDLER_GRADE ? { shareOfGirth: null } : null,
    broken: day.lot?.condition === "cracked",
    slumped: life !== null && life.by !== "long" && (state.mixAgeYears ?? 0) >= life.years,
    offeredL: tree.finalVolumeL,
    carriedKg: carriedIn(day) ? mostLiftedKg(day.yard.calendar) : null,
    finalPot: tree.finalVolumeL !== null && state.volumeL.p50 >= DECISION_FIGURES.goalReached * tree.finalVolumeL,
    trunkMm: tree.trunkMm,
    healthy: condition.health === "well",
    ...seen,
  };
  // Weighing takes longer than all else here.
  return lazily(situation, "massKg", massKg);
}

/** Where the year stands for a kind, by its tracks. */
function seasonOfTracks(
  { wood, warmth, profile }: KindTracks,
  latitudeDeg: number,
  on: DayNumber,
): Pick<Situation, "phase" | "autumn" | "growthLeft" | "growthOfSeason"> {
  const season = growingSeason(on, latitudeDeg);
  const opening = midwinterOf(season, latitudeDeg);
  const end = midwinterOf(season + 1, latitudeDeg);
  const i = Math.min(Math.max(on - wood.startDay, 0), wood.phase.length - 1);
  return {
    phase: WOOD_PHASES[wood.phase[i]],
    autumn: SEASON_LEAD_DAYS + on - opening >= MIDSUMMER,
    growthLeft: warmthBetween(warmth, profile.warmth, on, end),
    growthOfSeason: Math.max(1, warmthBetween(warmth, profile.warmth, opening, end)),
  };
}

/** Highest of the next days by the forecast; null without one that reaches the day. */
function hottestAheadC(heat: KindTracks["heat"], on: DayNumber): number | null {
  const ahead = heat.filter((n) => n.day >= on && n.day < on + HOT_DAYS);
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
export function carriedIn({ stays, day, yard }: TreeOnDay): boolean {
  const indoors = (placeId: string | null) => !yard.isOutdoors(placeId);
  const lately = stays.filter((_, i) => (stays[i + 1]?.from ?? Infinity) > day - CARRIED_DAYS);
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
