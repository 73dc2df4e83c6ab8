import { type DayNumber, slotOf } from "../dates/index";
import { clamp } from "../math/index";
import { type PlaceClimate, placeMinimumC } from "./place-climate";
import { assembleSite, type SeasonWeather, type Site, weatherRun, type WeatherRun } from "./site";
import { daylengthTable } from "./sun";
import type { WarmthTrack } from "./track";

export const PLACE_KINDS = ["open", "sheltered", "unheated", "frost-free", "heated"] as const;
export type PlaceKind = (typeof PLACE_KINDS)[number];

/** Nights of places nobody has measured, by what they are like: our judgement (C), shown as a guess. */
export const ASSUMED_CLIMATE: Record<PlaceKind, PlaceClimate> = {
  open: { offsetC: 0, damping: 0 },
  sheltered: { offsetC: 0.7, damping: 0.05 },
  unheated: { offsetC: 2, damping: 0.3 },
  "frost-free": { offsetC: 4, damping: 0.85 },
  heated: { offsetC: 16, damping: 0.95 },
};

/** What a kind of place makes of the day: our own coefficients (C). */
interface PlaceDays {
  /** Share of the day's swing that walls hold back, and what they draw it to, °C. */
  hold: number;
  towardsC: number;
  /** Warming by 100 W/m² of sun, K. */
  gainC: number;
  /** Vents or windows are opened above this; null: it gets as warm as it gets. */
  ventC: number | null;
  /** Share of the sun that reaches the pot. */
  sunlight: number;
}

export const PLACE_DAYS: Record<PlaceKind, PlaceDays> = {
  open: { hold: 0, towardsC: 0, gainC: 0, ventC: null, sunlight: 1 },
  sheltered: { hold: 0.1, towardsC: 12, gainC: 0.3, ventC: null, sunlight: 0.8 },
  unheated: { hold: 0.15, towardsC: 10, gainC: 1.3, ventC: 24, sunlight: 0.55 },
  "frost-free": { hold: 0.6, towardsC: 9, gainC: 0.4, ventC: 20, sunlight: 0.25 },
  heated: { hold: 0.8, towardsC: 20.5, gainC: 0.5, ventC: 26, sunlight: 0.35 },
};

/** A place as the weather of its days is worked out from: nights as learned, said or assumed, days by its kind. */
export interface Standing {
  kind: PlaceKind;
  climate: PlaceClimate;
}
export const OPEN_GROUND: Standing = { kind: "open", climate: { offsetC: 0, damping: 0 } };

/** Standings of equal keys have equal weather. */
export function standingKey({ kind, climate }: Standing): string {
  return `${kind}:${climate.offsetC.toFixed(2)}:${climate.damping.toFixed(3)}`;
}

/** Walls follow the mean of so many days: our judgement (C). */
const WALL_DAYS = 25;

/** Mean sunshine on level ground while the sun is up, W/m², from a day's total. */
function sunshineWm2(solarMJ: number, daylengthH: number): number {
  return (solarMJ * 1e6) / (Math.max(1, daylengthH) * 3600);
}

/**
 * The warmest of a day at a place: the day outside drawn towards what the walls hold, warmed by the sun that gets in, vented where
 * somebody vents; never below the night.
 */
export function placeMaximumC(
  kind: PlaceKind,
  outsideC: number,
  nightC: number,
  sunWm2: number,
  /** Mean outside of the last weeks, which walls take on in summer. */
  monthC: number,
): number {
  const days = PLACE_DAYS[kind];
  const walls = Math.max(days.towardsC, monthC);
  const still = (1 - days.hold) * outsideC + days.hold * walls + (days.gainC * sunWm2) / 100;
  // Vents bring it down to the air outside, no further.
  const vented = days.ventC === null ? still : Math.min(still, Math.max(days.ventC, outsideC));
  return Math.max(nightC + 0.5, vented);
}

/** On mild nights doors stand open: no place is colder than the air outside up to this, °C. */
const MILD_NIGHT_C = 12;

/** A night at a place. Places are learned on cold nights; on mild ones they are no colder than the air outside. */
export function placeNightC(siteMinC: number, climate: PlaceClimate): number {
  const learned = placeMinimumC(siteMinC, climate);
  return climate.damping > 0 ? Math.max(learned, Math.min(siteMinC, MILD_NIGHT_C)) : learned;
}

function runAt(run: WeatherRun, standing: Standing, latitudeDeg: number, daylengths: Float64Array): WeatherRun {
  const { sunlight } = PLACE_DAYS[standing.kind];
  const tminC = run.tminC.map((v) => placeNightC(v, standing.climate));
  let monthC = run.tminC.length > 0 ? (run.tminC[0] + run.tmaxC[0]) / 2 : 0;
  const tmaxC = run.tmaxC.map((outside, i) => {
    monthC += ((run.tminC[i] + outside) / 2 - monthC) / WALL_DAYS;
    const sun = sunshineWm2(run.solarMJ[i], daylengths[Math.min(slotOf(run.startDay + i), daylengths.length - 1)]);
    return placeMaximumC(standing.kind, outside, tminC[i], sun, monthC);
  });
  return weatherRun(latitudeDeg, {
    startDay: run.startDay,
    tminC,
    tmaxC,
    solarMJ: run.solarMJ.map((v) => sunlight * v),
    rainMm: run.rainMm,
    windMs: run.windMs,
  });
}

/** The site's weather as a place has it, record, weather years and forecast alike; the open ground is the site itself. */
export function siteAtPlace(site: Site, standing: Standing): Site {
  if (standingKey(standing) === standingKey(OPEN_GROUND)) return site;
  const daylengths = daylengthTable(site.latitudeDeg);
  const at = (run: WeatherRun) => runAt(run, standing, site.latitudeDeg, daylengths);
  const calm = (c: number) => clamp(c, 0.05, 1);
  return assembleSite({
    ...site,
    runs: site.runs.map(at),
    ensemble: at(site.ensemble),
    minima: { startDay: site.minima.startDay, tminC: site.minima.tminC.map((v) => placeNightC(v, standing.climate)) },
    nights: site.nights.map((night) => {
      const tminC = placeNightC(night.tminC, standing.climate);
      return {
        ...night,
        tminC,
        tmaxC: placeMaximumC(standing.kind, night.tmaxC, tminC, FORECAST_SUN_WM2, (night.tminC + night.tmaxC) / 2),
        minErrorC: night.minErrorC * calm(1 - standing.climate.damping),
        maxErrorC: night.maxErrorC * calm(1 - PLACE_DAYS[standing.kind].hold),
      };
    }),
    sunlight: PLACE_DAYS[standing.kind].sunlight,
  });
}

/** Forecasts say nothing of sunshine: half a clear day's. */
const FORECAST_SUN_WM2 = 250;

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
