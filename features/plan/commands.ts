import { randomUUID } from "node:crypto";
import { subject } from "@/core/event/index";
import { MODEL_VERSION } from "@/model/index";
import { cancelJob, findJob, forgetJobs, insertJob, jobResult, newestJob } from "@/data/jobs";
import { now } from "@/server/clock";
import { happening } from "@/features/kernel/days";
import { addsOnly, command, refuse } from "@/features/kernel/define";
import type { CollectionPlan, PlannedTree } from "./plan";

export const PLAN_JOB = "plan-ladders";
/** Plans kept for comparison. */
const KEPT_PLANS = 5;

/** Puts the planning of the whole collection down as a job; one at a time. */
export const planLaddersCommand = command("plan-ladders", {
  subjects: addsOnly,
  quiet: true,
  run: async ({ db, scope, collection }) => {
    const running = await newestJob(db, scope, PLAN_JOB, ["queued", "running"]);
    if (running) return { jobId: running.id };
    const id = randomUUID();
    await insertJob(db, scope, {
      id,
      kind: PLAN_JOB,
      input: {},
      revision: collection.revision,
      model: MODEL_VERSION,
      askedAt: now(),
    });
    await forgetJobs(db, scope, PLAN_JOB, KEPT_PLANS);
    return { jobId: id };
  },
});

export const cancelJobCommand = command("cancel-job", {
  subjects: addsOnly,
  quiet: true,
  run: async ({ db, scope }, v) => {
    await cancelJob(db, scope, v.jobId, now());
    return {};
  },
});

/** A plan's steps season by season, with the waiting between them. */
function everySeason(tree: PlannedTree, first: number) {
  const bySeason = new Map(tree.steps.map((s) => [s.season, s]));
  let { volumeL } = tree.inputs;
  return Array.from({ length: tree.seasons }, (_, i) => {
    const step = bySeason.get(first + i);
    if (step) volumeL = step.volumeL;
    return step
      ? {
          season: step.season,
          action: step.action,
          correction: step.correction,
          volumeL,
          pot: step.pot,
          potId: step.potId,
          mixL: step.mixL,
          minutes: step.minutes,
          massKg: step.massKg,
        }
      : { season: first + i, action: "stay" as const, correction: null, volumeL, pot: "", potId: "now" };
  });
}

/** Agrees to the ladders of some trees as the collection's plan has them. */
export const chooseLadders = command("choose-ladders", {
  subjects: (v) => v.treeIds.map(subject.tree),
  run: async (context, v) => {
    const { db, scope, loaded, today } = context;
    const job = await findJob(db, scope, v.jobId);
    const text = job?.state === "done" ? await jobResult(db, scope, v.jobId) : null;
    if (!job || text === null) refuse("jobId", "plan-gone");
    const plan = JSON.parse(text) as CollectionPlan;
    const wanted = new Set(v.treeIds);
    const living = new Set(loaded.trees.map((t) => t.id));
    const trees = plan.trees.filter((t) => wanted.has(t.treeId) && living.has(t.treeId));
    if (trees.length === 0) refuse("treeIds", "trees-not-planned");
    for (const tree of trees)
      context.record(
        happening(
          {
            kind: "ladder-chosen",
            plan: {
              school: tree.planner,
              goalL: tree.goalL,
              model: plan.model,
              inputs: tree.inputs,
              digest: tree.digest,
              cost: tree.cost,
              steps: everySeason(tree, plan.firstSeason),
            },
          },
          today,
          { treeId: tree.treeId },
        ),
      );
    context.note(`plans of ${trees.length} trees accepted`);
    return { trees: trees.length };
  },
});
