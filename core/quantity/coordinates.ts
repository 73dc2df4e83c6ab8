import { plainText, readFigures } from "./number";

export type Axis = "latitude" | "longitude";
const MOST: Record<Axis, number> = { latitude: 90, longitude: 180 };
const LETTERS: Record<Axis, Record<string, 1 | -1>> = {
  latitude: { n: 1, s: -1 },
  longitude: { e: 1, w: -1, o: 1 },
};

export type CoordinateRead = { ok: true; degrees: number } | { ok: false; fault: "not-understood" | "out-of-range" };

const DEGREES =
  /^([+-])?\s*([\d.,]+)\s*(?:°|º|d|\s)?\s*(?:([\d.,]+)\s*(?:'|′|’|m|\s)?\s*(?:([\d.,]+)\s*(?:"|″|”|''|s)?)?)?$/;

/**
 * One coordinate in any usual form: "52.52", "-38,6", "38.6 S", "52°31'N", "N 52° 31' 12.5\"", "52 31 12 N". South and west are negative.
 * @example readCoordinate("52°31'N", "latitude") // { ok: true, degrees: 52.51667 }
 */
export function readCoordinate(text: string, axis: Axis): CoordinateRead {
  let t = plainText(text).toLowerCase();
  const letter = /^([nsewo])[\s.]*|[\s.]*([nsewo])$/.exec(t);
  let sign: 1 | -1 = 1;
  if (letter) {
    const way = LETTERS[axis][letter[1] ?? letter[2]];
    if (way === undefined) return { ok: false, fault: "not-understood" };
    sign = way;
    t = (letter[1] !== undefined ? t.slice(letter[0].length) : t.slice(0, t.length - letter[0].length)).trim();
  }
  const match = DEGREES.exec(t);
  // A sign and a letter together say two things.
  if (!match || (letter && match[1] === "-")) return { ok: false, fault: "not-understood" };
  const [degrees, minutes, seconds] = [match[2], match[3] ?? "0", match[4] ?? "0"].map((v) =>
    /^\d+([.,]\d+)?$/.test(v) ? readFigures(v.replace(",", ".")) : null,
  );
  if (degrees === null || minutes === null || seconds === null) return { ok: false, fault: "not-understood" };
  if (minutes >= 60 || seconds >= 60) return { ok: false, fault: "not-understood" };
  const value = sign * (match[1] === "-" ? -1 : 1) * (degrees + minutes / 60 + seconds / 3600);
  return Math.abs(value) > MOST[axis] ? { ok: false, fault: "out-of-range" } : { ok: true, degrees: value };
}

/**
 * Both coordinates pasted as one text, as maps give them; null where it is not such a pair.
 * @example readCoordinatePair("48.3, 11.5") // { latitudeDeg: 48.3, longitudeDeg: 11.5 }
 */
export function readCoordinatePair(text: string): { latitudeDeg: number; longitudeDeg: number } | null {
  const t = plainText(text);
  const halves =
    /^(.+?[ns])[\s,;]+(.+)$/i.exec(t) ??
    /^([+-]?\d+\.\d+)\s*[,;\s]\s*([+-]?\d+\.\d+)$/.exec(t) ??
    /^([^,;]+)[;]\s*([^,;]+)$/.exec(t);
  if (!halves) return null;
  const [latitude, longitude] = [readCoordinate(halves[1], "latitude"), readCoordinate(halves[2], "longitude")];
  return latitude.ok && longitude.ok ? { latitudeDeg: latitude.degrees, longitudeDeg: longitude.degrees } : null;
}
