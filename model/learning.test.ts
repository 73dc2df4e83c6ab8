import { normalsFromAnswers } from "@/core/atlas/index";
import { aLot, anEvent, aTree } from "@/test-support/records";
import { buildSite } from "@/core/climate/index";
import { toDay, toIso } from "@/core/dates/index";
import type { EventPayload } from "@/core/event/index";
import { profileOf } from "@/core/species/index";
import { EYE_BIAS_SD, STRAYED, SURPRISE_BELOW } from "@/core/roots/index";
import { conditionOn } from "@/core/records/index";
import { freshReading } from "./tree-advice";
import { learningOf } from "./learning";
import { openYard } from "./open-yard";
import { replay } from "./replay";
import { rerootingOf } from "./rerooting";

const today = toDay("2026-05-15");
const input = {
  latitudeDeg: 48,
  normals: normalsFromAnswers({
    latitudeDeg: 48,
    longitudeDeg: 11,
    elevationM: 500,
    coldestNightC: -15,
    lastSpringFrost: "05-01",
    firstAutumnFrost: "10-14",
  }),
  record: null,
  today,
  seed: 3,
  historyFrom: toDay("2020-01-01"),
};
const site = buildSite(input);
const lot = aLot({ known: "measured", vessel: { shape: "cylinder", topWidthMm: 240, heightMm: 240 } });
const large = aLot({ known: "measured", vessel: { shape: "cylinder", topWidthMm: 420, heightMm: 400 } });
const profile = profileOf({ kindId: "quince", typedName: null, habit: null });
const arrived = (treeId: string, on = "2022-04-01") =>
  anEvent(
    on,
    { kind: "arrived", form: "container", lastPotted: { best: on, from: on, to: on } },
    { treeId, potLotId: lot.id },
  );
const look = (treeId: string, on: string, fillGrade: number, circlingGrade: number, more: object = {}) =>
  anEvent(on, { kind: "roots-read", fillGrade, circlingGrade, ...more }, { treeId });
const potted = (treeId: string, on: string, pot = large) =>
  anEvent(
    on,
    {
      kind: "potted",
      correction: "tease-and-clip",
      retainedShare: null,
      mix: "compost-bark",
      mixName: "mix",
      mixL: 45,
      fillHeightMm: 350,
      bottomLayerMm: 0,
      wetMassKg: null,
    },
    { treeId, potLotId: pot.id },
  );
const lots = new Map([lot, large].map((l) => [l.id, l]));
const learn = (events: ReturnType<typeof arrived>[], on = today) =>
  learningOf({ events, lots, profile, kindProfile: profile, track: site.warmth, on })!;

test("each check is told with what was expected of it; the belief after it starts the next", () => {
  const events = [arrived("t"), look("t", "2023-10-01", 3, 1), look("t", "2024-10-01", 4, 2)];
  const learning = learn(events);
  expect(learning.steps).toHaveLength(2);
  for (const s of learning.steps) {
    expect(s.probability).toBeGreaterThan(0);
    expect(s.probability).toBeLessThan(1);
    const area = s.curve.density.reduce((sum, d) => sum + d * Math.log(s.curve.factor[1] / s.curve.factor[0]), 0);
    expect(area).toBeCloseTo(1, 6);
  }
  expect(learning.steps[1].before.p50).toBeCloseTo(learning.steps[0].after.p50, 6);
  expect(learning.now).toEqual(learning.steps[1].after);
  // Nothing is known of looks to come.
  expect(learn(events, toDay("2023-01-01")).steps).toHaveLength(0);
});

test("a look that does not fit asks about pot and date; confirmed, it bends the pace instead", () => {
  const events = (more: object = {}) => [arrived("t"), potted("t", "2025-06-20"), look("t", "2026-05-10", 4, 1, more)];
  const doubted = learn(events());
  expect(doubted.steps[0].doubted).toBe(true);
  const others = doubted.doubt!.others;
  expect(others.map((o) => o.code)).toContain("as-recorded");
  const recorded = others.find((o) => o.code === "as-recorded")!.probability;
  expect(recorded).toBeLessThan(0.05);
  // Half the pot, or a year more of growth, makes a full ball likelier.
  expect(others.find((o) => o.code === "pot-half")!.probability).toBeGreaterThan(recorded);
  expect(others.find((o) => o.code === "potted-earlier")!.probability).toBeGreaterThan(recorded);
  expect(others[0].probability).toBeGreaterThanOrEqual(others.at(-1)!.probability);
  const confirmed = learn(events({ confirmed: true }));
  expect(confirmed.doubt).toBeNull();
  expect(confirmed.now.p50).toBeGreaterThan(doubted.now.p50);
});

