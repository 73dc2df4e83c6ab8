export interface BagChoice {
  counts: number[];
  cost: number;
  leftoverL: number;
}

export interface BagOffer {
  /** Loose litres in the bag. */
  litres: number;
  price: number;
}

/** Cheapest cover of a need by bag sizes; between equal prices the smaller leftover. Knapsack in steps of a tenth of a litre. */
export function cheapestBags(litres: number, bags: readonly BagOffer[]): BagChoice {
  const unit = 10;
  const need = Math.ceil(litres * unit - 1e-9);
  // A bag that is no whole number of steps counts as the smaller one: a batch never buys less than it needs.
  const sizes = bags.map((bag) => Math.max(1, Math.floor(bag.litres * unit + 1e-9)));
  const most = need + Math.max(...sizes);
  const best = new Float64Array(most + 1).fill(Infinity);
  const last = new Int16Array(most + 1).fill(-1);
  best[0] = 0;
  for (let amount = 1; amount <= most; amount++) {
    for (let i = 0; i < sizes.length; i++) {
      if (sizes[i] <= amount && best[amount - sizes[i]] + bags[i].price < best[amount] - 1e-12) {
        best[amount] = best[amount - sizes[i]] + bags[i].price;
        last[amount] = i;
      }
    }
  }
  let chosen = -1;
  for (let amount = need; amount <= most; amount++)
    if (last[amount] >= 0 || amount === 0) if (chosen < 0 || best[amount] < best[chosen] - 1e-9) chosen = amount;
  const counts = bags.map(() => 0);
  for (let rest = chosen; rest > 0; rest -= sizes[last[rest]]) counts[last[rest]]++;
  const bought = counts.reduce((sum, count, i) => sum + count * bags[i].litres, 0);
  return { counts, cost: best[chosen], leftoverL: bought - litres };
}
