import { MATERIALS, USUAL_WALL, WALL, wallNamed, WALLS } from "./walls";

/** Every figure once more, typed anew: usual mm, share of the width, at least mm, m²K/W, circling. */
test.each([
  ["smooth-plastic", 2, "polypropylene", 0.006, 1, 0.01, 1],
  ["glazed", 12, "stoneware", 0.035, 8, 0.015, 1],
  ["metal", 2, "steel", 0.003, 1, 0.001, 1],
  ["concrete", 28, "concrete", 0.06, 25, 0.03, 1],
  ["poly-bag", 0.3, "ldpe", 0.0005, 0.1, 0.005, 0.9],
  ["timber-lined", 22, "larch", 0.045, 18, 0.15, 0.85],
  ["terracotta", 12, "terracotta", 0.03, 6, 0.015, 0.75],
  ["air-pruning", 2.5, "hdpe", 0.005, 1, 0.01, 0.2],
  ["copper-lined", 2.5, "polypropylene", 0.006, 1, 0.01, 0.2],
  ["fabric", 3, "polypropylene", 0.002, 0.6, 0.03, 0.15],
  ["rubber", 9, "rubber", 0.04, 10, 0.06, 0.95],
  ["fibre", 9, "cedar", 0.012, 3, 0.05, 0.3],
] as const)("%s", (wall, usualMm, material, shareOfWidth, leastMm, resistanceM2KPerW, circling) => {
  expect(WALL[wall]).toMatchObject({ usualMm, material, shareOfWidth, leastMm, resistanceM2KPerW, circling });
  expect(MATERIALS).toContain(material);
});

test("what each wall is, besides its figures", () => {
  const those = (of: "straight" | "wet" | "breathes" | "clay" | "rots" | "byTrueGallons") =>
    WALLS.filter((w) => WALL[w][of]);
  expect(those("straight")).toEqual(["poly-bag", "timber-lined", "fabric"]);
  expect(those("wet")).toEqual(["terracotta", "fabric", "fibre"]);
  expect(those("breathes")).toEqual(["terracotta", "air-pruning", "copper-lined", "fabric", "fibre"]);
  expect(those("clay")).toEqual(["glazed", "terracotta"]);
  expect(those("rots")).toEqual(["fibre"]);
  expect(those("byTrueGallons")).toEqual(["fabric"]);
  expect(WALLS).toHaveLength(12);
  expect(USUAL_WALL).toBe("smooth-plastic");
});

test.each([
  ["25 cm terracotta", "terracotta", "terracotta"],
  ["Terra cotta 30", "terracotta", "Terra cotta"],
  ["unglazed clay", "terracotta", "unglazed"],
  ["glazed clay", "glazed", "glazed"],
  ["ceramic bowl", "glazed", "ceramic"],
  ["fabric bag", "fabric", "fabric"],
  ["grow-bag 30 L", "fabric", "grow-bag"],
  ["growbag", "fabric", "growbag"],
  ["plastic bag", "poly-bag", "bag"],
  ["5 gal black plastic", "smooth-plastic", "plastic"],
  ["polypropylene", "smooth-plastic", "polypropylene"],
  ["wooden box", "timber-lined", "wooden"],
  ["air-pruning pot", "air-pruning", "air-pruning"],
  ["slotted 15 L", "air-pruning", "slotted"],
  ["peat pot", "fibre", "peat"],
  ["zinc tub", "metal", "zinc"],
  ["tyre", "rubber", "tyre"],
  ["cement trough", "concrete", "cement"],
])("%j is %s", (text, wall, words) => {
  expect(wallNamed(text)).toEqual({ wall, words });
});

test("a name without a wall names none", () => {
  for (const text of ["Black 30 cm", "", "18 L", "fair pot"]) expect(wallNamed(text)).toBeNull();
});
