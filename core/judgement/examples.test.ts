import { continental, dayWhen, situation, warm } from "@/test-support/season";
import type { Site } from "../climate/index";
import { type DayNumber, midwinterOf } from "../dates/index";
import { profileOf } from "../species/index";
import { suitabilityOn, windowSeries, type Operation } from "../window/index";
import { fillAfterMove } from "../roots/index";
import { type Act, judgeTree, type Judgement, seasonFacts, type When } from "./index";

const at = (site: Site, kindId: string, operation: Operation, on: DayNumber) =>
  suitabilityOn(windowSeries(site, profileOf({ kindId, typedName: null, habit: null }), operation, 2026, 2027), on)!;
const open = (...asked: Parameters<typeof at>) => at(...asked).suitability >= 0.5;
const find = (j: Judgement, code: Act["code"], when?: When) => {
  const act = j.acts.find((a) => a.code === code && (when === undefined || a.when === when));
  if (!act) throw new Error(`no ${code}: ${j.acts.map((a) => `${a.when} ${a.code}`).join(", ")}`);
  return act.figures;
};
const has = (j: Judgement, code: Act["code"], when?: When) =>
  j.acts.some((a) => a.code === code && (when === undefined || a.when === when));
const refusals = (j: Judgement) => j.refused.map((r) => r.code);
const refusal = (j: Judgement, code: Judgement["refused"][number]["code"]) =>
  j.refused.find((r) => r.code === code)!.figures;

describe("1: a root-bound serviceberry bought in leaf", () => {
  const on = dayWhen(continental, "serviceberry", "soft");
  const s = situation(continental, "serviceberry", on, {
    volumeL: 5,
    fill: 0.97,
    circling: 3,
    ball: { widthMm: 205, heightMm: 180 },
    hottestC: 31,
    dry: true,
    flareHidden: true,
    girdler: { shareOfGirth: 0.5 },
    offeredL: 20,
  });
  const j = judgeTree(s);

  test("now: bath, flare, shade; within the week a whole step to seven or eight litres", () => {
    expect(find(j, "bath", "now").minutes).toBeLessThanOrEqual(60);
    expect(has(j, "expose-flare", "now")).toBe(true);
    expect(find(j, "shade", "now").belowC).toBe(28);
    const slip = find(j, "slip-up", "this-week");
    expect([slip.lowL, slip.highL]).toEqual([expect.closeTo(7, 0), expect.closeTo(8, 0)]);
    expect(find(j, "uncoil-base").share).toBeLessThanOrEqual(0.05);
    expect(find(j, "water-old-ball").weeks).toBe(6);
    expect(open(continental, "serviceberry", "slip-up", on)).toBe(true);
  });
  test("at the next bud swell: shaved about 12 mm, a third of the roots, same pot or a little more; the girdler then", () => {
    const shave = find(j, "shave", "bud-swell");
    expect(shave.depthMm).toBeGreaterThanOrEqual(9);
    expect(shave.depthMm).toBeLessThanOrEqual(13);
    expect(shave.loss).toBeGreaterThan(0.24);
    expect(shave.loss).toBeLessThan(0.36);
    const step = find(j, "step", "bud-swell");
    expect([step.lowL, step.highL]).toEqual([5, 6.5]);
    expect(has(j, "cut-girdler", "bud-swell")).toBe(true);
    const swell = dayWhen(continental, "serviceberry", "swelling");
    expect(open(continental, "serviceberry", "shave", swell + 3)).toBe(true);
  });
  test("a girdler that serves less than a third of the girth comes out now", () => {
    const light = judgeTree({ ...s, hottestC: 22, girdler: { shareOfGirth: 0.2 } });
    expect(has(light, "cut-girdler", "now")).toBe(true);
  });
  test("refused: washing or a deep shave in leaf, the jump, feed before growth", () => {
    expect(refusals(j)).toEqual(
      expect.arrayContaining(["wash-in-leaf", "shave-in-leaf", "jump-too-large", "feed-too-early"]),
    );
    expect(refusal(j, "shave-in-leaf").loss).toBeGreaterThan(0.4);
    expect(refusal(j, "jump-too-large").toL).toBe(20);
    for (const operation of ["bare-root", "shave"] as const)
      expect(open(continental, "serviceberry", operation, on)).toBe(false);
  });
});

