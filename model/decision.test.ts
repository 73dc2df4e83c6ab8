import fc from "fast-check";
import { toDay, toIso } from "@/core/dates/index";
import { CARES, type Decision, type DecisionAct } from "@/core/decision/index";
import { CORRECTIONS } from "@/core/roots/index";
import { JUDGEMENT_FIGURES } from "@/core/judgement/index";
import { type Operation, OPERATIONS } from "@/core/window/index";
import { type AskedTree, worldOn } from "@/test-support/decide";
import { HILL, PRACTISED } from "@/test-support/sites";
import type { TreeOnDay } from "./index";

/** What is always true of a decision, whatever the tree, the day and the place: on generated situations. */
const TODAY = "2027-05-15";
const TROPICS = { latitudeDeg: 1, longitudeDeg: 104, elevationM: 15 };
const worlds = {
  hill: worldOn(HILL, TODAY),
  south: worldOn(PRACTISED.south, TODAY),
  tropics: worldOn(TROPICS, TODAY),
};
type World = keyof typeof worlds;
const KINDS = [
  "apple",
  "fig",
  "lemon",
  "olive",
  "camellia",
  "japanese-maple",
  "pine",
  "magnolia",
  "stewartia",
  "quince",
  "jacaranda",
  "bay",
];
const RUNS = 700;

const situation = fc.record({
  kind: fc.constantFrom(...KINDS),
  day: fc.integer({ min: -120, max: 500 }),
  purpose: fc.constantFrom("crop" as const, "ornament" as const, "stock" as const),
  goalL: fc.constantFrom(undefined, 4, 20, 60, 200),
  form: fc.constantFrom("container" as const, "liner" as const, "bare-root" as const),
  ageYears: fc.constantFrom(undefined, 1, 6, 40),
  count: fc.constantFrom(1, 1, 1, 40, 480),
  aboutL: fc.constantFrom(null, 0.3, 1, 3, 12, 45, 180, 400),
  potted: fc.constantFrom(null, 5, 40, 400),
  fill: fc.double({ min: 0.05, max: 0.99, noNaN: true }),
  circling: fc.double({ min: 0, max: 3.9, noNaN: true }),
  look: fc.constantFrom("none" as const, "seen" as const, "sour" as const, "dry" as const, "girdler" as const),
  place: fc.constantFrom(undefined, "open" as const, "frost-free" as const, "heated" as const),
  store: fc.subarray([1.5, 5, 8, 17, 30, 60, 110]),
  lift: fc.constantFrom(null, 12, 25),
});
type Situation = typeof situation extends fc.Arbitrary<infer T> ? T : never;

function asked(s: Situation): AskedTree {
  const on = toIso(toDay(TODAY) + s.day);
  const back = (days: number) => toIso(toDay(on) - days);
  const looked = s.look !== "none";
  return {
    on,
    tree: {
      kind: s.kind,
      purpose: s.purpose,
      form: s.form,
      count: s.count,
      arrivedOn: back(500),
      ...(s.goalL === undefined ? {} : { goalL: s.goalL }),
      ...(s.ageYears === undefined ? {} : { ageYears: s.ageYears }),
      ...(s.aboutL === null ? { arrivedOn: on } : {}),
    },
    pot: s.aboutL === null ? null : { aboutL: s.aboutL },
    ...(s.potted === null || s.aboutL === null ? {} : { pottedOn: back(s.potted) }),
    ...(looked && s.aboutL !== null
      ? {
          roots: {
            fill: s.fill,
            circling: s.circling,
            on: back(Math.min(3, s.potted ?? 3)),
            ...(s.look === "sour" ? { smell: "sour" as const } : {}),
            ...(s.look === "dry" ? { driesWithinDay: true } : {}),
            ...(s.look === "girdler" ? { girdlerShare: 0.4 } : {}),
          },
        }
      : {}),
    ...(s.place === undefined ? {} : { place: { kind: s.place } }),
    store: s.store.map((aboutL) => ({ id: `s${aboutL}`, aboutL })),
    ...(s.lift === null ? {} : { people: { liftKg: s.lift } }),
  };
}

const isWork = (act: DecisionAct): act is DecisionAct & { work: Operation } =>
  !(CARES as readonly string[]).includes(act.work);

