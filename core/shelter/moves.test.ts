import fc from "fast-check";
import { UNKNOWN_BUILD } from "../winter/index";
import {
  type Move,
  carryTo,
  costAt,
  hardeningOff,
  lightCost,
  loadsBy,
  lossOf,
  mostCarriedKg,
  movesOf,
  OUTSIDE,
  placeKey,
  problemOf,
  type Quarter,
  roundsOf,
  type ShelterData,
  type Standing,
  stayCost,
  type Stay,
  totalOf,
  type TreeOutlook,
  UNPROTECTED,
} from "./index";

const limits = { aloneKg: 25, pairKg: 30, pairStepsKg: 15, truckKg: 200 };
const way = { distanceM: 30, steps: 0 };

test("who carries: one, two on the level, a truck without steps, nobody", () => {
  expect(carryTo(20, 1, way, limits).by).toBe("alone");
  expect(carryTo(28, 1, way, limits)).toMatchObject({ by: "pair", people: 2 });
  expect(carryTo(90, 1, way, limits).by).toBe("truck");
  expect(carryTo(90, 1, { ...way, steps: 3 }, limits).by).toBe("nobody");
  expect(carryTo(28, 1, { ...way, steps: 3 }, limits).by).toBe("nobody");
  expect(mostCarriedKg(way, limits)).toBe(200);
  expect(mostCarriedKg({ ...way, steps: 5 }, limits)).toBe(25);
});

test("carrying grows with the way, the steps and the number; small pots go several at a time", () => {
  const one = carryTo(10, 1, way, limits);
  expect(carryTo(10, 1, { ...way, distanceM: 60 }, limits).minutes).toBeGreaterThan(one.minutes);
  expect(carryTo(10, 1, { ...way, steps: 12 }, limits).kgM).toBeGreaterThan(one.kgM);
  expect(carryTo(10, 4, way, limits).trips).toBe(2);
  expect(carryTo(0.5, 100, way, limits).trips).toBe(2);
  expect(carryTo(10, 1, { distanceM: null, steps: 0 }, limits).minutes).toBeGreaterThan(0);
});

test("light: evergreens need it when it is warm, leafless kinds wake in warm dark, outdoor kinds want outdoors", () => {
  expect(lightCost("bright", true, 0, 5)).toBe(0.45);
  expect(lightCost("bright", true, 1, 5)).toBe(0.12);
  expect(lightCost("bright", true, 3, 12)).toBe(0);
  expect(lightCost("bright", true, 2, 12)).toBe(0.12);
  expect(lightCost("dim", true, 0, 4)).toBe(0);
  expect(lightCost("dim", true, 0, 9)).toBe(0.45);
  expect(lightCost("dark", false, 0, 4)).toBe(0);
  expect(lightCost("dark", false, 0, 12)).toBeGreaterThan(0);
  expect(lightCost("outdoors", false, 2, 4)).toBeGreaterThan(0);
});

const stay = (loss: number, more: Partial<Stay> = {}): Stay => ({
  roots: loss,
  wood: 0,
  woodChance: 0,
  cracks: 0,
  chill: 60,
  chillShort: 0,
  meanC: 5,
  out: { p50: 200, p90: 220, bySwell: false, nightsAfter: 0.4 },
  ...more,
});
const standing = (id: string, more: Partial<Standing> = {}): Standing => ({
  id,
  treeIds: [id],
  tag: id,
  name: "Fig",
  plants: 1,
  evergreen: false,
  need: "dark",
  volumeL: 10,
  widthM: 0.35,
  potM: 0.35,
  crownM: null,
  throughM: 0.3,
  heightM: 1.4,
  eachKg: 12,
  massKg: 12,
  massGuessed: false,
  anchored: false,
  homeId: "terrace",
  nowId: "terrace",
  lastWinterId: null,
  lastWinterKnown: false,
  group: null,
  protection: UNPROTECTED,
  inBelowC: null,
  bringInNightC: null,
  ...more,
});
const quarter = (id: string, more: Partial<Quarter> = {}): Quarter => ({
  id,
  name: id,
  kind: "unheated",
  build: { ...UNKNOWN_BUILD, lengthM: 3, widthM: 2, doorM: 0.8, distanceM: 30 },
  light: 3,
  ...more,
});
const outlook = (treeId: string, day: number | null, more: Partial<TreeOutlook> = {}): TreeOutlook => ({
  treeId,
  stays: { [OUTSIDE]: stay(0.8, { out: null }), glass: stay(0.02) },
  in: day === null ? null : { p10: day, p50: day + 20, share: 0.9, soon: [0, 0.2], cause: "roots" },
  ...more,
});
const data = (standings: Standing[], outlooks: TreeOutlook[]): ShelterData => ({
  standings,
  quarters: [quarter("terrace", { kind: "open" }), quarter("glass")],
  limits,
  risk: 0.1,
  outlooks,
});