describe("2: a slow stewartia whose owner wants a large pot at leaf fall", () => {
  const on = dayWhen(continental, "stewartia", "fallen", (f) => f.autumn, 200);
  const s = situation(continental, "stewartia", on, { volumeL: 12, fill: 0.7, circling: 0.5, offeredL: 55 });
  const j = judgeTree(s);

  test("nothing at leaf fall, the top at bud swell, the step in about two seasons to 18–20 L, whole", () => {
    expect(has(j, "leave", "now")).toBe(true);
    expect(has(j, "replace-top", "bud-swell")).toBe(true);
    const step = find(j, "step", "when-due");
    expect(step.seasons).toBeGreaterThan(1.2);
    expect(step.seasons).toBeLessThan(3);
    expect(step.lowL).toBeGreaterThanOrEqual(17);
    expect(step.highL).toBeLessThanOrEqual(21);
    expect(step.rootZoneC).toBe(5);
    expect(find(j, "leave-whole", "when-due").share).toBeLessThanOrEqual(0.05);
  });
  test("refused: 55 L, which would not be a third full after a season, and any autumn work", () => {
    expect(refusal(j, "jump-too-large").fill).toBeLessThan(0.3);
    expect(refusals(j)).toContain("autumn-work");
    for (const operation of ["slip-up", "up-pot", "root-prune"] as const)
      expect(open(continental, "stewartia", operation, on)).toBe(false);
    const swell = dayWhen(continental, "stewartia", "swelling", (f) => f.rootZoneC >= 5);
    expect(open(continental, "stewartia", "up-pot", swell)).toBe(true);
  });
});

describe("3: a rooted fig and a pot of 55 L", () => {
  const start = {
    volumeL: 3,
    fill: 0.995,
    circling: 1.5,
    kPerDegreeDay: profileOf({ kindId: "fig", typedName: null, habit: null }).kPerDegreeDay,
  };

  test("how full it would be by warmth left", () => {
    for (const [growth, fill] of [
      [1600, 0.84],
      [1200, 0.61],
      [800, 0.31],
    ] as const)
      expect(Math.abs(fillAfterMove(start, 55, "tease-and-clip", start.kPerDegreeDay, growth) - fill)).toBeLessThan(
        0.07,
      );
  });
  test("at a warm site from bud swell to first leaves: allowed, combed by a third, ball and ring watered apart", () => {
    const on = dayWhen(warm, "fig", "swelling", (f) => f.rootZoneC >= 8);
    const j = judgeTree(situation(warm, "fig", on, { ...start, offeredL: 55 }));
    const step = find(j, "step", "now");
    expect([step.lowL, step.highL]).toEqual([55, 55]);
    expect(step.fill).toBeGreaterThan(0.5);
    expect([step.lowKg, step.highKg]).toEqual([expect.closeTo(40, 0), expect.closeTo(46, 0)]);
    expect(find(j, "comb")).toEqual({ low: 0.3, high: 0.4 });
    expect(find(j, "water-old-ball").weeks).toBe(4);
  });
  test("with less than 1,100 °C·d left: 15–20 L", () => {
    const on = dayWhen(continental, "fig", "swelling", (f) => f.rootZoneC >= 8);
    const j = judgeTree(situation(continental, "fig", on, { ...start, offeredL: 55, growthLeft: 1000 }));
    const step = find(j, "step", "now");
    expect(step.lowL).toBeGreaterThanOrEqual(15);
    expect(step.highL).toBeLessThanOrEqual(20.5);
    expect(refusals(j)).toContain("jump-too-large");
  });
  test("what must be carried in for winter stays near 20 L, or goes on wheels", () => {
    const on = dayWhen(warm, "fig", "swelling", (f) => f.rootZoneC >= 8);
    const j = judgeTree(situation(warm, "fig", on, { ...start, offeredL: 55, carriedKg: 25 }));
    expect(refusal(j, "too-heavy-to-carry").capL).toBeCloseTo(20.8, 1);
    expect(find(j, "step", "now").highL).toBeLessThanOrEqual(21);
  });
  test("after midsummer two to three times and whole; within eight weeks of frost nothing", () => {
    const summer = dayWhen(
      continental,
      "fig",
      "soft",
      (f) => f.autumn && f.weeksToFrost !== null && f.weeksToFrost > 10 && f.takeHoldLeft > 200,
      182,
    );
    const j = judgeTree(situation(continental, "fig", summer, { ...start, offeredL: 55 }));
    const slip = find(j, "slip-up", "this-week");
    expect([slip.lowL, slip.highL]).toEqual([6, 9]);
    const opening = midwinterOf(2026, 47);
    const late = [...Array(300).keys()]
      .map((d) => opening + d)
      .find((d) => {
        const f = seasonFacts(continental, profileOf({ kindId: "fig", typedName: null, habit: null }), d);
        return f.autumn && f.weeksToFrost !== null && f.weeksToFrost < 7;
      })!;
    const k = judgeTree(situation(continental, "fig", late, { ...start, offeredL: 55 }));
    expect(refusals(k)).toContain("no-potting-now");
    expect(open(continental, "fig", "slip-up", late)).toBe(false);
  });
});

