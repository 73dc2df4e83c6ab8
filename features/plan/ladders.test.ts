import { randomUUID } from "node:crypto";
import { ladderInputsOf, planLot, SCHOOLS, USUAL_TERMS } from "@/core/ladder/index";
import { hasTestDatabase } from "@/test-support/database";
import { TestYard } from "@/test-support/yard";
import { newestJob } from "@/data/jobs";
import { run } from "@/data/db";
import { closePools, pool } from "@/server/pool";
import { viewCollection } from "@/features/kernel/collection/load";

import type { CollectionPlan } from "./plan";
import { PLAN_JOB } from "./commands";
import { planLadders } from "./job";
import { collectionTasks } from "./tasks";

const onDatabase = hasTestDatabase() ? describe : describe.skip;
const round = (d: number) => ({
  known: "measured",
  vessel: { shape: "round", topWidthMm: d, baseWidthMm: 0.8 * d, heightMm: d, wall: "smooth-plastic" },
});

onDatabase("ladders of a collection on a real database", () => {
  afterAll(() => closePools());

  test("every tree on the ladder becomes a task, sets by name; off the ladder are counted", async () => {
    const yard = new TestYard();
    await yard.found();
    const a = await yard.tree("A", { kindId: "quince", pot: round(200) });
    const b = await yard.tree("B", { kindId: "quince", pot: round(200), count: 12 });
    await yard.tree("M", { kindId: "quince", purpose: "miniature" });
    await yard.tree("R", { kindId: "fig", purpose: "rescue" });
    await yard.ok("set-ladder-terms", { terms: { school: "long-jump", doorMm: 700, summerM2: 2 } });
    await yard.ok("describe-tree", { treeId: a, changes: { plantOutSeason: 2030 } });
    const view = (await viewCollection(yard.id))!;
    const { tasks, off } = await collectionTasks(view);
    expect(off).toEqual({ miniature: 1, rescue: 1 });
    expect(tasks.map((t) => t.tag)).toEqual(["A", "B"]);
    const [first, second] = tasks;
    expect(first.task).toMatchObject({ treeId: a, planner: "long-jump", agreed: [], withHold: true });
    expect(first.task.problem.site.doorMm).toBe(700);
    expect(first.task.problem.goal.plantOut).toEqual({ season: 2030 - first.task.firstSeason });
    expect(second).toMatchObject({ plants: 12 });
    expect(second.task.treeId).toBe(b);
    // Its windows are days of the plan's first season or the year ahead.
    expect(first.windows["up-pot"] ?? first.windows["slip-up"]).toBeDefined();
    const planned = planLot(tasks.map((t) => t.task));
    expect(planned.find((p) => p.treeId === a)!.plan.steps.some((s) => s.action === "plant-out")).toBe(true);
  });

  test("terms change by what is said alone; own weights must be there to be planned by", async () => {
    const yard = new TestYard();
    await yard.found();
    expect(await yard.fault("set-ladder-terms", { terms: { school: "own" } }, "terms.school")).toBe(
      "own-weights-first",
    );
    await yard.ok("set-ladder-terms", { terms: { winterM2: 3 } });
    await yard.ok("set-ladder-terms", { terms: { budget: 80 } });
    const view = (await viewCollection(yard.id))!;
    expect(view.yard.on(view.today).shelf.terms).toEqual({ ...USUAL_TERMS, winterM2: 3, budget: 80 });
  });

  test("a plan is made of all trees, and ends where it is stopped while the schools are compared", async () => {
    const yard = new TestYard();
    await yard.found();
    await yard.tree("A", { kindId: "quince", pot: round(200) });
    await yard.tree("B", { kindId: "fig", pot: round(200) });
    await yard.ok("plan-ladders", {});
    const job = (await newestJob(pool(), { collectionId: yard.id }, PLAN_JOB))!;
    const beats: [number, number][] = [];
    const plan = JSON.parse(
      await planLadders(job, (progress, total) => {
        beats.push([progress, total]);
        return Promise.resolve();
      }),
    ) as CollectionPlan;
    expect(plan.trees.map((t) => t.tag).sort()).toEqual(["A", "B"]);
    expect(plan.schools?.map((s) => s.school)).toEqual(SCHOOLS);
    // Two trees and what follows: one beat as their work begins to be put together, one as each school is done.
    expect(beats.filter(([progress]) => progress === 3)).toEqual(Array(1 + SCHOOLS.length).fill([3, 3]));
    let schools = -1;
    const stop = new Error("stopped");
    const stopped = planLadders(job, (progress) =>
      progress === 3 && ++schools === 2 ? Promise.reject(stop) : Promise.resolve(),
    );
    await expect(stopped).rejects.toBe(stop);
  });

  test("one planning at a time; agreeing takes the plan as it was computed, and can be undone", async () => {
    const yard = new TestYard();
    await yard.found();
    const treeId = await yard.tree("A", { kindId: "quince", pot: round(200) });
    const { result } = await yard.ok("plan-ladders", {});
    expect((await yard.ok("plan-ladders", {})).result.jobId).toBe(result.jobId);
    const scope = { collectionId: yard.id };
    expect((await newestJob(pool(), scope, PLAN_JOB))?.state).toBe("queued");
    expect(await yard.fault("choose-ladders", { jobId: result.jobId, treeIds: [treeId] }, "jobId")).toBe("plan-gone");

    const view = (await viewCollection(yard.id))!;
    const { tasks } = await collectionTasks(view);
    const plan: CollectionPlan = {
      today: view.today,
      revision: view.collection.revision,
      model: "m",
      firstSeason: 2027,
      seasons: 10,
      trees: [
        {
          treeId,
          tag: "A",
          name: "Quince",
          set: null,
          plants: 1,
          planner: "small-steps",
          goalL: 30,
          cost: 100,
          inputs: ladderInputsOf(tasks[0].task.problem),
          digest: "d",
          seasons: 10,
          steps: [
            {
              season: 2028,
              action: "up-pot",
              correction: "none",
              potId: "buy-12",
              pot: "",
              toBuy: true,
              volumeL: 12,
              mixL: 7,
              minutes: 20,
              money: 9,
              massKg: 10,
              fill: 0.4,
              window: null,
              day: "2028-03-20",
            },
          ],
          meets: null,
          heldByLift: false,
          kept: null,
          changes: [],
          why: [],
          heldBySpace: null,
        },
      ],
      off: {},
      months: [],
      peak: null,
      pots: [],
      areas: [],
      liftKg: 16,
      tookMs: 1,
    };
    await run(pool(), "UPDATE job SET state = 'done', result = ? WHERE id = ?", [JSON.stringify(plan), result.jobId]);
    expect(await yard.fault("choose-ladders", { jobId: result.jobId, treeIds: [randomUUID()] }, "treeIds")).toBe(
      "trees-not-planned",
    );
    const agreed = await yard.ok("choose-ladders", { jobId: result.jobId, treeIds: [treeId] });
    const after = async () => {
      const now = (await viewCollection(yard.id))!;
      return (await collectionTasks(now)).tasks[0].task.agreed;
    };
    const steps = await after();
    expect(steps).toHaveLength(10);
    expect(steps[1]).toMatchObject({ season: 2028, action: "up-pot", volumeL: 12, potId: "buy-12" });
    expect(steps[0]).toMatchObject({ season: 2027, action: "stay" });
    await yard.ok("undo-entry", { entryId: agreed.entryId });
    expect(await after()).toEqual([]);
  });
});
