import {
  areaAtM2,
  boxPlan,
  drainHoles,
  freeboard,
  footprintMm,
  heightAtVolumeMm,
  leastFreeboardMm,
  lengthAtMm,
  likelyPotMassKg,
  liningPlan,
  litresFromRim,
  mixEstimate,
  narrowsUpwards,
  outsideVolume,
  potAtEnd,
  potMassKg,
  potSizeL,
  soakTest,
  sunkPlan,
  typicalRoundVessel,
  usualWallMm,
  type Vessel,
  vesselOf,
  volumeL,
  widthAtMm,
} from "./index";

/** Every value here was worked out a second way: by thin slices, by another formula, or by hand. */
const round = { shape: "round", topWidthMm: 300, baseWidthMm: 240, heightMm: 280 } as const;
const square = { ...round, shape: "square", cornerRadiusMm: 30 } as const;
const trough = {
  shape: "rectangle",
  topLengthMm: 600,
  topWidthMm: 240,
  baseLengthMm: 500,
  baseWidthMm: 200,
  heightMm: 300,
} as const;
const cylinder = { shape: "cylinder", topWidthMm: 300, heightMm: 250 } as const;
const fabric = { ...cylinder, shape: "fabric" } as const;
const bag = { shape: "bag", flatWidthMm: 200, gussetMm: 100, lengthMm: 350 } as const;

test.each<[string, Vessel, number, number, number, number]>([
  ["round", round, 16.097521, 4.939834, 0.053677957, 261.428571],
  ["square", square, 20.320061, 6.235602, 0.06775822, 261.428571],
  ["trough", trough, 36.4, 10.681481, 0.113777778, 213.333333],
  ["cylinder", cylinder, 17.671459, 7.068583, 0.070685835, 300],
  ["fabric, stretched by a fiftieth", fabric, 18.385386, 7.354154, 0.073541542, 306],
  ["fabric of its own stretch", { ...fabric, stretch: 0.05 }, 19.482783, 7.793113, 0.077931133, 315],
  ["bag", bag, 8.181461, 2.451883, 0.02864789, 190.985932],
])("%s: litres at the brim and at 100 mm, area and width there", (_, vessel, brimL, lowL, areaM2, widthMm) => {
  expect(volumeL(vessel)).toBeCloseTo(brimL, 5);
  expect(volumeL(vessel, 100)).toBeCloseTo(lowL, 5);
  expect(areaAtM2(vessel, 100)).toBeCloseTo(areaM2, 8);
  expect(widthAtMm(vessel, 100)).toBeCloseTo(widthMm, 5);
  expect(heightAtVolumeMm(vessel, lowL)).toBeCloseTo(100, 3);
});

test("a bag below its shoulder, and one too low to have one; heights outside a vessel end at its floor and brim", () => {
  expect(volumeL(bag, 60)).toBeCloseTo(1.363009, 5);
  expect(areaAtM2(bag, 60)).toBeCloseTo(0.025433629, 8);
  expect(volumeL({ ...bag, lengthMm: 120 })).toBeCloseTo(1.702676, 5);
  expect(volumeL(round, 400)).toBe(volumeL(round));
  expect(volumeL(round, -5)).toBe(0);
  expect([heightAtVolumeMm(round, 0), heightAtVolumeMm(round, 99)]).toEqual([0, 280]);
  expect(lengthAtMm(trough, 100)).toBeCloseTo(533.333333, 6);
  expect(lengthAtMm(round, 140)).toBe(270);
});

test("narrower above by more than a millimetre", () => {
  const at = (topWidthMm: number) => narrowsUpwards({ ...round, topWidthMm });
  expect([at(238.9), at(239), at(240)]).toEqual([true, false, false]);
});

