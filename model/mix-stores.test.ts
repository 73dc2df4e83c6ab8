import { toDay } from "@/core/dates/index";
import { aTree, aLot, anEvent } from "@/test-support/records";
import { COMPONENTS, READY_MIXES } from "@/core/mix/index";
import type { EventPayload } from "@/core/event/index";
import { profileOf } from "@/core/species/index";
import { indexRecords, mixChoices, mixStoresOf, resolveRecords, storeAt } from "@/core/records/index";
import { massNow } from "./mass-now";
import { replay } from "./replay";
import { pairLimitKg, soloLimitKg, waysToCarry } from "@/core/people/index";

const POT = { known: "about", litres: 10, wall: "terracotta" } as const;
const ID = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, "0")}`;
const logOf = (...payloads: EventPayload[]) =>
  payloads.map((payload, i) => anEvent("2026-05-01", payload, { id: ID(900 + i), seq: i + 1, treeId: null }));
const own = { name: "Chips", ...COMPONENTS.grit, flags: [], confidence: "M", source: "weighed" } as const;

test("the newest word about a recipe counts, and one that is gone is not at hand", () => {
  const recipe = (name: string, gone: boolean): EventPayload => ({
    kind: "recipe",
    recipeId: ID(1),
    name,
    parts: { compost: 1, "bark-fine": 2 },
    feedsMonths: null,
    note: "",
    gone,
  });
  expect(mixStoresOf(logOf(recipe("A", false), recipe("B", false))).recipes.map((r) => r.name)).toEqual(["B"]);
  expect(mixStoresOf(logOf(recipe("A", false), recipe("B", true))).recipes).toEqual([]);
});

test("a recipe with a component of one's own is a mix at hand; without the component it is what is left of it", () => {
  const events = logOf(
    { kind: "component", componentId: ID(2), own: { ...own, flags: [] }, gone: false },
    {
      kind: "recipe",
      recipeId: ID(1),
      name: "Mine",
      parts: { [ID(2)]: 1, compost: 1 },
      feedsMonths: 5,
      note: "",
      gone: false,
    },
  );
  const stores = mixStoresOf(events);
  const choice = mixChoices(stores, toDay("2026-05-15"))[0];
  expect(choice).toMatchObject({ name: "Mine", from: "recipe", feedsMonths: 5, ageYears: 0 });
  expect("parts" in choice.mix && choice.mix.parts).toHaveLength(2);
});

test("reclaimed mix goes on ageing in its heap and is used up by what is taken", () => {
  const stock = {
    name: "Tub",
    litres: 50,
    mix: READY_MIXES["pine-bark"],
    ageYears: 2,
    structure: "open" as const,
    fromHealthy: true,
  };
  const kept: EventPayload = { kind: "reclaimed", stockId: ID(3), stock, gone: false };
  const used: EventPayload = { kind: "reclaimed-used", stockId: ID(3), litres: 20 };
  const find = (events: ReturnType<typeof logOf>, on: string) =>
    mixChoices(mixStoresOf(events), toDay(on)).find((m) => m.from === "reclaimed");
  expect(find(logOf(kept), "2027-05-01")).toMatchObject({ leftL: 50 });
  expect(find(logOf(kept), "2027-05-01")!.ageYears).toBeCloseTo(3, 1);
  expect(find(logOf(kept, used), "2026-05-01")).toMatchObject({ leftL: 30 });
  expect(find(logOf(kept, used, used, used), "2026-05-01")).toBeUndefined();
});

test("a lot is described, carried and bought anew by events; an identified pot leaves its lot with its tree", () => {
  const lot = aLot(POT);
  const [one, two] = [aLot(POT), aLot(POT)];
  const described = resolveRecords({
    trees: [],
    lots: [lot],
    places: [],
    events: [
      anEvent("2026-05-01", { kind: "lot-described", price: 4, toBuy: true }, { potLotId: lot.id, treeId: null }),
      anEvent("2026-05-01", { kind: "lot-described", frostProof: true }, { potLotId: lot.id, treeId: null }),
      anEvent("2026-05-02", { kind: "placed" }, { potLotId: lot.id, treeId: null, placeId: ID(20) }),
    ],
  }).lots[0];
  expect(described).toMatchObject({ price: 4, toBuy: true, placeId: ID(20), frostProof: true });

  const tree = aTree();
  const indexed = indexRecords({
    trees: [tree],
    lots: [one, two],
    places: [],
    events: [
      anEvent("2020-01-01", { kind: "stocked", count: 3 }, { potLotId: one.id, treeId: null }),
      anEvent(
        "2024-01-01",
        { kind: "arrived", form: "container", lastPotted: null },
        {
          potLotId: one.id,
          treeId: tree.id,
        },
      ),
      anEvent("2026-01-01", { kind: "discarded", count: 1 }, { potLotId: one.id, treeId: null }),
      anEvent("2026-01-01", { kind: "stocked", count: 1 }, { potLotId: two.id, treeId: null }),
      anEvent("2026-01-01", { kind: "identified" }, { potLotId: two.id, treeId: tree.id }),
    ],
  });
  expect(storeAt(indexed, toDay("2026-02-01")).map((p) => [p.lotId, p.free])).toEqual([
    [one.id, 2],
    [two.id, 0],
  ]);
});

test.each([
  [5, ["floor", "alone", "two-level", "two-steps", "truck", "hoist", "professional"]],
  [14, ["alone", "two-level", "truck", "hoist", "professional"]],
  [20, ["two-level", "truck", "hoist", "professional"]],
  [150, ["truck", "hoist", "professional"]],
  [500, ["professional"]],
])("%d kg may be carried by two volunteers of 16 kg each: %j", (massKg, ways) => {
  const person = (id: string) => ({ id, name: id, self: false, liftKg: 16, hoursPerWeek: null, weekdays: [] });
  expect(
    waysToCarry(massKg, [person("a"), person("b")])
      .filter((w) => w.can)
      .map((w) => w.way),
  ).toEqual(ways);
});

test("one person alone is no pair, and nobody lifts more than the general limit by saying so", () => {
  const strong = { id: "s", name: "strong", self: true, liftKg: 50, hoursPerWeek: null, weekdays: [] };
  const ways = waysToCarry(20, [strong]);
  expect(ways.find((w) => w.way === "alone")).toMatchObject({ can: true, limitKg: 25 });
  expect(ways.find((w) => w.way === "two-level")!.can).toBe(false);
});

test("two manage together what the team rule and the general limit allow, the same wherever it is asked", () => {
  const strong = { liftKg: 50 };
  expect(soloLimitKg(strong)).toBe(25);
  expect(pairLimitKg(strong, strong)).toBe(33);
  expect(pairLimitKg({ liftKg: 15 }, { liftKg: 18 })).toBeCloseTo(22, 9);
});

describe("what a tree weighs as it stands", () => {
  const lot = aLot({ known: "measured", vessel: { shape: "cylinder", topWidthMm: 300, heightMm: 300 } });
  const tree = aTree({ trunkMm: 30, heightM: 1.5 });
  const weigh = (measured: boolean) => {
    const events = [
      anEvent(
        "2024-01-01",
        { kind: "arrived", form: "container", lastPotted: null },
        { potLotId: lot.id, treeId: tree.id },
      ),
      anEvent(
        "2025-04-01",
        {
          kind: "potted",
          correction: "none",
          retainedShare: null,
          mix: "pine-bark",
          mixName: "bark",
          mixL: 18,
          fillHeightMm: 260,
          bottomLayerMm: 0,
          wetMassKg: 16.4,
          ...(measured ? { measured: ["mass" as const] } : {}),
        },
        { potLotId: lot.id, treeId: tree.id },
      ),
    ];
    const flat = new Float32Array(4001);
    const warmth = { startDay: toDay("2020-01-01"), observedUntil: 0, sums: { temperate: flat, warm: flat } };
    const state = replay(events, new Map([[lot.id, lot]]), profileOf(tree), warmth, toDay("2026-01-01"))!;
    return massNow(state, tree, toDay("2026-01-01"))!;
  };
  test("computed from pot, mix and tree; dried it weighs less; a scale beats the computation", () => {
    const computed = weigh(false);
    expect(computed.weighed).toBe(false);
    expect(computed.dryKg).toBeLessThan(computed.wetKg);
    expect(computed.wetKg).toBeGreaterThan(10);
    expect(weigh(true)).toMatchObject({ wetKg: 16.4, weighed: true, guessed: false });
  });
});
