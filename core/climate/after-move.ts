import type { DayNumber } from "../dates/index";
import { clamp } from "../math/index";
import type { SeasonWeather, Site } from "./site";
import type { WarmthTrack } from "./track";

/** Weather of one that stood in one place until a day and in another from it on. */
export function siteAfterMove(before: Site, after: Site, on: DayNumber): Site {
  const cache = new Map<number, SeasonWeather>();
  return {
    ...after,
    warmth: joinWarmth(before.warmth, after.warmth, on),
    season: (key) => {
      let found = cache.get(key);
      if (!found) cache.set(key, (found = joinSeasons(before.season(key), after.season(key), on)));
      return found;
    },
  };
}

function joinSeasons(before: SeasonWeather, after: SeasonWeather, on: DayNumber): SeasonWeather {
  const [first] = after.slices;
  const known = on - first.startDay;
  if (known <= 0) return after;
  if (known >= first.tminC.length) return before;
  return {
    observedUntil: after.observedUntil,
    touched: true,
    slices: after.slices.map((slice, m) => {
      const old = before.slices[m];
      const join = (theirs: Float32Array, ours: Float32Array) => {
        const out = ours.slice();
        out.set(theirs.subarray(0, known));
        return out;
      };
      const portions = join(old.portions, slice.portions);
      const shift = old.portions[known - 1] - slice.portions[known - 1];
      for (let i = known; i < portions.length; i++) portions[i] = slice.portions[i] + shift;
      return {
        ...slice,
        tminC: join(old.tminC, slice.tminC),
        tmaxC: join(old.tmaxC, slice.tmaxC),
        rootZoneC: join(old.rootZoneC, slice.rootZoneC),
        portions,
        growingHours: join(old.growingHours, slice.growingHours),
      };
    }),
  };
}

function joinWarmth(before: WarmthTrack, after: WarmthTrack, on: DayNumber): WarmthTrack {
  const at = clamp(on - after.startDay, 0, after.sums.temperate.length - 1);
  const join = (old: Float32Array, fresh: Float32Array) => {
    const out = fresh.slice();
    const shift = old[at] - fresh[at];
    for (let i = 0; i < out.length; i++) out[i] = i <= at ? old[i] : fresh[i] + shift;
    return out;
  };
  return {
    ...after,
    sums: {
      temperate: join(before.sums.temperate, after.sums.temperate),
      warm: join(before.sums.warm, after.sums.warm),
    },
  };
}
