import { plainText, readFigures, readQuantity } from "../quantity/index";
import { CONTAINER_CLASSES, nominalVolume } from "./nominal";
import { brimEstimate } from "./pot";
import type { Pot } from "./schema";
import { USUAL_WALL, type Wall, WALL } from "./walls";

/** Why a size is not read, with what would be: the classes there are nearest to the one asked for. */
export type PotSizeFault =
  | { code: "not-a-size" }
  | { code: "unknown-unit" }
  | { code: "too-large" }
  | { code: "no-such-class"; asked: number; nearest: string[] };
export type PotSizeRead =
  { ok: true; pot: Extract<Pot, { known: "nominal" | "about" }> } | { ok: false; fault: PotSizeFault };

const CLASS = /^(?:#|no\.? ?|nr\.? ?|class ?)(\d+)$/i;
const GALLONS = /^([\d.,/ ]*\d)\s*(?:gal|gallons?)\.?$/i;
const PINTS = /^([\d.,/ ]*\d)\s*(?:pt|pints?)\.?$/i;
const LITRES = /^[\d.,/ ]+(?:l|ltr|litres?|liters?|ml|cl)?\.?$/i;
const MOST_L = 5000;

/**
 * The size of a pot as people say it. "#7", "7 gal" and "7 gallon" name a container class, which is not seven gallons; only fabric bags
 * are sold by true gallons, and "7 US gal" says it of any pot. Pints name planter bags. Litres, or a bare number, are a label or an
 * estimate, as the field asks.
 * @param as what litres mean here
 * @example readPotSize("5 gallon", "smooth-plastic", "about") // { ok: true, pot: { known: "nominal", system: "container-class", size: "#5", wall: "smooth-plastic" } }
 */
export function readPotSize(text: string, wall: Wall, as: "label" | "about"): PotSizeRead {
  const t = plainText(text);
  const no = (fault: PotSizeFault): PotSizeRead => ({ ok: false, fault });
  const gallons = GALLONS.exec(t);
  const named = CLASS.exec(t) ?? (WALL[wall].byTrueGallons ? null : gallons);
  if (named) {
    const asked = readFigures(named[1]);
    if (asked === null) return no({ code: "not-a-size" });
    const size = `#${asked}`;
    if (!CONTAINER_CLASSES.includes(size)) return no({ code: "no-such-class", asked, nearest: nearestClasses(asked) });
    return { ok: true, pot: { known: "nominal", system: "container-class", size, wall } };
  }
  const pints = PINTS.exec(t);
  const count = pints ? readFigures(pints[1]) : null;
  if (count !== null && nominalVolume("pint-bag", String(count)))
    return { ok: true, pot: { known: "nominal", system: "pint-bag", size: String(count), wall } };
  const read = readQuantity(t, "litres");
  if (!read.ok)
    return no({ code: read.fault === "unknown-unit" || read.fault === "wrong-unit" ? "unknown-unit" : "not-a-size" });
  if (!(read.value > 0)) return no({ code: "not-a-size" });
  if (read.value > MOST_L) return no({ code: "too-large" });
  const litres = Math.round(read.value * 1000) / 1000;
  return as === "label" && LITRES.test(t)
    ? { ok: true, pot: { known: "nominal", system: "litre-label", size: String(litres), wall } }
    : { ok: true, pot: { known: "about", litres, wall } };
}

/**
 * How large a pot somebody means by a size, L to the brim: the middle of a class's range, or the litres said.
 * @example potSizeL("15 gal") // 53
 */
export function potSizeL(text: string): number | PotSizeFault {
  const read = readPotSize(text, USUAL_WALL, "about");
  return read.ok ? Math.round(10 * brimEstimate(read.pot).p50) / 10 : read.fault;
}

/** The class below and the one above a number that is none. */
function nearestClasses(asked: number): string[] {
  const numbers = CONTAINER_CLASSES.map((size) => Number(size.slice(1)));
  const below = numbers.filter((n) => n < asked).at(-1);
  const above = numbers.find((n) => n > asked);
  return [below, above].flatMap((n) => (n === undefined ? [] : [`#${n}`]));
}
