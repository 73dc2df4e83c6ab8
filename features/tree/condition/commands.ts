import { subject } from "@/core/event/index";
import { findTree, happening, refuseBeforeArrival, refuseFuture } from "@/features/kernel/days";
import { command } from "@/features/kernel/define";
import { HEALTH_WORDS } from "@/words/terms";

/** How a tree is. */
export const recordHealth = command("record-health", {
  subjects: (v) => [subject.tree(v.treeId)],
  run: (context, v) => {
    refuseFuture(context, v.on);
    const tree = findTree(context, v.treeId, "treeId");
    refuseBeforeArrival(context, tree.id, v.on);
    context.record(happening({ kind: "health", state: v.state }, v.on, { treeId: tree.id }));
    context.note(`${tree.tag}: ${HEALTH_WORDS[v.state]}`);
    return Promise.resolve({ treeId: tree.id });
  },
});

/** Roots through the pot into the ground, or severed again. */
export const recordAnchored = command("record-anchored", {
  subjects: (v) => [subject.tree(v.treeId)],
  run: (context, v) => {
    refuseFuture(context, v.on);
    const tree = findTree(context, v.treeId, "treeId");
    refuseBeforeArrival(context, tree.id, v.on);
    context.record(happening({ kind: "anchored", anchored: v.anchored }, v.on, { treeId: tree.id }));
    context.note(`${tree.tag}: ${v.anchored ? "rooted in the ground" : "free of the ground"}`);
    return Promise.resolve({ treeId: tree.id });
  },
});

/** Trees that are kept alike and move together; an empty name takes them out of their set. */
export const matchTrees = command("match-trees", {
  subjects: (v) => v.treeIds.map(subject.tree),
  run: (context, v) => {
    for (const treeId of new Set(v.treeIds)) {
      const tree = findTree(context, treeId, "treeIds");
      context.record(happening({ kind: "matched", set: v.set }, context.today, { treeId: tree.id }));
    }
    context.note(v.set === null ? "Out of its set" : `Set “${v.set}”`);
    return Promise.resolve({ set: v.set });
  },
});
