import {
  ballAt,
  ballSchema,
  ballVolumeL,
  BARE_ROOT_MOST_WIDTH,
  bareRootPlan,
  gapsAt,
  LEAST_BASE_MM,
  LEAST_GAP_MM,
  MOST_TRIM_SHARE,
  RIM_BELOW_MM,
  scaledBall,
  settingPlan,
  shavedBall,
  UNION_CLEAR_MM,
  WORKABLE_GAP_MM,
} from "./index";

/** Worked out a second way: by thin slices, from the frustum's formula, or by hand. */
const vessel = { shape: "round", topWidthMm: 300, baseWidthMm: 240, heightMm: 280 } as const;
const ball = { topWidthMm: 220, baseWidthMm: 170, heightMm: 180 };
const square = { shape: "square", topWidthMm: 200, baseWidthMm: 150, heightMm: 200 } as const;
const long = { ...square, shape: "rectangle", topLengthMm: 360, baseLengthMm: 300 } as const;
const near = (v: number) => expect.closeTo(v, 5) as number;

test("growers' figures of setting, written a second time", () => {
  expect([WORKABLE_GAP_MM, LEAST_GAP_MM, LEAST_BASE_MM, UNION_CLEAR_MM]).toEqual([15, 8, 10, 50]);
  expect([MOST_TRIM_SHARE, RIM_BELOW_MM, BARE_ROOT_MOST_WIDTH]).toEqual([0.15, 10, 1.5]);
});

test("litres of balls, whole and between two heights", () => {
  expect(ballVolumeL(ball)).toBeCloseTo(5.40511, 5);
  expect(ballVolumeL(square, 50, 120)).toBeCloseTo(2.054646, 5);
  expect(ballVolumeL(long)).toBeCloseTo(11.6, 9);
  expect(ballVolumeL(ball, 90, 90)).toBe(0);
  expect(ballVolumeL(ball, 90, 40)).toBe(0);
  expect(ballAt(long, 50)).toEqual({ widthMm: 162.5, lengthMm: 315 });
  expect(ballAt(square, 50)).toEqual({ widthMm: 162.5, lengthMm: 162.5 });
});

test("shaved by so much on each side, never below ten millimetres; scaled on all sides alike", () => {
  expect(shavedBall(ball, 15, 20)).toEqual({ topWidthMm: 190, baseWidthMm: 140, heightMm: 160 });
  expect(shavedBall(ball, 100, 200)).toEqual({ topWidthMm: 20, baseWidthMm: 10, heightMm: 10 });
  expect(shavedBall(long, 10, 0)).toEqual({
    ...{ shape: "rectangle", topWidthMm: 180, baseWidthMm: 130, heightMm: 200 },
    ...{ topLengthMm: 340, baseLengthMm: 280 },
  });
  expect(scaledBall(ball, 0.5)).toEqual({ topWidthMm: 110, baseWidthMm: 85, heightMm: 90 });
  expect(scaledBall(long, 0.5)).toEqual({
    ...{ shape: "rectangle", topWidthMm: 100, baseWidthMm: 75, heightMm: 100 },
    ...{ topLengthMm: 180, baseLengthMm: 150 },
  });
});

test("a long ball wants its lengths, at their field", () => {
  const told = (b: object) => ballSchema.safeParse(b).error?.issues.map((i) => [i.path.join("."), i.message]);
  expect(told(long)).toBeUndefined();
  expect(told(ball)).toBeUndefined();
  expect(told({ ...long, topLengthMm: undefined })).toEqual([["topLengthMm", "long-ball-needs-length"]]);
  expect(told({ ...long, baseLengthMm: undefined })).toEqual([["topLengthMm", "long-ball-needs-length"]]);
});

