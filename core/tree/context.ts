import type { Site, WarmthTrack } from "../climate/index";
import { type DayNumber, seasonOf } from "../dates/index";
import { type Profile, profileOf } from "../species/index";
import { DEFAULT_WINDOW, type Operation, windowSeries, type WindowOptions, type WindowSeries } from "../window/index";
import { type WoodSeries, woodSeries } from "../wood/index";
import type { DayStretch } from "./people";
import type { OwnTracks } from "./own-wood";
import type { TreeRecord } from "./records";

/** Changes whenever a model or one of its constants does, so that kept results are known to be old. */
export const MODEL_VERSION = "2026-11-d";

/** The work whose window decides a tree's verdict. */
export const VERDICT_OPERATION: Operation = "up-pot";
/** Seasons before and after today's that wood and windows are computed for. */
const SEASONS_BACK = 4;
const SEASONS_AHEAD = 3;

/** What trees of one profile share: read-only arrays by day, ready to cross to a worker. */
export interface KindTracks {
  profile: Profile;
  wood: WoodSeries;
  window: WindowSeries;
}

/** Everything a replay needs besides the tree's own events. */
export interface ReplayContext {
  latitudeDeg: number;
  today: DayNumber;
  warmth: WarmthTrack;
  /** By profile key. */
  kinds: Record<string, KindTracks>;
  /** The site's weather is guessed from answers or from monthly normals. */
  guessedWeather: boolean;
  /** Trees whose wood is known better than their kind's, by id. */
  own?: Record<string, OwnTracks[]>;
  /** Days on which nobody is there to work. */
  away: readonly DayStretch[];
}

export function buildContext(
  site: Site,
  trees: readonly TreeRecord[],
  options: WindowOptions = DEFAULT_WINDOW,
): ReplayContext {
  const kinds: Record<string, KindTracks> = {};
  for (const tree of trees) {
    const profile = profileOf(tree);
    kinds[profile.key] ??= kindTracks(site, profile, options);
  }
  return {
    latitudeDeg: site.latitudeDeg,
    today: site.today,
    warmth: site.warmth,
    kinds,
    guessedWeather: site.basis === "answers" || site.basis === "table",
    away: [],
  };
}

export function kindTracks(site: Site, profile: Profile, options: WindowOptions = DEFAULT_WINDOW): KindTracks {
  const season = seasonOf(site.today, site.latitudeDeg);
  const [from, to] = [season - SEASONS_BACK, season + SEASONS_AHEAD];
  return {
    profile,
    // Of several possible habits the first stands for the drawing of wood; windows weigh all of them.
    wood: woodSeries(site, profile.parameters[0], from, to),
    window: windowSeries(site, profile, VERDICT_OPERATION, from, to, options),
  };
}