test.each<[string, Vessel, Parameters<typeof potMassKg>[1], number, Parameters<typeof potMassKg>[3], number]>([
  ["round clay", round, 10, 15, "terracotta", 6.203306],
  ["square oak", { ...square, cornerRadiusMm: 0 }, 20, 25, "oak", 5.923171],
  ["trough of oak", trough, 20, 25, "oak", 9.083184],
  ["plastic cylinder", cylinder, 3, 4, "polypropylene", 0.912324],
  ["bag of film", bag, 0.1, 0.1, "ldpe", 0.0184],
])("mass of a %s", (_, vessel, wallMm, floorMm, material, kg) => {
  expect(potMassKg(vessel, wallMm, floorMm, material)).toBeCloseTo(kg, 5);
});

test("the likely mass: usual walls, a floor a fifth thicker; known walls and material are no guess", () => {
  const size = { shape: "round", topWidthMm: 300, baseWidthMm: 220, heightMm: 280 } as const;
  expect(likelyPotMassKg({ ...size, wall: "terracotta" })).toEqual({
    massKg: expect.closeTo(4.991256, 5) as number,
    basis: "guess",
  });
  expect(likelyPotMassKg(size)).toEqual({ massKg: expect.closeTo(0.455553, 5) as number, basis: "guess" });
  const tiny = { shape: "round", topWidthMm: 100, baseWidthMm: 80, heightMm: 100 } as const;
  expect(likelyPotMassKg(tiny).massKg).toBeCloseTo(0.031723, 5);
  expect(likelyPotMassKg({ ...round, wallMm: 10, floorMm: 15, material: "terracotta" })).toEqual({
    massKg: expect.closeTo(6.203306, 5) as number,
    basis: "derived",
  });
  expect(likelyPotMassKg({ ...round, wallMm: 10 }).basis).toBe("guess");
});

test("freeboard: the docstring's pot; a fixed dose; never less than its least", () => {
  const pot = { shape: "round", topWidthMm: 400, baseWidthMm: 300, heightMm: 360 } as const;
  expect(freeboard(pot, { dosePerMixL: 0.1 })).toEqual({
    freeboardMm: expect.closeTo(25.6826, 3) as number,
    fillHeightMm: expect.closeTo(334.3174, 3) as number,
    mixL: expect.closeTo(31.701526, 5) as number,
  });
  // A cylinder of 300 mm loses 70.69 mL a millimetre: two litres are 28.29 mm.
  expect(freeboard(cylinder, { doseL: 2 }).freeboardMm).toBeCloseTo(28.2942, 3);
  expect(freeboard(cylinder, { doseL: 0.1 }).freeboardMm).toBeCloseTo(15, 6);
  expect(freeboard(cylinder, { doseL: 0.1 }, 4).freeboardMm).toBeCloseTo(4, 6);
  expect(freeboard(cylinder, { doseL: 50 }).fillHeightMm).toBe(0);
  const small = (heightMm: number) => leastFreeboardMm({ shape: "cylinder", topWidthMm: 100, heightMm });
  expect([small(381), small(383)]).toEqual([10, 15]);
});

test("measured from outside: shape within, and the range that tape, wall and taper leave", () => {
  const at = (more: object) =>
    outsideVolume({ known: "outside", shape: "round", wall: "smooth-plastic", outerHeightMm: 270, ...more }).brim;
  const near = (p10: number, p50: number, p90: number) => ({
    p10: expect.closeTo(p10, 5) as number,
    p50: expect.closeTo(p50, 5) as number,
    p90: expect.closeTo(p90, 5) as number,
    basis: "derived",
  });
  expect(at({ outerWidthMm: 300 })).toEqual(near(13.176971, 14.733115, 16.473032));
  expect(at({ girthMm: 900 })).toEqual(near(12.065127, 13.427924, 14.944653));
  expect(at({ shape: "square", wall: "terracotta", girthMm: 1200, outerBaseWidthMm: 230, wallMm: 10 })).toEqual(
    near(14.646007, 15.470933, 16.342323),
  );
  // 100 mm wide: √(1/3) is below the least √.4 of the usual wall.
  expect(usualWallMm("terracotta", 100)).toBeCloseTo(7.589466, 6);
  expect(litresFromRim("round", 300, "smooth-plastic")).toBe(15.1);
});