test("gaps: round in round, corners in round, long in long whichever way it is written", () => {
  expect(gapsAt(vessel, 280, ball, 180)).toEqual({ sideMm: 40, endMm: 40 });
  const tub = { shape: "cylinder", topWidthMm: 420, heightMm: 250 } as const;
  expect(
    gapsAt(tub, 0, { ...long, topWidthMm: 150, topLengthMm: 350, baseWidthMm: 150, baseLengthMm: 350 }, 0),
  ).toEqual({ sideMm: near(19.605672), endMm: near(19.605672) });
  const trough = {
    shape: "rectangle",
    ...{ topLengthMm: 500, baseLengthMm: 500, topWidthMm: 220, baseWidthMm: 220, heightMm: 250 },
  } as const;
  expect(gapsAt(trough, 100, long, 0)).toEqual({ sideMm: 35, endMm: 100 });
  const turned = { ...long, topWidthMm: 300, baseWidthMm: 300, topLengthMm: 150, baseLengthMm: 150 };
  expect(
    gapsAt(
      { ...trough, ...{ topLengthMm: 220, baseLengthMm: 220, topWidthMm: 500, baseWidthMm: 500 } },
      100,
      turned,
      0,
    ),
  ).toEqual({
    sideMm: 35,
    endMm: 100,
  });
  // Long and narrow in a wide short box: the ends are the tight side.
  expect(gapsAt({ shape: "square", topWidthMm: 310, baseWidthMm: 310, heightMm: 250 }, 100, long, 0)).toEqual({
    sideMm: 5,
    endMm: 80,
  });
});

test("a ball with crown and gravel: base, litres, gaps, wedge", () => {
  expect(settingPlan({ vessel, ball, fillHeightMm: 250, crownMm: 10, bottomLayerMm: 30, tiltDeg: 10 })).toEqual({
    baseLayerMm: 50,
    looseBaseLayerMm: near(56.818182),
    trimMm: 0,
    ballL: near(5.029757),
    settledMixL: near(7.59846),
    looseMixL: near(8.634613),
    sideGapTopMm: near(38.174603),
    endGapTopMm: near(38.174603),
    smallestGapMm: near(38.174603),
    shiftMm: 0,
    tiltWedgeMm: near(29.975587),
    warnings: [],
  });
  expect(settingPlan({ vessel, ball, fillHeightMm: 250, settleFraction: 0.2 }).looseBaseLayerMm).toBeCloseTo(87.5, 9);
});

test("a ball too tall loses its foot; what is left counts, and the base is no thin layer then", () => {
  const plan = settingPlan({ vessel, ball: { ...ball, heightMm: 300 }, fillHeightMm: 250 });
  expect(plan).toMatchObject({ baseLayerMm: 0, trimMm: 50, ballL: near(7.817075), settledMixL: near(6.204987) });
  expect([plan.sideGapTopMm, plan.smallestGapMm]).toEqual([near(36.785714), near(30.833333)]);
  expect(plan.warnings).toEqual([{ code: "ball-too-tall", byMm: 50 }]);
});

test("each warning begins exactly at its figure", () => {
  const warned = (more: object, b: object = {}) =>
    settingPlan({ vessel, ball: { ...ball, ...b }, fillHeightMm: 250, ...more }).warnings;
  // Width 293.571 at the fill line.
  const gap = (mm: number) => ({ topWidthMm: 240 + (60 * 250) / 280 - 2 * mm, baseWidthMm: 170 });
  expect(warned({}, gap(15.01))).toEqual([]);
  expect(warned({}, gap(14))).toEqual([{ code: "gap-tight", byMm: near(1) }]);
  expect(warned({}, gap(8.01)).map((w) => w.code)).toEqual(["gap-tight"]);
  expect(warned({}, gap(7))).toEqual([{ code: "gap-none", byMm: near(8) }]);
  expect(warned({}, { heightMm: 240 })).toEqual([]);
  expect(warned({}, { heightMm: 241 })).toEqual([{ code: "base-thin", byMm: 1 }]);
  expect(warned({ unionMm: 40, crownMm: 10 })).toEqual([]);
  expect(warned({ unionMm: 39, crownMm: 10 })).toEqual([{ code: "union-buried", byMm: 1 }]);
  expect(warned({ offAxisMm: 4.9 })).toEqual([]);
  expect(warned({ offAxisMm: -5 })).toEqual([{ code: "off-centre", byMm: 5 }]);
  expect(warned({ flareBelowMm: 0 })).toEqual([]);
  expect(warned({ flareBelowMm: 1 })).toEqual([{ code: "flare-low", byMm: 1 }]);
  expect(warned({ rimAboveMm: -10 })).toEqual([]);
  expect(warned({ rimAboveMm: -12, crownMm: 3 })).toEqual([{ code: "rim-proud", byMm: 1 }]);
  expect(settingPlan({ vessel, ball, fillHeightMm: 250, offAxisMm: -5 })).toMatchObject({
    shiftMm: 5,
    smallestGapMm: near(31.785714),
  });
  const mouth = { ...vessel, topWidthMm: 238, baseWidthMm: 300 };
  expect(settingPlan({ vessel: mouth, ball: { ...ball, topWidthMm: 180 }, fillHeightMm: 250 }).warnings).toEqual([
    { code: "narrow-mouth" },
  ]);
});

