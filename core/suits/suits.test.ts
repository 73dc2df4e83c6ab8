import { kindById, knownValuesOf } from "../species/index";
import type { KindValues } from "../species/index";
import type { Pot } from "../vessel/index";
import {
  AIRY_FROM,
  cropOfPot,
  CROP_EXPONENT,
  crownLitresPerDay,
  DEEP_FROM,
  feedRemarks,
  LATE_FROM_DAYS,
  LONE_CROWN,
  mixRemarks,
  potAsked,
  potRemarks,
  SENSITIVE_MOST_P_PERCENT,
  STEADY_KG_PER_L,
  thirstiestMonth,
  WIDE_UP_TO,
} from "./index";

const measured = (topWidthMm: number, heightMm: number, wall: "terracotta" | "smooth-plastic" | "fabric"): Pot => ({
  known: "measured",
  vessel: { shape: "round", topWidthMm, baseWidthMm: topWidthMm * 0.8, heightMm, wall },
});

test("the constants stand as they were set", () => {
  expect([AIRY_FROM, CROP_EXPONENT, DEEP_FROM, WIDE_UP_TO, STEADY_KG_PER_L]).toEqual([0.2, 0.75, 0.9, 0.85, 0.1]);
  expect([LONE_CROWN, LATE_FROM_DAYS, SENSITIVE_MOST_P_PERCENT]).toEqual([1.3, 25, 1]);
});

describe("pots", () => {
  test("depth against width, at the line", () => {
    expect(potRemarks("deep", measured(300, 269, "terracotta"))).toEqual(["shallow"]);
    expect(potRemarks("deep", measured(300, 270, "terracotta"))).toEqual([]);
    expect(potRemarks("wide", measured(400, 341, "terracotta"))).toEqual(["narrow"]);
    expect(potRemarks("wide", measured(400, 340, "terracotta"))).toEqual([]);
  });
  test("a kind's own note goes before the lie of its roots", () => {
    expect((["deep", "even", "shallow"] as const).map((spread) => potAsked({ potNote: "any", spread }))).toEqual([
      "deep",
      "any",
      "wide",
    ]);
    expect(potAsked({ potNote: "heavy", spread: "deep" })).toBe("heavy");
  });
  test("nothing is said of a shape nobody measured", () => {
    const about: Pot = { known: "about", litres: 20, wall: "smooth-plastic" };
    expect(potRemarks("deep", about)).toEqual([]);
    expect(potRemarks("wide", about)).toEqual([]);
  });
  test("walls: weight, pruning by air, heat, saucers", () => {
    const [plastic, clay, fabric] = (["smooth-plastic", "terracotta", "fabric"] as const).map((w) =>
      measured(300, 280, w),
    );
    expect([plastic, clay].map((p) => potRemarks("heavy", p))).toEqual([["light"], []]);
    expect([plastic, clay, fabric].map((p) => potRemarks("air-pruning", p))).toEqual([["circles"], ["circles"], []]);
    expect([plastic, clay, fabric].map((p) => potRemarks("light-coloured", p))).toEqual([["heats"], [], []]);
    expect([plastic, clay].map((p) => potRemarks("no-saucer", p))).toEqual([["no-saucer"], ["no-saucer"]]);
    expect(potRemarks("any", plastic)).toEqual([]);
  });
});