test("after a potting roots are expected to reach on, a look that finds them long says they hold, and the stake comes off", () => {
  const events = [
    arrived("t"),
    potted("t", "2026-03-20"),
    anEvent("2026-03-20", { kind: "staked", staked: true }, { treeId: "t" }),
  ];
  const at = (list: typeof events, on: string) => {
    const day = toDay(on);
    const state = replay(list, lots, profile, site.warmth, day)!;
    return rerootingOf(state, profile, site.warmth, conditionOn(list, day), null, (d) => d, day)!;
  };
  const early = at(events, "2026-04-01");
  const later = at(events, "2026-07-01");
  expect(later.reached.p50).toBeGreaterThan(early.reached.p50);
  expect(later.expectedMm.p50).toBeGreaterThan(early.expectedMm.p50);
  expect(early.stake).toBe("stays");
  expect(early.hold.p10! <= early.hold.p50! && early.hold.p50! <= early.hold.p90!).toBe(true);
  const seen = (lengthMm: number, firm: boolean | null) =>
    at([...events, anEvent("2026-05-10", { kind: "rerooting-read", lengthMm, firm }, { treeId: "t" })], "2026-05-10");
  expect(seen(60, true).stake).toBe("off");
  expect(seen(60, false).stake).toBe("stays");
  expect(seen(5, true).stake).toBe("stays");
  expect(at([arrived("t")], "2026-05-10")).toBeNull();
});

test("a larger pot is never reached sooner", () => {
  const day = toDay("2026-06-15");
  const reached = (pot: typeof large, mixL: number) => {
    const move = potted("t", "2026-03-20", pot);
    const events = [arrived("t"), { ...move, payload: { ...move.payload, mixL } as EventPayload }];
    const state = replay(events, lots, profile, site.warmth, day)!;
    return rerootingOf(state, profile, site.warmth, conditionOn(events, day), null, (d) => d, day)!.reached.p50;
  };
  expect(reached(large, 50)).toBeLessThanOrEqual(reached(large, 20));
});

test("mates speak from the day they were looked at, for their own sort most, and never for themselves", () => {
  const trees = ["a", "b", "c"].map((id) => aTree({ id, tag: id, cultivar: id === "c" ? "Other" : "One" }));
  const events = [...trees.map((t) => arrived(t.id)), look("a", "2023-10-01", 4, 3), look("a", "2024-10-01", 4, 4)];
  const records = { trees, lots: [lot, large], places: [], events };
  const yard = openYard({ records, risk: 0.1 }, { key: "hill", input }, { today: toIso(today) });
  expect(yard.tree("b")!.on("2023-09-30")!.mates).toBeNull();
  const on = (id: string) => yard.tree(id)!.on(today)!;
  const mean = (id: string) => on(id).mates?.mean ?? 0;
  expect(mean("b")).toBeGreaterThan(0);
  expect(mean("b")).toBeGreaterThan(mean("c"));
  expect(mean("a")).toBe(0);
  expect(on("b").profile.vigourSd).toBeLessThan(profile.vigourSd);
  const alone = openYard({ records, risk: 0.1 }, { tracks: { ...yard.context, mates: {} } }, { today: toIso(today) });
  expect(on("b").state.vigour.p50).toBeGreaterThan(alone.tree("b")!.on(today)!.state.vigour.p50);
});

test("an eye that reads too full everywhere is known from the other trees, from the day they were looked at", () => {
  const trees = Array.from({ length: 12 }, (_, i) =>
    aTree({ id: `e${i}`, tag: `e${i}`, cultivar: `Sort ${i}`, kindId: ["quince", "pear", "plum", "fig"][i % 4] }),
  );
  const ids = trees.map((t) => t.id);
  // Potted anew each spring and read as full by autumn: quick roots do not explain it for so many.
  const story = (id: string) => [arrived(id), potted(id, "2025-04-01", large), look(id, "2025-09-01", 2, 0)];
  const records = { trees, lots: [lot, large], places: [], events: ids.flatMap(story) };
  const yard = openYard({ records, risk: 0.1 }, { key: "hill", input }, { today: toIso(today) });
  const eye = (id: string, day: string) => yard.tree(id)!.eye(toDay(day));
  expect(eye("e0", "2025-08-31")).toBeNull();
  const known = eye("e0", "2025-09-01")!;
  expect(known.mean).toBeGreaterThan(0.3);
  expect(known.sd).toBeLessThan(EYE_BIAS_SD);
  // What it says itself is not among it: with another grade there nothing of it changes.
  const other = {
    ...records,
    events: records.events.map((e) =>
      e.treeId === "e0" && e.payload.kind === "roots-read" ? { ...e, payload: { ...e.payload, fillGrade: 0 } } : e,
    ),
  };
  const again = openYard({ records: other, risk: 0.1 }, { key: "hill", input }, { today: toIso(today) });
  expect(again.tree("e0")!.eye(today)!.mean).toBeCloseTo(known.mean, 10);
  expect(again.tree("e1")!.eye(today)!.mean).toBeLessThan(eye("e1", toIso(today))!.mean);
  // The grower is told, and its ball is believed emptier than the look alone has it.
  expect(yard.calibration.eyeOff).toBeGreaterThan(0.2);
  const alone = openYard(
    { records, risk: 0.1 },
    { tracks: { ...yard.context, eyes: undefined } },
    { today: toIso(today) },
  );
  const fill = (y: typeof yard) => y.tree("e0")!.on("2025-09-01")!.state.fill.p50;
  expect(fill(yard)).toBeLessThan(fill(alone));
});

