import type { When } from "@/contract/index";
import { toDay } from "@/core/dates/index";
import { subject } from "@/core/event/index";
import { newestRescue } from "@/core/rescue/index";
import { asHappened, findTree, happening, refuseBeforeArrival, refuseFuture } from "@/features/kernel/days";
import { command, type CommandContext, refuse } from "@/features/kernel/define";
import { RESCUE_CAUSE_WORDS, RESCUE_STEP_WORDS } from "@/words/terms";

/** Whether a rescue goes on at a tree on a day. */
function goesOn(context: CommandContext, treeId: string, on: When): boolean {
  const day = toDay(asHappened(on).best);
  const events = context.loaded.indexed.eventsByTree.get(treeId) ?? [];
  const begun = newestRescue(events, day);
  return (
    begun !== null &&
    !events.slice(begun.at + 1).some((e) => e.payload.kind === "rescue-ended" && toDay(e.on.best) <= day)
  );
}

function theTree(context: CommandContext, v: { treeId: string; on: When }) {
  const tree = findTree(context, v.treeId);
  refuseFuture(context, v.on);
  refuseBeforeArrival(context, v.treeId, v.on);
  return tree;
}

export const beginRescue = command("begin-rescue", {
  subjects: (v) => [subject.tree(v.treeId)],
  run: (context, v) => {
    const tree = theTree(context, v);
    if (goesOn(context, tree.id, v.on)) refuse("treeId", "rescue-goes-on");
    const { cause, greenWood, liveRoots, soakMinutes } = v;
    context.record(
      happening({ kind: "rescue-begun", cause, greenWood, liveRoots, soakMinutes }, v.on, { treeId: tree.id }),
      happening({ kind: "health", state: cause === "dried-out" ? "dry" : "weak" }, v.on, { treeId: tree.id }),
    );
    context.note(`${tree.tag}: rescue begun, ${RESCUE_CAUSE_WORDS[cause].toLowerCase()}`);
    return Promise.resolve({ treeId: tree.id });
  },
});

export const recordCheckpoint = command("record-checkpoint", {
  subjects: (v) => [subject.tree(v.treeId)],
  run: (context, v) => {
    const tree = theTree(context, v);
    if (!goesOn(context, tree.id, v.on)) refuse("treeId", "no-rescue");
    context.record(
      happening({ kind: "checkpoint", step: v.step, sign: v.sign, note: v.note }, v.on, { treeId: tree.id }),
    );
    context.note(`${tree.tag}: ${RESCUE_STEP_WORDS[v.step].name.toLowerCase()} ${v.sign === "seen" ? "yes" : "no"}`);
    return Promise.resolve({ treeId: tree.id });
  },
});

export const endRescue = command("end-rescue", {
  subjects: (v) => [subject.tree(v.treeId)],
  run: (context, v) => {
    const tree = theTree(context, v);
    if (!goesOn(context, tree.id, v.on)) refuse("treeId", "no-rescue");
    context.record(happening({ kind: "rescue-ended", how: v.how }, v.on, { treeId: tree.id }));
    if (v.how === "recovered") context.record(happening({ kind: "health", state: "well" }, v.on, { treeId: tree.id }));
    context.note(`${tree.tag}: rescue ended`);
    return Promise.resolve({ treeId: tree.id });
  },
});
