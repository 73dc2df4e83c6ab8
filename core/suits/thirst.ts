import { extraterrestrialMJ, MID_MONTH, type Normals, referenceEvaporationMm } from "../climate/index";
import type { KindValues } from "../species/index";

/** A lone crown has the wind round it and the sun on its side: it uses more than a closed stand (C). */
export const LONE_CROWN = 1.3;

/**
 * Water a crown uses in a day, L: crop coefficient × exposure × reference evaporation × the ground its crown covers (one millimetre on
 * one square metre is one litre). The wet surface of the mix is not in it.
 * @example crownLitresPerDay([0.5, 0.9], 5, 1) // [3.25, 5.85]
 */
export function crownLitresPerDay(
  kc: KindValues["kc"],
  et0MmPerDay: number,
  crownAreaM2: number,
): readonly [number, number] {
  const at = (k: number) => k * LONE_CROWN * et0MmPerDay * crownAreaM2;
  return [at(kc[0]), at(kc[1])];
}

/**
 * The month of the year that evaporates most, and how much in a mean day of it, mm (Hargreaves & Samani 1985 from the month's means).
 * @returns month 0 (January) to 11
 */
export function thirstiestMonth(
  normals: Pick<Normals, "tminC" | "tmaxC">,
  latitudeDeg: number,
): { month: number; et0Mm: number } {
  const of = (month: number) => ({
    month,
    et0Mm: referenceEvaporationMm(
      normals.tminC[month],
      normals.tmaxC[month],
      extraterrestrialMJ(latitudeDeg, MID_MONTH[month]),
    ),
  });
  return MID_MONTH.map((_, month) => of(month)).reduce((most, m) => (m.et0Mm > most.et0Mm ? m : most));
}
