import { type PlaceClimate, type PlaceKind } from "../climate/index";
import { CLEAR_SKY_WM2, type PotHours } from "./hours";

/** How outside cold reaches a place: kinds of shelter as heat meets them. */
export const SHELTERS = [
  "open",
  "house-wall",
  "cold-frame",
  "glasshouse",
  "shed",
  "cellar",
  "garage",
  "porch",
  "room",
] as const;
export type Shelter = (typeof SHELTERS)[number];

/** Light a place gives in winter: 0 dark, 1 dim, 2 bright by a window, 3 as under glass or outdoors. */
export type LightClass = 0 | 1 | 2 | 3;

/** Air of a place against the air outside: our own coefficients (L), by type; nights read there take their place. */
export interface PlaceAir {
  /** Hours in which it follows two thirds of a change; 0: at once. */
  tauH: number;
  /** Share of the anchor in what it drifts to; the rest is the air outside. */
  hold: number;
  /** A plain difference besides, K: at all hours, and at night, fading as the sun rises. */
  addedC: number;
  nightAddedC: number;
  /** What walls and floor draw it to, °C; `soil`: the ground's own warmth. */
  anchorC: number | "soil";
  /** Warming by 100 W/m² of sun, K. */
  gainC: number;
  /** A heater keeps it from falling lower, vents from rising higher, °C. */
  floorC: number | null;
  ventC: number | null;
  /** Share of the wind, of the open sky and of the sun that reach a pot. */
  wind: number;
  sky: number;
  sun: number;
  light: LightClass;
  /** Snow lies on the pots, and the ground below is the garden's. */
  outdoors: boolean;
}

const unheated = { addedC: 0, nightAddedC: 0, floorC: null, ventC: null } as const;
const indoors = { ...unheated, wind: 0.05, sky: 0, outdoors: false } as const;
export const PLACE_AIR: Record<Shelter, PlaceAir> = {
  open: {
    ...unheated,
    tauH: 0,
    hold: 0,
    anchorC: 0,
    gainC: 0,
    wind: 1,
    sky: 1,
    sun: 1,
    light: 3,
    outdoors: true,
  },
  "house-wall": {
    ...unheated,
    tauH: 1.5,
    hold: 0.1,
    anchorC: 12,
    gainC: 0.4,
    wind: 0.5,
    sky: 0.4,
    sun: 0.8,
    light: 2,
    outdoors: true,
  },
  "cold-frame": {
    ...unheated,
    tauH: 2.5,
    hold: 0.22,
    anchorC: "soil",
    gainC: 2.2,
    ventC: 20,
    wind: 0.1,
    sky: 0.3,
    sun: 0.65,
    light: 3,
    outdoors: false,
  },
  glasshouse: {
    ...unheated,
    tauH: 2,
    hold: 0.1,
    anchorC: "soil",
    gainC: 2.6,
    ventC: 24,
    wind: 0.1,
    sky: 0.4,
    sun: 0.65,
    light: 3,
    outdoors: false,
  },
  shed: { ...indoors, tauH: 14, hold: 0.22, anchorC: "soil", gainC: 0.3, sun: 0, light: 0 },
  cellar: { ...indoors, tauH: 60, hold: 0.75, anchorC: "soil", gainC: 0, sun: 0, light: 0 },
  garage: { ...indoors, tauH: 30, hold: 0.32, anchorC: 17, gainC: 0.1, sun: 0, light: 0 },
  porch: { ...indoors, tauH: 4, hold: 0.15, anchorC: 17, gainC: 1.8, floorC: 5, ventC: 22, sun: 0.4, light: 2 },
  room: { ...indoors, tauH: 24, hold: 0.75, anchorC: 20.5, gainC: 0.6, floorC: 18, ventC: 26, sun: 0.25, light: 1 },
};

/** The shelter a place counts as while nobody has said how it is built. */
export const USUAL_SHELTER: Record<PlaceKind, Shelter> = {
  open: "open",
  sheltered: "house-wall",
  unheated: "glasshouse",
  "frost-free": "porch",
  heated: "room",
};
/** A place that stands out of doors. */
export const isOutdoors = (kind: PlaceKind) => PLACE_AIR[USUAL_SHELTER[kind]].outdoors;

/** The ground's own warmth above its running mean, K, and the sky's loss that comes through its share, K under a clear one. */
export const GROUND_ABOVE_C = 1;
const SKY_COOLING_C = 1.5;

