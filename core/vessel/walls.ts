export const MATERIALS = [
  "polypropylene",
  "hdpe",
  "ldpe",
  "terracotta",
  "stoneware",
  "concrete",
  "fibre-cement",
  "resin",
  "oak",
  "larch",
  "cedar",
  "rubber",
  "steel",
  "aluminium",
] as const;
export type Material = (typeof MATERIALS)[number];

/** Everything that is known of a wall by what it is made of. A new wall is a new line here; its name and its tone are then asked for. */
export interface WallFigures {
  /** Usual wall and floor at 300 mm width, mm, where nobody measured: our judgement from handling pots (L). */
  usualMm: number;
  /** Runs straight down by nature, where nobody measured the foot. */
  straight: boolean;
  /** For the empty pot's mass where nobody weighed it: material, wall as a share of the width, and at least so thick, mm (L). */
  material: Material;
  shareOfWidth: number;
  leastMm: number;
  /** Resistance to heat, m²K/W (M): thickness over the conductivity of the matter, rounded. */
  resistanceM2KPerW: number;
  /** Loses water through itself. */
  wet: boolean;
  /** Lets air to the roots, which a tight lining takes away. */
  breathes: boolean;
  /** Of fired clay: wet, it may crack as it freezes. */
  clay: boolean;
  /** Rots in the mix: planted pot and all. */
  rots: boolean;
  /** Sold by true gallons, while "5 gal" of any other names a container class. */
  byTrueGallons: boolean;
  /** How readily roots circle at it, against smooth plastic. Direction well supported by comparison trials, size is judgement (L). */
  circling: number;
  /** Beginnings of the words people call it by. */
  called: readonly string[];
}

const PLAIN = {
  straight: false,
  wet: false,
  breathes: false,
  clay: false,
  rots: false,
  byTrueGallons: false,
};

/* One line a wall. */
// prettier-ignore
export const WALL = {
  "smooth-plastic": { ...PLAIN, usualMm: 2, material: "polypropylene", shareOfWidth: 0.006, leastMm: 1, resistanceM2KPerW: 0.01, circling: 1, called: ["plastic", "polyprop", "pp", "resin", "smooth"] },
  glazed: { ...PLAIN, usualMm: 12, material: "stoneware", shareOfWidth: 0.035, leastMm: 8, resistanceM2KPerW: 0.015, clay: true, circling: 1, called: ["glaz", "ceramic", "stoneware"] },
  metal: { ...PLAIN, usualMm: 2, material: "steel", shareOfWidth: 0.003, leastMm: 1, resistanceM2KPerW: 0.001, circling: 1, called: ["metal", "steel", "zinc", "tin"] },
  concrete: { ...PLAIN, usualMm: 28, material: "concrete", shareOfWidth: 0.06, leastMm: 25, resistanceM2KPerW: 0.03, circling: 1, called: ["concrete", "cement", "stone"] },
  "poly-bag": { ...PLAIN, usualMm: 0.3, straight: true, material: "ldpe", shareOfWidth: 0.0005, leastMm: 0.1, resistanceM2KPerW: 0.005, circling: 0.9, called: ["bag", "polybag", "poly bag", "poly-bag", "polythene", "film"] },
  "timber-lined": { ...PLAIN, usualMm: 22, straight: true, material: "larch", shareOfWidth: 0.045, leastMm: 18, resistanceM2KPerW: 0.15, circling: 0.85, called: ["timber", "wood", "larch", "oak"] },
  terracotta: { ...PLAIN, usualMm: 12, material: "terracotta", shareOfWidth: 0.03, leastMm: 6, resistanceM2KPerW: 0.015, wet: true, breathes: true, clay: true, circling: 0.75, called: ["terra ?cott", "terra", "clay", "unglazed"] },
  "air-pruning": { ...PLAIN, usualMm: 2.5, material: "hdpe", shareOfWidth: 0.005, leastMm: 1, resistanceM2KPerW: 0.01, breathes: true, circling: 0.2, called: ["slot", "air[- ]?prun", "air"] },
  "copper-lined": { ...PLAIN, usualMm: 2.5, material: "polypropylene", shareOfWidth: 0.006, leastMm: 1, resistanceM2KPerW: 0.01, breathes: true, circling: 0.2, called: ["copper"] },
  fabric: { ...PLAIN, usualMm: 3, straight: true, material: "polypropylene", shareOfWidth: 0.002, leastMm: 0.6, resistanceM2KPerW: 0.03, wet: true, breathes: true, byTrueGallons: true, circling: 0.15, called: ["fabric", "felt", "grow-?bag"] },
  rubber: { ...PLAIN, usualMm: 9, material: "rubber", shareOfWidth: 0.04, leastMm: 10, resistanceM2KPerW: 0.06, circling: 0.95, called: ["rubber", "tyre", "tire"] },
  fibre: { ...PLAIN, usualMm: 9, material: "cedar", shareOfWidth: 0.012, leastMm: 3, resistanceM2KPerW: 0.05, wet: true, breathes: true, rots: true, circling: 0.3, called: ["fibre", "fiber", "coir", "peat"] },
} as const satisfies Record<string, WallFigures>;

export type Wall = keyof typeof WALL;
export const WALLS = Object.keys(WALL) as [Wall, ...Wall[]];

/** What a pot is taken to be of where nobody says. */
export const USUAL_WALL: Wall = "smooth-plastic";

/** "Glazed clay" is glazed, a "fabric bag" fabric, a "plastic bag" film: what says more is asked first, what says least last. */
const ASKED: readonly Wall[] = [
  ...WALLS.filter((w) => w !== "poly-bag" && w !== "terracotta" && w !== USUAL_WALL),
  "terracotta",
  "poly-bag",
  USUAL_WALL,
];
const NAMED = ASKED.map(
  (wall) => [wall, new RegExp(String.raw`\b(?:${WALL[wall].called.join("|")})\w*`, "i")] as const,
);

/**
 * The wall somebody names, with the words that named it; null where no wall is named.
 * @example wallNamed("25 cm terracotta") // { wall: "terracotta", words: "terracotta" }
 */
export function wallNamed(text: string): { wall: Wall; words: string } | null {
  for (const [wall, pattern] of NAMED) {
    const found = pattern.exec(text);
    if (found) return { wall, words: found[0] };
  }
  return null;
}
