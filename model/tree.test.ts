import { normalsFromAnswers } from "@/core/atlas/index";
import fc from "fast-check";
import { generateWeather } from "@/core/climate/index";
import { toDay, toIso } from "@/core/dates/index";
import type { EventPayload, ReadableEvent } from "@/core/event/index";
import { type CollectionRecords, storeAt, type TreeRecord } from "@/core/records/index";
import { liftAdvice, treeMassKg } from "@/core/mass/index";
import { openBundle, packBundle } from "./bundle";
import type { KeptPlans } from "./plan";
import { openYard } from "./open-yard";
import { planPotting, pottingFault } from "@/core/potting/index";
import { READY_MIXES } from "@/core/mix/index";

const answers = {
  latitudeDeg: 48.3,
  longitudeDeg: 11.9,
  elevationM: 540,
  coldestNightC: -16,
  lastSpringFrost: "05-01",
  firstAutumnFrost: "10-12",
};
const today = toDay("2026-05-15");
const normals = normalsFromAnswers(answers);
const generated = generateWeather(48.3, normals, 13, 4);
const record = { ...generated, startDay: today - generated.tminC.length + 1 };
/** One weather for all tests: what is computed of it is computed once. */
const weather = {
  key: "made by hand",
  input: { latitudeDeg: 48.3, normals, record, today, seed: 7, historyFrom: toDay("2014-01-01") },
};

const tree = (id: string, more: Partial<TreeRecord> = {}): TreeRecord => ({
  id,
  tag: id.toUpperCase(),
  kindId: "quince",
  typedName: null,
  habit: null,
  cultivar: null,
  purpose: "ornament",
  count: 1,
  finalVolumeL: null,
  trunkMm: null,
  heightM: null,
  ...more,
});

let seq = 0;
const event = (treeId: string | null, day: string, potLotId: string | null, payload: EventPayload): ReadableEvent => {
  seq++;
  return {
    id: `e${seq}`,
    entryId: `n${seq}`,
    seq,
    ord: 0,
    recordedAt: "2026-01-01 00:00:00.000",
    treeId,
    potLotId,
    on: { best: day, from: day, to: day },
    payload,
  };
};
const arrived = (treeId: string, day: string, lot: string, form: "container" | "liner" = "container") =>
  event(treeId, day, lot, { kind: "arrived", form, lastPotted: null });
const potted = (
  treeId: string,
  day: string,
  lot: string,
  mixL: number,
  correction: "none" | "tease-and-clip" = "none",
) =>
  event(treeId, day, lot, {
    kind: "potted",
    correction,
    retainedShare: null,
    mix: "compost-bark",
    mixName: "x",
    mixL,
    fillHeightMm: null,
    bottomLayerMm: 0,
    wetMassKg: null,
  });
const roots = (treeId: string, day: string, fillGrade: number | null, circlingGrade: number | null) =>
  event(treeId, day, null, { kind: "roots-read", fillGrade, circlingGrade });
const stocked = (lot: string, count: number) => event(null, "2015-01-01", lot, { kind: "stocked", count });

const cylinder = (mm: number) => ({
  known: "measured" as const,
  vessel: { shape: "cylinder" as const, topWidthMm: mm, heightMm: mm },
});
const lots: CollectionRecords["lots"] = [
  { id: "small", name: "small", pot: cylinder(190) },
  { id: "mid", name: "mid", pot: cylinder(240) },
  { id: "large", name: "large", pot: cylinder(300) },
  {
    id: "named",
    name: "named",
    pot: { known: "nominal", system: "container-class", size: "#3", wall: "smooth-plastic" },
  },
];

function worldOf(trees: TreeRecord[], events: ReadableEvent[], plans?: KeptPlans) {
  const ordered = [...events].sort((a, b) => a.on.best.localeCompare(b.on.best) || a.seq - b.seq);
  const records = { trees, lots, events: ordered };
  const open = (knownAt?: string) => openYard({ records, risk: 0.1, plans }, weather, { today: toIso(today), knownAt });
  const yard = open();
  const at = (id: string, day: string, knownAt?: string) =>
    (knownAt === undefined ? yard : open(knownAt)).tree(id)!.on(day)?.state ?? null;
  return { yard, indexed: yard.indexed, at };
}

const plain = (plans?: KeptPlans) =>
  worldOf(
    [tree("a")],
    [
      stocked("small", 1),
      stocked("mid", 2),
      stocked("large", 1),
      arrived("a", "2022-04-01", "small"),
      potted("a", "2023-04-10", "mid", 9.5),
    ],
    plans,
  );

