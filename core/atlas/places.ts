import { solve } from "../math/index";
import { MONTHLY } from "./monthly";
import { QUARTERLY } from "./quarterly";

/** A place whose months are known, from January on; in the south as in the north. */
export interface KnownPlace {
  latitudeDeg: number;
  longitudeDeg: number;
  elevationM: number;
  tminC: number[];
  tmaxC: number[];
  rainMm: number[];
  /** How well its line was remembered. */
  recalled: "A" | "B" | "C";
  /** All months were written down; else only four, the others follow them as they do elsewhere. */
  whole: boolean;
}

const RAD = Math.PI / 180;
/** Mean radius of the Earth, km. */
export const EARTH_KM = 6371;

/**
 * Great-circle distance (haversine), km.
 * @example greatCircleKm(0, 0, 0, 90) // 10007.5
 */
export function greatCircleKm(latA: number, lonA: number, latB: number, lonB: number): number {
  const half =
    Math.sin(((latB - latA) * RAD) / 2) ** 2 +
    Math.cos(latA * RAD) * Math.cos(latB * RAD) * Math.sin(((lonB - lonA) * RAD) / 2) ** 2;
  return 2 * EARTH_KM * Math.asin(Math.min(1, Math.sqrt(half)));
}

const numbers = (text: string) => text.trim().split(" ").map(Number);

function placeOf(line: string, whole: boolean): KnownPlace {
  const [where, tmin, tmax, rain, recalled] = line.split("|").map((part) => part.trim());
  const [latitudeDeg, longitudeDeg, elevationM] = numbers(where);
  return {
    latitudeDeg,
    longitudeDeg,
    elevationM,
    tminC: numbers(tmin),
    tmaxC: numbers(tmax),
    rainMm: numbers(rain),
    recalled: recalled as KnownPlace["recalled"],
    whole,
  };
}

/** January, April, July and October. */
const QUARTERS = [0, 3, 6, 9] as const;
/** The months beginning with the middle of winter, wherever that lies. */
const fromMidwinter = (months: readonly number[], south: boolean): number[] => {
  const half = months.length / 2;
  return south ? [...months.slice(half), ...months.slice(0, half)] : [...months];
};

type Curve = "tminC" | "tmaxC" | "rainMm";
const CURVES: readonly Curve[] = ["tminC", "tmaxC", "rainMm"];

/**
 * How each month follows from the four of a place: least squares with an intercept over the places that have all twelve, counted from
 * midwinter. Autumn seas and monsoons lag, which a plain wave through four months does not know.
 */
function followers(places: readonly KnownPlace[]): Record<Curve, number[][]> {
  const of = (curve: Curve) => {
    const inputs = places.map((p) => {
      const months = fromMidwinter(p[curve], p.latitudeDeg < 0);
      return [...QUARTERS.map((m) => months[m]), 1];
    });
    return Array.from({ length: 12 }, (_, month) =>
      leastSquares(
        inputs,
        places.map((p) => fromMidwinter(p[curve], p.latitudeDeg < 0)[month]),
      ),
    );
  };
  return { tminC: of("tminC"), tmaxC: of("tmaxC"), rainMm: of("rainMm") };
}

/** Normal equations, small and well conditioned here. */
function leastSquares(inputs: readonly number[][], targets: readonly number[]): number[] {
  const size = inputs[0].length;
  const matrix = Array.from({ length: size }, (_, i) =>
    Array.from({ length: size }, (_, j) => inputs.reduce((sum, row) => sum + row[i] * row[j], 0)),
  );
  const right = Array.from({ length: size }, (_, i) => inputs.reduce((sum, row, k) => sum + row[i] * targets[k], 0));
  return solve(matrix, right);
}

function completed(place: KnownPlace, follow: Record<Curve, number[][]>): KnownPlace {
  const south = place.latitudeDeg < 0;
  const months = (curve: Curve) => {
    const known = fromMidwinter(place[curve], south);
    const all = follow[curve].map((weights, month) => {
      const at = QUARTERS.indexOf(month as 0 | 3 | 6 | 9);
      if (at >= 0) return known[at];
      const value = weights.reduce((sum, w, i) => sum + w * (i < 4 ? known[i] : 1), 0);
      return curve === "rainMm" ? Math.max(0, value) : value;
    });
    return fromMidwinter(all, south);
  };
  return { ...place, tminC: months("tminC"), tmaxC: months("tmaxC"), rainMm: months("rainMm") };
}

/** Two lines this near are one place; the one with all months stands. */
const SAME_PLACE_KM = 8;

let all: KnownPlace[] | null = null;

/** Every place of the atlas with its twelve months. */
export function knownPlaces(): readonly KnownPlace[] {
  if (all) return all;
  const whole = MONTHLY.map((line) => placeOf(line, true));
  const follow = followers(whole);
  const others = QUARTERLY.map((line) => placeOf(line, false)).filter((p) =>
    whole.every((w) => greatCircleKm(w.latitudeDeg, w.longitudeDeg, p.latitudeDeg, p.longitudeDeg) >= SAME_PLACE_KM),
  );
  return (all = [...whole, ...others.map((p) => completed(p, follow))]);
}

export { CURVES, type Curve };
