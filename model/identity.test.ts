import { toDay } from "@/core/dates/index";
import { aLot, anEvent, aTree } from "@/test-support/records";
import { indexRecords, storeAt } from "@/core/records/index";
import { endOf, plantsOn } from "@/core/records/presence";
import type { CollectionRecords } from "@/core/records/records";
import { resolveRecords } from "@/core/records/resolve";

const litres = (n: number) => ({ known: "about" as const, litres: n, wall: "smooth-plastic" as const });
const arrived = { kind: "arrived" as const, form: "container" as const, lastPotted: null };
const index = (records: CollectionRecords) => indexRecords(resolveRecords(records));

test("the newest word about a tree counts for all days; what it does not name stays", () => {
  const tree = aTree({ cultivar: "Old", rootstock: null });
  const about = { treeId: tree.id };
  const events = [
    anEvent("2024-05-01", arrived, about),
    anEvent("2026-05-01", { kind: "described", changes: { rootstock: "quince", cultivar: "New" } }, about),
    anEvent("2025-05-01", { kind: "described", changes: { cultivar: "Newest", tag: "T-9" } }, about),
  ];
  const [resolved] = resolveRecords({ trees: [tree], lots: [], events }).trees;
  expect(resolved).toMatchObject({ tag: "T-9", cultivar: "Newest", rootstock: "quince", purpose: "crop" });
  // The rows themselves are not touched.
  expect(tree.tag).toBe("T-1");
});

test("a lost tag keeps its last name, a found one gets its new one", () => {
  const tree = aTree({ tag: "KQ-3" });
  const lost = anEvent("2025-01-01", { kind: "described", changes: { tag: null } }, { treeId: tree.id });
  const found = anEvent("2025-02-01", { kind: "described", changes: { tag: "KQ-3b" } }, { treeId: tree.id });
  const at = (events: CollectionRecords["events"]) => resolveRecords({ trees: [tree], lots: [], events }).trees[0];
  expect(at([lost])).toMatchObject({ tag: "KQ-3", tagLost: true });
  expect(at([lost, found])).toMatchObject({ tag: "KQ-3b", tagLost: false });
});

test("a measured pot is that pot for all the days it was used", () => {
  const lot = aLot(litres(10));
  const pot = {
    known: "outside" as const,
    shape: "round" as const,
    wall: "glazed" as const,
    outerWidthMm: 300,
    outerHeightMm: 280,
  };
  const event = anEvent("2026-03-01", { kind: "measured", pot }, { potLotId: lot.id });
  expect(resolveRecords({ trees: [], lots: [lot], events: [event] }).lots[0].pot).toEqual(pot);
});

test("plants of a batch are counted down by splits and endings, day by day", () => {
  const batch = aTree({ tag: "Q", count: 30 });
  const child = aTree({ tag: "Q-a", count: 5 });
  const lot = aLot(litres(3));
  const b = { treeId: batch.id, potLotId: lot.id };
  const ended = (count: number) => ({
    kind: "ended" as const,
    how: "died" as const,
    count,
    cause: "frost" as const,
    potLeaves: false,
    note: "",
  });
  const events = [
    anEvent("2024-05-01", { kind: "stocked", count: 40 }, { potLotId: lot.id }),
    anEvent("2024-05-01", arrived, b),
    anEvent("2025-01-10", ended(4), { treeId: batch.id }),
    anEvent("2025-06-01", { kind: "split-off", count: 5, childId: child.id }, { treeId: batch.id }),
    anEvent("2025-06-01", { kind: "split-from", parentId: batch.id }, { treeId: child.id }),
    anEvent("2026-02-01", { kind: "roots-read", fillGrade: 3, circlingGrade: 0 }, { treeId: batch.id }),
    anEvent("2026-03-01", ended(21), { treeId: batch.id }),
  ];
  const indexed = index({ trees: [batch, child], lots: [lot], events });
  const plants = (id: string, on: string) => plantsOn(indexed.presence.get(id)!, toDay(on));
  expect(
    ["2024-04-30", "2024-05-01", "2025-02-01", "2025-07-01", "2026-03-02"].map((d) => plants(batch.id, d)),
  ).toEqual([0, 30, 26, 21, 0]);
  expect(["2025-05-31", "2025-06-01", "2026-03-02"].map((d) => plants(child.id, d))).toEqual([0, 5, 5]);
  expect(endOf(indexed.presence.get(batch.id)!)?.ended.cause).toBe("frost");
  expect(endOf(indexed.presence.get(child.id)!)).toBeNull();
  // The child begins with the batch's past, and shares nothing that came after it went its own way.
  expect(indexed.eventsByTree.get(child.id)!.map((e) => e.payload.kind)).toEqual([
    "arrived",
    "ended",
    "split-off",
    "split-from",
  ]);
  const free = (on: string) => storeAt(indexed, toDay(on))[0].free;
  expect([free("2024-05-02"), free("2025-02-01"), free("2025-07-01"), free("2026-03-02")]).toEqual([10, 14, 14, 35]);
});

test("a pot that leaves with its tree, or is thrown out, is in the store no more; a shared one counts once", () => {
  const [a, b] = [aTree({ tag: "A" }), aTree({ tag: "B" })];
  const lot = aLot(litres(10));
  const together = [a.id, b.id];
  const joined = { kind: "joined" as const, share: 0.5, together, correction: "none" as const };
  const events = [
    anEvent("2024-01-01", { kind: "stocked", count: 3 }, { potLotId: lot.id }),
    anEvent("2024-05-01", arrived, { treeId: a.id, potLotId: lot.id }),
    anEvent("2024-05-01", arrived, { treeId: b.id, potLotId: lot.id }),
    anEvent("2024-07-01", joined, { treeId: a.id, potLotId: lot.id }),
    anEvent("2024-07-01", joined, { treeId: b.id, potLotId: lot.id }),
    anEvent("2024-08-01", { kind: "discarded", count: 1 }, { potLotId: lot.id }),
    anEvent(
      "2024-09-01",
      { kind: "ended", how: "sold", count: 1, cause: null, potLeaves: true, note: "" },
      { treeId: a.id },
    ),
  ];
  const indexed = index({ trees: [a, b], lots: [lot], events });
  const free = (on: string) => storeAt(indexed, toDay(on))[0].free;
  expect([free("2024-04-01"), free("2024-06-01"), free("2024-07-02"), free("2024-08-02")]).toEqual([3, 1, 2, 1]);
});
