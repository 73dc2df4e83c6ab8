import { runCommand } from "@/features/registry";
import { randomUUID } from "node:crypto";
import { hasTestDatabase } from "@/test-support/database";
import { TestYard } from "@/test-support/yard";
import { generatedRecord, TRAMHALLE_NORMALS } from "@/demo/weather";
import { writeWeatherCsv } from "@/formats/weather-csv";
import { closePools } from "@/server/pool";
import { movedSince } from "../trees/look/since";
import { exportCsv } from "../setup/imports/export";
import { findTrees } from "../trees/search/find";

const onDatabase = hasTestDatabase() ? describe : describe.skip;

onDatabase("corrections, looks back and lists on a real database", () => {
  const yard = new TestYard();
  beforeAll(() => yard.found());
  afterAll(() => closePools());
  const eventOf = async (treeId: string, kind: string) =>
    (await yard.events(treeId)).find((e) => e.payload.kind === kind)!;
  const look = (treeId: string, fillGrade: number, more: Record<string, unknown> = {}) =>
    yard.ok("record-roots", { treeId, on: "2026-03-01", fillGrade, circlingGrade: 0, ...more });

  test("a correction replaces what was said, everything after it is computed anew, and its undo brings the old words back", async () => {
    const a = await yard.tree("A-1");
    await look(a, 4);
    const wrong = await yard.state(a);
    const old = await eventOf(a, "roots-read");
    const done = await look(a, 1, { replacesEventId: old.id });
    expect((await yard.state(a)).fill.p50).toBeLessThan(wrong.fill.p50 - 0.05);
    expect(await yard.kinds(a)).toEqual(["arrived", "roots-read"]);
    // The old words stand in the log with the entry that replaced them.
    const { loaded } = await yard.view();
    expect(loaded.counting.withdrawnBy.get(old.id)).toBe(done.entryId);
    expect(loaded.entries.find((e) => e.id === done.entryId)?.replacesEntryId).toBe(old.entryId);
    expect(
      await yard.fault(
        "record-roots",
        { treeId: a, on: "2026-03-01", fillGrade: 2, circlingGrade: 0, replacesEventId: old.id },
        "replacesEventId",
      ),
    ).toBe("corrected-already");
    await yard.ok("undo-entry", { entryId: done.entryId });
    expect((await yard.state(a)).fill.p50).toBeCloseTo(wrong.fill.p50, 9);
  });

  test("an arrival said anew: day, rough potting and pot; it cannot lie after what was done", async () => {
    const a = await yard.tree("B-1");
    await look(a, 2, { on: "2024-01-01" });
    const arrival = await eventOf(a, "arrived");
    const anew = {
      treeId: a,
      replacesEventId: arrival.id,
      arrivedOn: { best: "2022-07-01", from: "2022-01-01", to: "2022-12-31" },
      form: "liner",
      lastPotted: null,
      pot: { known: "about", litres: 9, wall: "glazed" },
      depthToMixMm: null,
      count: 1,
    };
    expect(await yard.fault("correct-arrival", { ...anew, arrivedOn: "2025-01-01" }, "arrivedOn")).toBe(
      "done-before-arrival",
    );
    await yard.ok("correct-arrival", anew);
    expect((await yard.events(a))[0]).toMatchObject({
      on: { from: "2022-01-01" },
      payload: { kind: "arrived", form: "liner" },
    });
    expect((await yard.state(a)).volumeL.p50).toBeCloseTo(9 * 0.88, 1);
  });

  test("a potting of long ago moves the arrival back: the tree was here by then", async () => {
    const a = await yard.tree("C-1", { arrivedOn: "2026-05-01" });
    const when = { best: "2022-04-16", from: "2022-03-01", to: "2022-05-31" };
    await yard.ok("record-past-potting", {
      treeId: a,
      when,
      potLotId: (await yard.events(a))[0].potLotId,
      pot: null,
      mix: null,
      correction: "loosen",
    });
    const events = await yard.events(a);
    expect(events.map((e) => [e.payload.kind, e.on.best])).toEqual([
      ["arrived", "2022-04-16"],
      ["potted", "2022-04-16"],
    ]);
    expect((await yard.state(a)).pottedOn).toBe("2022-04-16");
    // Nothing else can be said of a day before it came.
    expect(
      await yard.fault("record-roots", { treeId: a, on: "2021-01-01", fillGrade: 1, circlingGrade: 0 }, "on"),
    ).toBe("before-arrival");
  });

  test("a measured pot is measured for all its days; a pot nobody knew gets one", async () => {
    const a = await yard.tree("D-1", {
      pot: { known: "nominal", system: "litre-label", size: "10", wall: "smooth-plastic" },
    });
    const before = (await yard.state(a)).volumeL;
    const outside = { known: "outside", shape: "round", wall: "smooth-plastic", outerWidthMm: 240, outerHeightMm: 220 };
    await yard.ok("record-measure", {
      treeId: a,
      on: "2026-05-01",
      pot: outside,
      depthToMixMm: 30,
      trunkMm: 22,
      heightM: null,
    });
    const after = await yard.state(a);
    expect(after.volumeL.p50).toBeLessThan(before.p50);
    expect((await yard.record(a))?.trunkMm).toBe(22);
    const b = await yard.tree("D-2", { pot: null });
    expect((await yard.state(b)).volumeL.basis).toBe("guess");
    await yard.ok("record-measure", {
      treeId: b,
      on: "2026-05-01",
      pot: outside,
      depthToMixMm: null,
      trunkMm: null,
      heightM: null,
    });
    expect((await yard.state(b)).lotId).not.toBeNull();
    expect(
      await yard.fault(
        "record-measure",
        { treeId: b, on: "2026-05-01", pot: null, depthToMixMm: null, trunkMm: null, heightM: null },
        "pot",
      ),
    ).toBe("measure-something");
  });

  test("a potting whose day was wrong keeps what was measured; another pot does not", async () => {
    const a = await yard.tree("P-1");
    const stock = async (name: string, mm: number) => {
      const lotId = randomUUID();
      const pot = { known: "measured", vessel: { shape: "cylinder", topWidthMm: mm, heightMm: mm } };
      await yard.ok("stock-pots", { lotId, name, pot, count: 2, price: null, on: "2020-01-01" });
      return lotId;
    };
    const [lot, other] = [await stock("One", 260), await stock("Other", 300)];
    const potting = {
      treeId: a,
      potLotId: lot,
      mix: "pine-bark",
      correction: "shave",
      retainedShare: 0.62,
      crownMm: 5,
      bottomLayerMm: 20,
    };
    await yard.ok("record-potting", { ...potting, on: "2026-03-20" });
    const before = await eventOf(a, "potted");
    const again = {
      treeId: a,
      when: { best: "2026-03-02", from: "2026-03-02", to: "2026-03-02" },
      pot: null,
      mix: "pine-bark",
      correction: "shave",
    };
    await yard.ok("record-past-potting", { ...again, potLotId: lot, replacesEventId: before.id });
    const moved = await eventOf(a, "potted");
    expect(moved.on.best).toBe("2026-03-02");
    expect(moved.payload).toEqual(before.payload);
    await yard.ok("record-past-potting", { ...again, potLotId: other, replacesEventId: moved.id });
    expect((await eventOf(a, "potted")).payload).toMatchObject({ mixL: null, retainedShare: null, mix: "pine-bark" });
  });

  test("several entries are taken back as one and come back as one; what leans on them is offered too", async () => {
    const a = await yard.tree("E-1");
    const first = await look(a, 2);
    const second = await yard.ok("add-note", { treeId: a, on: "2026-04-01", text: "x" });
    const both = await yard.ok("undo-together", { entryIds: [second.entryId, first.entryId] });
    expect(await yard.kinds(a)).toEqual(["arrived"]);
    await yard.ok("undo-together", { entryIds: [both.entryId] });
    expect(await yard.kinds(a)).toEqual(["arrived", "roots-read", "noted"]);
    const arrival = await eventOf(a, "arrived");
    const refused = await yard.send("undo-together", { entryIds: [arrival.entryId] });
    expect(refused).toMatchObject({ ok: false, code: "refused" });
    const offer = refused.ok ? [] : refused.offer!.together;
    expect(offer).toEqual([second.entryId, first.entryId, arrival.entryId]);
    await yard.ok("undo-together", { entryIds: offer });
    expect(await yard.record(a)).toBeUndefined();
  });

  test("what moved since the last look, with its cause; seen, and the list is empty", async () => {
    const a = await yard.tree("F-1", { arrivedOn: "2026-01-10", form: "liner" });
    await look(a, 1, { on: "2026-05-01" });
    await yard.ok("mark-seen", {});
    expect(await movedSince(await yard.view())).toMatchObject({ lookedOn: yard.today, moves: [] });
    const old = await eventOf(a, "roots-read");
    await look(a, 2, { on: "2026-05-01", replacesEventId: old.id });
    const moved = (await movedSince(await yard.view())).moves.filter((m) => m.treeId === a);
    expect(moved.length).toBeGreaterThan(0);
    for (const m of moved) expect(m).toMatchObject({ tag: "F-1", cause: "correction" });
    expect(moved.find((m) => m.which === "due")!.days).toBeLessThan(-5);
    const revision = (await yard.view()).collection.revision;
    await yard.ok("mark-seen", {});
    expect((await movedSince(await yard.view())).moves).toEqual([]);
    // Looking is no entry.
    expect((await yard.view()).collection.revision).toBe(revision);
    await look(a, 0, { on: "2026-05-10" });
    const again = (await movedSince(await yard.view())).moves.filter((m) => m.treeId === a && m.which === "due");
    expect(again[0]).toMatchObject({ cause: "check" });
  });

  test("a weather record that comes in moves dates because of the weather", async () => {
    const other = new TestYard();
    await other.found();
    await other.tree("W-1", { arrivedOn: "2026-03-01", form: "liner" });
    await other.ok("mark-seen", {});
    const record = generatedRecord(48, TRAMHALLE_NORMALS, other.today, 12, 5);
    await other.ok("import-weather", { fileName: "w.csv", text: writeWeatherCsv(record), options: {} });
    const { moves } = await movedSince(await other.view());
    expect(moves.length).toBeGreaterThan(0);
    expect(new Set(moves.map((m) => m.cause))).toEqual(new Set(["weather"]));
  });

  test("search looks in tag, kind, cultivar, place and notes, without accents or case; every word must be found", async () => {
    const a = await yard.tree("ÖL-7", { kindId: "fig", cultivar: "Blué Lantern" });
    await yard.ok("add-note", { treeId: a, on: "2026-05-01", text: "Leans towards the gate since the storm" });
    const placeId = randomUUID();
    await yard.ok("add-place", { placeId, name: "Stair glass", kind: "unheated" });
    await yard.ok("place-trees", { treeIds: [a], placeId, on: "2026-05-02" });
    const { loaded } = await yard.view();
    const find = (q: string) => findTrees(loaded, yard.today, q).map((f) => f.tag);
    for (const q of ["ol-7", "OL", "ficus carica", "blue lantern", "stair", "storm gate", "fig stair"])
      expect(find(q)).toContain("ÖL-7");
    expect(find("fig nowhere")).toEqual([]);
    expect(find("   ")).toEqual([]);
    expect(findTrees(loaded, yard.today, "storm")[0].note).toContain("storm");
    expect(await yard.fault("add-place", { placeId: randomUUID(), name: "stair GLASS", kind: "open" }, "name")).toBe(
      "place-name-taken",
    );
  });

  test("what is exported can be read in again in an empty collection: the same trees and pottings", async () => {
    const written = { trees: await exportCsv(yard.id, "trees"), pottings: await exportCsv(yard.id, "pottings") };
    expect(written.trees!.text.split("\r\n")[0]).toMatch(/^tag,kind,/);
    const { runImport } = await import("../setup/imports/run");
    const other = new TestYard();
    await other.found();
    const send = async (kind: "trees" | "pottings", text: string) => {
      const messages: unknown[] = [];
      async function* file() {
        await Promise.resolve();
        yield new TextEncoder().encode(text);
      }
      await runImport(
        other.id,
        {
          kind,
          fileName: `${kind}.csv`,
          bytes: text.length,
          commandId: randomUUID(),
          mapping: null,
          sheet: null,
          headerLine: null,
          edits: [],
          options: { lengthUnit: "mm", volumeUnit: "L", dateOrder: null, kinds: {}, places: {} },
        },
        file(),
        (m) => messages.push(m),
        runCommand,
      );
      return messages.at(-1);
    };
    const living = (await yard.view()).loaded.trees.length;
    expect(await send("trees", written.trees!.text)).toMatchObject({ step: "done", kept: { skipped: 0 } });
    expect(await send("pottings", written.pottings!.text)).toMatchObject({ step: "done", kept: { skipped: 0 } });
    const [from, to] = [await yard.view(), await other.view()];
    expect(to.loaded.trees.length).toBe(living);
    const facts = (view: typeof from) =>
      view.loaded.trees
        .map((t) => {
          const events = view.loaded.indexed.eventsByTree.get(t.id)!;
          return [
            t.tag,
            t.kindId,
            t.cultivar,
            t.trunkMm,
            events.filter((e) => e.payload.kind === "potted").map((e) => e.on),
          ];
        })
        .sort();
    expect(facts(to)).toEqual(facts(from));
    // One undo takes a whole file back.
    const entry = to.loaded.entries.find((e) => e.command === "import-pottings")!;
    await other.ok("undo-entry", { entryId: entry.id });
    expect((await other.view()).loaded.indexed.records.events.some((e) => e.payload.kind === "potted")).toBe(false);
  });
});
