import { planLot, type PlanTask } from "@/core/ladder/index";
import { hasTestDatabase } from "@/test-support/database";
import { TestYard } from "@/test-support/yard";
import { findPlans } from "@/data/derived";
import { MODEL_VERSION, planTaskOf } from "@/model/index";
import { closePools, pool } from "@/server/pool";
import { bundleOf } from "./bundle";
import { stateKey } from "./load";
import { makePlans, plansAreDue, plansNow, rebuildPlans } from "./planning";
import { plansOf } from "./plans";

const onDatabase = hasTestDatabase() ? describe : describe.skip;
const round = (d: number) => ({
  known: "measured",
  vessel: { shape: "round", topWidthMm: d, baseWidthMm: 0.8 * d, heightMm: d, wall: "smooth-plastic" },
});

/** Makes the plans in this thread and says of which trees. */
async function replanned(yard: TestYard): Promise<string[]> {
  const ids: string[] = [];
  const plan = (trees: PlanTask[]) => {
    ids.push(...trees.map((t) => t.treeId));
    return Promise.resolve(planLot(trees));
  };
  await makePlans(await yard.view(), { plan });
  return ids.sort();
}

const planOf = async (yard: TestYard, treeId: string) => (await yard.view()).yard.tree(treeId)!.on(yard.today)!.plan;

