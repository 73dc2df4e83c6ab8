/** What walls are made of and how they behave towards roots: names only, the figures stand where they are used. */
export const WALLS = [
  "smooth-plastic",
  "glazed",
  "metal",
  "concrete",
  "poly-bag",
  "timber-lined",
  "terracotta",
  "air-pruning",
  "copper-lined",
  "fabric",
  "rubber",
  "fibre",
] as const;
export type Wall = (typeof WALLS)[number];

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
