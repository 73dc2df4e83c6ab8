import fc from "fast-check";
import { countingOf, counts } from "./counting";
import type { EventPayload, LoggedEvent } from "./event";

const entry = (id: string, seq: number, voidsEntryId: string | null = null) => ({ id, seq, voidsEntryId });
const event = (id: string, entryId: string, payload: EventPayload): LoggedEvent => ({
  id,
  entryId,
  seq: 0,
  ord: 0,
  recordedAt: "",
  treeId: null,
  potLotId: null,
  on: { best: "2026-01-01", from: "2026-01-01", to: "2026-01-01" },
  payload,
});

test("a void, its void and so on: the latest word counts", () => {
  const list = [entry("a", 1), entry("u", 2, "a"), entry("r", 3, "u"), entry("u2", 4, "r")];
  const voidedAfter = (n: number) => [...countingOf(list.slice(0, n), []).voided].sort();
  expect(voidedAfter(1)).toEqual([]);
  expect(voidedAfter(2)).toEqual(["a"]);
  expect(voidedAfter(3)).toEqual(["u"]);
  expect(voidedAfter(4)).toEqual(["a", "r"]);
});

test("several entries are taken back by one, and come back together", () => {
  const entries = [entry("a", 1), entry("b", 2), entry("both", 3)];
  const events = [event("v", "both", { kind: "voided", entryIds: ["a", "b"] })];
  expect([...countingOf(entries, events).voided].sort()).toEqual(["a", "b"]);
  const back = [...entries, entry("redo", 4, "both")];
  expect([...countingOf(back, events).voided]).toEqual(["both"]);
});

test("a corrected event stops counting until its correction is undone", () => {
  const old = event("e1", "a", { kind: "noted", text: "old" });
  const fresh = event("e2", "c", { kind: "noted", text: "new" });
  const events = [old, fresh, event("w", "c", { kind: "withdrawn", eventIds: ["e1"] })];
  const entries = [entry("a", 1), entry("c", 2)];
  const corrected = countingOf(entries, events);
  expect([counts(corrected, old), counts(corrected, fresh)]).toEqual([false, true]);
  expect(corrected.withdrawnBy.get("e1")).toBe("c");
  const undone = countingOf([...entries, entry("u", 3, "c")], events);
  expect([counts(undone, old), counts(undone, fresh)]).toEqual([true, false]);
});

test("an entry and its undo never count both, however long the chain", () => {
  fc.assert(
    fc.property(fc.array(fc.nat(20), { maxLength: 30 }), (targets) => {
      const list = targets.map((t, i) => entry(`e${i}`, i, i === 0 ? null : `e${t % i}`));
      const { voided } = countingOf(list, []);
      for (const e of list)
        if (e.voidsEntryId !== null && !voided.has(e.id)) expect(voided.has(e.voidsEntryId)).toBe(true);
    }),
  );
});