onDatabase("plans of a collection on a real database", () => {
  afterAll(() => closePools());

  test("every tree has a plan without asking; a look replans one tree, and says what changed and why", async () => {
    const yard = new TestYard();
    await yard.found();
    const a = await yard.tree("A", { kindId: "quince", pot: round(200) });
    const b = await yard.tree("B", { kindId: "olive", pot: round(260), finalVolumeL: 40 });
    await yard.tree("M", { kindId: "quince", purpose: "miniature" });
    expect(await planOf(yard, a)).toBeNull();
    expect(plansAreDue(await yard.view())).toBe(true);
    expect(await replanned(yard)).toEqual([a, b].sort());
    const first = (await planOf(yard, a))!;
    expect(first.changed).toBeNull();
    expect((await planOf(yard, b))!.goal).toMatchObject({ minL: 40, said: true });
    // The decision's pot is the plan's step.
    const day = (await yard.view()).yard.tree(b)!.on(yard.today)!;
    const step = day.plan!.steps.find((s) => s.action === "up-pot")!;
    const pot = day.decision!.acts.find((x) => x.pot && !x.pot.same)?.pot;
    if (pot) expect([pot.lowL <= 1.05 * step.volumeL, step.volumeL <= 1.05 * pot.highL]).toEqual([true, true]);

    // Nothing new: nothing is asked again, and pages may rely on it.
    expect(await replanned(yard)).toEqual([]);
    expect(plansAreDue(await yard.view())).toBe(false);
    const before = await plansNow(yard.id);
    await yard.ok("record-roots", { treeId: a, on: yard.today, fillGrade: 0, circlingGrade: 0, by: "look" });
    expect(plansAreDue(await yard.view())).toBe(true);
    expect(await replanned(yard)).toEqual([a]);
    const after = (await planOf(yard, a))!;
    expect(after.changed!.on).toBe(yard.today);
    expect(after.changed!.why).toContain("kPerDegreeDay");
    expect(after.changed!.changes[0].before.action).toBe(first.steps[0].action);
    expect((await plansNow(yard.id))!.version).toBe(before!.version + 1);
    // What a browser opens knows the same plans, under another tag.
    const tag = async () => (await bundleOf(yard.id, null)).headers.get("etag");
    const known = await tag();
    await yard.ok("describe-tree", { treeId: b, changes: { finalVolumeL: 120 } });
    await replanned(yard);
    expect(await tag()).not.toBe(known);
    expect((await planOf(yard, b))!.goal.minL).toBe(120);
  });

  test("an owned pot that comes or goes replans only those who may use it", async () => {
    const yard = new TestYard();
    await yard.found();
    const small = await yard.tree("S", { kindId: "quince", pot: round(200), finalVolumeL: 20 });
    const large = await yard.tree("L", { kindId: "quince", pot: round(500), finalVolumeL: 150 });
    expect(await replanned(yard)).toEqual([small, large].sort());
    // Ten litres: a step for the small one; below the pot the large one stands in.
    await yard.ok("stock-pots", { lotId: crypto.randomUUID(), name: "tens", pot: round(260), count: 2, price: null });
    expect(await replanned(yard)).toEqual([small]);
  });

  test("plans are kept between starts, and by the models that made them", async () => {
    const yard = new TestYard();
    await yard.found();
    const treeId = await yard.tree("A", { kindId: "quince", pot: round(200) });
    await replanned(yard);
    const scope = { collectionId: yard.id };
    const [row] = await findPlans(pool(), scope, MODEL_VERSION);
    expect(row.treeId).toBe(treeId);
    expect(JSON.parse(row.packed)).toMatchObject({ plan: (await planOf(yard, treeId))! });
    expect(await findPlans(pool(), scope, "another")).toEqual([]);
    // Made anew they are the same; one that was tampered with is found out and replaced.
    const view = await yard.view();
    expect(await rebuildPlans(view)).toBe(true);
    const kept = (await plansOf(pool(), stateKey(view.collection), view.collection)).rows.get(treeId)!;
    kept.free.plan.steps[0].volumeL += 1;
    expect([await rebuildPlans(view), await rebuildPlans(view)]).toEqual([false, true]);
  });

  test("mates of one sort learn from each other: a look at one replans both", async () => {
    const yard = new TestYard();
    await yard.found();
    const lastPotted = { best: "2023-03-20", from: "2023-03-20", to: "2023-03-20" };
    const of = { kindId: "quince", cultivar: "Grey", pot: round(200), lastPotted };
    const ids = [await yard.tree("A", of), await yard.tree("B", of)].sort();
    const other = await yard.tree("C", { kindId: "olive", pot: round(200) });
    expect(await replanned(yard)).toEqual([...ids, other].sort());
    await yard.ok("record-roots", {
      treeId: ids[0],
      on: yard.today,
      fillGrade: 0,
      circlingGrade: 0,
      by: "look",
      confirmed: true,
    });
    expect(await replanned(yard)).toEqual(ids);
    // The page of schools asks on the same grounds as the kept plan was made on.
    for (const id of ids) {
      const day = (await yard.view()).yard.tree(id)!.on(yard.today)!;
      const task = planTaskOf(day);
      const [now] = planLot([task as PlanTask]);
      expect(day.plan!.steps[0]).toMatchObject({ volumeL: now.plan.steps.find((s) => s.action !== "stay")!.volumeL });
    }
  });

  test("where room is short some wait, and their own decision waits with them", async () => {
    const yard = new TestYard();
    await yard.found();
    const ids = [];
    for (const tag of ["A", "B"]) {
      const id = await yard.tree(tag, { kindId: "quince", pot: round(200), count: 30, finalVolumeL: 60 });
      await yard.ok("record-roots", { treeId: id, on: "2026-05-01", fillGrade: 4, circlingGrade: 1, by: "look" });
      ids.push(id);
    }
    await replanned(yard);
    const free = await planOf(yard, ids[0]);
    await yard.ok("set-ladder-terms", { terms: { summerM2: 0.5 } });
    await replanned(yard);
    const held = await planOf(yard, ids[0]);
    expect(held!.steps[0].season).toBeGreaterThan(free!.steps[0].season);
    expect([free!.forRoom, held!.forRoom]).toEqual([false, true]);
    await yard.ok("set-ladder-terms", { terms: { summerM2: null } });
    await replanned(yard);
    const again = (await planOf(yard, ids[0]))!;
    expect([again.steps[0].season, again.forRoom]).toEqual([free!.steps[0].season, false]);
  });
});