test("a finger to the mix: geometry at that level, its 7 mm and the range of the pot together", () => {
  const pot = { known: "measured", vessel: { ...cylinder, heightMm: 300 } } as const;
  expect(mixEstimate(pot, 60)).toEqual({
    p10: expect.closeTo(16.33311, 5) as number,
    p50: expect.closeTo(16.9646, 5) as number,
    p90: expect.closeTo(17.620507, 5) as number,
    basis: "derived",
  });
  // Deeper than nine tenths there is no mix to speak of: a tenth stays.
  expect(mixEstimate(pot, 299).p50).toBeCloseTo(2.120575, 5);
  expect(mixEstimate({ known: "about", litres: 10, wall: "terracotta" })).toEqual({
    p10: expect.closeTo(6.8, 9) as number,
    p50: expect.closeTo(8.8, 9) as number,
    p90: expect.closeTo(10.92, 9) as number,
    basis: "guess",
  });
});

test("a pot at one end of its range keeps its proportions; a measured one is what it is", () => {
  const about = { known: "about", litres: 10, wall: "terracotta" } as const;
  const { vessel } = vesselOf(about);
  const wide = potAtEnd(about, "p90");
  expect(wide).toMatchObject({ known: "measured", vessel: { wall: "terracotta" } });
  const [at, was] = [vesselOf(wide).vessel, vessel];
  expect(widthAtMm(at, 0) / widthAtMm(was, 0)).toBeCloseTo(1.062658569, 9);
  expect(volumeL(at) / volumeL(was)).toBeCloseTo(1.2, 9);
  expect(volumeL(vesselOf(potAtEnd(about, "p10")).vessel) / volumeL(was)).toBeCloseTo(0.8, 9);
  const measured = { known: "measured", vessel: round } as const;
  expect(potAtEnd(measured, "p10")).toBe(measured);
  expect(vesselOf(measured)).toEqual({ vessel: round, guessed: false });
  expect(
    vesselOf({ known: "outside", shape: "round", wall: "glazed", outerWidthMm: 300, outerHeightMm: 270 }).guessed,
  ).toBe(false);
});

test("a usual round pot of 14.5 L is 293.2 mm wide", () => {
  expect(typicalRoundVessel(14.5)).toEqual({
    shape: "round",
    topWidthMm: 293.2,
    baseWidthMm: expect.closeTo(228.696, 3) as number,
    heightMm: expect.closeTo(269.744, 3) as number,
    wall: "smooth-plastic",
  });
});

test("ground and door: a wall on both sides; a square counts as the circle of its area", () => {
  expect(footprintMm({ ...round, wallMm: 10 })).toEqual({ circleMm: 320, throughMm: 320 });
  const box = footprintMm({ ...square, wallMm: 10 });
  expect([box.circleMm, box.throughMm]).toEqual([expect.closeTo(361.081334, 5), 320]);
  const long = footprintMm({ ...trough, wallMm: 20 });
  expect([long.circleMm, long.throughMm]).toEqual([expect.closeTo(477.665706, 5), 280]);
  expect(footprintMm({ ...fabric, stretch: 0.05, wallMm: 3 })).toEqual({ circleMm: 321, throughMm: 321 });
  expect(footprintMm(bag).circleMm).toBeCloseTo(190.985932, 5);
});

test("a box of larch: every piece, board, film and kilogram", () => {
  const plan = boxPlan({
    ...{ lengthMm: 750, widthMm: 600, heightMm: 600, boardWidthMm: 145, boardThickMm: 28 },
    ...{ postMm: 60, feetMm: 40, wood: "larch" },
  });
  const board = { widthMm: 145, thickMm: 28 };
  expect(plan).toEqual({
    pieces: [
      { what: "long-side", count: 10, lengthMm: 806, ...board },
      { what: "short-side", count: 5, lengthMm: 600, ...board },
      { what: "off-side", count: 5, lengthMm: 600, ...board },
      { what: "floor", count: 4, lengthMm: 600, ...board },
      { what: "post", count: 4, lengthMm: 600, widthMm: 60, thickMm: 60 },
      { what: "bearer", count: 2, lengthMm: 806, widthMm: 60, thickMm: 40 },
    ],
    rows: 5,
    topBoardMm: 20,
    boardMetres: expect.closeTo(16.46, 9) as number,
    volumeL: expect.closeTo(261.36, 9) as number,
    linerM2: expect.closeTo(2.41, 9) as number,
    bolts: 10,
    woodKg: expect.closeTo(40.306752, 6) as number,
    outerMm: { lengthMm: 806, widthMm: 656, heightMm: 668 },
  });
});

