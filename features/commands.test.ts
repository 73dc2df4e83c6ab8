import { currentBall } from "@/core/potting/index";
import { PLAIN_TREE } from "@/test-support/inputs";
import { randomUUID } from "node:crypto";
import { hasTestDatabase } from "@/test-support/database";
import { findCollection } from "@/data/collections";
import { listEntries, listEvents } from "@/data/log";
import { closePools, pool } from "@/server/pool";
import { viewCollection } from "@/features/kernel/collection/load";
import type { CommandResult } from "@/features/kernel/run";
import { runCommand } from "@/features/registry";

const onDatabase = hasTestDatabase() ? describe : describe.skip;

onDatabase("commands on a real database", () => {
  const collectionId = randomUUID();
  const today = process.env.AURELIAN_TODAY ?? "2026-05-15";
  const send = (name: string, input: Record<string, unknown>) =>
    runCommand(name, { commandId: randomUUID(), collectionId, ...input });
  const ok = (result: CommandResult) => {
    if (!result.ok) throw new Error(JSON.stringify(result.faults));
    return result;
  };
  const faultAt = (result: CommandResult, path: string) =>
    result.ok ? undefined : result.faults.find((f) => f.path === path)?.code;
  const cylinder = (mm: number) => ({ known: "measured", vessel: { shape: "cylinder", topWidthMm: mm, heightMm: mm } });
  const treeInput = (tag: string, more: Record<string, unknown> = {}) => ({
    treeId: randomUUID(),
    tag,
    ...PLAIN_TREE,
    arrivedOn: "2024-04-01",
    pot: cylinder(200),
    ...more,
  });
  const potInput = (treeId: string, potLotId: string, more: Record<string, unknown> = {}) => ({
    treeId,
    potLotId,
    on: "2026-03-20",
    mix: "pine-bark",
    correction: "none",
    retainedShare: null,
    crownMm: 10,
    bottomLayerMm: 0,
    ...more,
  });

  const lotId = randomUUID();
  const first = treeInput("A-1");

  beforeAll(async () => {
    ok(
      await send("create-collection", {
        name: "Test",
        zone: "UTC",
        answers: {
          latitudeDeg: 48,
          longitudeDeg: 11,
          elevationM: 500,
          coldestNightC: -15,
          lastSpringFrost: "05-01",
          firstAutumnFrost: "10-12",
        },
      }),
    );
    ok(await send("add-tree", first));
    ok(await send("stock-pots", { lotId, name: "Pots", pot: cylinder(260), count: 2, price: 4 }));
  });
  afterAll(() => closePools());

  const revision = async () => (await findCollection(pool(), collectionId))!.revision;

  test("answers that contradict each other name their field", async () => {
    const result = await runCommand("create-collection", {
      commandId: randomUUID(),
      collectionId: randomUUID(),
      name: "X",
      zone: "UTC",
      answers: {
        latitudeDeg: 48,
        longitudeDeg: 11,
        elevationM: 0,
        coldestNightC: 5,
        lastSpringFrost: "05-01",
        firstAutumnFrost: "10-12",
      },
    });
    expect(faultAt(result, "answers.coldestNightC")).toBe("frost-without-cold");
  });

  test("the same command sent twice is recorded once and answers the same", async () => {
    const input = { ...treeInput("A-2"), commandId: randomUUID(), collectionId };
    const [a, b] = [ok(await runCommand("add-tree", input)), ok(await runCommand("add-tree", input))];
    expect(b.entryId).toBe(a.entryId);
    const view = (await viewCollection(collectionId))!;
    expect(view.loaded.trees.filter((t) => t.tag === "A-2")).toHaveLength(1);
  });

  test.each([
    ["a duplicate tag", { ...treeInput(" a-1 ") }, "tag", "tag-taken"],
    ["an empty tag", { ...treeInput("  ") }, "tag", "tag-needed"],
    [
      "a 5,000-character name",
      { ...treeInput("L-1", { kindId: null, typedName: "x".repeat(5000) }) },
      "typedName",
      "too-big",
    ],
    ["an arrival in the future", { ...treeInput("F-1", { arrivedOn: "2031-01-01" }) }, "arrivedOn", "future-day"],
    [
      "a pot of minus five millimetres",
      {
        ...treeInput("P-1", {
          pot: { known: "measured", vessel: { shape: "cylinder", topWidthMm: -5, heightMm: 100 } },
        }),
      },
      "pot.vessel.topWidthMm",
      "too-small",
    ],
    ["a kind of its own that does not exist", { ...treeInput("K-1", { kindId: "triffid" }) }, "kindId", "kind-unknown"],
    ["no plants", { ...treeInput("N-1", { count: 0 }) }, "count", "too-small"],
    ["a day that does not exist", { ...treeInput("D-1", { arrivedOn: "2025-02-30" }) }, "arrivedOn", "no-such-day"],
  ])("%s is refused at its field and nothing is written", async (_what, input, path, code) => {
    const before = await revision();
    expect(faultAt(await send("add-tree", input), path)).toBe(code);
    expect(await revision()).toBe(before);
  });

  test("markup in a name is kept as text", async () => {
    const input = treeInput("M-1", { kindId: null, typedName: "<script>alert(1)</script> & Söhne", habit: "unknown" });
    ok(await send("add-tree", input));
    const view = (await viewCollection(collectionId))!;
    expect(view.loaded.trees.find((t) => t.tag === "M-1")?.typedName).toBe("<script>alert(1)</script> & Söhne");
  });

  test("potted: state, pot and store change; undo takes it back, redo brings it again", async () => {
    const free = async () => {
      const { storeAt } = await import("@/core/records/index");
      const { toDay } = await import("@/core/dates/index");
      const view = (await viewCollection(collectionId))!;
      return storeAt(view.loaded.indexed, toDay(today)).find((p) => p.lotId === lotId)!.free;
    };
    expect(await free()).toBe(2);
    const done = ok(await send("record-potting", potInput(first.treeId, lotId)));
    expect(await free()).toBe(1);
    const undone = ok(await send("undo-entry", { entryId: done.entryId }));
    expect(await free()).toBe(2);
    expect(faultAt(await send("undo-entry", { entryId: done.entryId }), "entryId")).toBe("undone-already");
    const redone = ok(await send("undo-entry", { entryId: undone.entryId }));
    expect(await free()).toBe(1);
    ok(await send("undo-entry", { entryId: redone.entryId }));
    // Nothing was deleted: all four entries stand in the log.
    const entries = await listEntries(pool(), { collectionId });
    expect(entries.filter((e) => e.voidsEntryId !== null)).toHaveLength(3);
    expect((await listEvents(pool(), { collectionId })).filter((e) => e.payload.kind === "potted")).toHaveLength(1);
  });

  test.each([
    ["before it arrived", { on: "2023-01-01" }, "on", "before-arrival"],
    ["in the future", { on: "2030-01-01" }, "on", "future-day"],
    ["with too few roots", { retainedShare: 0.01 }, "retainedShare", "cutting-not-tree"],
    ["on top of a gravel bed too deep", { bottomLayerMm: 240 }, "bottomLayerMm", "bottom-layer-too-deep"],
    ["into a pot that is not there", { potLotId: randomUUID() }, "potLotId", "pot-gone"],
  ])("a potting %s is refused at its field", async (_what, more, path, code) => {
    const before = await revision();
    expect(faultAt(await send("record-potting", potInput(first.treeId, lotId, more)), path)).toBe(code);
    expect(await revision()).toBe(before);
  });

  test("a ball that does not fit is refused with what to do", async () => {
    const tiny = randomUUID();
    ok(await send("stock-pots", { lotId: tiny, name: "Tiny", pot: cylinder(120), count: 1, price: null }));
    expect(faultAt(await send("record-potting", potInput(first.treeId, tiny)), "potLotId")).toBe("ball-too-wide");
  });

  test("what came off the sides of a ball for its pot is recorded as roots lost", async () => {
    const kept = async (trimSideMm: number) => {
      const done = ok(await send("record-potting", potInput(first.treeId, lotId, { trimSideMm })));
      const events = await listEvents(pool(), { collectionId });
      const found = events.find((e) => e.entryId === done.entryId && e.payload.kind === "potted")!.payload;
      ok(await send("undo-entry", { entryId: done.entryId }));
      return found.kind === "potted" ? found.retainedShare : undefined;
    };
    expect(await kept(0)).toBeNull();
    // 1.3 × the share of volume: of the ball its pot gives back, as wide as that pot at its fill line.
    const { yard } = (await viewCollection(collectionId))!;
    const { roots, yearsInPot } = yard.tree(first.treeId)!.on("2026-03-20")!;
    const widthMm = currentBall(roots, yearsInPot)!.ball.topWidthMm;
    expect(await kept(10)).toBeCloseTo(1 - 1.3 * (1 - (1 - 20 / widthMm) ** 2), 9);
    expect(
      faultAt(await send("record-potting", potInput(first.treeId, lotId, { trimSideMm: 301 })), "trimSideMm"),
    ).toBe("too-big");
  });

  test("a batch needs as many pots as it has plants", async () => {
    const batch = treeInput("B-30", { count: 30 });
    ok(await send("add-tree", batch));
    expect(faultAt(await send("record-potting", potInput(batch.treeId, lotId)), "potLotId")).toBe("too-few-pots-free");
  });

  test("a newer change of the same tree is a conflict; of another tree it merges", async () => {
    const [a, b] = [treeInput("C-1"), treeInput("C-2")];
    ok(await send("add-tree", a));
    ok(await send("add-tree", b));
    const base = await revision();
    const look = (treeId: string, baseRevision: number) =>
      send("record-roots", { treeId, on: "2026-05-01", fillGrade: 2, circlingGrade: 0, baseRevision });
    ok(await look(a.treeId, base));
    ok(await look(b.treeId, base));
    const again = await look(a.treeId, base);
    expect(again).toMatchObject({ ok: false, code: "conflict" });
  });

  test("undo of what others lean on is refused, and offers to undo these together", async () => {
    const tree = treeInput("U-1");
    const added = ok(await send("add-tree", tree));
    const looked = ok(
      await send("record-roots", { treeId: tree.treeId, on: "2026-05-01", fillGrade: 3, circlingGrade: null }),
    );
    const refused = await send("undo-entry", { entryId: added.entryId });
    expect(refused).toMatchObject({ ok: false, code: "refused", offer: { together: [looked.entryId, added.entryId] } });
    for (const entryId of [looked.entryId, added.entryId]) ok(await send("undo-entry", { entryId }));
    expect((await viewCollection(collectionId))!.loaded.trees.some((t) => t.tag === "U-1")).toBe(false);
    // The tag is free again.
    ok(await send("add-tree", treeInput("U-1")));
  });

  test("weather replaces the guess, says what moved, and can be taken back", async () => {
    const { generatedRecord, TRAMHALLE_NORMALS } = await import("@/demo/weather");
    const { writeWeatherCsv } = await import("@/formats/weather-csv");
    const text = writeWeatherCsv(generatedRecord(48, TRAMHALLE_NORMALS, today, 12, 5));
    expect((await viewCollection(collectionId))!.yard.site.basis).toBe("answers");
    const done = ok(await send("import-weather", { fileName: "w.csv", text, options: {} }));
    expect((await viewCollection(collectionId))!.yard.site.basis).toBe("record");
    expect((done.result as { moved: unknown[] }).moved.length).toBeGreaterThanOrEqual(2);
    expect(faultAt(await send("import-weather", { fileName: "w.csv", text, options: {} }), "file")).toBe("file-known");
    ok(await send("undo-entry", { entryId: done.entryId }));
    expect((await viewCollection(collectionId))!.yard.site.basis).toBe("answers");
  });

  test("unknown commands and broken envelopes are answered, not thrown", async () => {
    expect(await runCommand("drop-everything", {})).toMatchObject({ ok: false, code: "unknown" });
    expect(await runCommand("add-tree", { nonsense: true })).toMatchObject({ ok: false, code: "invalid" });
    expect(await runCommand("add-tree", undefined)).toMatchObject({ ok: false, code: "invalid" });
  });
});
