import { LAPSE_C_PER_M } from "@/core/climate/index";
import { Z90 } from "@/core/math/index";
import type { PlaceFit } from "@/core/climate/index";
import type { LearnedAir } from "@/core/place/index";
import { degreesApart, elevation, number, percent, type Units } from "./format";

/** A place as learned, with how sure that is. */
export function fitWords(
  fit: Pick<PlaceFit, "climate" | "nights" | "offsetSeC" | "dampingSe" | "residualC">,
  units: Units,
): string {
  const { climate } = fit;
  const side = climate.offsetC >= 0 ? "warmer" : "colder";
  const damped =
    fit.dampingSe === null
      ? ""
      : `, the site’s swings damped by ${percent(climate.damping)} (± ${percent(Z90 * fit.dampingSe)})`;
  return `${degreesApart(Math.abs(climate.offsetC), units)} ${side} than a site at freezing (± ${degreesApart(Z90 * fit.offsetSeC, units)})${damped}; from ${number(fit.nights)} cold nights, a single night misses by ${degreesApart(fit.residualC, units)}`;
}

/** How a place's air follows the air outside, as its hours tell. */
export function airWords(
  fit: { air: Pick<LearnedAir, "tauH" | "hold" | "gainC">; days?: number; residualC?: number },
  units: Units,
): string {
  const { tauH, hold, gainC } = fit.air;
  const lag = tauH < 1 ? "within the hour" : `in about ${number(tauH, tauH < 5 ? 1 : 0)} h`;
  const sun = gainC < 0.05 ? "" : `; 100 W/m² of sun warm it by ${degreesApart(gainC, units)}`;
  const sure =
    fit.days === undefined || fit.residualC === undefined
      ? ""
      : `; from ${number(fit.days)} days of hours, a single hour misses by ${degreesApart(fit.residualC, units)}`;
  return `Its air follows two thirds of a change outside ${lag}, walls and ground hold ${percent(hold)} of it${sun}${sure}.`;
}

const LAPSE_OVER_M = 100;
/** How much colder it is higher up. */
export const lapseWords = (units: Units): string =>
  `${degreesApart(LAPSE_OVER_M * LAPSE_C_PER_M, units)} for each ${elevation(LAPSE_OVER_M, units)}`;