test("before its arrival a tree has no state", () => {
  expect(plain().at("a", "2022-03-31")).toBeNull();
  expect(plain().at("a", "2022-04-01")).not.toBeNull();
});

test("the same day always gives the same state, whatever was asked before", () => {
  const { at } = plain();
  const first = at("a", "2025-10-10");
  at("a", "2023-01-01");
  expect(at("a", "2025-10-10")).toEqual(first);
});

test("fill never falls while nothing is done, and falls when it is potted on", () => {
  const { at } = plain();
  let last = 0;
  for (const day of ["2023-04-10", "2023-08-01", "2024-02-01", "2024-08-01", "2025-08-01", "2026-05-15"]) {
    const { fill } = at("a", day)!;
    expect(fill.p50).toBeGreaterThanOrEqual(last);
    expect(fill.p10).toBeLessThanOrEqual(fill.p50);
    expect(fill.p50).toBeLessThanOrEqual(fill.p90);
    last = fill.p50;
  }
  expect(at("a", "2023-04-10")!.fill.p50).toBeLessThan(at("a", "2023-04-09")!.fill.p50);
});

test("the due day is the day on which the state says due", () => {
  const { at } = worldOf(
    [tree("a")],
    [
      stocked("small", 1),
      stocked("mid", 1),
      arrived("a", "2024-04-01", "small", "liner"),
      potted("a", "2025-04-10", "mid", 9.5),
      roots("a", "2025-09-15", 3, 0),
    ],
  );
  const state = at("a", "2025-10-01")!;
  expect(state.isDue).toBe(false);
  if ("none" in state.due || state.due.p50 === null) throw new Error("no due day");
  const after = at("a", toIso(toDay(state.due.p50) + 12))!;
  const before = at("a", toIso(toDay(state.due.p50) - 12))!;
  expect(before.isDue).toBe(false);
  expect(after.isDue).toBe(true);
});

test("a root check moves the projection from its day on and leaves the days before alone", () => {
  const base = [
    stocked("small", 1),
    stocked("mid", 1),
    arrived("a", "2022-04-01", "small"),
    potted("a", "2023-04-10", "mid", 9.5),
  ];
  const without = worldOf([tree("a")], base);
  const emptier = worldOf([tree("a")], [...base, roots("a", "2024-09-01", 1, 0)]);
  expect(emptier.at("a", "2024-08-31")).toEqual(without.at("a", "2024-08-31"));
  const [a, b] = [without.at("a", "2025-05-01")!, emptier.at("a", "2025-05-01")!];
  expect(b.fill.p50).toBeLessThan(a.fill.p50);
  expect(b.vigour.p50).toBeLessThan(a.vigour.p50);
  expect(b.vigour.p90 / b.vigour.p10).toBeLessThan(a.vigour.p90 / a.vigour.p10);
});

test("knownAt hides what was recorded later", () => {
  const late = { ...roots("a", "2024-09-01", 0, 0), recordedAt: "2026-03-01 00:00:00.000" };
  const world = worldOf([tree("a")], [stocked("small", 1), arrived("a", "2022-04-01", "small"), late]);
  const before = world.at("a", "2025-01-01", "2026-02-01 00:00:00.000")!;
  const after = world.at("a", "2025-01-01", "2026-04-01 00:00:00.000")!;
  expect(after.fill.p50).toBeLessThan(before.fill.p50);
});

test("a pot known by its trade size carries its range; a measured one has none", () => {
  const world = worldOf(
    [tree("a"), tree("b")],
    [stocked("named", 1), stocked("mid", 1), arrived("a", "2024-04-01", "named"), arrived("b", "2024-04-01", "mid")],
  );
  const [named, measured] = [world.at("a", "2025-01-01")!, world.at("b", "2025-01-01")!];
  expect(named.volumeL.p90 / named.volumeL.p10).toBeGreaterThan(1.15);
  expect(named.volumeL.basis).toBe("typical");
  expect(measured.volumeL.p90 / measured.volumeL.p10).toBeLessThan(1.1);
});

test("a tree nobody knows anything of asks to be looked at; a look answers", () => {
  const unknown = tree("u", { kindId: null, typedName: "Something", habit: "unknown" });
  const events = [stocked("named", 1), arrived("u", "2026-04-20", "named")];
  const decided = worldOf([unknown], events).yard.tree("u")!.on("2026-05-01")!.decision!;
  expect(decided.headline).toMatchObject({ code: "check-first", work: "check-roots" });
  expect(decided.questions.map((q) => q.code)).toContain("roots");
  const seen = worldOf([unknown], [...events, roots("u", "2026-04-25", 1, 0)]).at("u", "2026-05-01")!;
  expect(seen.fill.p90 - seen.fill.p10).toBeLessThan(0.55);
});

