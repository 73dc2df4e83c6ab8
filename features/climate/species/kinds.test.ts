import { randomUUID } from "node:crypto";
import { closePools } from "@/server/pool";
import { profileOf } from "@/core/species/index";
import { TestYard } from "@/test-support/yard";

afterAll(() => closePools());

async function yardWith(...tags: string[]) {
  const yard = new TestYard();
  await yard.found();
  const ids = [];
  for (const tag of tags) ids.push(await yard.tree(tag, { kindId: "fig", cultivar: tag === "FG-2" ? "Brown" : null }));
  return { yard, ids };
}
const say = (more: Record<string, unknown>) => ({ kindId: "fig", cultivar: null, treeId: null, values: {}, ...more });
const tender = async (yard: TestYard, id: string) => {
  const { loaded } = await yard.view();
  return profileOf(loaded.trees.find((t) => t.id === id)!);
};

test("a collection's own word changes the models of its trees, a sort's and a tree's go before it, and all can be taken back", async () => {
  const { yard, ids } = await yardWith("FG-1", "FG-2");
  const library = profileOf({ kindId: "fig", typedName: null, habit: null });
  const said = await yard.ok("say-kind", say({ values: { crownC: -15, rootShare: 0.2 } }));
  expect((await tender(yard, ids[0])).values).toMatchObject({ crownC: -15, rootShare: 0.2 });
  await yard.ok("say-kind", say({ cultivar: "brown", values: { crownC: -18 } }));
  await yard.ok("say-kind", say({ treeId: ids[0], values: { crownC: -9 } }));
  expect((await tender(yard, ids[0])).values.crownC).toBe(-9);
  expect((await tender(yard, ids[1])).values).toMatchObject({ crownC: -18, rootShare: 0.2 });
  // One more field keeps the others; a field given back is the library's again.
  await yard.ok("say-kind", say({ values: { water: "dry-between" }, back: ["crownC"] }));
  const other = await yard.tree("FG-3", { kindId: "fig" });
  expect((await tender(yard, other)).values).toMatchObject({
    water: "dry-between",
    rootShare: 0.2,
    crownC: library.values.crownC,
  });
  // Undone, the first word counts no more, later ones still do.
  await yard.ok("undo-entry", { entryId: said.entryId });
  expect((await tender(yard, other)).values.water).toBe("dry-between");
});

test("values that cannot be are refused at their field, and nothing is written", async () => {
  const { yard, ids } = await yardWith("FG-1");
  expect(await yard.fault("say-kind", say({ values: { rootShare: 0.9 } }), "values.rootShare")).toBe(
    "root-loss-above-any-tree",
  );
  expect(await yard.fault("say-kind", say({ values: { rootKillYoungC: -9 } }), "values.rootKillYoungC")).toBe(
    "young-roots-hardier",
  );
  expect(await yard.fault("say-kind", say({ values: { ph: [7, 5] } }), "values.ph")).toBe("lower-first");
  expect(await yard.fault("say-kind", say({ kindId: "triffid" }), "kindId")).toBe("kind-unknown");
  const apple = await yard.tree("AP-1", { kindId: "apple" });
  expect(await yard.fault("say-kind", say({ treeId: apple }), "treeId")).toBe("of-another-kind");
  expect((await tender(yard, ids[0])).key).toBe("fig");
});

test("a place described anew moves the windows of the trees there; a move moves the tree's own", async () => {
  const { yard, ids } = await yardWith("FG-1");
  const placeId = randomUUID();
  await yard.ok("add-place", { placeId, name: "Shed", kind: "unheated" });
  await yard.ok("place-trees", { treeIds: ids, placeId, on: "2023-06-01" });
  const window = async () => {
    return (await yard.view()).yard.tree(ids[0])!.on(yard.today)!.tracks.window;
  };
  const cold = await window();
  expect(await yard.fault("describe-place", { placeId }, "kind")).toBe("nothing-new");
  await yard.ok("describe-place", { placeId, kind: "heated", name: "Warm shed" });
  const warm = await window();
  expect(warm.suitability).not.toEqual(cold.suitability);
  expect((await yard.view()).loaded.places[0]).toMatchObject({ name: "Warm shed", kind: "heated" });
  const second = randomUUID();
  await yard.ok("add-place", { placeId: second, name: "Wall", kind: "sheltered" });
  expect(await yard.fault("describe-place", { placeId: second, name: "warm SHED" }, "name")).toBe("place-name-taken");
  await yard.ok("place-trees", { treeIds: ids, placeId: second, on: "2026-05-01" });
  expect((await window()).suitability).not.toEqual(warm.suitability);
});

test("health, ground, sets and prunings are recorded on their day, and refused before it", async () => {
  const { yard, ids } = await yardWith("FG-1", "FG-2");
  const [treeId] = ids;
  expect(await yard.fault("record-health", { treeId, on: "2022-01-01", state: "weak" }, "on")).toBe("before-arrival");
  expect(await yard.fault("record-anchored", { treeId, on: "2030-01-01", anchored: true }, "on")).toBe("future-day");
  await yard.ok("record-health", { treeId, on: yard.today, state: "weak" });
  await yard.ok("record-anchored", { treeId, on: yard.today, anchored: true });
  const set = await yard.ok("match-trees", { treeIds: ids, set: "gate" });
  expect((await yard.view()).loaded.trees.map((t) => t.set)).toEqual(["gate", "gate"]);
  await yard.ok("undo-entry", { entryId: set.entryId });
  expect((await yard.view()).loaded.trees.map((t) => t.set ?? null)).toEqual([null, null]);
  expect(await yard.fault("record-pruning", { treeId, on: yard.today, how: "hard", crownShare: 3 }, "crownShare")).toBe(
    "too-big",
  );
  await yard.ok("record-pruning", { treeId, on: yard.today, how: "hard", crownShare: 0.3, purpose: "size" });
});

test("a reason is kept beside the value it was said with, goes with it, and a field said anew has the new one or none", async () => {
  const { yard, ids } = await yardWith("FG-1");
  const last = async () => {
    const { loaded } = await yard.view();
    const said = loaded.indexed.records.events.filter((e) => e.payload.kind === "kind-said");
    return said.sort((a, b) => a.seq - b.seq).at(-1)!.payload;
  };
  await yard.ok(
    "say-kind",
    say({ treeId: ids[0], values: { crownC: -9 }, reasons: { crownC: "lost its tips at -10" } }),
  );
  await yard.ok(
    "say-kind",
    say({ treeId: ids[0], values: { rootShare: 0.2 }, reasons: { rootShare: "washed twice" } }),
  );
  expect(await last()).toMatchObject({
    values: { crownC: -9, rootShare: 0.2 },
    reasons: { crownC: "lost its tips at -10", rootShare: "washed twice" },
  });
  await yard.ok("say-kind", say({ treeId: ids[0], values: { crownC: -8 } }));
  expect(await last()).toMatchObject({ reasons: { rootShare: "washed twice" } });
  await yard.ok("say-kind", say({ treeId: ids[0], back: ["rootShare"] }));
  expect(await last()).toEqual({ kind: "kind-said", kindId: "fig", cultivar: null, values: { crownC: -8 } });
  const refused = await yard.send(
    "say-kind",
    say({ treeId: ids[0], values: { crownC: -8 }, reasons: { crownC: " " } }),
  );
  expect(refused).toMatchObject({ ok: false, faults: [{ path: "reasons.crownC" }] });
});
