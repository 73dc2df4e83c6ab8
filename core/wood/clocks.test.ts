import { siteNormals } from "../atlas/index";
import { buildSite, growingDegreeHours, type SeasonSlice } from "../climate/index";
import { midwinterOf, toDay, toIso } from "../dates/index";
import { KINDS, profileOf } from "../species/index";
import {
  clockOf,
  FRUIT_CLOCKS,
  fruitClock,
  GENUS_CLOCKS,
  HABIT_PARAMETERS,
  isWinterless,
  KIND_CLOCKS,
  kindDates,
  ripeningRate,
  ripeOrPicked,
  runWoodSeason,
} from "./index";

describe("the tables", () => {
  test("clocks, typed anew: chill, then degree hours to bud break, to full bloom, to leaf-out", () => {
    const table = Object.entries(KIND_CLOCKS).map(
      ([id, c]) => `${id} ${c.chillPortions} ${c.budGdh ?? "-"} ${c.bloomGdh ?? "-"} ${c.leafOutGdh ?? "-"}`,
    );
    expect(table).toEqual([
      "almond 20 - 730 -",
      "apple 50 2050 5730 -",
      "apricot 40 - 2380 -",
      "birch 45 1500 - 2490",
      "black-mulberry 40 7530 - -",
      "flowering-cherry 65 - 3760 -",
      "fig 8 5300 - -",
      "genus-forsythia 40 - 2300 -",
      "grape 15 5770 19000 -",
      "horse-chestnut 40 1500 7250 2410",
      "japanese-maple 65 3000 - 4450",
      "japanese-plum 40 - 3300 -",
      "kaki 15 5260 18700 -",
      "lemon 0 - 11800 -",
      "lilac 45 - 7230 -",
      "magnolia 45 - 3000 -",
      "mandarin 0 - 14150 -",
      "medlar 30 - 9000 -",
      "mulberry 40 5880 - -",
      "oak 50 2800 - 4300",
      "olive 0 - 20060 -",
      "orange 0 - 9400 -",
      "peach 40 - 4725 -",
      "pear 45 - 4770 -",
      "plum 45 - 4100 -",
      "pomegranate 11 4850 23000 -",
      "quince 30 - 7530 -",
      "sour-cherry 48 - 4070 -",
      "sweet-cherry 58 - 3870 -",
    ]);
  });
  test("fruit, typed anew: days of ripening weather; b from bud break, h bound to heat", () => {
    const table = Object.entries(FRUIT_CLOCKS).map(
      ([id, sorts]) =>
        `${id} ${Object.entries(sorts)
          .map(([sort, f]) => `${sort} ${f.ripeDays}${f.from === "bloom" ? "" : "b"}${f.heatBound ? "h" : ""}`)
          .join(", ")}`,
    );
    expect(table).toEqual([
      "almond usual 159",
      "apple mid 122, early 118, late 167",
      "apricot usual 87",
      "black-mulberry usual 83b",
      "fig main 128bh, breba 84b",
      "grape mid 120, early 106, late 121",
      "japanese-plum usual 101",
      "kaki usual 166",
      "lemon usual 260",
      "mandarin usual 195",
      "medlar usual 148",
      "mulberry usual 51b",
      "olive usual 158",
      "orange usual 238",
      "peach usual 107",
      "pear usual 117",
      "plum usual 125",
      "pomegranate usual 146h",
      "quince usual 140",
      "sour-cherry usual 60",
      "sweet-cherry usual 65",
    ]);
  });
  test("every clock is of a kind that the library has; a genus lends one only to its own leaf", () => {
    const known = new Set(KINDS.map((k) => k.id));
    for (const id of [...Object.keys(KIND_CLOCKS), ...Object.keys(FRUIT_CLOCKS), ...Object.values(GENUS_CLOCKS)])
      if (!id.startsWith("genus-")) expect([id, known.has(id)]).toEqual([id, true]);
    expect(clockOf("red-oak", "Quercus", "deciduous")).toBe(KIND_CLOCKS.oak);
    expect(clockOf("holm-oak", "Quercus", "evergreen")).toBeNull();
    expect(fruitClock("apple", "late")!.ripeDays).toBe(167);
    expect(fruitClock("apple", "nonsense")).toBe(fruitClock("apple"));
    expect(fruitClock("oak")).toBeNull();
  });
});

test("growing-degree hours by hand: nothing at 4, all at 25, half way down between 25 and 36", () => {
  expect([3, 4, 36, 40].map(growingDegreeHours)).toEqual([0, 0, 0, 0]);
  expect(growingDegreeHours(25)).toBeCloseTo(21, 9);
  // Half a cosine: 21/2·(1 − cos(π·5/21)) nine above the base is not needed; a quarter of the way up it is (1 − cos 45°)/2.
  expect(growingDegreeHours(4 + 21 / 4)).toBeCloseTo(21 * 0.146446609, 6);
  expect(growingDegreeHours(30.5)).toBeCloseTo(21 * (1 - Math.SQRT1_2), 9);
});