test("bare roots: collar, mound, base and litres of a known pot", () => {
  const pot = { shape: "cylinder", topWidthMm: 300, heightMm: 300 } as const;
  const plan = (more: object, roots: object = {}) =>
    bareRootPlan({ vessel: pot, roots: { spreadMm: 240, rootLengthMm: 180, ...roots }, fillHeightMm: 270, ...more });
  expect(plan({ crownMm: 10, bottomLayerMm: 20 })).toEqual({
    collarHeightMm: 280,
    baseLayerMm: near(132.720779),
    moundMm: near(127.279221),
    moundL: near(1.919325),
    settledMixL: near(17.671459),
    looseMixL: near(20.081203),
    sideGapTopMm: 30,
    warnings: [],
  });
  // Roots longer than the room: the mound takes all of it, as wide as they spread.
  expect(plan({}, { rootLengthMm: 600 })).toMatchObject({
    ...{ baseLayerMm: 0, moundMm: 270, moundL: near(4.071504) },
    warnings: [{ code: "roots-too-long", byMm: near(218.162338) }],
  });
  // Short roots: the mound is as wide as it is high.
  expect(plan({}, { rootLengthMm: 100 }).moundL).toBeCloseTo((Math.PI / 3) * 0.5 ** 1.5, 6);
  expect(plan({}, { spreadMm: 150 }).warnings).toEqual([{ code: "pot-too-wide", byMm: 75 }]);
  expect(plan({}, { spreadMm: 200 }).warnings).toEqual([]);
  expect(plan({}, { spreadMm: 380 }).warnings).toEqual([{ code: "roots-too-wide", byMm: 40 }]);
  expect(plan({ crownMm: 10 }, { unionMm: 40 }).warnings).toEqual([]);
  expect(plan({ crownMm: 10 }, { unionMm: 30 }).warnings).toEqual([{ code: "union-buried", byMm: 10 }]);
  expect(plan({ settleFraction: 0.2 }).looseMixL).toBeCloseTo(Math.PI * 2.25 * 2.7 * 1.25, 6);
});

test("what is not said is nothing: no crown, no layer, no shift, no lean", () => {
  const plain = settingPlan({ vessel, ball, fillHeightMm: 250 });
  expect(plain).toEqual(
    settingPlan({
      vessel,
      ball,
      fillHeightMm: 250,
      crownMm: 0,
      bottomLayerMm: 0,
      offAxisMm: 0,
      tiltDeg: 0,
      flareBelowMm: 0,
    }),
  );
  expect([plain.baseLayerMm, plain.shiftMm, plain.tiltWedgeMm, plain.warnings]).toEqual([70, 0, 0, []]);
  // A ball that only just fits is not too tall, and one of whose height nothing is over stands on the floor.
  expect(settingPlan({ vessel, ball: { ...ball, heightMm: 250 }, fillHeightMm: 250 })).toMatchObject({
    trimMm: 0,
    warnings: [{ code: "base-thin", byMm: 10 }],
  });
  // Square in square: the shorter way first, whichever that is.
  expect(gapsAt({ shape: "square", topWidthMm: 300, baseWidthMm: 300, heightMm: 300 }, 0, square, 200)).toEqual({
    sideMm: 50,
    endMm: 50,
  });
});
