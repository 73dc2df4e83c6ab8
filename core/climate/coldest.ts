import { type DayNumber, frostYearOf } from "../dates/index";
import { weightedQuantiles } from "../math/index";

/** Coldest night of the middle frost year, °C; the first and the last year may have lost their winter and are left out. */
export function coldestOfMiddleYear(latitudeDeg: number, startDay: DayNumber, minima: ArrayLike<number>): number {
  const byYear = new Map<number, number>();
  for (let i = 0; i < minima.length; i++) {
    if (Number.isNaN(minima[i])) continue;
    const year = frostYearOf(startDay + i, latitudeDeg);
    byYear.set(year, Math.min(byYear.get(year) ?? Infinity, minima[i]));
  }
  const values = [...byYear.values()];
  const whole = values.length > 2 ? values.slice(1, -1) : values;
  return weightedQuantiles(
    whole,
    whole.map(() => 1),
    [0.5],
  )[0];
}
