import { closePools } from "@/server/pool";
import { TestYard } from "@/test-support/yard";
import { datesToday, movedSince } from "./since";

afterAll(() => closePools());

/** Potted this spring into fresh mix: due in the midst of the next season, whatever the weather of this yard's own seed; a look that finds it fuller moves that to this one. */
const FRESH = {
  kindId: "apple",
  arrivedOn: "2024-03-01",
  lastPotted: { best: "2026-03-01", from: "2026-03-01", to: "2026-03-01" },
  pot: { known: "measured", vessel: { shape: "cylinder", topWidthMm: 270, heightMm: 270 } },
};
const FULLER = { on: "2026-05-10", fillGrade: 2, circlingGrade: 0 };

const moved = async (yard: TestYard) => movedSince(await yard.view());

test("before anyone has looked there is nothing to compare with; right after a look nothing has moved", async () => {
  const yard = new TestYard();
  await yard.found();
  await yard.tree("L-1", { kindId: "fig" });
  expect(await moved(yard)).toEqual({ lookedOn: null, moves: [] });
  await yard.ok("mark-seen", {});
  expect(await moved(yard)).toEqual({ lookedOn: yard.today, moves: [] });
});

test("a look at the roots that moves a date is named as the cause, on that tree alone", async () => {
  const yard = new TestYard();
  await yard.found();
  const treeId = await yard.tree("L-2", FRESH);
  // Of another kind: trees of one kind learn from each other.
  await yard.tree("L-3", { ...FRESH, kindId: "pear" });
  await yard.ok("mark-seen", {});
  await yard.ok("record-roots", { treeId, ...FULLER });
  const { moves } = await moved(yard);
  expect(moves.length).toBeGreaterThan(0);
  expect(new Set(moves.map((m) => m.tag))).toEqual(new Set(["L-2"]));
  expect(new Set(moves.map((m) => m.cause))).toEqual(new Set(["check"]));
  // Seen: from here on these are the dates.
  await yard.ok("mark-seen", {});
  expect((await moved(yard)).moves).toEqual([]);
});

test("what is taken back moves a date as a correction does", async () => {
  const yard = new TestYard();
  await yard.found();
  const treeId = await yard.tree("L-4", FRESH);
  const looked = await yard.ok("record-roots", { treeId, ...FULLER });
  await yard.ok("mark-seen", {});
  await yard.ok("undo-entry", { entryId: looked.entryId });
  const { moves } = await moved(yard);
  expect(moves.length).toBeGreaterThan(0);
  expect(new Set(moves.map((m) => m.cause))).toEqual(new Set(["correction"]));
});

test("dates of today are kept by tree", async () => {
  const yard = new TestYard();
  await yard.found();
  const treeId = await yard.tree("L-5");
  expect(Object.keys(datesToday(await yard.view()))).toEqual([treeId]);
});