test("a cautious grower weighs a loss more; parts add up; change counts only where last winter is known", () => {
  const asked = { worth: 100, stay: stay(0.5), need: "dark", evergreen: false, light: 3, minutes: 10 } as const;
  const usual = stayCost({ ...asked, risk: 0.1, asLastYear: true });
  expect(stayCost({ ...asked, risk: 0.05, asLastYear: true }).loss).toBe(2 * usual.loss);
  expect(totalOf(usual)).toBeCloseTo(
    usual.loss + usual.light + usual.chill + usual.pot + usual.effort + usual.change,
    9,
  );
  expect(stayCost({ ...asked, risk: 0.1, asLastYear: false }).change).toBeGreaterThan(usual.change);
  expect(lossOf({ roots: 0.5, wood: 0.5 })).toBe(0.75);
});

test("the problem: its own summer place counts as outside, anchored trees go nowhere, mates in one pot go together", () => {
  const shared = standing("b", { treeIds: ["b", "c"] });
  const { problem, floors } = problemOf(
    data(
      [standing("a", { anchored: true }), shared, standing("d", { lastWinterId: "glass", lastWinterKnown: true })],
      ["a", "b", "c", "d"].map((id) =>
        outlook(id, 60, id === "c" ? { stays: { [OUTSIDE]: stay(0.9), glass: stay(0.3) } } : {}),
      ),
    ),
  );
  const cost = (id: string) => problem.trees.find((t) => t.id === id)!.cost;
  expect(Object.keys(cost("a"))).toEqual([OUTSIDE]);
  // The tenderest of one pot speaks for it.
  expect(cost("b").glass).toBeGreaterThan(cost("d").glass);
  expect(Object.keys(cost("b")).sort()).toEqual(["glass", OUTSIDE]);
  expect(problem.places.map((p) => p.id)).toEqual(["glass"]);
  expect(floors.glass).toMatchObject({ lengthM: 3, doorM: 0.8 });
  expect(placeKey({ homeId: "terrace" }, "terrace")).toBe(OUTSIDE);
  expect(costAt(standing("x"), "glass", { ...data([], []), outlook: () => undefined })).toBeNull();
});

const START = 20_000;
const plan = (ids: string[]) => Object.fromEntries(ids.map((id) => [id, "glass"]));
const asked = (d: ShelterData, ids: string[], today = START) =>
  movesOf({ data: d, assignment: plan(ids), startDay: START, midwinter: START + 100, today });

test("moves: the tenderest first in and last out, none for what stands there, no hurry for what nothing harms", () => {
  const d = data(
    [standing("late"), standing("soon"), standing("calm"), standing("there", { nowId: "glass" })],
    [outlook("late", 60), outlook("soon", 30), outlook("calm", null), outlook("there", 40)],
  );
  const moves = asked(d, ["late", "soon", "calm", "there"]);
  expect(moves.in.map((m) => m.standing.id)).toEqual(["soon", "late", "calm"]);
  expect(moves.in[0]).toMatchObject({ day: START + 30, middle: START + 50, why: "roots", toId: "glass" });
  expect(moves.in[2]).toMatchObject({ why: "no-hurry", day: START + 80 });
  expect(moves.out).toHaveLength(4);
  expect(moves.out[0]).toMatchObject({ day: START + 220, toId: "terrace", nightsAfter: 0.4, why: "frost" });
  // From one quarters to another there is no night to flee.
  const { quarters, ...rest } = data([standing("moved", { nowId: "shed" })], [outlook("moved", 30)]);
  const between = asked({ ...rest, quarters: [...quarters, quarter("shed")] }, ["moved"]);
  expect(between.in[0]).toMatchObject({ why: "between", soon: [], fromId: "shed", day: START + 80 });
  // Late in winter nothing is carried in any more.
  expect(asked(d, ["late"], START + 170).in).toEqual([]);
});

