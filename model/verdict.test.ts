import { aTree } from "@/test-support/records";
import { toDay, toIso } from "@/core/dates/index";
import type { ReadableEvent } from "@/core/event/index";
import type { StorePot } from "@/core/ladder/index";
import { profileOf } from "@/core/species/index";
import { LIMITS, type Limit, type WindowSeries } from "@/core/window/index";
import { replay } from "./replay";
import { openYard } from "./open-yard";
import type { TreeState } from "./state";
import { type KindTracks, type ReplayContext } from "./context";
import { type LotRecord, type TreeRecord } from "@/core/records/index";

/** A world made by hand: five degree-days every day, and a window that is open exactly where the test says. */
const START = toDay("2018-01-01");
const DAYS = 365 * 14;
const sums = Float32Array.from({ length: DAYS + 1 }, (_, i) => i * 5);
const profile = profileOf({ kindId: "quince", typedName: null, habit: null });

function windowOf(open: [string, string][], limiting: Limit): WindowSeries {
  const suitability = new Uint8Array(DAYS);
  for (const [from, to] of open) suitability.fill(180, toDay(from) - START, toDay(to) - START + 1);
  const closed = LIMITS.indexOf(limiting);
  return {
    startDay: START,
    suitability,
    limiting: suitability.map((s) => (s > 0 ? 0 : closed)),
    spans: [],
    safe: suitability.map((s) => (s > 0 ? 95 : 30)),
  };
}

function worldOf(open: [string, string][], limiting: Limit = "flush") {
  const kind: KindTracks = {
    profile,
    warmth: { startDay: START, observedUntil: START, sums: { temperate: sums, warm: sums } },
    window: windowOf(open, limiting),
    wood: {
      startDay: START,
      phase: new Uint8Array(DAYS),
      ripe10: new Uint8Array(DAYS),
      ripe50: new Uint8Array(DAYS),
      ripe90: new Uint8Array(DAYS),
    },
  };
  const context: ReplayContext = {
    latitudeDeg: 48,
    today: toDay("2026-05-15"),
    kinds: { quince: kind },
    guessedWeather: false,
    away: [],
  };
  return { kind, context };
}

const pot = (mm: number): LotRecord["pot"] => ({
  known: "measured",
  vessel: { shape: "cylinder", topWidthMm: mm, heightMm: mm },
});
const lots: LotRecord[] = [{ id: "p", name: "p", pot: pot(220) }];
const store: StorePot[] = [{ lotId: "next", name: "next", pot: pot(258), free: 1 }];
const tree = aTree({ id: "t", tag: "T" });
let seq = 0;
const event = (day: string, payload: ReadableEvent["payload"], potLotId: string | null = null): ReadableEvent => ({
  id: `e${++seq}`,
  entryId: "n",
  seq,
  ord: 0,
  recordedAt: "",
  treeId: "t",
  potLotId,
  on: { best: day, from: day, to: day },
  payload,
});
const arrived = (day: string) => event(day, { kind: "arrived", form: "container", lastPotted: null }, "p");
const seen = (day: string, fillGrade: number, circlingGrade: number) =>
  event(day, { kind: "roots-read", fillGrade, circlingGrade });
const potted = (day: string) =>
  event(
    day,
    {
      kind: "potted",
      correction: "none",
      retainedShare: null,
      mix: "pine-bark",
      mixName: "bark",
      mixL: 15,
      fillHeightMm: null,
      bottomLayerMm: 0,
      wetMassKg: null,
    },
    "p",
  );

function at(
  world: ReturnType<typeof worldOf>,
  events: ReadableEvent[],
  day: string,
  more: { tree?: Partial<TreeRecord>; store?: StorePot[] } = {},
): TreeState {
  const shelf = more.store ?? store;
  const stocked = shelf.map((p) => ({
    ...event("2018-01-01", { kind: "stocked", count: p.free } as const, p.lotId),
    treeId: null,
  }));
  const records = {
    trees: [{ ...tree, ...more.tree }],
    lots: [...lots, ...shelf.map(({ lotId, name, pot }) => ({ id: lotId, name, pot }))],
    events: [...stocked, ...events],
  };
  return openYard({ records, risk: 0.1 }, { tracks: world.context }, { today: toIso(world.context.today) })
    .tree("t")!
    .on(day)!.state;
}
const rootedOut = [arrived("2024-03-01"), seen("2026-05-01", 3, 1), seen("2026-05-02", 3, 2)];

test("due and open: move now, by the last day of the window", () => {
  const state = at(worldOf([["2026-05-01", "2026-06-10"]]), rootedOut, "2026-05-15");
  expect(state.isDue).toBe(true);
  expect(state.verdict).toMatchObject({ code: "move-now", on: "2026-06-10", open: true });
  expect(state.pressDays).toBe(26);
  expect(state.window.period).toEqual({ from: "2026-05-15", to: "2026-06-10", closedBy: "flush" });
});

test("due and closed: wait until it opens, with what holds it now", () => {
  const state = at(worldOf([["2026-08-20", "2026-09-15"]], "heat"), rootedOut, "2026-05-15");
  expect(state.verdict).toMatchObject({ code: "wait", on: "2026-08-20", limiting: "heat", open: false });
});

