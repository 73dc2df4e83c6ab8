import { closePools } from "@/server/pool";
import { TestYard } from "@/test-support/yard";

afterAll(() => closePools());

const round = (mm: number) => ({ known: "measured", vessel: { shape: "cylinder", topWidthMm: mm, heightMm: mm } });
const nothing = { pot: null, depthToMixMm: null, trunkMm: null, heightM: null };
const measured = (treeId: string, more: Record<string, unknown>) => ({ treeId, on: "2026-05-01", ...nothing, ...more });

test("a measured pot is that pot for all the days it was used; one undo gives the old one back", async () => {
  const yard = new TestYard();
  await yard.found();
  const treeId = await yard.tree("M-1", { pot: { known: "about", litres: 5, wall: "terracotta" } });
  const before = (await yard.state(treeId)).volumeL;
  const done = await yard.ok("record-measure", measured(treeId, { pot: round(260) }));
  const after = (await yard.state(treeId)).volumeL;
  expect(after.p50).toBeGreaterThan(1.5 * before.p50);
  expect(after.p90 - after.p10).toBeLessThan(before.p90 - before.p10);
  await yard.ok("undo-entry", { entryId: done.entryId });
  expect((await yard.state(treeId)).volumeL).toEqual(before);
});

test("a pot nobody had named becomes a record of its own, since the tree came", async () => {
  const yard = new TestYard();
  await yard.found();
  const treeId = await yard.tree("M-2", { pot: null });
  expect((await yard.view()).loaded.lots).toEqual([]);
  await yard.ok("record-measure", measured(treeId, { pot: round(200) }));
  const { lots } = (await yard.view()).loaded;
  expect(lots).toHaveLength(1);
  expect(lots[0].name).toMatch(/of M-2/);
  expect(await yard.free()).toBe(0);
  // Measured again it is the same pot.
  await yard.ok("record-measure", measured(treeId, { pot: round(210) }));
  expect((await yard.view()).loaded.lots).toHaveLength(1);
});

test("trunk, height and crown are the tree's, whatever pot it stands in", async () => {
  const yard = new TestYard();
  await yard.found();
  const treeId = await yard.tree("M-3");
  await yard.ok("record-measure", measured(treeId, { trunkMm: 31, heightM: 1.8, crownM: 1.1 }));
  expect(await yard.record(treeId)).toMatchObject({ trunkMm: 31, heightM: 1.8, crownM: 1.1 });
  // A later word about one of them leaves the others.
  await yard.ok("record-measure", measured(treeId, { heightM: 2 }));
  expect(await yard.record(treeId)).toMatchObject({ trunkMm: 31, heightM: 2, crownM: 1.1 });
});

test("a finger down to the mix moves the fill line; a grade felt on the way is a look at the roots", async () => {
  const yard = new TestYard();
  await yard.found();
  const treeId = await yard.tree("M-4");
  const full = (await yard.state(treeId)).volumeL.p50;
  await yard.ok("record-measure", measured(treeId, { depthToMixMm: 60 }));
  expect((await yard.state(treeId)).volumeL.p50).toBeLessThan(full);
  await yard.ok("record-measure", measured(treeId, { feel: 4 }));
  expect((await yard.kinds(treeId)).filter((k) => k === "roots-read")).toHaveLength(1);
  expect((await yard.state(treeId)).fill.p50).toBeGreaterThan(0.6);
});

test("nothing measured, days before its arrival and days to come are refused at their fields", async () => {
  const yard = new TestYard();
  await yard.found();
  const treeId = await yard.tree("M-5");
  const at = (more: Record<string, unknown>, path: string) =>
    yard.fault("record-measure", measured(treeId, more), path);
  expect(await at({}, "pot")).toBe("measure-something");
  expect(await at({ heightM: 2, on: "2019-01-01" }, "on")).toBe("before-arrival");
  expect(await at({ heightM: 2, on: "2027-01-01" }, "on")).toBe("future-day");
  expect(await at({ depthToMixMm: 2500 }, "depthToMixMm")).toBe("not-that-deep");
  expect(await at({ heightM: 2, treeId: "00000000-0000-4000-8000-000000000000" }, "treeId")).toBeDefined();
  expect(await yard.kinds(treeId)).toEqual(["arrived"]);
});
