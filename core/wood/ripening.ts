import { MIDSUMMER, type SeasonSlice } from "../climate/index";
import { clamp } from "../math/index";
import type { FruitClock } from "./clocks";
import type { HabitParameters } from "./habits";
import type { WoodSeason } from "./season";

/** Fruit ripens half as fast in the cold as at the second of these means of a day, in a straight line between: fitted with the clocks (L). */
const RIPENING_C = [4, 20] as const;
const LEAST_RATE = 0.5;
/** Fruit of hot summers: not at all below the first. Our judgement, from where its main crop fails (L). */
const HEAT_BOUND_C = [8, 20] as const;

/**
 * Share of a full day's ripening that a day of this mean brings.
 * @example ripeningRate(12) // 0.75
 * @example ripeningRate(14, true) // 0.5
 */
export function ripeningRate(meanC: number, heatBound = false): number {
  const [from, full] = heatBound ? HEAT_BOUND_C : RIPENING_C;
  const least = heatBound ? 0 : LEAST_RATE;
  return least + (1 - least) * clamp((meanC - from) / (full - from), 0, 1);
}

/** What still hangs is picked once ten days average below this, from so long after midsummer on; citrus hangs through the winter (L). */
const PICKED_BELOW_C = 11;
const PICKED_FROM = MIDSUMMER + 40;
/** Fruit that is further from ripe than this then is not picked: it never ripens (L). */
const NEARLY_RIPE = 0.75;

const meanOf = ({ tminC, tmaxC }: SeasonSlice, i: number) => (tminC[i] + tmaxC[i]) / 2;

/** Day from which a fruit's days are counted; −1 where it never comes. */
export const fruitFrom = (wood: WoodSeason, { from }: FruitClock): number =>
  from === "bloom" ? wood.fullBloom : wood.budBreak;

/** Day of the slice on which fruit is ripe, or picked because the season closes; −1 where neither comes, or nothing blooms. */
export function ripeOrPicked(
  h: HabitParameters,
  slice: SeasonSlice,
  wood: WoodSeason,
  fruit: FruitClock,
): { day: number; picked: boolean } {
  const from = fruitFrom(wood, fruit);
  if (from < 0) return { day: -1, picked: false };
  const hangs = h.habit === "citrus-like" || h.habit === "tropical-like";
  let [progress, sum] = [0, 0];
  for (let i = from; i < slice.tminC.length; i++) {
    if (i > from) progress += ripeningRate(meanOf(slice, i), fruit.heatBound);
    if (progress >= fruit.ripeDays) return { day: i, picked: false };
    if (hangs || i < PICKED_FROM) continue;
    sum = 0;
    for (let k = i - 9; k <= i; k++) sum += meanOf(slice, k);
    if (sum / 10 < PICKED_BELOW_C) {
      const nearly = progress >= NEARLY_RIPE * fruit.ripeDays;
      return { day: nearly ? i : -1, picked: nearly };
    }
  }
  return { day: -1, picked: false };
}
