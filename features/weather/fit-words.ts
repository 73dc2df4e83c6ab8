import { Z90 } from "@/core/math/index";
import type { PlaceFit } from "@/core/climate/index";
import { degreesApart, number, percent, type Units } from "@/ui/format";

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
