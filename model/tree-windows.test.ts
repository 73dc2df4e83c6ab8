import { normalsFromAnswers } from "@/core/atlas/index";
import { HILL } from "@/test-support/sites";
import { aLot, aPotting, aTree, anEvent } from "@/test-support/records";
import { buildSite, generateWeather } from "@/core/climate/index";
import { toDay, toIso } from "@/core/dates/index";
import type { EventPayload, ReadableEvent } from "@/core/event/index";
import { crownToMatch } from "@/core/judgement/index";
import { OPERATIONS } from "@/core/window/index";
import { anchoredShare } from "./tree-situation";
import { conditionOn, type PlaceRecord } from "@/core/records/index";
import { openYard } from "./open-yard";
import { openTogether } from "./tree-windows";
import { PlaceSites, staysOf } from "./stays";

const today = toDay("2026-05-15");
const normals = normalsFromAnswers(HILL);
const generated = generateWeather(48, normals, 6, 4);
const record = { ...generated, startDay: today - generated.tminC.length + 1 };
const input = { latitudeDeg: 48, normals, record, today, seed: 7, historyFrom: toDay("2020-01-01") };
const weather = { key: "hill", input };
const site = buildSite(input);
const ROOM: PlaceRecord = { id: "room", name: "Room", kind: "heated" };
const WALL: PlaceRecord = { id: "wall", name: "Wall", kind: "sheltered" };
const sites = new PlaceSites(site, [ROOM, WALL], new Map());
const pot = aLot({ known: "measured", vessel: { shape: "cylinder", topWidthMm: 300, heightMm: 300 } });

const tree = aTree({ kindId: "lemon", trunkMm: 40, heightM: 2 });
const arrived = anEvent(
  "2024-05-20",
  { kind: "arrived", form: "container", lastPotted: null },
  { treeId: tree.id, potLotId: pot.id },
);
const happened = (on: string, payload: EventPayload, placeId: string | null = null) =>
  anEvent(on, payload, { treeId: tree.id, placeId });
const windows = (
  events: ReadableEvent[],
  more: { on?: string; people?: ReadableEvent[]; placeId?: string; kindId?: string } = {},
) => {
  const asked = { ...tree, kindId: more.kindId ?? tree.kindId };
  const records = { trees: [asked], lots: [pot], places: [ROOM, WALL], events: [...(more.people ?? []), ...events] };
  const rows = openYard({ records, risk: 0.1 }, weather, { today: toIso(today) })
    .tree(tree.id)!
    .on(more.on ?? "2026-05-15")!
    .windows({ curves: true, ...(more.placeId ? { placeId: more.placeId } : {}) });
  return (operation: (typeof OPERATIONS)[number]) => rows.find((r) => r.operation === operation)!;
};

test("stays follow the moves up to a day; the first place named is where it always stood", () => {
  const events = [
    arrived,
    happened("2025-10-20", { kind: "placed" }, "room"),
    happened("2026-05-10", { kind: "placed" }, "wall"),
  ];
  expect(staysOf(events, toDay("2026-01-01")).map((s) => s.placeId)).toEqual(["room"]);
  expect(staysOf(events).map((s) => s.placeId)).toEqual(["room", "wall"]);
  // Two names for the same kind of place are one weather.
  expect(sites.keyOf([{ from: -1e6, placeId: null }])).toBe(sites.keyOf([{ from: -1e6, placeId: "nowhere" }]));
});

test("the same tree in a heated room may be slipped up in March; in the yard it may not", () => {
  const moved = [arrived, happened("2024-06-01", { kind: "placed" }, "room")];
  expect(windows([arrived], { on: "2026-03-10" })("slip-up").open).toBe(false);
  expect(windows(moved, { on: "2026-03-10" })("slip-up").open).toBe(true);
  // As a question, without moving it.
  expect(windows([arrived], { on: "2026-03-10", placeId: "room" })("slip-up").open).toBe(true);
});

