import { aLot, anEvent, aTree } from "@/test-support/records";
import { toDay } from "../dates/index";
import type { DeathCause } from "../event/index";
import { freeOf, indexRecords, storeAt } from "./index";

const pot = { known: "about", litres: 10, wall: "smooth-plastic" } as const;

test("pots on a day: stocked and thrown away, stood in, shared, sold with their tree or left behind", () => {
  const lot = aLot(pot, "Grey");
  const tree = aTree({ count: 3 });
  const arrived = anEvent(
    "2026-01-10",
    { kind: "arrived", form: "container", lastPotted: null },
    { treeId: tree.id, potLotId: lot.id },
  );
  const ended = (potLeaves: boolean) =>
    anEvent(
      "2026-03-01",
      { kind: "ended", how: "sold", count: 2, cause: null, potLeaves, note: "" },
      { treeId: tree.id },
    );
  const free = (events: ReturnType<typeof anEvent>[], on: string) => {
    const indexed = indexRecords({
      trees: [tree],
      lots: [lot],
      places: [],
      events: [anEvent("2026-01-01", { kind: "stocked", count: 10 }, { potLotId: lot.id }), arrived, ...events],
    });
    return freeOf(indexed, lot.id, toDay(on));
  };
  expect([free([], "2025-12-31"), free([], "2026-01-01"), free([], "2026-01-10")]).toEqual([0, 10, 7]);
  const thrown = anEvent("2026-02-01", { kind: "discarded", count: 4 }, { potLotId: lot.id });
  expect([free([thrown], "2026-01-31"), free([thrown], "2026-02-01")]).toEqual([7, 3]);
  // Two of three go: with their pots eight are owned and one stood in; without, ten and one.
  expect([free([ended(true)], "2026-03-01"), free([ended(false)], "2026-03-01")]).toEqual([7, 9]);
  const halves = anEvent(
    "2026-02-01",
    { kind: "joined", share: 0.5, together: ["11111111-1111-4111-8111-111111111111"], correction: "none" },
    { treeId: tree.id, potLotId: lot.id },
  );
  expect(free([halves], "2026-02-02")).toBe(9);
  expect(storeAt(indexRecords({ trees: [], lots: [lot], places: [], events: [] }), toDay("2026-01-01"))).toEqual([]);
});

test("a pot in which a tree died of what another could catch, or of nobody knows what, is unclean for a year", () => {
  const lot = aLot({ known: "nominal", system: "container-class", size: "#3", wall: "smooth-plastic" });
  const tree = aTree({ count: 1 });
  const at = (how: "died" | "sold", cause: DeathCause | null, on: string, potLeaves = false) => {
    const events = [
      anEvent("2025-01-01", { kind: "stocked", count: 3 }, { potLotId: lot.id }),
      anEvent(
        "2025-01-02",
        { kind: "arrived", form: "container", lastPotted: null },
        { treeId: tree.id, potLotId: lot.id },
      ),
      anEvent("2026-01-10", { kind: "ended", how, count: 1, cause, potLeaves, note: "" }, { treeId: tree.id }),
    ];
    const [pot] = storeAt(indexRecords({ trees: [tree], lots: [lot], places: [], events }), toDay(on));
    return pot.unclean ?? false;
  };
  const causes = ["unknown", "wet-roots", "pest", "disease", "frost", "drought", "heat", "root-work", "wind", "animal"];
  expect(causes.filter((c) => at("died", c as DeathCause, "2026-02-01"))).toEqual([
    "unknown",
    "wet-roots",
    "pest",
    "disease",
  ]);
  expect([at("died", null, "2026-02-01"), at("sold", null, "2026-02-01")]).toEqual([true, false]);
  expect(at("died", "disease", "2026-02-01", true)).toBe(false);
  expect([at("died", "disease", "2027-01-10"), at("died", "disease", "2027-01-11")]).toEqual([true, false]);
});
