import { randomUUID } from "node:crypto";
import { NOTHING_READ } from "@/core/roots/index";
import { TestYard } from "@/test-support/yard";
import { FRESH_READING, READING_STEPS, readReading, stepAfter } from "./reading-draft";
import { hasTestDatabase } from "@/test-support/database";
import { closePools } from "@/server/pool";

const onDatabase = hasTestDatabase() ? describe : describe.skip;

onDatabase("reading, working on and re-rooting", () => {
  const yard = new TestYard();
  const reading = (more: object = {}) => ({
    ...NOTHING_READ,
    faces: { side: { fill: 3, circling: 1 }, base: { fill: null, circling: 3 } },
    ...more,
  });
  const vessel = (topWidthMm: number) => ({
    known: "measured",
    vessel: { shape: "cylinder", topWidthMm, heightMm: topWidthMm },
  });

  beforeAll(() => yard.found());
  afterAll(() => closePools());

  test("a reading keeps all its faces; the two grades of the ball follow from them", async () => {
    const treeId = await yard.tree("RD-1", { kindId: "quince" });
    await yard.ok("record-roots", {
      treeId,
      on: "2026-05-10",
      reading: reading({ smell: "earthy", flareBelowMm: 40 }),
    });
    const event = (await yard.events(treeId)).at(-1)!;
    expect(event.payload).toMatchObject({
      kind: "roots-read",
      fillGrade: 3,
      circlingGrade: 3,
      reading: { smell: "earthy", flareBelowMm: 40 },
    });
  });

  test("a correction of the grades alone keeps what else was seen", async () => {
    const treeId = await yard.tree("RD-2", { kindId: "quince" });
    await yard.ok("record-roots", { treeId, on: "2026-05-10", reading: reading({ firmness: "mushy" }) });
    const seen = (await yard.events(treeId)).at(-1)!;
    await yard.ok("record-roots", {
      treeId,
      on: "2026-05-10",
      replacesEventId: seen.id,
      fillGrade: 2,
      circlingGrade: 1,
    });
    expect((await yard.events(treeId)).at(-1)!.payload).toMatchObject({
      fillGrade: 2,
      circlingGrade: 1,
      reading: { firmness: "mushy", faces: {} },
    });
  });

  test("an anchor that is seen is known of the tree, once; severing it frees it", async () => {
    const treeId = await yard.tree("RD-3", { kindId: "fig" });
    await yard.ok("record-roots", { treeId, on: "2026-05-10", reading: reading({ anchored: true }) });
    await yard.ok("record-roots", { treeId, on: "2026-05-12", reading: reading({ anchored: true }) });
    expect((await yard.kinds(treeId)).filter((k) => k === "anchored")).toHaveLength(1);
    await yard.ok("record-work-in-place", {
      treeId,
      on: "2026-05-13",
      correction: "trim-outside",
      retainedShare: 0.8,
      where: "all that held it",
      severs: true,
    });
    const last = (await yard.events(treeId)).filter((e) => e.payload.kind === "anchored").at(-1)!;
    expect(last.payload).toMatchObject({ anchored: false });
  });

  test("nothing seen is no reading; days ahead and before the arrival are refused in words", async () => {
    const treeId = await yard.tree("RD-4");
    expect(await yard.fault("record-roots", { treeId, on: "2026-05-10", reading: NOTHING_READ }, "fillGrade")).toBe(
      "roots-unseen",
    );
    expect(await yard.fault("record-roots", { treeId, on: "2027-01-01", reading: reading() }, "on")).toBe("future-day");
    expect(await yard.fault("record-roots", { treeId, on: "2020-01-01", reading: reading() }, "on")).toBe(
      "before-arrival",
    );
  });

  test("work in place changes the roots by its share, and undo takes it back", async () => {
    const treeId = await yard.tree("RD-5", { kindId: "bay" });
    await yard.ok("record-roots", { treeId, on: "2026-04-01", fillGrade: 4, circlingGrade: 4 });
    const before = await yard.state(treeId);
    const done = await yard.ok("record-work-in-place", {
      treeId,
      on: "2026-05-10",
      correction: "remove-girdler",
      retainedShare: 0.9,
    });
    const after = await yard.state(treeId);
    expect(after.circling.p50).toBeLessThanOrEqual(2.2);
    expect(after.fill.p50).toBeLessThan(before.fill.p50);
    await yard.ok("undo-entry", { entryId: done.entryId });
    expect((await yard.state(treeId)).circling.p50).toBeCloseTo(before.circling.p50, 6);
    expect(
      await yard.fault(
        "record-work-in-place",
        { treeId, on: "2026-05-10", correction: "core-in-place", retainedShare: 0.01 },
        "retainedShare",
      ),
    ).toBe("cutting-not-tree");
  });

  test("the stake comes off with a look that finds it rooted, and not before one was set", async () => {
    const treeId = await yard.tree("RD-6", { kindId: "fig" });
    const lotId = randomUUID();
    await yard.ok("stock-pots", { lotId, name: "Thirty", pot: vessel(300), count: 2, price: null, on: "2020-01-01" });
    expect(await yard.fault("record-rerooting", { treeId, on: "2026-05-01", lengthMm: 10 }, "on")).toBe(
      "no-potting-before",
    );
    await yard.ok("record-potting", {
      treeId,
      on: "2026-04-20",
      potLotId: lotId,
      mix: "compost-bark",
      correction: "tease-and-clip",
      retainedShare: null,
      crownMm: 10,
      bottomLayerMm: 0,
      staked: true,
    });
    expect(await yard.fault("record-rerooting", { treeId, on: "2026-04-10", lengthMm: 10, stakeOff: true }, "on")).toBe(
      "no-potting-before",
    );
    const prior = (await yard.state(treeId)).vigour.p50;
    await yard.ok("record-rerooting", { treeId, on: "2026-05-14", lengthMm: 90, firm: true, stakeOff: true });
    expect((await yard.state(treeId)).vigour.p50).toBeGreaterThan(prior);
    const staked = (await yard.events(treeId)).filter((e) => e.payload.kind === "staked").map((e) => e.payload);
    expect(staked).toEqual([
      { kind: "staked", staked: true },
      { kind: "staked", staked: false },
    ]);
    expect(
      await yard.fault("record-rerooting", { treeId, on: "2026-05-15", lengthMm: 90, stakeOff: true }, "stakeOff"),
    ).toBe("no-stake");
  });

  test("trees of one kind share strength: what one is found to be is expected of its sort", async () => {
    const one = await yard.tree("RD-7", { kindId: "olive", cultivar: "Grey Leaf" });
    const mate = await yard.tree("RD-8", { kindId: "olive", cultivar: "Grey Leaf" });
    const other = await yard.tree("RD-9", { kindId: "olive", cultivar: "Round Leaf" });
    const mean = async (id: string) => (await yard.view()).yard.tree(id)!.on(yard.today)!.mates?.mean ?? 0;
    expect(await mean(mate)).toBe(0);
    await yard.ok("record-roots", { treeId: one, on: "2024-10-01", fillGrade: 4, circlingGrade: 3 });
    await yard.ok("record-roots", { treeId: one, on: "2025-10-01", fillGrade: 4, circlingGrade: 4 });
    expect(await mean(mate)).toBeGreaterThan(0);
    expect(await mean(mate)).toBeGreaterThan(await mean(other));
    expect(await mean(one)).toBe(0);
  });
});

test("the draft of a reading: eight screens, numbers told at their field, nothing invented", () => {
  expect(READING_STEPS).toHaveLength(8);
  let step: (typeof READING_STEPS)[number] = READING_STEPS[0];
  for (let i = 0; i < 10; i++) step = stepAfter(step);
  expect(step).toBe("rest");
  const { reading: read, problems } = readReading({ ...FRESH_READING, sideFill: 3, baseTurn: 2, girdler: true });
  expect(problems).toEqual({});
  expect(read).toMatchObject({
    faces: { side: { fill: 3, circling: null }, base: { fill: null, circling: 2 } },
    girdlerShare: 0,
    liveShare: null,
    flareBelowMm: null,
  });
  expect(readReading({ ...FRESH_READING, livePercent: "140" }).problems.livePercent).toContain("100 %");
});
