import { PLAIN_TREE } from "@/test-support/inputs";
import { TestYard } from "@/test-support/yard";
import { EMPTY_ARRIVAL, readArrival, readingOf } from "./draft";
import { randomUUID } from "node:crypto";
import { hasTestDatabase } from "@/test-support/database";
import { closePools } from "@/server/pool";

const onDatabase = hasTestDatabase() ? describe : describe.skip;

onDatabase("arrivals", () => {
  const yard = new TestYard();
  beforeAll(() => yard.found());
  afterAll(() => closePools());

  test("a tree that is taken in brings its inspection, its reading and its state with it, as one entry", async () => {
    const treeId = randomUUID();
    const { inspection } = readArrival(
      { ...EMPTY_ARRIVAL, light: true, fillGrade: 4, circlingGrade: 3, flareMm: "70", rootsAtHoles: true },
      5,
    );
    const done = await yard.ok("receive-tree", {
      treeId,
      tag: "AR-1",
      ...PLAIN_TREE,
      kindId: "serviceberry",
      arrivedOn: yard.today,
      pot: { known: "about", litres: 5, wall: "smooth-plastic" },
      verdict: "correct",
      findings: ["dry", "bound", "rings", "flare-deep"],
      reading: readingOf(inspection),
      dry: true,
      pricePaid: 18.5,
    });
    expect(await yard.kinds(treeId)).toEqual(["arrived", "inspected", "roots-read", "health"]);
    expect((await yard.events(treeId))[2].payload).toMatchObject({ fillGrade: 4, circlingGrade: 3 });
    expect((await yard.state(treeId)).fill.p50).toBeGreaterThan(0.9);
    await yard.ok("undo-entry", { entryId: done.entryId });
    expect(await yard.record(treeId)).toBeUndefined();
  });

  test("a tag that hangs on another tree, a nameless kind and a day to come are refused at their fields", async () => {
    await yard.tree("AR-2");
    const body = {
      treeId: randomUUID(),
      tag: "AR-2",
      ...PLAIN_TREE,
      arrivedOn: yard.today,
      pot: null,
      verdict: "accept",
      findings: [],
    };
    expect(await yard.fault("receive-tree", body, "tag")).toBe("tag-taken");
    expect(await yard.fault("receive-tree", { ...body, tag: "AR-3", kindId: null, typedName: "" }, "typedName")).toBe(
      "kind-needed",
    );
    expect(await yard.fault("receive-tree", { ...body, tag: "AR-3", arrivedOn: "2027-01-01" }, "arrivedOn")).toBe(
      "future-day",
    );
  });
});

test("the draft tells a wrong number at its field and reads bare roots as bare", () => {
  const { inspection, problems } = readArrival(
    { ...EMPTY_ARRIVAL, form: "bare-root", fillGrade: 4, drySnapPercent: "20", exposedMinutes: "30", plants: "0" },
    null,
  );
  expect(problems.plants).toContain("1 or more");
  expect(inspection.fillGrade).toBeNull();
  expect(inspection.bare).toEqual({ drySnapShare: 0.2, exposedMinutes: 30, spreadMm: null });
  expect(readArrival({ ...EMPTY_ARRIVAL, flareMm: "deep" }, null).problems.flareMm).toContain("0 to 600");
  expect(readingOf(inspection)).toBeNull();
});
