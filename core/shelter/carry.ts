/** Carrying on foot, m/s and s for a step, loaded and back; picking up and setting down, s (L). */
const PACE = {
  loadedMs: 0.7,
  emptyMs: 1.2,
  stepLoadedS: 1.6,
  stepEmptyS: 0.7,
  handleS: 90,
  truckHandleS: 150,
} as const;
/** Where nobody has said how far it is, m. */
const USUAL_WAY_M = 20;

export interface Way {
  distanceM: number | null;
  steps: number;
}

export interface CarryLimits {
  aloneKg: number;
  pairKg: number;
  pairStepsKg: number;
  /** A sack truck, on the level. */
  truckKg: number;
}

export type CarryBy = "alone" | "pair" | "truck" | "nobody";
export interface Carrying {
  by: CarryBy;
  people: number;
  /** Person-minutes one way and back, all trips. */
  minutes: number;
  trips: number;
  /** Kilograms times metres, steps counted by their height. */
  kgM: number;
}

/** Rise of a step, and the metres of level way a metre of rise is worth (L). */
const STEP_M = 0.18;
const RISE_WORTH = 8;

/** The heaviest that people get to a place, kg. */
export const mostCarriedKg = (way: Way, limits: CarryLimits) =>
  way.steps > 0
    ? Math.max(limits.aloneKg, limits.pairStepsKg)
    : Math.max(limits.aloneKg, limits.pairKg, limits.truckKg);

/** Carrying some equal pots to a place: who, how long, how much. */
export function carryTo(massKg: number, plants: number, way: Way, limits: CarryLimits): Carrying {
  const metres = way.distanceM ?? USUAL_WAY_M;
  const pair = way.steps > 0 ? limits.pairStepsKg : limits.pairKg;
  const by: CarryBy =
    massKg <= limits.aloneKg
      ? "alone"
      : massKg <= pair
        ? "pair"
        : way.steps === 0 && massKg <= limits.truckKg
          ? "truck"
          : "nobody";
  const people = by === "pair" ? 2 : 1;
  // Small pots go several at a time.
  const atOnce = by === "alone" ? Math.max(1, Math.floor(limits.aloneKg / Math.max(0.2, massKg))) : 1;
  const trips = Math.ceil(plants / atOnce);
  const seconds =
    (by === "truck" ? PACE.truckHandleS : PACE.handleS) +
    metres * (1 / PACE.loadedMs + 1 / PACE.emptyMs) +
    way.steps * (PACE.stepLoadedS + PACE.stepEmptyS);
  return {
    by,
    people,
    trips,
    minutes: (people * trips * seconds) / 60,
    kgM: massKg * plants * (metres + RISE_WORTH * STEP_M * way.steps),
  };
}