test("what looks said is remembered on one weather, and heard anew where what it was understood from changed", () => {
  const trees = ["a", "b", "c"].map((id) => aTree({ id, tag: id, kindId: "quince" }));
  const story = ["a", "b", "c"].flatMap((id) => [arrived(id), look(id, "2024-08-01", 2, 1)]);
  const weather = { key: "hill", input };
  const asked = (events: typeof story, pot = lot, on: { key: string; input: typeof input } = weather) => {
    const yard = openYard({ records: { trees, lots: [pot, large], places: [], events }, risk: 0.1 }, on, {
      today: toIso(today),
    });
    return trees.map(({ id }) => ({ eye: yard.tree(id)!.eye(today), mates: yard.tree(id)!.mates(today) }));
  };
  const cold = (events: typeof story, pot = lot) => asked(events, pot, { ...weather });
  const first = asked(story);
  expect(first[0].eye!.sd).toBeLessThan(EYE_BIAS_SD);
  // A second look at one tree, an entry before all looks, a pot described anew: each as on a weather nobody asked yet.
  const second = [...story, look("b", "2025-08-01", 4, 3)];
  expect(asked(second)).toEqual(cold(second));
  const before = [...story.slice(0, 1), potted("a", "2023-04-01"), ...story.slice(1)];
  expect(asked(before)).toEqual(cold(before));
  expect(asked(before)).not.toEqual(first);
  const wider = {
    ...aLot({ known: "measured", vessel: { shape: "cylinder", topWidthMm: 240, heightMm: 240, wall: "air-pruning" } }),
    id: lot.id,
  };
  expect(asked(story, wider)).toEqual(cold(story, wider));
  expect(asked(story, wider)).not.toEqual(first);
  expect(asked(story)).toEqual(first);
});

test("a look speaks for the ball until it is worked on or grows old", () => {
  const events = [arrived("t"), look("t", "2026-05-01", 3, 2)];
  expect(freshReading(events, today)).toMatchObject({ on: "2026-05-01", fill: 3, circling: 2 });
  expect(freshReading(events, toDay("2026-04-30"))).toBeNull();
  expect(freshReading(events, toDay("2026-11-01"))).toBeNull();
  expect(freshReading([...events, potted("t", "2026-05-10")], today)).toBeNull();
  const worked: EventPayload = {
    kind: "worked-in-place",
    correction: "core-in-place",
    retainedShare: 0.9,
    renewedShare: 0.1,
    where: "all",
  };
  expect(freshReading([...events, anEvent("2026-05-12", worked, { treeId: "t" })], today)).toBeNull();
  expect(toIso(today)).toBe("2026-05-15");
});

test("three looks in a row off by more than a grade ask whether the history is wrong, though none alone does", () => {
  const grades = [2, 3, 2, 0, 0, 0];
  const story = grades.flatMap((grade, i) => [
    potted("t", `${2019 + i}-04-02`),
    look("t", `${2019 + i}-09-01`, grade, 0),
  ]);
  const last = () => learn([arrived("t", "2018-04-01"), ...story]).steps.at(-1)!;
  expect(last().probability!).toBeGreaterThan(SURPRISE_BELOW);
  expect(last().doubted).toBe(true);
  expect(STRAYED).toEqual({ grades: 1, looks: 3 });
  // Somebody said that the second of them is right: the row begins anew.
  const second = story.at(-3)!;
  story.splice(-3, 1, { ...second, payload: { ...second.payload, confirmed: true } as EventPayload });
  expect(last().doubted).toBe(false);
});