test("a bound tree is overdue as it grows, at rest it has until it wakes; in its final pot it is to be renewed instead", () => {
  const events = [
    stocked("mid", 1),
    stocked("large", 1),
    arrived("a", "2020-04-01", "mid"),
    roots("a", "2025-09-01", 4, 3),
  ];
  const on = "2026-03-25";
  const own = worldOf([tree("a")], events).yard.tree("a")!;
  expect(own.on(on)!.situation!.phase).toBe("dormant");
  expect(own.on(on)!.decision!.headline.code).toBe("do-by");
  const overdue = own.on("2026-05-05")!;
  expect(overdue.situation!.phase).toBe("swelling");
  expect(overdue.decision!.headline.code).toBe("do-now");
  expect(overdue.pressDays).toBeLessThan(0);
  const last = worldOf([tree("a", { finalVolumeL: 10 })], events)
    .yard.tree("a")!
    .on(on)!;
  expect(last.decision!.headline).toMatchObject({ work: "root-prune" });
  expect(last.decision!.acts.every((act) => act.pot === null || act.pot.same)).toBe(true);
});

test("nothing in store that fits is said", () => {
  const events = [stocked("small", 1), arrived("a", "2025-04-01", "small", "liner"), roots("a", "2026-03-01", 3, 2)];
  const day = worldOf([tree("a")], events)
    .yard.tree("a")!
    .on("2026-03-28")!;
  const { state } = day;
  expect(state.isDue).toBe(true);
  expect(day.fits().every((p) => p.misfit !== null)).toBe(true);
  const pots = day.decision!.acts.flatMap((act) => act.pot ?? []);
  expect(pots.length).toBeGreaterThan(0);
  expect(pots.every((pot) => pot.choice === null)).toBe(true);
});

test("a pot of the store is promised to one tree, the most urgent first; many alike ask for as many", () => {
  const events = (...others: string[]) => [
    stocked("small", 1 + others.length),
    stocked("mid", 1),
    arrived("bound", "2020-04-01", "small"),
    roots("bound", "2026-05-10", 4, 3),
    ...others.flatMap((id) => [arrived(id, "2021-04-01", "small"), roots(id, "2026-05-10", 4, 2)]),
  ];
  const potOf = (yard: ReturnType<typeof worldOf>["yard"], id: string) => {
    const { acts } = yard.tree(id)!.on(today)!.decision!;
    return acts.find((a) => a.pot && !a.pot.same)?.pot?.choice?.lotId ?? null;
  };
  const alone = worldOf([tree("due")], events("due").slice(0, 2).concat(events("due").slice(4)));
  expect(potOf(alone.yard, "due")).toBe("mid");
  const both = worldOf([tree("bound"), tree("due")], events("due"));
  expect(both.yard.on(today).tree("bound")!.pressDays).toBeLessThanOrEqual(both.yard.on(today).tree("due")!.pressDays);
  expect([potOf(both.yard, "bound"), potOf(both.yard, "due")]).toEqual(["mid", null]);
  const many = worldOf([tree("due", { count: 3 })], events("due").slice(0, 2).concat(events("due").slice(4)));
  expect(potOf(many.yard, "due")).toBeNull();
});

test("the store counts what is owned less what trees stand in; a pot left comes back", () => {
  const { indexed } = plain();
  const free = (day: string) => Object.fromEntries(storeAt(indexed, toDay(day)).map((p) => [p.lotId, p.free]));
  expect(free("2022-06-01")).toMatchObject({ small: 0, mid: 2, large: 1 });
  expect(free("2024-06-01")).toMatchObject({ small: 1, mid: 1, large: 1 });
});

test("a batch takes as many pots as it has plants", () => {
  const { indexed } = worldOf([tree("a", { count: 30 })], [stocked("small", 34), arrived("a", "2025-04-01", "small")]);
  expect(storeAt(indexed, today)[0].free).toBe(4);
});

test("overdue trees stand first, then the order of what is lost by waiting", () => {
  const world = worldOf(
    [tree("late"), tree("soon"), tree("bound")],
    [
      stocked("mid", 3),
      stocked("large", 2),
      arrived("late", "2026-04-01", "mid", "liner"),
      potted("late", "2026-04-02", "mid", 9.5),
      arrived("soon", "2023-04-01", "mid"),
      roots("soon", "2026-03-01", 3, 1),
      arrived("bound", "2020-04-01", "mid"),
      roots("bound", "2025-03-01", 4, 3),
    ],
  );
  const there = world.yard.on(today);
  const { states } = there;
  expect(states[0].treeId).toBe("bound");
  const press = states.map((s) => there.tree(s.treeId)!.pressDays);
  expect([...press].sort((a, b) => a - b)).toEqual(press);
});

