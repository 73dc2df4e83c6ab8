import { closePools } from "@/server/pool";
import { TestYard } from "@/test-support/yard";
import { datesToday, movedSince } from "./since";

afterAll(() => closePools());

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
  const treeId = await yard.tree("L-2", { kindId: "fig", arrivedOn: "2026-04-01" });
  await yard.tree("L-3", { kindId: "fig", arrivedOn: "2026-04-01" });
  await yard.ok("mark-seen", {});
  await yard.ok("record-roots", { treeId, on: "2026-05-10", fillGrade: 1, circlingGrade: 0 });
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
  const treeId = await yard.tree("L-4", { kindId: "fig", arrivedOn: "2026-04-01" });
  const looked = await yard.ok("record-roots", { treeId, on: "2026-05-10", fillGrade: 1, circlingGrade: 0 });
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
