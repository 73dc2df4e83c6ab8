import { buildSite, type Site, type SiteInput } from "@/core/climate/index";
import type { EyeWord, Normal } from "@/core/roots/index";
import type { KindTracks } from "./context";
import type { Heard } from "./heard";
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
  /** Tracks of kinds, in the open and in places. */
  tracks: Map<string, KindTracks>;
  /** Windows by kind, place and seasons. */
  series: SeriesCache;
  /** What looks at roots said of the eye that looked and of their tree's pace. */
  eyeHeard: Heard<EyeWord[]>;
  paceHeard: Heard<Normal | null>;
}

const shared = new WeakMap<YardWeather, Shared>();

export function sharedOf(weather: YardWeather): Shared {
  let found = shared.get(weather);
  if (!found) {
    found = {
      site: buildSite(weather.input),
      places: null,
      tracks: new Map(),
      series: new Map(),
      eyeHeard: new Map(),
      paceHeard: new Map(),
    };
    shared.set(weather, found);
  }
  return found;
}