/** A season of even days, warm from an index on. */
function even(coldC: number, warmC: number, warmFrom: number): SeasonSlice {
  const n = 645;
  const startDay = toDay("2026-10-02");
  const means = Float32Array.from({ length: n }, (_, i) => (i < warmFrom ? coldC : warmC));
  let chill = 0;
  return {
    startDay,
    tminC: means.map((v) => v - 4),
    tmaxC: means.map((v) => v + 4),
    solarMJ: new Float32Array(n).fill(12),
    rainMm: new Float32Array(n).fill(2),
    windMs: new Float32Array(n).fill(2),
    rootZoneC: means.slice(),
    portions: Float32Array.from({ length: n }, (_, i) => (chill += i < warmFrom ? 1 : 0)),
    growingHours: means.map((v) => (v > 4 ? 100 : 0)),
  };
}

describe("one after the other", () => {
  const h = { ...HABIT_PARAMETERS["apple-like"], chillPortions: 50, budGdh: 2000, leafOutGdh: 3500, bloomGdh: 5000 };
  test("warmth counts from the fiftieth day after midwinter, a hundred a day: to the day", () => {
    // Chill is met on the fiftieth of 150 cold days; midwinter is index 80, so warmth counts from 130, and it is warm from 150 on.
    const wood = runWoodSeason(h, even(2, 12, 150), 48);
    expect([wood.swell, wood.budBreak, wood.leafOut, wood.fullBloom]).toEqual([161, 169, 184, 199]);
    expect([wood.bloomFrom, wood.bloomTo]).toEqual([184, 224]);
    const early = runWoodSeason(h, even(2, 12, 100), 48);
    expect(early.budBreak).toBe(149);
  });
  test("chill that is missing on the seventy-fifth day slows warmth, and does not stop it", () => {
    // Twenty-five of fifty portions: warmth counts .8 from index 155 on.
    const wood = runWoodSeason(h, even(2, 12, 26), 48);
    expect(wood.budBreak).toBe(155 + 2000 / 80 - 1);
  });
});

test("fruit ripens at the pace of its days, and is picked when the season closes", () => {
  expect([4, 12, 20, 30].map((c) => ripeningRate(c))).toEqual([0.5, 0.75, 1, 1]);
  expect([4, 8, 14, 20].map((c) => ripeningRate(c, true))).toEqual([0, 0, 0.5, 1]);
  const h = HABIT_PARAMETERS["apple-like"];
  const slice = even(12, 12, 0);
  const wood = { ...runWoodSeason(h, slice, 48), fullBloom: 200, budBreak: 180 };
  expect(ripeOrPicked(h, slice, wood, { ripeDays: 30, from: "bloom" })).toEqual({ day: 240, picked: false });
  expect(ripeOrPicked(h, slice, wood, { ripeDays: 30, from: "bud-break" })).toEqual({ day: 220, picked: false });
  // Cold from day 300 on: midsummer lies at 262, picking may begin at 302, when ten days average below eleven.
  const closing = even(12, 2, 300);
  expect(ripeOrPicked(h, closing, wood, { ripeDays: 100, from: "bloom" })).toEqual({ day: 302, picked: true });
  // Less than three quarters of the way it never ripens: 76 days have passed by then.
  expect(ripeOrPicked(h, closing, wood, { ripeDays: 102, from: "bloom" })).toEqual({ day: -1, picked: false });
  expect(ripeOrPicked(HABIT_PARAMETERS["citrus-like"], closing, wood, { ripeDays: 200, from: "bloom" }).picked).toBe(
    false,
  );
});

describe("where winter never comes", () => {
  const site = (latitudeDeg: number, longitudeDeg: number) => {
    const { normals } = siteNormals({ latitudeDeg, longitudeDeg, elevationM: 15 }, 7);
    const today = midwinterOf(2026, latitudeDeg);
    return buildSite({ latitudeDeg, normals, record: null, today, seed: 7, historyFrom: today - 800 });
  };
  test("flush follows flush, 24 days of 75, and no day is called the first", () => {
    const { slices } = site(1.3, 103.8).season(2027);
    expect(slices.every(isWinterless)).toBe(true);
    const flush = runWoodSeason(HABIT_PARAMETERS["tropical-like"], slices[0], 1.3).flush!;
    const share = flush.reduce((a, b) => a + b, 0) / flush.length;
    expect(share).toBeGreaterThan(0.25);
    expect(share).toBeLessThan(0.5);
    const dates = kindDates(
      site(1.3, 103.8),
      2027,
      profileOf({ kindId: "mango", typedName: null, habit: null }).parameters[0],
      null,
    );
    expect([dates.budBreak, dates.ripe]).toEqual([{ because: "flushes-all-year" }, { because: "no-fruit-known" }]);
  });
  test("a winter of the Gulf is one", () => {
    expect(site(30.4, -91.1).season(2027).slices.some(isWinterless)).toBe(false);
  });
  test("south of the equator spring lies in the second half of the year", () => {
    const dates = kindDates(
      site(-38, 145),
      2026,
      profileOf({ kindId: "apple", typedName: null, habit: null }).parameters[0],
      null,
    );
    const bud = dates.budBreak;
    if ("because" in bud) throw new Error(bud.because);
    expect(toIso(bud.p50) > "2026-08-15" && toIso(bud.p50) < "2026-10-15").toBe(true);
    expect(bud.p10 <= bud.p50 && bud.p50 <= bud.p90).toBe(true);
  });
});