describe("mixes", () => {
  const plain = { flags: {}, parts: null, airShare: null, waterShare: null };
  const valuesOf = (kindId: string) => {
    const known = knownValuesOf({ kindId, typedName: null, habit: null });
    return Object.fromEntries(Object.entries(known).map(([k, v]) => [k, v.value])) as unknown as KindValues;
  };
  const any = {
    lime: "tolerates",
    ph: [5.5, 7],
    phosphate: "usual",
    salt: "usual",
    water: "even",
    mixNote: "any",
  } as const;

  test("lime is said to those who dislike it, and in quantity to those whose range ends below it", () => {
    expect(mixRemarks({ ...any, lime: "hater" }, { ...plain, flags: { lime: 0.02 } })).toEqual(["lime"]);
    expect(mixRemarks({ ...any, lime: "hater" }, { ...plain, flags: { lime: 0.019 } })).toEqual([]);
    expect(mixRemarks({ ...any, lime: "mild-hater" }, { ...plain, flags: { lime: 0.02 } })).toEqual(["lime"]);
    expect(mixRemarks({ ...any, mixNote: "acid" }, { ...plain, flags: { lime: 0.02 } })).toEqual(["lime"]);
    expect(mixRemarks(any, { ...plain, flags: { lime: 0.5 } })).toEqual([]);
    expect(mixRemarks({ ...any, ph: [5.5, 6.9] }, { ...plain, flags: { lime: 0.1 } })).toEqual(["lime"]);
    expect(mixRemarks({ ...any, ph: [5.5, 6.9] }, { ...plain, flags: { lime: 0.09 } })).toEqual([]);
  });
  test("bark and peat without lime are sour for those who want more", () => {
    const bark = { ...plain, parts: { "bark-fine": 6, compost: 4 } };
    expect(mixRemarks({ ...any, ph: [6.3, 8] }, bark)).toEqual(["sour"]);
    expect(mixRemarks({ ...any, ph: [6.2, 8] }, bark)).toEqual([]);
    expect(mixRemarks({ ...any, lime: "likes" }, bark)).toEqual(["sour"]);
    expect(mixRemarks({ ...any, lime: "likes" }, { ...plain, parts: { "bark-fine": 59, compost: 41 } })).toEqual([]);
    expect(mixRemarks({ ...any, lime: "likes" }, { ...bark, flags: { lime: 0.02 } })).toEqual([]);
  });
  test("phosphate, salt, air, food, weight and moisture", () => {
    expect(mixRemarks({ ...any, phosphate: "sensitive" }, { ...plain, flags: { phosphate: 0.01 } })).toEqual([
      "phosphate",
    ]);
    expect(mixRemarks({ ...any, phosphate: "little" }, { ...plain, flags: { phosphate: 0.1 } })).toEqual([]);
    expect(mixRemarks({ ...any, phosphate: "little" }, { ...plain, flags: { phosphate: 0.11 } })).toEqual([
      "phosphate",
    ]);
    expect(mixRemarks({ ...any, salt: "sensitive" }, { ...plain, flags: { salt: 0.1 } })).toEqual(["salt"]);
    expect(mixRemarks({ ...any, salt: "tolerant" }, { ...plain, flags: { salt: 1 } })).toEqual([]);
    expect(mixRemarks({ ...any, mixNote: "airy" }, { ...plain, airShare: 0.19 })).toEqual(["airless"]);
    expect(mixRemarks({ ...any, mixNote: "airy" }, { ...plain, airShare: 0.2 })).toEqual([]);
    expect(mixRemarks({ ...any, water: "dry-between" }, { ...plain, airShare: 0.13 })).toEqual(["airless"]);
    expect(
      mixRemarks({ ...any, mixNote: "lean-grit" }, { ...plain, flags: { phosphate: 0.3 }, airShare: 0.14 }),
    ).toEqual(["rich"]);
    expect(mixRemarks({ ...any, mixNote: "loam" }, { ...plain, parts: { peat: 1 } })).toEqual(["light"]);
    expect(mixRemarks({ ...any, mixNote: "loam" }, { ...plain, parts: { peat: 9, loam: 1 } })).toEqual([]);
    expect(mixRemarks({ ...any, mixNote: "moist" }, { ...plain, waterShare: 0.34 })).toEqual(["dries"]);
    expect(mixRemarks({ ...any, mixNote: "moist" }, { ...plain, waterShare: 0.35 })).toEqual([]);
  });
  test("kinds of the library: a camellia in a limed mix, a protea in compost, an olive in lean grit", () => {
    expect(kindById("camellia")).toBeDefined();
    expect(mixRemarks(valuesOf("camellia"), { ...plain, flags: { lime: 0.1 } })).toContain("lime");
    expect(mixRemarks(valuesOf("protea"), { ...plain, flags: { phosphate: 0.25 } })).toContain("phosphate");
    expect(mixRemarks(valuesOf("olive"), { ...plain, flags: { lime: 0.1 } })).not.toContain("lime");
  });
});