/** Walls take on the mean of the last weeks: hours of its memory (L). */
export const WALL_HOURS = 25 * 24;

/** Air as nights read or said there have it: it follows at once, for the readings hold the lag already. */
export function airAsRead(air: PlaceAir, { offsetC, damping }: PlaceClimate): PlaceAir {
  return {
    ...air,
    tauH: 0,
    sky: air.outdoors ? air.sky : 0,
    hold: damping,
    anchorC: 0,
    // Out of doors the day is the site's own: only nights are those of a hollow or of a wall.
    addedC: air.outdoors ? 0 : offsetC,
    nightAddedC: air.outdoors ? offsetC : 0,
  };
}

/** What the air of a place is worked out from, hour by hour. */
export type OutsideHours = Pick<PotHours, "airC" | "soilC" | "sunWm2" | "skyLossWm2">;

/** The air of a place is the air outside. */
export const isOutside = (air: PlaceAir) =>
  air.tauH === 0 &&
  air.hold === 0 &&
  air.gainC === 0 &&
  air.floorC === null &&
  air.addedC === 0 &&
  air.nightAddedC === 0;

/** Share of the way to where it drifts that a place's air goes in an hour. */
export const followOf = (tauH: number) => (tauH > 0 ? 1 - Math.exp(-1 / tauH) : 1);

/** Nothing is left of the nights' own difference under so much sun, W/m² (L). */
const FULL_DAY_WM2 = 200;

/** What a clear sky takes through a roof, K. The open air is not cooled twice: there the sky draws on pots. */
export const skyCooling = (air: PlaceAir, lossWm2: number) =>
  air.tauH > 0 ? (SKY_COOLING_C * air.sky * lossWm2) / CLEAR_SKY_WM2 : 0;

/**
 * Air of a place: T += (T_eq − T)(1 − e^(−1/τ)) each hour, T_eq = (1−g)·outside + g·anchor + sun − sky, kept above a heater's floor
 * and below the vents (structure and figures C). Walls are as warm as the last weeks where these are warmer than what warms them.
 */
export function airAtPlace(outside: OutsideHours, air: PlaceAir): Float64Array {
  const n = outside.airC.length;
  if (isOutside(air)) return outside.airC;
  const airC = new Float64Array(n);
  const follow = followOf(air.tauH);
  const { hold, addedC, nightAddedC, anchorC, gainC, ventC, floorC } = air;
  let weeks = outside.airC[0];
  let t = NaN;
  for (let i = 0; i < n; i++) {
    const out = outside.airC[i];
    weeks += (out - weeks) / WALL_HOURS;
    const walls =
      anchorC === "soil"
        ? addedC + hold * (outside.soilC[i] + GROUND_ABOVE_C)
        : Math.max(addedC + hold * anchorC, Math.min(addedC, 0) + hold * weeks);
    const sun = outside.sunWm2[i];
    const goal =
      (1 - hold) * out +
      walls +
      (gainC * sun) / 100 +
      nightAddedC * Math.max(0, 1 - (sun / FULL_DAY_WM2) ** 2) -
      skyCooling(air, outside.skyLossWm2[i]);
    t = Number.isNaN(t) ? goal : t + (goal - t) * follow;
    if (ventC !== null && t > ventC) t = Math.max(ventC, Math.min(t, out));
    if (floorC !== null && t < floorC) t = floorC;
    airC[i] = t;
  }
  return airC;
}

/** Weather round a pot at a place. */
export function hoursAtPlace(outside: PotHours, air: PlaceAir): PotHours {
  const airC = airAtPlace(outside, air);
  const scaled = (values: Float64Array, share: number) => (share === 1 ? values : values.map((v) => v * share));
  return {
    airC,
    windMs: scaled(outside.windMs, air.wind),
    soilC: air.outdoors || air.anchorC === "soil" ? outside.soilC : floorUnder(airC),
    sunWm2: scaled(outside.sunWm2, air.sun),
    skyLossWm2: scaled(outside.skyLossWm2, air.sky),
    snowR: air.outdoors ? outside.snowR : null,
  };
}

/** A floor follows the air above it slowly. */
const FLOOR_HOURS = 240;
function floorUnder(airC: Float64Array): Float64Array {
  const out = new Float64Array(airC.length);
  let t = airC[0];
  for (let i = 0; i < out.length; i++) out[i] = t += (airC[i] - t) / FLOOR_HOURS;
  return out;
}
