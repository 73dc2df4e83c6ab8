import { buildSite, type Site, type SiteInput } from "@/core/climate/index";
import type { ReplayContext } from "./context";
import type { PlaceSites } from "./stays";
import type { SeriesCache } from "./window-series";

/** What a yard's weather is known from: built into a site once, however many revisions of the records are opened on it. */
export interface YardWeather {
  /** Names the record, the forecast and the settings behind it: equal keys, equal weather. */
  key: string;
  input: SiteInput;
}

/** What is computed of one weather and shared by all yards opened on it. */
interface Shared {
  site: Site;
  /** Weather of places, by what a place is like. */
  places: PlaceSites | null;
  /** Tracks by what they are computed from. */
  tracks: Map<string, ReplayContext>;
  /** Windows by kind, place and seasons. */
  series: SeriesCache;
}

const shared = new WeakMap<YardWeather, Shared>();

/** Tracks of one weather kept at once: the records' places and kinds change little from one revision to the next. */
const MOST_TRACKS = 4;

export function sharedOf(weather: YardWeather): Shared {
  let found = shared.get(weather);
  if (!found) {
    found = { site: buildSite(weather.input), places: null, tracks: new Map(), series: new Map() };
    shared.set(weather, found);
  }
  return found;
}

export function rememberTracks(weather: YardWeather, key: string, tracks: ReplayContext): void {
  const known = sharedOf(weather).tracks;
  known.delete(key);
  known.set(key, tracks);
  while (known.size > MOST_TRACKS) known.delete(known.keys().next().value!);
}
