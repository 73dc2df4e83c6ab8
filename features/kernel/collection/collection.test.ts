import { gunzipSync } from "node:zlib";
import { findCollection } from "@/data/collections";
import { closePools, pool } from "@/server/pool";
import { TestYard } from "@/test-support/yard";
import { bundleOf } from "./bundle";
import { openYard } from "@/model/index";
import { loadRecords, loadWithout, rebuildTracks, viewCollection } from "./load";
import { finishTracks, takeKeptTracks, tracksAreKept } from "./tracks";

afterAll(() => closePools());

const yard = new TestYard();
let treeId = "";
beforeAll(async () => {
  await yard.found();
  treeId = await yard.tree("C-1", { kindId: "fig" });
});
const collection = async () => (await findCollection(pool(), yard.id))!;

test("records are read once a revision; a write shows at once", async () => {
  const first = await loadRecords(pool(), await collection());
  expect(await loadRecords(pool(), await collection())).toBe(first);
  await yard.ok("add-note", { treeId, on: "2026-05-01", text: "Leaves small." });
  const second = await loadRecords(pool(), await collection());
  expect(second).not.toBe(first);
  expect(second.log.length).toBe(first.log.length + 1);
  // The older picture stays as it was for who still reads it.
  expect(first.log.some((e) => e.payload.kind === "noted")).toBe(false);
});

test("the records as if something had never been recorded", async () => {
  const { loaded } = await yard.view();
  const noted = loaded.log.find((e) => e.payload.kind === "noted")!;
  const without = await loadWithout(pool(), await collection(), new Set([noted.id]));
  expect(without.indexed.records.events.map((e) => e.id)).not.toContain(noted.id);
  expect((await yard.events(treeId)).map((e) => e.id)).toContain(noted.id);
});

test("a view answers the same object for the weather as long as neither records nor weather change", async () => {
  const [a, b] = [await yard.view(), await yard.view()];
  expect(b.yard).toBe(a.yard);
  expect(b.yard.on("2026-05-01").states).toBe(a.yard.on("2026-05-01").states);
  await yard.ok("add-note", { treeId, on: "2026-05-02", text: "Better." });
  const c = await yard.view();
  expect(c.yard).not.toBe(a.yard);
  expect(c.yard.site).toBe(a.yard.site);
  expect(await viewCollection("00000000-0000-4000-8000-000000000000")).toBeNull();
});

test("kept tracks are those that would be computed anew", async () => {
  await yard.view();
  await rebuildTracks(pool(), await collection());
  expect(await rebuildTracks(pool(), await collection())).toBe(true);
});

test("tracks are made when they are asked for; what is left is made later, and all are kept for the next start", async () => {
  const { yard: opened, weather, loaded, today } = await yard.view();
  const scope = { collectionId: yard.id };
  // A weather that nothing has been computed of, as after a start.
  const anew = () => openYard({ records: loaded.indexed, risk: 0.07 }, { ...weather }, { today });
  const [first, second, third] = [anew(), anew(), anew()];
  expect([first.hasTracks, tracksAreKept(scope, first)]).toEqual([false, false]);
  void first.on(today).states;
  expect(tracksAreKept(scope, first)).toBe(false);
  await Promise.all([finishTracks(pool(), scope, first), finishTracks(pool(), scope, first)]);
  expect([first.hasTracks, tracksAreKept(scope, first)]).toEqual([true, true]);
  await takeKeptTracks(pool(), scope, second);
  expect(second.hasTracks).toBe(true);
  expect(second.on(today).states).toEqual(first.on(today).states);
  // Without what was kept it says the same.
  expect(third.hasTracks).toBe(false);
  expect(third.on(today).states).toEqual(first.on(today).states);
  expect(opened.hasTracks).toBe(true);
});

test("the browser's bundle: whole once, nothing while unchanged, whole again after a write", async () => {
  const whole = await bundleOf(yard.id, null);
  expect(whole.status).toBe(200);
  const etag = whole.headers.get("etag")!;
  const text = gunzipSync(Buffer.from(await whole.arrayBuffer())).toString();
  expect(text).toContain(treeId);
  expect((await bundleOf(yard.id, etag)).status).toBe(304);
  await yard.ok("add-note", { treeId, on: "2026-05-03", text: "Again." });
  const fresh = await bundleOf(yard.id, etag);
  expect(fresh.status).toBe(200);
  expect(fresh.headers.get("etag")).not.toBe(etag);
  expect((await bundleOf("nonsense", null)).status).toBe(404);
  expect((await bundleOf("00000000-0000-4000-8000-000000000000", null)).status).toBe(404);
});
