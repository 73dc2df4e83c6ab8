import { randomUUID } from "node:crypto";
import { subject } from "@/core/event/index";
import { UNPROTECTED } from "@/core/shelter/index";
import { MODEL_VERSION } from "@/model/index";
import { forgetJobs, insertJob, newestJob } from "@/data/jobs";
import { now } from "@/server/clock";
import { findTree, happening, refuseBeforeArrival, refuseFuture } from "@/features/kernel/days";
import { addsOnly, type CommandContext, command, refuse } from "@/features/kernel/define";

export const SHELTER_JOB = "plan-shelter";
/** Plans kept for comparison. */
const KEPT_PLANS = 3;

function findPlace(context: CommandContext, placeId: string) {
  return context.loaded.places.find((p) => p.id === placeId) ?? refuse("placeId", "place-gone");
}

/** A place is measured and described: what goes in, what it weighs, how cold reaches it. */
export const buildPlace = command("build-place", {
  subjects: (v) => [subject.place(v.placeId)],
  run: (context, v) => {
    const place = findPlace(context, v.placeId);
    const { doorM, lengthM, heaterC, ventC } = v.build;
    if (doorM !== null && lengthM !== null && doorM > lengthM) refuse("build.doorM", "door-wider-than-wall");
    if (heaterC !== null && ventC !== null && ventC <= heaterC) refuse("build.ventC", "heated-and-aired");
    context.record(happening({ kind: "place-built", build: v.build }, context.today, { placeId: place.id }));
    context.note(`${place.name} measured`);
    return Promise.resolve({ placeId: place.id });
  },
});

/** Pots are wrapped, mulched or sunk, or freed of it again. */
export const protectTrees = command("protect-trees", {
  subjects: (v) => v.treeIds.map(subject.tree),
  run: (context, v) => {
    refuseFuture(context, v.on);
    for (const treeId of new Set(v.treeIds)) {
      const tree = findTree(context, treeId, "treeIds");
      refuseBeforeArrival(context, tree.id, v.on);
      const now = tree.protection ?? UNPROTECTED;
      context.record(
        happening(
          {
            kind: "protected",
            wrap: v.wrap === undefined ? now.wrap : v.wrap,
            mulched: v.mulched ?? now.mulched,
            sunk: v.sunk ?? now.sunk,
          },
          v.on,
          { treeId },
        ),
      );
    }
    const bare = v.wrap === null && v.mulched === false && v.sunk === false;
    context.note(
      `${v.treeIds.length === 1 ? "1 pot" : `${v.treeIds.length} pots`} ${bare ? "unwrapped" : "protected"}`,
    );
    return Promise.resolve({});
  },
});

export const waterTrees = command("water-trees", {
  subjects: (v) => v.treeIds.map(subject.tree),
  run: (context, v) => {
    refuseFuture(context, v.on);
    for (const treeId of new Set(v.treeIds)) {
      findTree(context, treeId, "treeIds");
      refuseBeforeArrival(context, treeId, v.on);
      context.record(happening({ kind: "watered" }, v.on, { treeId }));
    }
    context.note(`${v.treeIds.length === 1 ? "1 pot" : `${v.treeIds.length} pots`} watered`);
    return Promise.resolve({});
  },
});

/** The grower's own word on when trees come in. */
export const setWinterWord = command("set-winter-word", {
  subjects: (v) => v.treeIds.map(subject.tree),
  run: (context, v) => {
    for (const treeId of new Set(v.treeIds)) {
      findTree(context, treeId, "treeIds");
      context.record(happening({ kind: "winter-word", inBelowC: v.inBelowC }, context.today, { treeId }));
    }
    context.note(v.inBelowC === null ? "comes in as calculated" : `comes in below ${v.inBelowC} °C`);
    return Promise.resolve({});
  },
});

/** Puts the question who stands where down as a job; one at a time. */
export const planShelter = command("plan-shelter", {
  subjects: addsOnly,
  quiet: true,
  run: async ({ db, scope, collection }, v) => {
    const running = await newestJob(db, scope, SHELTER_JOB, ["queued", "running"]);
    if (running) return { jobId: running.id };
    const id = randomUUID();
    await insertJob(db, scope, {
      id,
      kind: SHELTER_JOB,
      input: { winter: v.winter, minutesMost: v.minutesMost },
      revision: collection.revision,
      model: MODEL_VERSION,
      askedAt: now(),
    });
    await forgetJobs(db, scope, SHELTER_JOB, KEPT_PLANS);
    return { jobId: id };
  },
});

/** Keeps where trees stand in a winter: all of them, or some that were set elsewhere. */
export const keepShelter = command("keep-shelter", {
  subjects: (v) => [subject.winterPlan(v.winter)],
  run: (context, v) => {
    const trees = new Set(context.loaded.trees.map((t) => t.id));
    const places = new Set(context.loaded.places.map((p) => p.id));
    const stands = v.stands.filter((s) => trees.has(s.treeId) && (s.placeId === null || places.has(s.placeId)));
    if (stands.length === 0) refuse("stands", "stands-gone");
    context.record(
      happening(
        {
          kind: "shelter-planned",
          winter: v.winter,
          whole: v.whole,
          stands,
          cost: v.cost,
          model: MODEL_VERSION,
        },
        context.today,
        {},
      ),
    );
    context.note(
      v.whole
        ? "places for the winter"
        : `${stands.length === 1 ? "1 pot" : `${stands.length} pots`} set elsewhere for the winter`,
    );
    return Promise.resolve({});
  },
});