test("the bundle carries everything: the browser's replay equals the server's", () => {
  const made = plain();
  const plan = made.yard.tree("a")!.on("2026-05-15")!.plan!;
  expect(plan.steps.length).toBeGreaterThan(0);
  const { yard } = plain({ of: new Map([["a", plan]]), making: new Set() });
  const bundle = openBundle(packBundle(yard, 3));
  expect(bundle.revision).toBe(3);
  for (const day of ["2023-06-01", "2026-05-15", "2027-03-01"]) {
    expect(bundle.yard.on(day).rows).toEqual(yard.on(day).rows);
    expect(bundle.yard.tree("a")!.picture(day)).toEqual(yard.tree("a")!.picture(day));
  }
  // What needs the site's weather years is the server's to say, and says so instead of guessing.
  expect(() => bundle.yard.site).toThrow("no weather of its own");
  expect(() => bundle.yard.tree("a")!.on("2026-05-15")!.windows()).toThrow("no weather of its own");
});

test("the picture breaks where the tree was potted", () => {
  const picture = plain().yard.tree("a")!.picture("2024-06-01")!;
  const at = (day: string) => picture.points.find((p) => p.on === day)!.fill[1];
  expect(at("2023-04-09")).toBeGreaterThan(at("2023-04-10") + 0.1);
  expect(picture.events.map((e) => e.kind)).toEqual(["potted"]);
});

const now = { pot: cylinder(240), fillHeightMm: null, bottomLayerMm: 0, mix: null, mixStartAgeYears: 0 };
const choice = {
  pot: cylinder(300),
  mix: READY_MIXES["compost-bark"],
  correction: "none" as const,
  retainedShare: null,
  crownMm: 10,
  bottomLayerMm: 0,
};

test("a potting plan adds up: mix in place is the pot to its fill line, mass is the sum of its parts", () => {
  const plan = planPotting(now, 2, { trunkMm: 20, heightM: 1 }, choice)!;
  expect(plan.mixL).toBeCloseTo(plan.setting.ballL + plan.setting.settledMixL, 9);
  expect(plan.mixL).toBeCloseTo(plan.water.mixL, 1);
  const { total, pot, soil, tree: treeKg, bottomLayer } = plan.wetMassKg;
  expect(total).toBeCloseTo(pot + soil + treeKg + bottomLayer, 9);
  expect(pottingFault(plan)).toBeNull();
});

test("a ball wider or taller than the pot is a fault with what to do", () => {
  const wide = planPotting(now, 0, { trunkMm: null, heightM: null }, { ...choice, pot: cylinder(200) })!;
  expect(pottingFault(wide)?.code).toBe("ball-too-wide");
  const shallow = planPotting(
    now,
    0,
    { trunkMm: null, heightM: null },
    { ...choice, pot: { known: "measured", vessel: { shape: "cylinder", topWidthMm: 400, heightMm: 150 } } },
  )!;
  expect(pottingFault(shallow)?.code).toBe("ball-too-tall");
});

test("shaving takes the share of its shell, a deeper gravel layer takes air", () => {
  const shaved = planPotting(now, 0, { trunkMm: null, heightM: null }, { ...choice, correction: "shave" })!;
  expect(shaved.shaveDepthMm).toBeGreaterThanOrEqual(8);
  expect(shaved.retainedShare).toBeLessThan(0.8);
  fc.assert(
    fc.property(fc.integer({ min: 5, max: 100 }), (layer) => {
      const [bare, gravel] = [
        planPotting(now, 0, { trunkMm: null, heightM: null }, choice)!,
        planPotting(now, 0, { trunkMm: null, heightM: null }, { ...choice, bottomLayerMm: layer })!,
      ];
      expect(gravel.water.airL).toBeLessThan(bare.water.airL);
    }),
    { numRuns: 15 },
  );
});

test("lifting advice grows with mass and never sends one person above 25 kg", () => {
  expect([4, 12, 20, 30, 90, 400].map(liftAdvice)).toEqual([
    "easy",
    "raise-first",
    "volunteer-limit",
    "two-people",
    "machine",
    "professional",
  ]);
  expect(treeMassKg(110, 3, true)).toBeCloseTo(treeMassKg(110, 3) * 0.85, 9);
});