test("tracks of trees that move: each version from its day on, shared by all that moved alike", () => {
  const other = aTree({ kindId: "lemon" });
  const move = (id: string) => anEvent("2026-02-01", { kind: "placed" }, { treeId: id, placeId: "room" });
  const first = (id: string) => anEvent("2024-06-01", { kind: "placed" }, { treeId: id, placeId: "wall" });
  const arrive = (id: string) =>
    anEvent("2024-05-20", { kind: "arrived", form: "container", lastPotted: null }, { treeId: id, potLotId: pot.id });
  const events = [tree.id, other.id]
    .flatMap((id) => [arrive(id), first(id), move(id)])
    .sort((a, b) => a.on.best.localeCompare(b.on.best));
  const records = { trees: [tree, other], lots: [pot], places: [ROOM, WALL], events };
  const yard = openYard({ records, risk: 0.1 }, weather, { today: toIso(today) });
  const [mine, others] = [yard.context.versions![tree.id], yard.context.versions![other.id]];
  expect(mine).toHaveLength(2);
  expect(others).toEqual(mine);
  const tracks = (id: string, on: number) => yard.tree(id)!.on(on)!.tracks;
  const before = tracks(tree.id, toDay("2026-01-01"));
  const after = tracks(tree.id, today);
  expect(tracks(other.id, today)).toBe(after);
  expect(before).not.toBe(after);
  // In the room its roots go on growing through the rest of winter.
  const sum = (t: typeof after) =>
    t.warmth.sums.warm[toDay("2026-04-01") - t.warmth.startDay] -
    t.warmth.sums.warm[toDay("2026-02-01") - t.warmth.startDay];
  expect(sum(after)).toBeGreaterThan(sum(before) + 50);
});

test("what is not well loses no roots; quarantine is not even lifted; a dry spell is over in two weeks", () => {
  const weak = windows([arrived, happened("2026-05-10", { kind: "health", state: "weak" })]);
  expect(weak("root-prune")).toMatchObject({ open: false, heldBy: { by: "health", state: "weak" } });
  expect(weak("replace-top").heldBy).toBeNull();
  const apart = windows([arrived, happened("2026-05-10", { kind: "health", state: "quarantine" })]);
  expect(apart("slip-up").heldBy).toEqual({ by: "health", state: "quarantine" });
  const dry = [arrived, happened("2026-05-01", { kind: "health", state: "dry" })];
  expect(conditionOn(dry, toDay("2026-05-10")).health).toBe("dry");
  expect(conditionOn(dry, toDay("2026-05-20")).health).toBe("well");
  const anchored = [arrived, happened("2026-04-01", { kind: "anchored", anchored: true })];
  expect(conditionOn(anchored, today).anchoredOn).toBe(toDay("2026-04-01"));
});

test("after work its roots recover before the next, crowns need not wait, and rescue waits for nothing", () => {
  const potted: EventPayload = aPotting("tease-and-clip");
  const row = windows([arrived, anEvent("2026-05-10", potted, { treeId: tree.id, potLotId: pot.id })]);
  expect(row("up-pot")).toMatchObject({ open: false, limiting: "recovery" });
  expect(row("prune-light").limiting).not.toBe("recovery");
  expect(row("rescue").heldBy).toBeNull();
});

test("a helper away closes what needs lifting, on those days only", () => {
  const person = (personId: string, liftKg: number) => ({
    personId,
    name: personId,
    self: personId === "me",
    liftKg,
    hoursPerWeek: null,
    weekdays: [],
    gone: false,
  });
  const [season] = windows([arrived], { kindId: "apple" })("slip-up").periods;
  const on = season.from;
  const back = toIso(toDay(on) + 6);
  const people = (liftKg: number) => [
    anEvent("2024-01-01", { kind: "person", ...person("me", liftKg) }),
    anEvent("2024-01-01", { kind: "person", ...person("helper", liftKg) }),
    anEvent("2024-01-01", { kind: "absence", personId: "helper", from: on, to: toIso(toDay(on) + 5), note: "" }),
  ];
  const ask = (liftKg: number) => windows([arrived], { on, kindId: "apple", people: people(liftKg) });
  expect(ask(14)("slip-up")).toMatchObject({ open: false, heldBy: { by: "grower" } });
  expect(ask(14)("slip-up").periods[0].from).toBe(back);
  expect(ask(14)("slip-up").heldBy).toEqual({ by: "grower", massKg: expect.closeTo(17.4, 0) as number });
  // An absence to come closes its own days, not today.
  const later = [
    people(14)[0],
    people(14)[1],
    anEvent("2024-01-01", {
      kind: "absence",
      personId: "helper",
      from: toIso(toDay(on) + 3),
      to: toIso(toDay(on) + 5),
      note: "",
    }),
  ];
  const open = windows([arrived], { on, kindId: "apple", people: later })("slip-up");
  expect([open.open, open.heldBy, open.periods[0].to]).toEqual([true, null, toIso(toDay(on) + 2)]);
  expect(ask(14)("replace-top").heldBy).toBeNull();
  // What no pair can lift is a matter for a hoist, not of days.
  expect(ask(5)("slip-up").open).toBe(true);
});

