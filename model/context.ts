import type { Site, WarmthTrack } from "@/core/climate/index";
import { type DayNumber, seasonOf } from "@/core/dates/index";
import { type Profile } from "@/core/species/index";
import {
  type Operation,
  OPERATIONS,
  outlineOf,
  usualOperation,
  type WindowOptions,
  seriesAfter,
  type WindowOutline,
  windowSeries,
  type WindowSeries,
  windowsOf,
} from "@/core/window/index";
import { type WoodSeries, woodSeries } from "@/core/wood/index";
import type { DayStretch } from "@/core/people/index";

/** Changes whenever a model or one of its constants does, so that kept results are known to be old. */
export const MODEL_VERSION = "2026-12-a";

/** Seasons before and after today's that wood and windows are computed for. */
const SEASONS_BACK = 4;
const SEASONS_AHEAD = 3;

/** Outlines of all works begin with last season: who looks further back is told of roots and wood only. */
const OUTLINED_BACK = 1;

/** What trees of one profile that stood in the same places share: read-only arrays by day, ready to cross to a worker. */
export interface KindTracks {
  profile: Profile;
  /** Root warmth where it stands. */
  warmth: WarmthTrack;
  wood: WoodSeries;
  window: WindowSeries;
  /** Windows of all works, in outline: what decisions are made on, wherever they are made. */
  outlines: Record<Operation, WindowOutline>;
  /** Days ahead with their highest temperature, where a forecast tells it. */
  heat: readonly { day: DayNumber; tmaxC: number }[];
}

/** What mates of its kind and sort say of a tree's pace, from a day on. */
export interface MatePrior {
  from: DayNumber;
  /** Of ln of its own factor. */
  mean: number;
  variance: number;
  mates: number;
}

/** What is known of the eye that looks at roots, from a day on: how much too full it reads, in logit fill. */
export interface EyePrior {
  from: DayNumber;
  mean: number;
  sd: number;
}

/** The same from all looks, and for each tree that was looked at without its own word. */
export interface Eyes {
  all: EyePrior[];
  of: Record<string, EyePrior[]>;
}

/** Which tracks are a tree's from a day on. */
export interface TrackVersion {
  from: DayNumber;
  /** Key into the context's tracks. */
  key: string;
}

/** What of a yard every tree's state leans on. */
export type YardFacts = Pick<ReplayContext, "latitudeDeg" | "guessedWeather" | "away">;

/** Tracks and all else a replay needs besides the tree's own events, whole: what is packed for the browser. */
export interface ReplayContext {
  latitudeDeg: number;
  today: DayNumber;
  /** By profile key: the kind in the open. */
  kinds: Record<string, KindTracks>;
  /** By profile key and stays: kinds where trees stand. */
  placed?: Record<string, KindTracks>;
  /** Tracks of trees that stand somewhere else than in the open, or whose own wood is known, by tree; the last that has begun counts. */
  versions?: Record<string, TrackVersion[]>;
  /** Tracks of single trees whose wood is known better than their kind's. */
  own?: Record<string, KindTracks>;
  /** What mates of kind and sort say of a tree's pace, by tree; the last step that has begun counts. */
  mates?: Record<string, MatePrior[]>;
  /** What all looks say of the eye that looked. */
  eyes?: Eyes;
  /** The site's weather is guessed from answers or from monthly normals. */
  guessedWeather: boolean;
  /** Days on which nobody is there to work. */
  away: readonly DayStretch[];
}

/** Seasons whose wood and windows travel with a collection. */
function seasonsOf(site: Pick<Site, "today" | "latitudeDeg">): readonly [number, number] {
  const season = seasonOf(site.today, site.latitudeDeg);
  return [season - SEASONS_BACK, season + SEASONS_AHEAD];
}

export function kindTracks(site: Site, profile: Profile, options: WindowOptions): KindTracks {
  const [from, to] = seasonsOf(site);
  const outlined = outlinedFrom(site);
  const usual = usualOperation(profile.values.rootShare);
  // The seasons of both are judged once.
  const works = windowsOf(site, profile, OPERATIONS, outlined, to, options);
  return {
    profile,
    warmth: site.warmth,
    // Of several possible habits the first stands for the drawing of wood; windows weigh all of them.
    wood: woodSeries(site, profile.parameters[0], from, to),
    window: seriesAfter(windowSeries(site, profile, usual, from, outlined - 1, options), works[usual]),
    outlines: outlinesOf(works),
    heat: site.nights.map(({ day, tmaxC }) => ({ day, tmaxC })),
  };
}

/** First season that works are outlined for. */
const outlinedFrom = ({ today, latitudeDeg }: Pick<Site, "today" | "latitudeDeg">): number =>
  seasonOf(today, latitudeDeg) - OUTLINED_BACK;

export function outlinesOf(series: Record<Operation, WindowSeries>): Record<Operation, WindowOutline> {
  return Object.fromEntries(OPERATIONS.map((o) => [o, outlineOf(series[o])])) as Record<Operation, WindowOutline>;
}
