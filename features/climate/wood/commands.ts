import type { When } from "@/contract/index";
import { subject } from "@/core/event/index";
import { findTree, happening, refuseBeforeArrival, refuseFuture } from "@/features/kernel/days";
import { command, type CommandContext } from "@/features/kernel/define";

function check(context: CommandContext, treeIds: readonly string[], on: When) {
  refuseFuture(context, on);
  return [...new Set(treeIds)].map((id) => {
    const tree = findTree(context, id, "treeIds");
    refuseBeforeArrival(context, id, on);
    return tree;
  });
}

/** This season's shoots as looked at: it corrects the pace of this tree's wood from its day on. */
export const recordWood = command("record-wood", {
  subjects: (v) => [subject.tree(v.treeId)],
  run: (context, v) => {
    const [tree] = check(context, [v.treeId], v.on);
    const { woodyShare, bend, terminalBud, leafFall, bbch } = v;
    context.record(
      happening({ kind: "wood-read", woodyShare, bend, terminalBud, leafFall, bbch }, v.on, { treeId: tree.id }),
    );
    context.note(`${tree.tag}: wood looked at`);
    return Promise.resolve({ treeId: tree.id });
  },
});

/** Nitrogen given to one tree or to several at once. */
export const recordFeed = command("record-feed", {
  subjects: (v) => v.treeIds.map(subject.tree),
  run: (context, v) => {
    const trees = check(context, v.treeIds, v.on);
    for (const tree of trees)
      context.record(
        happening({ kind: "fed", form: v.form, strength: v.strength, what: v.what }, v.on, { treeId: tree.id }),
      );
    context.note(trees.length === 1 ? `${trees[0].tag}: fed` : `${trees.length} trees fed`);
    return Promise.resolve({});
  },
});

export const recordPruning = command("record-pruning", {
  subjects: (v) => [subject.tree(v.treeId)],
  run: (context, v) => {
    const [tree] = check(context, [v.treeId], v.on);
    context.record(
      happening(
        { kind: "pruned", how: v.how, crownShare: v.crownShare ?? undefined, purpose: v.purpose ?? undefined },
        v.on,
        { treeId: tree.id },
      ),
    );
    context.note(`${tree.tag}: pruned ${v.how === "hard" ? "hard" : "lightly"}`);
    return Promise.resolve({ treeId: tree.id });
  },
});