test("due, open, and nothing in store fits: no pot", () => {
  const world = worldOf([["2026-05-01", "2026-06-10"]]);
  expect(at(world, rootedOut, "2026-05-15", { store: [] }).verdict.code).toBe("no-pot");
  expect(at(world, rootedOut, "2026-05-15", { store: [{ ...store[0], pot: pot(900) }] }).verdict.code).toBe("no-pot");
});

test("due, and no window within two years", () => {
  expect(at(worldOf([["2029-01-01", "2029-03-01"]]), rootedOut, "2026-05-15").verdict).toMatchObject({
    code: "no-window",
    on: null,
  });
});

test("a window that closed since the tree became due makes it overdue, and it presses more the longer ago", () => {
  const bound = [arrived("2022-03-01"), seen("2025-01-10", 4, 1), seen("2025-02-10", 4, 1)];
  const missed = at(
    worldOf([
      ["2026-03-01", "2026-04-20"],
      ["2027-03-01", "2027-04-20"],
    ]),
    bound,
    "2026-05-15",
  );
  expect(missed.verdict).toMatchObject({ code: "overdue", on: "2027-03-01", open: false });
  expect(missed.pressDays).toBe(toDay("2026-04-20") - toDay("2026-05-15"));
  const open = at(worldOf([["2026-05-01", "2026-06-20"]]), bound, "2026-05-15");
  expect(open.verdict).toMatchObject({ code: "overdue", on: "2026-06-20", open: true });
});

test("not due: the day it will be, and the window after it is what presses", () => {
  const fresh = [arrived("2024-03-01"), seen("2026-05-01", 2, 0), seen("2026-05-03", 2, 0)];
  const state = at(
    worldOf([
      ["2026-05-01", "2026-06-10"],
      ["2027-09-01", "2027-10-20"],
    ]),
    fresh,
    "2026-05-15",
  );
  expect(state.verdict.code).toBe("not-due");
  expect(state.verdict.on! > "2026-06-10").toBe(true);
  expect(toIso(toDay("2026-05-15") + state.pressDays)).toBe("2027-10-20");
});

test("in its final pot and full: hold; below it the ladder goes on", () => {
  const world = worldOf([["2026-05-01", "2026-06-10"]]);
  expect(at(world, rootedOut, "2026-05-15", { tree: { finalVolumeL: 8 } }).verdict.code).toBe("hold");
  expect(at(world, rootedOut, "2026-05-15", { tree: { finalVolumeL: 30 } }).verdict.code).toBe("move-now");
});

test("a tree just potted recovers first, whatever the window says", () => {
  const events = [arrived("2024-03-01"), seen("2026-04-30", 3, 1), potted("2026-05-10")];
  const state = at(worldOf([["2026-05-01", "2026-06-30"]]), events, "2026-05-15");
  expect(state.window).toMatchObject({ open: false, limiting: "recovery" });
  // 2.5 lags of 60 °C·d at five a day: thirty days after the work.
  expect(state.window.period!.from).toBe("2026-06-09");
});

test("wide open knowledge asks for a look; a fresh look that fits is not answered with another", () => {
  const world = worldOf([["2026-05-01", "2026-06-10"]]);
  expect(at(world, [arrived("2026-04-01")], "2026-04-10").verdict.code).toBe("unknown");
  expect(at(world, [arrived("2026-04-01"), seen("2026-04-09", 2, 0)], "2026-04-10").verdict.code).not.toBe("unknown");
});

test("a look that contradicts its history is remembered as a surprise", () => {
  const state = at(
    worldOf([]),
    [arrived("2019-03-01"), seen("2025-06-01", 4, 3), seen("2026-05-10", 0, 0)],
    "2026-05-15",
  );
  expect(state.surprise).toMatchObject({ on: "2026-05-10" });
  expect(state.surprise!.probability).toBeLessThan(0.05);
  expect(at(worldOf([]), rootedOut, "2026-05-15").surprise).toBeNull();
});

test("days far beyond the track are said to lie beyond it", () => {
  const slow = { ...tree, kindId: null, typedName: "x", habit: "apple-like" as const };
  const world = worldOf([]);
  const lazy: KindTracks = { ...world.kind, profile: { ...profileOf(slow), kPerDegreeDay: 0.000001, vigourSd: 0.01 } };
  const slower = { ...world, context: { ...world.context, kinds: { [lazy.profile.key]: lazy } } };
  const state = at(slower, [arrived("2026-04-01"), seen("2026-05-01", 1, 0)], "2026-05-15", { tree: slow, store: [] });
  expect(state.due).toMatchObject({ p50: null });
  expect(state.verdict).toMatchObject({ on: null });
});

test("replaying to a day leaves later events out, and the sum of two stretches is the whole", () => {
  const events = [arrived("2024-03-01"), potted("2025-03-01"), seen("2026-03-01", 2, 0)];
  const { warmth } = worldOf([]).kind;
  const byId = new Map(lots.map((lot) => [lot.id, lot]));
  const before = replay(events, byId, profile, warmth, toDay("2025-02-28"))!;
  expect(before.pottedOn).toBeNull();
  const after = replay(events, byId, profile, warmth, toDay("2025-03-01"))!;
  expect(after).toMatchObject({ pottedOn: toDay("2025-03-01"), lastCheckOn: null, mixName: "bark" });
  expect(replay(events, byId, profile, warmth, toDay("2024-02-28"))).toBeNull();
});
