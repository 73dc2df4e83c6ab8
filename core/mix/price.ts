import type { BagOffer } from "./bags";
import { SETTLE_FRACTION, WASTE } from "./batch";
import { blend } from "./blend";
import { type ComponentLibrary, COMPONENTS, type Recipe } from "./components";

/** Price of a litre of mix in place, by the cheapest bags of each component; null where one of them has none on offer. */
export function pricePerLitre(
  parts: Recipe,
  offers: Readonly<Record<string, readonly BagOffer[]>>,
  library: ComponentLibrary = COMPONENTS,
): number | null {
  const shares = Object.entries(parts).filter(([, share]) => share > 0);
  const total = shares.reduce((sum, [, share]) => sum + share, 0);
  if (total <= 0) return null;
  let price = 0;
  for (const [component, share] of shares) {
    const bags = offers[component] ?? [];
    if (bags.length === 0) return null;
    price += (share / total) * Math.min(...bags.map((bag) => bag.price / bag.litres));
  }
  return (price * WASTE) / ((1 - SETTLE_FRACTION) * (1 - blend(parts, library).shrinkage));
}
