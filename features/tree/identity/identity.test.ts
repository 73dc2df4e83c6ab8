import { randomUUID } from "node:crypto";
import { hasTestDatabase } from "@/test-support/database";
import { TestYard } from "@/test-support/yard";
import { closePools } from "@/server/pool";

const onDatabase = hasTestDatabase() ? describe : describe.skip;

onDatabase("who a tree is, and what becomes of it", () => {
  const yard = new TestYard();
  beforeAll(() => yard.found());
  afterAll(() => closePools());
  const note = (treeId: string, text: string) => yard.ok("add-note", { treeId, on: "2026-05-01", text });

  test("a tag is changed, lost and found; two living trees never share one, a dead one frees it", async () => {
    const [a, b] = [await yard.tree("A-1"), await yard.tree("A-2")];
    expect(await yard.fault("describe-tree", { treeId: b, changes: { tag: "a-1" } }, "changes.tag")).toBe("tag-taken");
    await yard.ok("describe-tree", { treeId: a, changes: { tag: null } });
    expect(await yard.record(a)).toMatchObject({ tag: "A-1", tagLost: true });
    // A lost tag may hang on another tree.
    await yard.ok("describe-tree", { treeId: b, changes: { tag: "A-1" } });
    await yard.ok("end-tree", {
      treeId: b,
      on: "2026-05-02",
      how: "died",
      count: 1,
      cause: "frost",
      potLeaves: false,
      note: "",
    });
    expect((await yard.tree("A-1")).length).toBe(36);
  });

  test("a rootstock learned years later changes the pace for all days; undo forgets it again", async () => {
    const a = await yard.tree("B-1");
    const before = (await yard.state(a)).fill.p50;
    const done = await yard.ok("describe-tree", {
      treeId: a,
      changes: { rootstock: "quince C", stockPace: "very-dwarfing" },
    });
    expect((await yard.state(a)).fill.p50).toBeLessThan(before);
    await yard.ok("undo-entry", { entryId: done.entryId });
    expect((await yard.state(a)).fill.p50).toBeCloseTo(before, 9);
    expect(await yard.fault("describe-tree", { treeId: a, changes: { motherId: a } }, "changes.motherId")).toBe(
      "own-mother",
    );
  });

  test("a tree that died leaves the Yard, its pot comes back, its history stays; it cannot die twice", async () => {
    const a = await yard.tree("C-1");
    const free = await yard.free();
    const death = {
      treeId: a,
      on: "2026-02-10",
      how: "died",
      count: 1,
      cause: "frost",
      potLeaves: false,
      note: "open roof",
    };
    await yard.ok("end-tree", death);
    expect(await yard.plants(a)).toBe(0);
    expect(await yard.plants(a, "2026-02-09")).toBe(1);
    expect(await yard.free()).toBe(free + 1);
    expect(await yard.kinds(a)).toEqual(["arrived", "ended"]);
    expect(await yard.fault("end-tree", death, "how")).toBe("left-already");
  });

  test("a batch loses some, sells some with their pots, and gives one its own name with its past", async () => {
    const batch = await yard.tree("D-30", { count: 30 });
    const end = (count: number, how: string, potLeaves: boolean) =>
      yard.ok("end-tree", { treeId: batch, on: "2026-01-10", how, count, cause: null, potLeaves, note: "" });
    await end(3, "died", false);
    await end(10, "sold", true);
    expect(await yard.plants(batch)).toBe(17);
    const child = randomUUID();
    const split = { treeId: batch, childId: child, tag: "D-a", count: 2, on: "2026-03-01" };
    expect(await yard.fault("split-batch", { ...split, count: 17 }, "count")).toBe("split-takes-all");
    await yard.ok("split-batch", split);
    expect([await yard.plants(batch), await yard.plants(child)]).toEqual([15, 2]);
    expect((await yard.state(child)).fill.p50).toBeCloseTo((await yard.state(batch)).fill.p50, 6);
    await yard.ok("record-roots", { treeId: batch, on: "2026-04-01", fillGrade: 4, circlingGrade: 3 });
    expect((await yard.state(child)).fill.p50).not.toBeCloseTo((await yard.state(batch)).fill.p50, 3);
  });

  test("recorded on the wrong tree: the event moves with its day, and undo moves it back", async () => {
    const [a, b] = [await yard.tree("E-1"), await yard.tree("E-2")];
    await yard.ok("record-roots", { treeId: a, on: "2026-03-01", fillGrade: 4, circlingGrade: 2 });
    const event = (await yard.events(a)).find((e) => e.payload.kind === "roots-read")!;
    const done = await yard.ok("reassign-event", { eventId: event.id, toTreeId: b });
    expect(await yard.kinds(a)).toEqual(["arrived"]);
    expect((await yard.events(b)).at(-1)).toMatchObject({ on: { best: "2026-03-01" }, payload: { fillGrade: 4 } });
    await yard.ok("undo-entry", { entryId: done.entryId });
    expect(await yard.kinds(a)).toEqual(["arrived", "roots-read"]);
    expect(await yard.kinds(b)).toEqual(["arrived"]);
    const arrival = (await yard.events(a))[0];
    expect(await yard.fault("reassign-event", { eventId: arrival.id, toTreeId: b }, "eventId")).toBe(
      "event-not-movable",
    );
    const late = await yard.tree("E-3", { arrivedOn: "2026-05-01" });
    expect(await yard.fault("reassign-event", { eventId: event.id, toTreeId: late }, "toTreeId")).toBe(
      "before-arrival",
    );
  });

  test("one tree entered twice: the second's history counts for the first, the earlier arrival opens it", async () => {
    const keep = await yard.tree("F-1", { arrivedOn: "2025-06-01" });
    const twin = await yard.tree("F-1b", { arrivedOn: "2024-03-01" });
    await note(twin, "of the twin");
    await yard.ok("record-roots", { treeId: twin, on: "2025-01-01", fillGrade: 3, circlingGrade: 0 });
    const free = await yard.free();
    const merged = await yard.ok("merge-trees", { keepId: keep, dropId: twin });
    const kept = await yard.events(keep);
    expect(kept.map((e) => e.payload.kind)).toEqual(["arrived", "roots-read", "potted", "noted"]);
    expect(kept[0].on.best).toBe("2024-03-01");
    expect([await yard.plants(keep), await yard.plants(twin)]).toEqual([1, 0]);
    // The pot the twin came with is the one it stood in until its own: it is not lost.
    expect(await yard.free()).toBe(free + 1);
    await yard.ok("undo-entry", { entryId: merged.entryId });
    expect([await yard.plants(keep), await yard.plants(twin)]).toEqual([1, 1]);
    expect(await yard.kinds(keep)).toEqual(["arrived"]);
  });

  test("a later twin brings no pot of its own", async () => {
    const keep = await yard.tree("G-1", { arrivedOn: "2024-06-01" });
    const twin = await yard.tree("G-1b", { arrivedOn: "2025-03-01" });
    const free = await yard.free();
    await yard.ok("merge-trees", { keepId: keep, dropId: twin });
    expect(await yard.kinds(keep)).toEqual(["arrived"]);
    expect(await yard.free()).toBe(free);
  });

  test("several plants in a pot share its mix; one that leaves or dies gives its share back", async () => {
    const [a, b, c] = [await yard.tree("H-1"), await yard.tree("H-2"), await yard.tree("H-3")];
    const whole = (await yard.state(a)).volumeL.p50;
    const free = await yard.free();
    await yard.ok("join-pot", { treeId: a, withIds: [b, c], on: "2025-05-01" });
    expect(await yard.free()).toBe(free + 2);
    for (const id of [a, b, c]) expect((await yard.state(id)).volumeL.p50).toBeCloseTo(whole / 3, 6);
    await yard.ok("end-tree", {
      treeId: c,
      on: "2025-09-01",
      how: "died",
      count: 1,
      cause: "drought",
      potLeaves: false,
      note: "",
    });
    expect((await yard.state(a)).volumeL.p50).toBeCloseTo(whole / 2, 6);
    const lotId = randomUUID();
    await yard.ok("stock-pots", {
      lotId,
      name: "Own",
      count: 1,
      price: null,
      on: "2020-01-01",
      pot: { known: "measured", vessel: { shape: "cylinder", topWidthMm: 260, heightMm: 260 } },
    });
    await yard.ok("record-potting", {
      treeId: b,
      on: "2026-03-20",
      potLotId: lotId,
      mix: "pine-bark",
      correction: "split",
      retainedShare: null,
      crownMm: 0,
      bottomLayerMm: 0,
    });
    expect((await yard.state(a)).volumeL.p50).toBeCloseTo(whole, 6);
    expect(await yard.state(a)).toMatchObject({ share: 1, together: [a] });
    const many = await yard.tree("H-9", { count: 3 });
    expect(await yard.fault("join-pot", { treeId: a, withIds: [many], on: "2026-04-01" }, "withIds")).toBe(
      "batch-in-shared-pot",
    );
  });
});
