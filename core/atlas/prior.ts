import { solve } from "../math/index";
import { CURVES, EARTH_KM, greatCircleKm, type KnownPlace, knownPlaces } from "./places";

/** Months of a place nobody measured, carried over from those around it. */
export interface Prior {
  tminC: number[];
  tmaxC: number[];
  rainMm: number[];
  /** Usual error of one of these temperatures, K: what leaving places out of the atlas shows. */
  errorC: number;
  /** The places that speak most, nearest first. */
  nearest: { distanceKm: number; latitudeDeg: number; longitudeDeg: number; elevationM: number }[];
}

export interface Place {
  latitudeDeg: number;
  longitudeDeg: number;
  elevationM: number;
}

/** Cooling with height, K/m: by day about 6 K/km, by night 5 in the mean, for cold air lies in basins (M); the standard atmosphere, by which records are moved between heights, lies just above. */
const LAPSE = { tmaxC: 0.006, tminC: 0.005 } as const;
/**
 * Kriging over the nearest places (ordinary kriging, exponential covariance; Cressie 1993). Chosen by leaving every place out with all
 * within 50 km: median error .9 K, nine of ten within 2.9. Latitude counts half as much again as longitude; a kilometre of height
 * counts as .15 of the reach.
 */
const REACH_KM = 3000;
const NORTH_SOUTH = 1.5;
const PER_KM_HEIGHT = 0.15;
const NUGGET = 0.05;
const NEIGHBOURS = 40;
const KM_PER_DEG = (Math.PI * EARTH_KM) / 180;
/** Error of a value from the kriging variance, K: fitted on the same leaving out. */
const ERROR_BASE_C = 0.9;
const ERROR_PER_VARIANCE_C = 3;
const NAMED = 3;

function apart(a: Place, b: Place): number {
  const km = greatCircleKm(a.latitudeDeg, a.longitudeDeg, b.latitudeDeg, b.longitudeDeg);
  const north = KM_PER_DEG * (a.latitudeDeg - b.latitudeDeg);
  return Math.sqrt(km ** 2 + (NORTH_SOUTH ** 2 - 1) * north ** 2) / REACH_KM;
}

const likeness = (a: Place, b: Place) =>
  Math.exp(-apart(a, b) - (PER_KM_HEIGHT * Math.abs(a.elevationM - b.elevationM)) / 1000);

/**
 * Monthly normals of any place on land from those of the atlas.
 * @param leaveOutKm places nearer than this are passed over: for trying it out
 */
export function priorNormals(place: Place, leaveOutKm = 0): Prior {
  const around = knownPlaces()
    .map((known) => ({
      known,
      km: greatCircleKm(place.latitudeDeg, place.longitudeDeg, known.latitudeDeg, known.longitudeDeg),
      apart: apart(place, known),
    }))
    .filter(({ km }) => km >= leaveOutKm)
    .sort((a, b) => a.apart - b.apart)
    .slice(0, NEIGHBOURS);
  const { weights, variance } = krige(
    place,
    around.map((a) => a.known),
  );
  const carried = (curve: (typeof CURVES)[number], month: number) => {
    if (curve === "rainMm") {
      // Roots, so that a wet coast does not drown a desert, and never less than none.
      const root = around.reduce((sum, { known }, i) => sum + weights[i] * Math.sqrt(known.rainMm[month]), 0);
      return Math.max(0, root) ** 2;
    }
    return around.reduce(
      (sum, { known }, i) =>
        sum + weights[i] * (known[curve][month] + LAPSE[curve] * (known.elevationM - place.elevationM)),
      0,
    );
  };
  const months = (curve: (typeof CURVES)[number]) => Array.from({ length: 12 }, (_, month) => carried(curve, month));
  return {
    tminC: months("tminC"),
    tmaxC: months("tmaxC"),
    rainMm: months("rainMm"),
    errorC: ERROR_BASE_C + ERROR_PER_VARIANCE_C * variance,
    nearest: [...around]
      .sort((a, b) => a.km - b.km)
      .slice(0, NAMED)
      .map(({ known, km }) => ({
        distanceKm: km,
        latitudeDeg: known.latitudeDeg,
        longitudeDeg: known.longitudeDeg,
        elevationM: known.elevationM,
      })),
  };
}

/** Weights that add up to one, and the variance left. */
function krige(place: Place, around: readonly KnownPlace[]): { weights: number[]; variance: number } {
  const matrix = around.map((a, i) => [...around.map((b, j) => likeness(a, b) + (i === j ? NUGGET : 0)), 1]);
  matrix.push([...around.map(() => 1), 0]);
  const right = around.map((a) => likeness(place, a));
  const solved = solve(matrix, [...right, 1]);
  const weights = solved.slice(0, -1);
  const explained = weights.reduce((sum, w, i) => sum + w * right[i], 0);
  return { weights, variance: Math.max(0, 1 - explained - solved[solved.length - 1]) };
}

/** A known place this near has about the height of the site; farther away the lowest of some does: towns lie low, by coasts and rivers. */
const SAME_HEIGHT_KM = 25;

/** How far the nearest known place is, and how high a site there usually lies. */
export function nearestPlace(latitudeDeg: number, longitudeDeg: number): { distanceKm: number; elevationM: number } {
  const around = knownPlaces()
    .map((known) => ({
      distanceKm: greatCircleKm(latitudeDeg, longitudeDeg, known.latitudeDeg, known.longitudeDeg),
      elevationM: known.elevationM,
    }))
    .sort((a, b) => a.distanceKm - b.distanceKm)
    .slice(0, NAMED);
  const [nearest] = around;
  if (nearest.distanceKm <= SAME_HEIGHT_KM) return nearest;
  return { distanceKm: nearest.distanceKm, elevationM: Math.min(...around.map((place) => place.elevationM)) };
}
