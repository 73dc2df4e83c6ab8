import { type Component, type ComponentFlag, type ComponentLibrary, COMPONENTS, type Recipe } from "./components";
import type { BlendedMix } from "./schema";

/** How much of the ideal packing a shovel reaches: our judgement. */
export const PACKING_REACHED = 0.7;

/** Loosening by finer (f) and wall effect of coarser (g) neighbours: Yu & Standish 1991. r = small / large diameter. */
const loosening = (r: number) => (1 - r) ** 3.3 + 2.8 * r * (1 - r) ** 2.7;
const wallEffect = (r: number) => (1 - r) ** 2 + 0.4 * r * (1 - r) ** 3.7;

export interface Blend {
  /** Share of the summed volumes that vanishes on mixing. */
  shrinkage: number;
  porosity: number;
  dryKgPerL: number;
}

/** The parts of a recipe the library knows, each with its share of the mixed volume (they sum to more than 1: fine fills gaps). */
interface Packed {
  volume: number;
  sum: number;
  used: (Component & { id: string; v: number })[];
}

function pack(parts: Recipe, library: ComponentLibrary): Packed {
  const used = Object.entries(parts).flatMap(([id, v]) => (v > 0 && id in library ? [{ ...library[id], id, v }] : []));
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
  return { volume: sum - PACKING_REACHED * Math.max(0, sum - ideal), sum, used };
}

/**
 * Linear packing after Westman & Hugill (1930) and Yu & Standish (1991).
 * @example blend({"bark-coarse": 2, compost: 1}).shrinkage // .178
 */
export function blend(parts: Recipe, library: ComponentLibrary = COMPONENTS): Blend {
  const { volume, sum, used } = pack(parts, library);
  let [solids, dryKgPerL] = [0, 0];
  for (const c of used) {
    solids += (c.v / volume) * (1 - c.porosity);
    dryKgPerL += (c.v / volume) * c.dryKgPerL;
  }
  return { shrinkage: 1 - volume / sum, porosity: 1 - solids, dryKgPerL };
}

/** A recipe as a mix: its pores, its curve, its mass, how it ages, how it feeds and what to mind. */
export interface RecipeMix {
  mix: BlendedMix;
  blend: Blend;
  /** Months it feeds, from what is in it (L). */
  feedsMonths: number;
  /** Share of the recipe that carries each flag. */
  flags: Partial<Record<ComponentFlag, number>>;
}

/**
 * The mix a recipe gives: θ(h) = min(φ, Σ wᵢθᵢ(h)) with wᵢ each component's volume in a litre of mix. Null for a recipe without parts.
 * Ageing and feeding are means by volume; the particle size is the geometric mean.
 */
export function mixOfRecipe(parts: Recipe, library: ComponentLibrary = COMPONENTS): RecipeMix | null {
  const { volume, sum, used } = pack(parts, library);
  if (used.length === 0) return null;
  const whole = blend(parts, library);
  const mean = (of: (c: Component) => number) => used.reduce((total, c) => total + (c.v / sum) * of(c), 0);
  const flags: RecipeMix["flags"] = {};
  for (const c of used) for (const flag of c.flags) flags[flag] = (flags[flag] ?? 0) + c.v / sum;
  return {
    mix: {
      thetaS: whole.porosity,
      dryKgPerL: whole.dryKgPerL,
      volumeLossPerYear: mean((c) => c.volumeLossPerYear),
      alphaGainPerYear: mean((c) => c.alphaGainPerYear),
      particleMm: Math.exp(mean((c) => Math.log(c.particleMm))),
      parts: used.map((c) => ({
        weight: c.v / volume,
        thetaR: c.thetaR,
        thetaS: c.porosity,
        alphaPerCm: c.alphaPerCm,
        n: c.n,
      })),
    },
    blend: whole,
    feedsMonths: mean((c) => c.feedsMonths),
    flags,
  };
}
