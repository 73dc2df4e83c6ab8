import { randomUUID } from "node:crypto";
import { toDay } from "@/core/dates/index";
import { outlookOf, problemOf, quickPlan } from "@/core/shelter/index";
import { shelterPlanOf } from "@/model/index";
import { UNKNOWN_BUILD } from "@/core/winter/index";
import { newestJob } from "@/data/jobs";
import { closePools, pool } from "@/server/pool";
import { hasTestDatabase } from "@/test-support/database";
import { TestYard } from "@/test-support/yard";
import { eventWords } from "@/words/events";

import { SHELTER_JOB } from "./commands";
import { winterFacts } from "./facts";
import { movesFacts } from "./moves-data";
import { watchFacts } from "./watch-data";

const onDatabase = hasTestDatabase() ? describe : describe.skip;
const BUILD = { ...UNKNOWN_BUILD, lengthM: 3, widthM: 2, doorM: 0.8, heightM: 2.1 };
const round = (d: number) => ({
  known: "measured",
  vessel: { shape: "round", topWidthMm: d, baseWidthMm: 0.8 * d, heightMm: d, wall: "terracotta" },
});

async function wayIn(yard: TestYard) {
  const { yard: model, today } = await yard.view();
  return model.on(today).shelf.wayIn;
}

async function placed(yard: TestYard, kind = "unheated") {
  const placeId = randomUUID();
  await yard.ok("add-place", { placeId, name: `${kind} ${placeId.slice(0, 4)}`, kind });
  return placeId;
}

