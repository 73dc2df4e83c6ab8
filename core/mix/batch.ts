import { blend, type Blend, cheapestBags, type BagChoice, COMPONENT_NAMES, type ComponentName } from "./blend";

/** Fresh fill settles by this share under the first soaks: our judgement (peat and bark .10–.15, loam .08). */
export const SETTLE_FRACTION = 0.12;
/** What stays on the shovel and the bench. Our judgement (L). */
export const WASTE = 1.05;

export type Recipe = Partial<Record<ComponentName, number>>;

export interface BatchInput {
  /** Mix in place wanted, litres, after settling. */
  settledL: number;
  recipe: Recipe;
  settling?: number;
  /** Bags on offer by component: loose litres and price. */
  bags?: Partial<Record<ComponentName, { litres: number; price: number }[]>>;
}

export interface BatchPart {
  component: ComponentName;
  /** Share of the recipe by volume before mixing. */
  share: number;
  litres: number;
  bags: BagChoice | null;
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
  /** Price of the bags; null where a component has none on offer. */
  cost: number | null;
}

/**
 * What a batch of mix needs: loose = settled/(1 − s); components = loose × waste/yield, where yield is what is left of the summed volumes
 * when fine fills the gaps of coarse. Bags are sold in loose litres: settling is counted once.
 * @example planBatch({settledL: 88, recipe: {"bark-coarse": 2, compost: 1}}).measuredL // 127.8
 */
export function planBatch({ settledL, recipe, settling = SETTLE_FRACTION, bags = {} }: BatchInput): Batch {
  const looseL = settledL / (1 - settling);
  const mixed = blend(recipe);
  const measuredL = (looseL * WASTE) / (1 - mixed.shrinkage);
  const total = COMPONENT_NAMES.reduce((sum, name) => sum + (recipe[name] ?? 0), 0);
  const parts = COMPONENT_NAMES.filter((name) => (recipe[name] ?? 0) > 0).map((component): BatchPart => {
    const share = recipe[component]! / total;
    const offered = bags[component] ?? [];
    const litres = measuredL * share;
    return { component, share, litres, bags: offered.length > 0 ? cheapestBags(litres, offered) : null };
  });
  return {
    looseL,
    measuredL,
    blend: mixed,
    parts,
    dryKg: looseL * mixed.dryKgPerL,
    cost: parts.every((p) => p.bags !== null) ? parts.reduce((sum, p) => sum + p.bags!.cost, 0) : null,
  };
}
