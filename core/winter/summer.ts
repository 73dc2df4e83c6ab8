import { quantileOf } from "../math/index";
import type { PotHours } from "../place/index";
import { type PotInWinter, potTemperature } from "./pot-temperature";

/** Roots stop above 38 °C and die within half an hour at 46–52 (Ingram 1985; Mathers 2003). */
export const ROOT_HEAT = { harmsC: 38, killsC: 46, harmHours: 2, manyDays: 3 } as const;

/** Heat at the wall of a pot through some summers. */
export interface SummerOutlook {
  /** Hottest at the wall: the middle summer, and one of ten. */
  hottestC: [p50: number, p90: number];
  /** Days on which the wall is too hot for roots for two hours or longer. */
  hotDays: [p50: number, p90: number];
  /** Share of summers with an hour that kills, and with three or more hot days. */
  chanceKill: number;
  chanceHarm: number;
}

/** The winter's own model run through summer: dark walls in the sun. */
export function summerOutlook(pot: PotInWinter, courses: readonly PotHours[]): SummerOutlook {
  const hottest: number[] = [];
  const hotDays: number[] = [];
  for (const hours of courses) {
    const { shellC } = potTemperature(pot, hours.airC[0], hours);
    let [most, days] = [-Infinity, 0];
    for (let d = 0; 24 * d < shellC.length; d++) {
      let hot = 0;
      for (let h = 24 * d; h < 24 * d + 24; h++) {
        if (shellC[h] > most) most = shellC[h];
        if (shellC[h] > ROOT_HEAT.harmsC) hot++;
      }
      if (hot >= ROOT_HEAT.harmHours) days++;
    }
    hottest.push(most);
    hotDays.push(days);
  }
  const band = (values: number[]): [number, number] => {
    const sorted = [...values].sort((a, b) => a - b);
    return [quantileOf(sorted, 0.5), quantileOf(sorted, 0.9)];
  };
  return {
    hottestC: band(hottest),
    hotDays: band(hotDays),
    chanceKill: hottest.filter((t) => t >= ROOT_HEAT.killsC).length / courses.length,
    chanceHarm: hotDays.filter((d) => d >= ROOT_HEAT.manyDays).length / courses.length,
  };
}
