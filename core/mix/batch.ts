import { type BagChoice, type BagOffer, cheapestBags } from "./bags";
import { blend, type Blend } from "./blend";
import { type ComponentLibrary, COMPONENTS, type Recipe } from "./components";

/** Fresh fill settles by this share under the first soaks: our judgement (peat and bark .10–.15, loam .08). */
export const SETTLE_FRACTION = 0.12;
/** What stays on the shovel and the bench. Our judgement (L). */
export const WASTE = 1.05;

type Litres = Readonly<Record<string, number>>;
type Offers = Readonly<Record<string, readonly BagOffer[]>>;

export interface ShoppingLine {
  component: string;
  /** Loose litres wanted in all. */
  litres: number;
  /** Litres that are there already. */
  fromStockL: number;
  /** Cheapest bags for the rest; null where none are on offer. */
  bags: BagChoice | null;
}

export interface Shopping {
  lines: ShoppingLine[];
  /** Price of the bags; null where a component that must be bought has none on offer. */
  cost: number | null;
}

/** Less than this is not worth a bag: it is within the waste. Litres. */
const NEGLIGIBLE_L = 0.05;

/** What of the wanted components must be bought, in bags at least cost. */
export function shoppingFor(wanted: Litres, inStock: Litres = {}, offers: Offers = {}): Shopping {
  const lines = Object.entries(wanted).map(([component, litres]): ShoppingLine => {
    const fromStockL = Math.min(litres, inStock[component] ?? 0);
    const toBuy = litres - fromStockL;
    const offered = offers[component] ?? [];
    const none: BagChoice = { counts: offered.map(() => 0), cost: 0, leftoverL: 0 };
    const bags = toBuy < NEGLIGIBLE_L ? none : offered.length > 0 ? cheapestBags(toBuy, offered) : null;
    return { component, litres, fromStockL, bags };
  });
  return {
    lines,
    cost: lines.every((l) => l.bags !== null) ? lines.reduce((sum, l) => sum + l.bags!.cost, 0) : null,
  };
}

export interface BatchInput {
  /** Mix in place wanted, litres, after settling. */
  settledL: number;
  recipe: Recipe;
  library?: ComponentLibrary;
  settling?: number;
  inStock?: Litres;
  /** Bags on offer by component: loose litres and price. */
  bags?: Offers;
}

export interface BatchPart extends ShoppingLine {
  /** Share of the recipe by volume before mixing. */
  share: number;
}

export interface Batch {
  /** Loose mix to have at hand, litres. */
  looseL: number;
  /** Components measured out together, litres: more than the mix they give. */
  measuredL: number;
  blend: Blend;
  parts: BatchPart[];
  /** Dry mass of the whole batch. */
  dryKg: number;
  cost: number | null;
}

/**
 * What a batch of mix needs: loose = settled/(1 − s); components = loose × waste/yield, where yield is what is left of the summed volumes
 * when fine fills the gaps of coarse. Bags are sold in loose litres: settling is counted once.
 * @example planBatch({settledL: 88, recipe: {"bark-coarse": 2, compost: 1}}).measuredL // 127.8
 */
export function planBatch(input: BatchInput): Batch {
  const { settledL, recipe, library = COMPONENTS, settling = SETTLE_FRACTION } = input;
  const looseL = settledL / (1 - settling);
  const mixed = blend(recipe, library);
  const measuredL = (looseL * WASTE) / (1 - mixed.shrinkage);
  const used = Object.entries(recipe).filter(([id, part]) => part > 0 && id in library);
  const total = used.reduce((sum, [, part]) => sum + part, 0);
  const share = Object.fromEntries(used.map(([id, part]) => [id, part / total]));
  const wanted = Object.fromEntries(used.map(([id]) => [id, measuredL * share[id]]));
  const shopping = shoppingFor(wanted, input.inStock, input.bags);
  return {
    looseL,
    measuredL,
    blend: mixed,
    parts: shopping.lines.map((line) => ({ ...line, share: share[line.component] })),
    dryKg: looseL * mixed.dryKgPerL,
    cost: shopping.cost,
  };
}

/** Litres of each component that several batches take together: what is bought for a day. */
export function wantedTogether(batches: readonly Batch[]): Record<string, number> {
  const wanted: Record<string, number> = {};
  for (const batch of batches)
    for (const part of batch.parts) wanted[part.component] = (wanted[part.component] ?? 0) + part.litres;
  return wanted;
}