test("crown after root loss, and the share of roots that may stand in the ground", () => {
  expect(crownToMatch(0.1)).toBe(0);
  expect(crownToMatch(0.4)).toBeCloseTo(0.25, 9);
  expect(anchoredShare(null, 20)).toBe(0.4);
  expect(anchoredShare(1, 20)).toBe(0.2);
  expect(anchoredShare(20, 20)).toBe(0.6);
  expect(anchoredShare(4, 20)).toBeCloseTo(0.5, 9);
});

test("a matched set moves on the first day that suits all of it", () => {
  const a = [
    { from: "2026-03-01", to: "2026-04-10" },
    { from: "2026-08-01", to: "2026-08-20" },
  ];
  const b = [
    { from: "2026-04-15", to: "2026-05-01" },
    { from: "2026-08-10", to: "2026-09-01" },
  ];
  expect(openTogether([a, b])).toEqual({ from: "2026-08-10", to: "2026-08-20" });
  expect(openTogether([a, []])).toBeNull();
});

test("the whole yard agrees with each tree's own windows, and says what waiting costs", () => {
  const olive = aTree({ kindId: "olive" });
  const events = [tree, olive].map((t) =>
    anEvent("2024-05-20", { kind: "arrived", form: "container", lastPotted: null }, { treeId: t.id, potLotId: pot.id }),
  );
  const records = { trees: [tree, olive], lots: [pot], places: [], events };
  const yard = openYard({ records, risk: 0.1 }, { key: "hill", input }, { today: toIso(today) });
  const years = yard.on(today).works;
  expect(yard.seriesCache.size).toBe(2);
  for (const year of years) {
    expect(year.trees).toHaveLength(2);
    const own = windows([events[0]])(year.operation);
    const mine = year.trees.find((t) => t.treeId === tree.id)!;
    expect([year.operation, mine.open]).toEqual([year.operation, own.open]);
    expect(mine.from).toBe(own.periods[0]?.from ?? null);
    for (const t of year.trees) if (t.fillThen !== null) expect(t.fillThen).toBeGreaterThanOrEqual(t.fill - 1e-9);
    expect(Math.max(...year.openByWeek)).toBeLessThanOrEqual(2);
  }
  // Opened anew on the same weather it says the same.
  const again = openYard({ records, risk: 0.1 }, { key: "hill", input }, { today: toIso(today) });
  expect(again.on(today).works).toEqual(years);
});

test("due by what comes first: roots that turn, or a pot that is full", () => {
  const dueBy = (fillGrade: number, circlingGrade: number) => {
    const seen = happened("2026-05-10", {
      kind: "roots-read",
      fillGrade,
      circlingGrade,
      by: "look",
      confirmed: true,
    });
    const records = { trees: [tree], lots: [pot], places: [ROOM, WALL], events: [arrived, seen] };
    const yard = openYard({ records, risk: 0.1 }, weather, { today: toIso(today) });
    return yard.tree(tree.id)!.on("2026-05-15")!.state.dueBy;
  };
  expect([dueBy(1, 3), dueBy(4, 0)]).toEqual(["circling", "fill"]);
});