describe("4: a lemon before winter", () => {
  const opening = midwinterOf(2026, 47);
  const profile = profileOf({ kindId: "lemon", typedName: null, habit: null });
  // Early autumn: its root zone near 16 °C, hardly fifty degree-days left above 13.
  const on = [...Array(330).keys()]
    .map((d) => opening + d)
    .find((d) => {
      const f = seasonFacts(continental, profile, d);
      return f.autumn && f.takeHoldLeft < 60 && f.rootZoneC > 13;
    })!;
  const s = situation(continental, "lemon", on, { volumeL: 10, fill: 0.88, circling: 1.5 });
  const j = judgeTree(s);

  test("no potting: even a ball slipped up whole needs more warmth than is left", () => {
    expect(s.rootZoneC).toBeGreaterThan(13);
    const { left, need } = refusal(j, "no-potting-now");
    expect(need).toBe(90);
    expect(left).toBeLessThan(60);
    expect(open(continental, "lemon", "slip-up", on)).toBe(false);
    expect(at(continental, "lemon", "slip-up", on).limiting).toMatch(/root-warmth|wood|soil-cold/);
  });
  test("topped up, fed little until 13 °C, in before nights of 2–3 °C, bright and cool, watered by weight", () => {
    expect(find(j, "replace-top", "now").mm).toBeLessThanOrEqual(20);
    expect(find(j, "feed-little", "until-cold")).toEqual({ low: 0.25, high: 0.5, untilC: 13 });
    const { nightC } = find(j, "bring-in", "before-cold-nights");
    expect(nightC).toBeGreaterThanOrEqual(2);
    expect(nightC).toBeLessThanOrEqual(3);
    expect(find(j, "keep-bright")).toEqual({ lowC: 5, highC: 10 });
    expect(has(j, "water-by-weight")).toBe(true);
  });
  test("in spring, warm and past the frost: loosened by 15 % at most, to 15–18 L", () => {
    expect(find(j, "loosen", "spring-warm").share).toBeLessThanOrEqual(0.15);
    const step = find(j, "step", "spring-warm");
    expect([step.lowL, step.highL, step.rootZoneC]).toEqual([15, 18, 13]);
  });
  test("a broken pot is the exception: into a little more, kept bright and warm", () => {
    const slip = find(judgeTree({ ...s, broken: true }), "slip-up", "if-broken");
    expect([slip.lowL, slip.highL, slip.rootZoneC]).toEqual([11, 12, 16]);
  });
});

describe("5: a bay standard nobody can lift", () => {
  const profile = profileOf({ kindId: "bay", typedName: null, habit: null });
  const opening = midwinterOf(2026, 47);
  const on = [...Array(200).keys()]
    .map((d) => opening + d)
    .find((d) => {
      const f = seasonFacts(continental, profile, d);
      return f.frostPast && f.rootZoneC >= 10 && f.phase !== "soft";
    })!;
  const s = situation(continental, "bay", on, {
    volumeL: 320,
    fill: 0.9,
    circling: 3,
    ball: { widthMm: 750, heightMm: 560 },
    slumped: true,
    immovable: true,
    massKg: 400,
    trunkMm: 110,
  });
  const j = judgeTree(s);

  test("in spring, warm and past the frost, before the flush: top off, one side sliced by 90 mm, refilled like the ball", () => {
    expect(find(j, "replace-top", "now")).toMatchObject({ mm: 40, toMm: 60, rootZoneC: 10 });
    const slice = find(j, "slice-side", "now");
    expect([slice.depthMm, slice.share]).toEqual([90, 0.12]);
    expect(find(j, "stop-at-root").mm).toBe(25);
    for (const code of ["open-side", "backfill-like-ball", "soak-twice", "guy"] as const)
      expect(has(j, code, "now")).toBe(true);
    expect(find(j, "shade", "now").weeks).toBe(3);
    expect(find(j, "no-nitrogen")).toEqual({ low: 4, high: 6 });
    expect(open(continental, "bay", "slice-in-place", on)).toBe(true);
  });
  test("the opposite side next year only if shoots reached 70 %", () => {
    expect(find(j, "opposite-side", "next-year").shoots).toBe(0.7);
  });
  test("refused: lifting by hand, four sides at once, feed in the backfill", () => {
    expect(refusals(j)).toEqual(["lift-by-hand", "all-sides", "feed-in-backfill"]);
  });
  test("in autumn the same work waits for spring", () => {
    const autumn = judgeTree(
      situation(continental, "bay", opening + 300, { ...s, ...seasonFacts(continental, profile, opening + 300) }),
    );
    expect(has(autumn, "slice-side", "spring-warm")).toBe(true);
  });
});

test("in its final pot a full tree is renewed, not moved up", () => {
  const on = dayWhen(continental, "apple", "soft");
  const j = judgeTree(situation(continental, "apple", on, { fill: 0.97, circling: 2.5, finalPot: true }));
  expect(find(j, "prune-and-return", "bud-swell").loss).toBeCloseTo(0.3, 6);
  expect(j.acts.some((a) => a.code === "slip-up" || a.code === "step")).toBe(false);
});
