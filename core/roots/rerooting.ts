import { normalCdf, normalPdf } from "../math/index";
import { type RootBelief, reweigh, SEASON_SD } from "./belief";
import { effectiveWarmth } from "./grow";
import { crossingDegreeDays, newRootsMm } from "./reached";

/** Roots of one tree differ in length, and only some lie at the wall: spread of ln length. Our judgement (L). */
const LENGTH_SD = 0.6;
/** Shorter than this nobody sees. */
const SEEN_FROM_MM = 3;
/** A look that is simply off, as with the grades. */
const LAPSE = 0.02;

/**
 * A re-rooting check: the longest new roots seen in the fresh mix, mm; 0 where none were seen. Reweighs the tree's own pace; how full
 * the pot is follows from there. Answers how probable so short or so long a root was, as a share of all checks (two-sided).
 */
export function checkRerooting(b: RootBelief, lengthMm: number): number {
  const counted = effectiveWarmth(b.warmthSince, b.lagDegreeDays);
  const sd = Math.hypot(LENGTH_SD, SEASON_SD);
  let below = 0;
  const z = (k: number, mm: number) => Math.log(Math.max(0.05, mm) / Math.max(0.05, newRootsMm(k, counted))) / sd;
  for (let j = 0; j < b.k.length; j++) below += b.weight[j] * normalCdf(z(b.k[j], Math.max(lengthMm, SEEN_FROM_MM)));
  reweigh(b, (k) => {
    const fits = lengthMm < SEEN_FROM_MM ? normalCdf(z(k, SEEN_FROM_MM)) : normalPdf(z(k, lengthMm)) / sd;
    return LAPSE / 5 + (1 - LAPSE) * fits;
  });
  return lengthMm < SEEN_FROM_MM ? below : Math.min(1, 2 * Math.min(below, 1 - below));
}

/** How far roots have got into fresh mix, over the paces still possible. */
export interface Reached {
  /** New roots expected, mm, and share of the ring they have crossed: weights over the belief's paces. */
  lengthMm: Float64Array;
  crossed: Float64Array;
  weight: Float64Array;
}

export function reachedBy(b: RootBelief): Reached {
  const counted = effectiveWarmth(b.warmthSince, b.lagDegreeDays);
  return {
    lengthMm: b.k.map((k) => newRootsMm(k, counted)),
    crossed: b.k.map((k) => 1 - Math.exp(-counted / crossingDegreeDays(k))),
    weight: b.weight,
  };
}