onDatabase("the Shelter on a real database", () => {
  afterAll(() => closePools());

  test("a place is built and built anew; impossible measures are said at their field; ladders learn its door", async () => {
    const yard = new TestYard();
    await yard.found();
    const placeId = await placed(yard);
    await yard.ok("build-place", { placeId, build: BUILD });
    expect((await yard.view()).loaded.places[0].build).toEqual(BUILD);
    expect(await yard.fault("build-place", { placeId, build: { ...BUILD, doorM: 3.5 } }, "build.doorM")).toBe(
      "door-wider-than-wall",
    );
    expect(await yard.fault("build-place", { placeId, build: { ...BUILD, heaterC: 8, ventC: 5 } }, "build.ventC")).toBe(
      "heated-and-aired",
    );
    expect(await yard.fault("build-place", { placeId: randomUUID(), build: BUILD }, "placeId")).toBe("place-gone");
    expect(await wayIn(yard)).toEqual({ doorMm: 800, headroomMm: 2100 });
    // Another way in that nobody has measured may be as wide as it likes.
    await placed(yard, "frost-free");
    expect(await wayIn(yard)).toEqual({ doorMm: null, headroomMm: null });
  });

  test("protection adds up and is taken off; water and the grower's word are kept; all can be undone", async () => {
    const yard = new TestYard();
    await yard.found();
    const a = await yard.tree("A", { kindId: "fig", pot: round(300) });
    await yard.ok("protect-trees", { treeIds: [a], wrap: "fleece", on: yard.today });
    const { entryId } = await yard.ok("protect-trees", { treeIds: [a], mulched: true, on: yard.today });
    expect((await yard.record(a))!.protection).toEqual({ wrap: "fleece", mulched: true, sunk: false });
    await yard.ok("undo-entry", { entryId });
    expect((await yard.record(a))!.protection).toEqual({ wrap: "fleece", mulched: false, sunk: false });
    await yard.ok("protect-trees", { treeIds: [a], wrap: null, mulched: false, sunk: false, on: yard.today });
    expect((await yard.record(a))!.protection).toEqual({ wrap: null, mulched: false, sunk: false });
    expect(await yard.fault("protect-trees", { treeIds: [a], wrap: "fleece", on: "2027-01-01" }, "on")).toBe(
      "future-day",
    );
    await yard.ok("water-trees", { treeIds: [a], on: yard.today });
    await yard.ok("set-winter-word", { treeIds: [a], inBelowC: 3 });
    expect((await yard.record(a))!.inBelowC).toBe(3);
    expect(await yard.fault("set-winter-word", { treeIds: [a], inBelowC: 50 }, "inBelowC")).toBe("too-big");
    const words = (await yard.events(a)).map((e) => eventWords(e.payload, { tags: {} } as never, "metric"));
    expect(words.join("; ")).toMatch(/Protected: fleece; Its protection was taken off; Watered; Comes in below 3 °C/);
  });

  test("a plan is kept whole, changed pot by pot, undone; what is gone is left out of it", async () => {
    const yard = new TestYard();
    await yard.found();
    const placeId = await placed(yard);
    const [a, b] = [await yard.tree("A", { kindId: "fig" }), await yard.tree("B", { kindId: "fig" })];
    const winter = winterFacts(await yard.view()).winter;
    const plan = async () => shelterPlanOf((await yard.view()).loaded.indexed, winter);
    expect(await plan()).toBeNull();
    await yard.ok("keep-shelter", {
      winter,
      whole: true,
      stands: [
        { treeId: a, placeId, xM: 0.3, yM: 0.4 },
        { treeId: b, placeId: null },
        { treeId: randomUUID(), placeId },
      ],
    });
    expect([...(await plan())!.keys()].sort()).toEqual([a, b].sort());
    const { entryId } = await yard.ok("keep-shelter", { winter, whole: false, stands: [{ treeId: b, placeId }] });
    expect((await plan())!.get(b)).toEqual({ placeId, xM: null, yM: null });
    expect((await plan())!.get(a)).toEqual({ placeId, xM: 0.3, yM: 0.4 });
    await yard.ok("undo-entry", { entryId });
    expect((await plan())!.get(b)!.placeId).toBeNull();
    expect(
      await yard.fault("keep-shelter", { winter, whole: false, stands: [{ treeId: randomUUID(), placeId }] }, "stands"),
    ).toBe("stands-gone");
  });

  test("one calculateing at a time, and minutes of carrying that make sense", async () => {
    const yard = new TestYard();
    await yard.found();
    const first = await yard.ok("plan-shelter", { winter: 2027 });
    const second = await yard.ok("plan-shelter", { winter: 2027, minutesMost: 30 });
    expect(second.result.jobId).toBe(first.result.jobId);
    expect((await newestJob(pool(), { collectionId: yard.id }, SHELTER_JOB))!.input).toEqual({
      winter: 2027,
      minutesMost: null,
    });
    expect(await yard.fault("plan-shelter", { winter: 2027, minutesMost: 0 }, "minutesMost")).toBe("too-small");
  });

  test("standings: home is where it stood at midsummer, mates of one pot are one, batches one with a count", async () => {
    const yard = new TestYard();
    await yard.found();
    const [terrace, glass] = [await placed(yard, "open"), await placed(yard)];
    await yard.ok("build-place", { placeId: glass, build: BUILD });
    const a = await yard.tree("A", { kindId: "lemon", pot: round(300) });
    const many = await yard.tree("L", { kindId: "bay", count: 40, pot: round(120) });
    const [c, d] = [await yard.tree("C", { kindId: "fig", pot: round(400) }), await yard.tree("D", { kindId: "fig" })];
    await yard.ok("join-pot", { treeId: c, withIds: [d], on: "2026-04-01" });
    await yard.ok("place-trees", { treeIds: [a, many], placeId: terrace, on: "2025-05-10" });
    await yard.ok("place-trees", { treeIds: [a], placeId: glass, on: "2025-10-20" });
    await yard.ok("place-trees", { treeIds: [a], placeId: terrace, on: "2026-05-10" });
    const view = await yard.view();
    const facts = winterFacts(view);
    const of = (id: string) => facts.known.standings.find((s) => s.treeIds.includes(id))!;
    expect(of(a)).toMatchObject({ homeId: terrace, nowId: terrace, lastWinterId: glass, lastWinterKnown: true });
    // Two in one pot are carried as one.
    expect(of(c)).toBe(of(d));
    expect(of(c).tag).toBe("C + D");
    expect(of(many)).toMatchObject({ plants: 40 });
    expect(of(many).widthM).toBeGreaterThan(0.8);
    expect(of(many).massKg).toBeCloseTo(40 * of(many).eachKg, 6);
    // The whole way through, as the job goes: winters, the quick plan, moves, watch.
    const outlooks = outlookOf({
      ...facts.task,
      site: { ...facts.task.site, before: facts.task.site.before.slice(0, 6) },
    });
    expect(outlooks).toHaveLength(facts.task.trees.length);
    const { problem, floors } = problemOf({ ...facts.data, outlooks });
    const { assignment } = quickPlan(problem, floors);
    expect(assignment[a]).toBe(glass);
    await yard.ok("keep-shelter", {
      winter: facts.winter,
      whole: true,
      stands: [{ treeId: a, placeId: glass }],
    });
    const moves = await movesFacts(await yard.view());
    // Nothing has been calculated by a job yet: there is a plan, but no day.
    expect(moves).toMatchObject({ planned: true, calculated: false });
    expect(moves.in[0].moves[0]).toMatchObject({ tag: "A", why: "no-hurry" });
    const watch = watchFacts(await yard.view());
    expect(watch.nights).toHaveLength(3);
    expect(toDay(watch.nights[0].day)).toBe(toDay(yard.today));
    expect(watch.water).toEqual([]);
  });
});
