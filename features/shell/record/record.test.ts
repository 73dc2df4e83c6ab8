import { randomUUID } from "node:crypto";
import { closePools } from "@/server/pool";
import { recordChoices } from "@/features/shell/record/choices";
import { hasTestDatabase } from "@/test-support/database";
import { TestYard } from "@/test-support/yard";

const onDatabase = hasTestDatabase() ? describe : describe.skip;
const POT = { known: "measured", vessel: { shape: "cylinder", topWidthMm: 300, heightMm: 300 } };

onDatabase("one thing recorded of several trees", () => {
  const yard = new TestYard();
  let [a, b, batch] = ["", "", ""];
  const lotId = randomUUID();
  const on = "2026-05-10";
  beforeAll(async () => {
    await yard.found();
    a = await yard.tree("A-1", { kindId: "fig" });
    b = await yard.tree("B-1", { kindId: "fig" });
    batch = await yard.tree("C-1", { kindId: "fig", count: 12 });
    await yard.ok("stock-pots", { lotId, name: "Thirties", pot: POT, count: 3, price: 4 });
  });
  afterAll(() => closePools());
  const record = (treeIds: string[], what: Record<string, unknown>) => ({ treeIds, what });

  test.each([
    [{ kind: "note", on, text: "leaning" }, "noted", { text: "leaning" }],
    [
      { kind: "pruned", on, how: "light", crownShare: 0.2, purpose: "light" },
      "pruned",
      { how: "light", crownShare: 0.2 },
    ],
    [{ kind: "roots-read", on, fillGrade: 3, circlingGrade: null, by: "look" }, "roots-read", { fillGrade: 3 }],
    [{ kind: "health", on, state: "weak" }, "health", { state: "weak" }],
    [{ kind: "potted", on, potLotId: lotId, mix: "pine-bark", correction: "none" }, "potted", { correction: "none" }],
  ])("%j stands in the log of each and goes back as one", async (what, kind, payload) => {
    const before = [await yard.kinds(a), await yard.kinds(b)];
    const done = await yard.ok("record-for-trees", record([a, b, a], what));
    expect(done.result).toEqual({ trees: 2 });
    for (const [i, id] of [a, b].entries()) {
      const events = await yard.events(id);
      expect(events.map((e) => e.payload.kind).sort()).toEqual([...before[i], kind].sort());
      expect(events.find((e) => e.entryId === done.entryId)!.payload).toMatchObject(payload);
    }
    await yard.ok("undo-entry", { entryId: done.entryId });
    expect([await yard.kinds(a), await yard.kinds(b)]).toEqual(before);
  });

  test("all plants of a batch leave, and what has left is told so with its tag and nothing is kept", async () => {
    const ended = { kind: "ended", on, how: "sold", cause: null, potLeaves: true, note: "" };
    const gone = await yard.ok("record-for-trees", record([batch], ended));
    expect(await yard.plants(batch)).toBe(0);
    const answer = await yard.send("record-for-trees", record([a, batch], ended));
    expect(answer).toMatchObject({
      ok: false,
      faults: [
        { path: "treeIds", code: "one-of-them", figures: { tag: "C-1" } },
        { path: "what.how", code: "left-already" },
      ],
    });
    expect(await yard.plants(a)).toBe(1);
    await yard.ok("undo-entry", { entryId: gone.entryId });
    expect(await yard.plants(batch)).toBe(12);
  });

  test("pots must do for all of them", async () => {
    const potted = { kind: "potted", on, potLotId: lotId, mix: "pine-bark", correction: "none" };
    const answer = await yard.send("record-for-trees", record([a, b, batch], potted));
    expect(answer).toMatchObject({
      faults: [{ path: "what.potLotId", code: "too-few-pots-free", figures: { plants: 14, free: 3 } }],
    });
    expect(await yard.fault("record-for-trees", record([a, b], { ...potted, mix: "reclaimed:x" }), "what.mix")).toBe(
      "mix-gone",
    );
    expect(await yard.kinds(a)).not.toContain("potted");
  });

  test.each([
    [{ kind: "note", on, text: " " }, "what.text", "write-something"],
    [{ kind: "note", on: "2026-05-16", text: "x" }, "what.on", "future-day"],
    [{ kind: "pruned", on: "2023-03-31", how: "hard", crownShare: null, purpose: null }, "what.on", "before-arrival"],
    [{ kind: "roots-read", on, fillGrade: null, circlingGrade: null, by: "look" }, "what.fillGrade", "roots-unseen"],
    [{ kind: "potted", on, potLotId: randomUUID(), mix: "pine-bark", correction: "none" }, "what.potLotId", "pot-gone"],
  ])("%j is refused at its field", async (what, path, code) => {
    expect(await yard.fault("record-for-trees", record([a], what), path)).toBe(code);
    expect(await yard.fault("record-for-trees", record([], what), "treeIds")).toBe("choose-trees");
  });

  test("what there is to choose from: places, free pots, mixes but reclaimed ones, and the tree asked about", async () => {
    const placeId = randomUUID();
    await yard.ok("add-place", { placeId, name: "South wall", kind: "open" });
    const choices = (await recordChoices(yard.id, { tree: batch }))!;
    expect(choices.tree).toEqual({ id: batch, tag: "C-1", name: "Fig", plants: 12 });
    expect(choices.places).toEqual([{ id: placeId, name: "South wall" }]);
    expect(choices.pots).toEqual([{ id: lotId, name: "Thirties", free: 3 }]);
    expect(choices.mixes.length).toBeGreaterThan(0);
    expect(choices.mixes.every((m) => m.name !== "" && !m.key.startsWith("reclaimed:"))).toBe(true);
    const all = [a, b, batch];
    expect(choices.hazards).toEqual(
      ["sap-burns", "sap-irritates", "poisonous-to-animals"].map((hazard) => ({ hazard, trees: all })),
    );
    expect((await recordChoices(yard.id, {}))!.tree).toBeNull();
    expect(await recordChoices(randomUUID(), {})).toBeNull();
  });

  test("of those in one pot only one leaves it at a time; with others it goes as ever", async () => {
    const mate = await yard.tree("D-1", { kindId: "fig" });
    await yard.ok("join-pot", { treeId: a, on: "2026-05-01", withIds: [mate], correction: "none" });
    const ended = { kind: "ended", on, how: "sold", cause: null, potLeaves: true, note: "" };
    const potted = { kind: "potted", on, potLotId: lotId, mix: "pine-bark", correction: "none" };
    for (const what of [ended, potted])
      expect(await yard.send("record-for-trees", record([b, a, mate], what))).toMatchObject({
        faults: [{ path: "treeIds", code: "shares-its-pot", figures: { tag: "A-1" } }],
      });
    await yard.ok("record-for-trees", record([a, mate], { kind: "note", on, text: "crowded" }));
    const gone = await yard.ok("record-for-trees", record([b, mate], ended));
    // Its mate has the pot to itself again.
    expect((await yard.events(a)).find((e) => e.entryId === gone.entryId)!.payload).toMatchObject({
      kind: "joined",
      share: 1,
      together: [a],
    });
    await yard.ok("undo-entry", { entryId: gone.entryId });
  });
});