test("rounds: before the first of a lot is due, on days with people, more days where one is not enough", () => {
  const standings = Array.from({ length: 12 }, (_, i) => standing(`t${i}`, { eachKg: 20, massKg: 20 }));
  const d = data(
    standings,
    standings.map((s, i) => outlook(s.id, 40 + (i % 3))),
  );
  const { in: moves } = asked(
    d,
    standings.map((s) => s.id),
  );
  const rounds = roundsOf(moves, "in", START, (day) => (day % 7 === 3 ? 15 : 0));
  expect(rounds.length).toBeGreaterThan(1);
  for (const r of rounds) {
    expect(r.day % 7).toBe(3);
    expect(r.day).toBeLessThan(START + 40);
    expect(r.minutes).toBeLessThanOrEqual(15);
    expect(r.kg).toBe(20 * r.moves.length);
  }
  expect(rounds.flatMap((r) => r.moves)).toHaveLength(12);
  const free = roundsOf(moves, "in", START, () => null);
  expect(free).toHaveLength(1);
  expect(free[0].day).toBe(START + 39);
  expect(loadsBy(free[0]).alone).toMatchObject({ pots: 12, kg: 240 });
  // What was due yesterday is carried today.
  expect(roundsOf(moves, "in", START + 60, () => null)[0].day).toBe(START + 60);
});

test("out: however the days lie, no round is before any of its pots may go, and all are carried", () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 130, max: 240 }), { minLength: 1, maxLength: 30 }),
      fc.integer({ min: 0, max: 6 }),
      (days, weekday) => {
        const standings = days.map((_, i) => standing(`t${i}`));
        const d = data(
          standings,
          days.map((p90, i) =>
            outlook(`t${i}`, 40, {
              stays: {
                [OUTSIDE]: stay(0.8),
                glass: stay(0, { out: { p50: p90 - 9, p90, bySwell: false, nightsAfter: 0 } }),
              },
            }),
          ),
        );
        const { out } = asked(
          d,
          standings.map((s) => s.id),
        );
        const rounds = roundsOf(out, "out", START, (day) => (day % 7 === weekday ? 60 : 0));
        for (const r of rounds) {
          expect(r.day % 7).toBe(weekday);
          for (const m of r.moves) expect(r.day).toBeGreaterThanOrEqual(m.day);
        }
        expect(rounds.flatMap((r) => r.moves)).toHaveLength(days.length);
        expect(new Set(rounds.map((r) => r.day)).size).toBe(rounds.length);
      },
    ),
    { numRuns: 60 },
  );
});

test("out: never before a pot may go, and by stages from warmth and poor light", () => {
  const standings = [standing("a"), standing("b", { evergreen: true })];
  const d = data(standings, [
    outlook("a", 40),
    outlook("b", 40, {
      stays: { [OUTSIDE]: stay(0.8), glass: stay(0, { out: { p50: 220, p90: 224, bySwell: false, nightsAfter: 0 } }) },
    }),
  ]);
  const { out } = asked(d, ["a", "b"]);
  const [round] = roundsOf(out, "out", START, () => null);
  for (const m of out) expect(round.day).toBeGreaterThanOrEqual(m.day);
  const soft = hardeningOff(out[0], 1, 12);
  expect(soft.map((s) => s.what)).toEqual(["shade", "half-sun", "place"]);
  expect(soft[0].from).toBe(out[0].day);
  expect(hardeningOff(out[0], 3, 5)).toEqual([]);
  const bySwell: Move = { ...out[0], why: "swell" };
  expect(hardeningOff(bySwell, 0, 12)).toEqual([]);
});
