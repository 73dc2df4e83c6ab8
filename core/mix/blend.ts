/**
 * Components and what happens when they are mixed: fine material fills the gaps in coarse.
 * Properties are typical ranges (M–L); particle size d in mm, space between particles ε, total porosity φ, dry density ρ kg/L.
 */
export const COMPONENTS = {
  "bark-fine": { porosity: 0.83, gaps: 0.4, particleMm: 3, dryKgPerL: 0.2 },
  "bark-coarse": { porosity: 0.8, gaps: 0.48, particleMm: 12, dryKgPerL: 0.19 },
  peat: { porosity: 0.93, gaps: 0.25, particleMm: 1, dryKgPerL: 0.09 },
  coir: { porosity: 0.94, gaps: 0.28, particleMm: 1, dryKgPerL: 0.08 },
  compost: { porosity: 0.72, gaps: 0.28, particleMm: 1.5, dryKgPerL: 0.45 },
  loam: { porosity: 0.55, gaps: 0.3, particleMm: 0.3, dryKgPerL: 1.15 },
  grit: { porosity: 0.43, gaps: 0.43, particleMm: 4, dryKgPerL: 1.5 },
  sand: { porosity: 0.4, gaps: 0.4, particleMm: 0.8, dryKgPerL: 1.58 },
  perlite: { porosity: 0.92, gaps: 0.45, particleMm: 3, dryKgPerL: 0.1 },
  pumice: { porosity: 0.8, gaps: 0.45, particleMm: 6, dryKgPerL: 0.52 },
} as const;
export type ComponentName = keyof typeof COMPONENTS;
export const COMPONENT_NAMES = Object.keys(COMPONENTS) as [ComponentName, ...ComponentName[]];

/** How much of the ideal packing a shovel reaches: our judgement. */
const PACKING_REACHED = 0.7;

/** Loosening by finer (f) and wall effect of coarser (g) neighbours: Yu & Standish 1991. r = small / large diameter. */
const loosening = (r: number) => (1 - r) ** 3.3 + 2.8 * r * (1 - r) ** 2.7;
const wallEffect = (r: number) => (1 - r) ** 2 + 0.4 * r * (1 - r) ** 3.7;

export interface Blend {
  /** Share of the summed volumes that vanishes on mixing. */
  shrinkage: number;
  porosity: number;
  dryKgPerL: number;
}

/**
 * Linear packing after Westman & Hugill (1930) and Yu & Standish (1991).
 * @example blend({"bark-coarse": 2, compost: 1}).shrinkage // .178
 */
export function blend(parts: Partial<Record<ComponentName, number>>): Blend {
  const used = COMPONENT_NAMES.filter((name) => (parts[name] ?? 0) > 0).map((name) => ({
    ...COMPONENTS[name],
    v: parts[name]!,
  }));
  const sum = used.reduce((total, c) => total + c.v, 0);
  let ideal = 0;
  for (const c of used) {
    let needed = c.v;
    for (const other of used) {
      if (other.particleMm > c.particleMm) {
        needed += other.v * (1 - other.gaps * wallEffect(c.particleMm / other.particleMm));
      } else if (other.particleMm < c.particleMm) {
        needed += other.v * (1 - loosening(other.particleMm / c.particleMm));
      } else if (other !== c) {
        needed += other.v;
      }
    }
    ideal = Math.max(ideal, needed);
  }
  const volume = sum - PACKING_REACHED * Math.max(0, sum - ideal);
  let [solids, dryKgPerL] = [0, 0];
  for (const c of used) {
    solids += (c.v / volume) * (1 - c.porosity);
    dryKgPerL += (c.v / volume) * c.dryKgPerL;
  }
  return { shrinkage: 1 - volume / sum, porosity: 1 - solids, dryKgPerL };
}

export interface BagChoice {
  counts: number[];
  cost: number;
  leftoverL: number;
}

/** Cheapest cover of a need by bag sizes; between equal prices the smaller leftover. Knapsack in steps of a tenth of a litre. */
export function cheapestBags(litres: number, bags: readonly { litres: number; price: number }[]): BagChoice {
  const unit = 10;
  const need = Math.ceil(litres * unit - 1e-9);
  const sizes = bags.map((bag) => Math.max(1, Math.round(bag.litres * unit)));
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
  let chosen = need;
  for (let amount = need; amount <= most; amount++) if (best[amount] < best[chosen] - 1e-9) chosen = amount;
  const counts = bags.map(() => 0);
  for (let rest = chosen; rest > 0; rest -= sizes[last[rest]]) counts[last[rest]]++;
  return { counts, cost: best[chosen], leftoverL: chosen / unit - litres };
}