test("a sunk pot: hole, ring, bed, gravel and soil", () => {
  const near = (v: number) => expect.closeTo(v, 4) as number;
  expect(
    sunkPlan({
      ...{ outerTopMm: 450, outerBaseMm: 350, outerHeightMm: 420, square: false },
      ...{ rimAboveMm: 20, ringMm: 60, bedMm: 100 },
    }),
  ).toEqual({
    holeWidthMm: near(565.238095),
    holeDepthMm: 500,
    holeL: near(125.465041),
    potBelowL: near(49.906325),
    ringL: near(50.465709),
    bedL: near(25.093008),
    gravelKg: near(120.893947),
    soilOutKg: near(188.197562),
    looseSoilL: near(156.831302),
  });
  expect(soakTest(6, 30)).toEqual({ mmPerHour: 12, verdict: "slow" });
  expect(soakTest(25, 60)).toEqual({ mmPerHour: 25, verdict: "free" });
});

test("drain holes: the open share, and what is still to drill", () => {
  expect(drainHoles({ baseAreaM2: 0.25, holeMm: 25, existing: 2 })).toEqual({
    share: expect.closeTo(0.003926991, 9) as number,
    wanted: 6,
    toDrill: 4,
    shareAfter: expect.closeTo(0.011780972, 9) as number,
  });
  // Three of 10 mm open .000236 m² of the .0005 wanted; one more of 20 mm (.000314) opens the rest, and makes four.
  expect(drainHoles({ baseAreaM2: 0.05, holeMm: 20, existing: 3, existingMm: 10 })).toMatchObject({
    share: expect.closeTo(0.00471239, 8) as number,
    toDrill: 1,
    wanted: 4,
  });
});

test("a lining of a tapered square pot", () => {
  const plan = liningPlan({ ...square, cornerRadiusMm: 0 }, "bubble-single");
  expect(plan.areaM2).toBeCloseTo(0.3304, 9);
  expect(plan.volumeLostL).toBeCloseTo(1.2096, 9);
  expect(plan.resistance).toBe(0.17);
});

test("the edges of what a measured pot may be, and litres to a tenth", () => {
  expect(potSizeL("7.26 L")).toBe(7.3);
  expect(potSizeL("#1")).toBe(2.8);
  const lined = (wallMm: number) =>
    outsideVolume({
      known: "outside",
      shape: "round",
      wall: "terracotta",
      outerWidthMm: 60,
      outerHeightMm: 40,
      wallMm,
    });
  // Never below 20 mm across and deep, 10 mm at the foot.
  expect(lined(25).vessel).toMatchObject({ topWidthMm: 24, baseWidthMm: 12, heightMm: 20 });
  expect(
    outsideVolume({ known: "outside", shape: "round", wall: "timber-lined", outerWidthMm: 300, outerHeightMm: 270 })
      .vessel,
  ).toMatchObject({
    topWidthMm: 256,
    baseWidthMm: 256,
    heightMm: 244,
  });
  // One board high, and one floor board however wide.
  const small = boxPlan({
    ...{ lengthMm: 150, widthMm: 150, heightMm: 150, boardWidthMm: 200, boardThickMm: 12 },
    ...{ postMm: 30, feetMm: 0, wood: "oak" },
  });
  expect([small.rows, small.topBoardMm, small.pieces.find((p) => p.what === "floor")?.count]).toEqual([1, 150, 1]);
  expect(small.pieces.find((p) => p.what === "bearer")?.thickMm).toBe(20);
});