test("feeds: too late, too strong, too much phosphate, too little", () => {
  const of = (
    feeding: KindValues["feeding"],
    feed: Partial<Parameters<typeof feedRemarks>[1]>,
    phosphate: KindValues["phosphate"] = "usual",
  ) => feedRemarks({ feeding, phosphate }, { daysAfterMidsummer: -20, strength: 1, phosphatePercent: 5, ...feed });
  expect(of("usual", { daysAfterMidsummer: 60, strength: 2 })).toEqual([]);
  expect(of("late-nitrogen-harms", { daysAfterMidsummer: 25 })).toEqual([]);
  expect(of("late-nitrogen-harms", { daysAfterMidsummer: 26 })).toEqual(["too-late"]);
  expect(of("lean", {})).toEqual(["half-dose"]);
  expect(of("lean", { strength: 0.5 })).toEqual([]);
  expect(of("low-phosphate", { strength: 0.5 })).toEqual(["no-phosphate"]);
  expect(of("low-phosphate", { strength: 0.5, phosphatePercent: null })).toEqual(["no-phosphate"]);
  // 2.29 % P₂O₅ is .999 % P.
  expect(of("usual", { strength: 0.5, phosphatePercent: 2.29 }, "sensitive")).toEqual([]);
  expect(of("usual", { strength: 0.5, phosphatePercent: 2.3 }, "sensitive")).toEqual(["no-phosphate"]);
  expect(of("hungry", { strength: 0.4 })).toEqual(["hungry"]);
  expect(of("hungry", { strength: 0.5 })).toEqual([]);
  expect(of("hungry", { strength: 0.4, daysAfterMidsummer: 1 })).toEqual([]);
  expect(of("hungry", { strength: 0.4, daysAfterMidsummer: -80 })).toEqual([]);
});

test("a crop: none below the least pot, in step with the mix, and less for each litre in a large one", () => {
  const apple = { yieldPer10L: [4, 8], cropVolumeL: [20, 40] } as const;
  expect(cropOfPot(apple, 19.9)).toBeNull();
  expect(cropOfPot(apple, 20)).toEqual([8, 16]);
  expect(cropOfPot(apple, 40)).toEqual([16, 32]);
  // Twice the usual volume: 2^.75 = 1.6818 times.
  expect(cropOfPot(apple, 80)![0]).toBeCloseTo(26.909, 3);
  expect(cropOfPot({ yieldPer10L: null, cropVolumeL: [20, 40] }, 40)).toBeNull();
  expect(cropOfPot({ yieldPer10L: [1, 2], cropVolumeL: null }, 40)).toBeNull();
});

test("thirst: the month that evaporates most, and a crown's share of it", () => {
  const tminC = [1, 1, 3, 5, 9, 12, 14, 14, 11, 8, 4, 2];
  const tmaxC = [6, 7, 11, 15, 19, 22, 24, 24, 20, 15, 10, 7];
  const north = thirstiestMonth({ tminC, tmaxC }, 51);
  expect(north.month).toBe(6);
  // FAO-56 table of radiation: 40.0 MJ at 51° N in mid-July; .0023·(19 + 17.8)·√10·.408·40 = 4.37.
  expect(north.et0Mm).toBeCloseTo(4.37, 1);
  const turned = (list: number[]) => [...list.slice(6), ...list.slice(0, 6)];
  expect(thirstiestMonth({ tminC: turned(tminC), tmaxC: turned(tmaxC) }, -37).month).toBe(0);
  expect(crownLitresPerDay([0.5, 0.9], 4, 2)).toEqual([0.5 * 1.3 * 4 * 2, 0.9 * 1.3 * 4 * 2]);
});