function always(day: TreeOnDay, d: Decision): void {
  const works = day.works!;
  const { on } = d;
  const volumeL = day.state.volumeL.p50;
  for (const act of d.acts) {
    // No act on a day its own window is closed, but for what is excepted and said.
    if (isWork(act) && act.from !== null && !act.excepted) {
      const from = toDay(act.from);
      const inside = works[act.work].periods.some((p) => p.from <= from && from <= p.to);
      const beyond = from > toDay(on) + 660;
      expect([
        act.work,
        act.from,
        inside || beyond || d.headline.code === "not-due" || d.headline.code === "hold",
      ]).toEqual([act.work, act.from, true]);
      if (act.from === on) expect([act.work, works[act.work].open]).toEqual([act.work, true]);
    }
    if (act.from !== null && act.to !== null) expect(act.to >= act.from).toBe(true);
    // What goes is never more than may go.
    if (act.correction && act.from === on && !act.excepted)
      expect(act.correction.lossShare).toBeLessThanOrEqual(
        Math.max(act.correction.mostShare, JUDGEMENT_FIGURES.littleLoss) + 1e-9,
      );
    if (act.pot) {
      const { lowL, highL, choice, same } = act.pot;
      expect(lowL).toBeLessThanOrEqual(highL + 1e-9);
      if (!same && !["pot-down", "first-potting"].includes(act.work))
        expect(highL).toBeGreaterThanOrEqual(volumeL - 1e-6);
      if (choice) {
        expect(choice.mixL).toBeGreaterThanOrEqual(lowL / 1.05 - 1e-9);
        expect(choice.mixL).toBeLessThanOrEqual(highL * 1.05 + 1e-9);
      }
      // A hundred plants in a pot or one: every act that fills a pot says how long it takes.
      expect(act.minutes).toBeGreaterThan(0);
    }
    for (const value of Object.values(act.figures)) expect(Number.isFinite(value)).toBe(true);
  }
  // Nothing is both offered and refused today.
  const offered = new Set(d.acts.filter((a) => a.from === on).map((a) => a.work));
  for (const r of d.refused) if (r.for === "window") expect(offered.has(r.work)).toBe(false);
  for (const r of d.refused)
    if (r.for === "window" && r.work in works) expect(works[r.work as Operation].open).toBe(false);
  // The headline is one of its acts, or says that nothing is asked.
  const { code, work } = d.headline;
  if (code === "do-now" || code === "do-by" || code === "check-first" || code === "rescue")
    expect([code, d.acts.some((a) => a.work === work)]).toEqual([code, true]);
  expect(new Set(d.acts.map((a) => a.id)).size).toBe(d.acts.length);
}

describe.each(Object.keys(worlds) as World[])("always true: %s", (name) => {
  test("windows, shares, litres, refusals and headline agree", () => {
    const codes = new Set<string>();
    fc.assert(
      fc.property(situation, (s) => {
        const day = worlds[name](asked(s));
        const d = day.decision!;
        codes.add(d.headline.code);
        always(day, d);
        if (s.goalL !== undefined && day.roots.pot !== null)
          for (const act of d.acts)
            if (act.pot && !act.pot.same && !act.excepted && act.work !== "pot-down")
              expect(act.pot.highL).toBeLessThanOrEqual(
                Math.max(s.goalL, JUDGEMENT_FIGURES.afterShaveHigh * day.state.volumeL.p50) + 1e-6,
              );
        // Where it never freezes nobody is told of frost.
        if (name === "tropics")
          for (const r of d.refused) expect(["cold-after", "soil-cold"]).not.toContain(r.limiting);
        // The same question has the same answer.
        expect(worlds[name](asked(s)).decision).toEqual(d);
      }),
      { numRuns: RUNS },
    );
    expect(codes.size).toBeGreaterThan(name === "tropics" ? 5 : 7);
  }, 300_000);
});

test("what is recorded as advised settles the tree: no demand on its roots, and what follows is there", () => {
  let tried = 0;
  fc.assert(
    fc.property(situation, (s) => {
      const question = asked({ ...s, look: "seen", potted: null });
      const before = worlds.hill(question).decision!;
      const act = before.acts.find((a) => a.from === before.on && a.pot && !a.pot.same && a.correction && isWork(a));
      if (!act) return;
      tried++;
      const on = toIso(toDay(before.on) + 1);
      const { circlingRemoved } = CORRECTIONS[act.correction!.name];
      const after = worlds.hill({
        ...question,
        on,
        pot: { aboutL: act.pot!.highL },
        pottedOn: before.on,
        roots: { fill: 0.4, circling: (1 - circlingRemoved) * s.circling, on: before.on },
      }).decision!;
      expect([act.work, after.headline.code]).toEqual([act.work, "settle"]);
      expect(after.aftercare.map((a) => a.code)).toEqual(expect.arrayContaining(["second-soak", "look-for-roots"]));
      expect(after.acts.every((a) => a.from === null || a.from > on || CARES.some((care) => care === a.work))).toBe(
        true,
      );
    }),
    { numRuns: 400 },
  );
  expect(tried).toBeGreaterThan(20);
});

test("every work has its window, every day of two years ahead", () => {
  const day = worlds.hill(
    asked({
      kind: "apple",
      day: 0,
      purpose: "crop",
      goalL: undefined,
      form: "container",
      ageYears: undefined,
      count: 1,
      aboutL: 12,
      potted: null,
      fill: 0.5,
      circling: 0,
      look: "none",
      place: undefined,
      store: [],
      lift: null,
    }),
  );
  expect(Object.keys(day.works!).sort()).toEqual([...OPERATIONS].sort());
});
