import type { Confidence } from "../vessel/index";

/** What a grower should know of a component beyond its numbers. */
export const COMPONENT_FLAGS = ["lime", "phosphate", "salt", "weeds", "dust", "germs"] as const;
export type ComponentFlag = (typeof COMPONENT_FLAGS)[number];

/** Groups by where the properties come from: named once, shown beside every number. */
const PACKAGE = "typical range for container components, remembered from extension tables: check against your own";
const JUDGED = "our own judgement from like materials";

export interface Component {
  /** Total porosity φ: share of pores in the loose material. */
  porosity: number;
  /** Space between the particles ε, as a share. */
  gaps: number;
  /** Mean particle size, mm. */
  particleMm: number;
  dryKgPerL: number;
  /** Retention curve (van Genuchten): α 1/cm, n, θr. */
  alphaPerCm: number;
  n: number;
  thetaR: number;
  /** Slumping: share of the volume lost in a year. */
  volumeLossPerYear: number;
  /** Pores getting finer: relative fall of α in a year. */
  alphaGainPerYear: number;
  /** Months it feeds a tree if it were the whole mix: our judgement (L). */
  feedsMonths: number;
  flags: readonly ComponentFlag[];
  confidence: Confidence;
  source: string;
}

/** One row a component: φ, ε, d, ρ, α, n, θr; then λv, λα, months of feed; flags. */
function row(
  numbers: readonly [number, number, number, number, number, number, number],
  ageing: readonly [loss: number, finer: number, feedsMonths: number],
  flags: readonly ComponentFlag[],
  confidence: Confidence,
): Component {
  const [porosity, gaps, particleMm, dryKgPerL, alphaPerCm, n, thetaR] = numbers;
  const [volumeLossPerYear, alphaGainPerYear, feedsMonths] = ageing;
  return {
    porosity,
    gaps,
    particleMm,
    dryKgPerL,
    alphaPerCm,
    n,
    thetaR,
    volumeLossPerYear,
    alphaGainPerYear,
    feedsMonths,
    flags,
    confidence,
    source: confidence === "M" ? PACKAGE : JUDGED,
  };
}

/**
 * The component library. The first ten are typical ranges (M), the rest judged from like materials (L); ageing and feeding are
 * judgement throughout. Every value can be copied into a component of one's own and changed.
 */
export const COMPONENTS = {
  "bark-fine": row([0.83, 0.4, 3, 0.2, 0.4, 1.6, 0.25], [0.05, 0.1, 0], ["dust"], "M"),
  "bark-coarse": row([0.8, 0.48, 12, 0.19, 2.5, 1.7, 0.24], [0.04, 0.08, 0], [], "M"),
  peat: row([0.93, 0.25, 1, 0.09, 0.12, 1.6, 0.18], [0.07, 0.14, 0], ["dust"], "M"),
  coir: row([0.94, 0.28, 1, 0.08, 0.18, 1.6, 0.18], [0.05, 0.1, 0], ["salt", "dust"], "M"),
  compost: row([0.72, 0.28, 1.5, 0.45, 0.13, 1.45, 0.24], [0.13, 0.2, 4], ["phosphate", "germs", "weeds"], "M"),
  loam: row([0.55, 0.3, 0.3, 1.15, 0.06, 1.35, 0.12], [0.005, 0.02, 3], ["weeds"], "M"),
  grit: row([0.43, 0.43, 4, 1.5, 3, 2.5, 0.04], [0, 0, 0], [], "M"),
  sand: row([0.4, 0.4, 0.8, 1.58, 0.12, 3, 0.04], [0, 0, 0], [], "M"),
  perlite: row([0.92, 0.45, 3, 0.1, 1.2, 1.6, 0.22], [0.02, 0.03, 0], ["dust"], "M"),
  pumice: row([0.8, 0.45, 6, 0.52, 2.5, 1.7, 0.22], [0.005, 0.01, 0], ["dust"], "M"),
  "leaf-mould": row([0.86, 0.3, 2, 0.18, 0.25, 1.5, 0.2], [0.12, 0.18, 1], ["weeds"], "L"),
  "wood-fibre": row([0.94, 0.4, 2, 0.1, 0.45, 1.6, 0.17], [0.14, 0.15, 0], ["dust"], "L"),
  "worm-casts": row([0.72, 0.3, 1, 0.5, 0.12, 1.45, 0.26], [0.1, 0.15, 5], ["phosphate", "germs"], "L"),
  "green-waste": row([0.71, 0.28, 2, 0.45, 0.3, 1.45, 0.24], [0.12, 0.18, 4], ["phosphate", "salt", "germs"], "L"),
  vermiculite: row([0.9, 0.4, 3, 0.11, 0.3, 1.5, 0.3], [0.06, 0.12, 0], ["dust"], "L"),
  "expanded-clay": row([0.78, 0.44, 8, 0.4, 3, 1.9, 0.16], [0, 0, 0], [], "L"),
  lava: row([0.62, 0.45, 6, 0.85, 2.5, 1.8, 0.13], [0, 0, 0], [], "L"),
  biochar: row([0.82, 0.42, 3, 0.25, 0.5, 1.5, 0.3], [0.01, 0.02, 0], ["lime", "dust"], "L"),
  "rice-hulls": row([0.88, 0.5, 4, 0.11, 1.5, 1.7, 0.14], [0.1, 0.12, 0], ["dust"], "L"),
  "lime-grit": row([0.43, 0.43, 4, 1.5, 3, 2.5, 0.04], [0, 0, 0], ["lime", "dust"], "L"),
  "mushroom-compost": row(
    [0.75, 0.3, 2, 0.35, 0.25, 1.45, 0.24],
    [0.15, 0.2, 3],
    ["lime", "salt", "phosphate", "germs"],
    "L",
  ),
} satisfies Record<string, Component>;
export type ComponentName = keyof typeof COMPONENTS;
export const COMPONENT_NAMES = Object.keys(COMPONENTS) as [ComponentName, ...ComponentName[]];

/** Components by name: those above and a grower's own. */
export type ComponentLibrary = Readonly<Record<string, Component>>;
/** Parts by volume, by component. */
export type Recipe = Readonly<Record<string, number>>;
