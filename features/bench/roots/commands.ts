import type { When } from "@/contract/index";
import { subject } from "@/core/event/index";
import { toDay } from "@/core/dates/index";
import { type Reading, gradesOf } from "@/core/roots/index";
import { conditionOn } from "@/core/records/index";
import { asHappened, findTree, happening, refuseBeforeArrival, refuseFuture } from "@/features/kernel/days";
import { command, type CommandContext, refuse } from "@/features/kernel/define";
import { CORRECTION_WORDS } from "@/words/terms";

/** What was seen of a root ball: an observation, it corrects the state from its day on and this tree's own pace. */
export const recordRoots = command("record-roots", {
  subjects: (v) => [subject.tree(v.treeId)],
  run: (context, v) => {
    const tree = findTree(context, v.treeId);
    refuseFuture(context, v.on);
    refuseBeforeArrival(context, v.treeId, v.on);
    const seen = v.reading ? gradesOf(v.reading) : { fill: null, circling: null };
    const reading = v.reading ?? readingBefore(context);
    context.record(
      happening(
        {
          kind: "roots-read",
          fillGrade: v.fillGrade ?? seen.fill,
          circlingGrade: v.circlingGrade ?? seen.circling,
          by: v.by,
          ...(reading ? { reading } : {}),
          ...(v.confirmed ? { confirmed: true } : {}),
        },
        v.on,
        { treeId: tree.id },
      ),
    );
    if (v.reading?.anchored === true && !standsAnchored(context, tree.id, v.on))
      context.record(happening({ kind: "anchored", anchored: true }, v.on, { treeId: tree.id }));
    context.note(`${tree.tag}: ${v.by === "feel" ? "ball felt" : "roots looked at"}`);
    return Promise.resolve({ treeId: tree.id });
  },
});

/** A correction of the two grades alone leaves what else was seen; the faces were those of the old grades. */
function readingBefore({ replaced }: CommandContext): Reading | null {
  if (replaced?.payload.kind !== "roots-read" || !replaced.payload.reading) return null;
  return { ...replaced.payload.reading, faces: {} };
}

function standsAnchored(context: CommandContext, treeId: string, on: When): boolean {
  const events = context.loaded.indexed.eventsByTree.get(treeId) ?? [];
  return conditionOn(events, toDay(asHappened(on).best)).anchoredOn !== null;
}

/** New roots seen in the fresh mix, and whether it stands firm; the stake may come off with it. */
export const recordRerooting = command("record-rerooting", {
  subjects: (v) => [subject.tree(v.treeId)],
  run: (context, v) => {
    const tree = findTree(context, v.treeId);
    refuseFuture(context, v.on);
    refuseBeforeArrival(context, v.treeId, v.on);
    const on = asHappened(v.on).best;
    const events = context.loaded.indexed.eventsByTree.get(tree.id) ?? [];
    if (!events.some((e) => (e.payload.kind === "potted" || e.payload.kind === "joined") && e.on.best <= on))
      refuse("on", "no-potting-before");
    if (v.stakeOff && conditionOn(events, toDay(on)).stakedOn === null) refuse("stakeOff", "no-stake");
    context.record(
      happening({ kind: "rerooting-read", lengthMm: v.lengthMm, firm: v.firm }, v.on, { treeId: tree.id }),
    );
    if (v.stakeOff) context.record(happening({ kind: "staked", staked: false }, v.on, { treeId: tree.id }));
    context.note(`${tree.tag}: new roots looked for${v.stakeOff ? ", stake off" : ""}`);
    return Promise.resolve({ treeId: tree.id });
  },
});

/** Work on the roots of a tree that stays in its pot, as it was really done. */
export const recordWorkInPlace = command("record-work-in-place", {
  subjects: (v) => [subject.tree(v.treeId)],
  run: (context, v) => {
    const tree = findTree(context, v.treeId);
    refuseFuture(context, v.on);
    refuseBeforeArrival(context, v.treeId, v.on);
    const { correction, retainedShare, renewedShare, circlingRemoved, where, count, widthMm, depthMm } = v;
    const given = Object.entries({ circlingRemoved, count, widthMm, depthMm }).filter(([, x]) => x !== undefined);
    context.record(
      happening(
        {
          kind: "worked-in-place",
          correction,
          retainedShare,
          renewedShare,
          where,
          ...Object.fromEntries(given),
          ...(v.despite ? { despite: v.despite } : {}),
        },
        v.on,
        { treeId: tree.id },
      ),
    );
    if (v.severs) context.record(happening({ kind: "anchored", anchored: false }, v.on, { treeId: tree.id }));
    context.note(`${tree.tag}: ${CORRECTION_WORDS[correction].name.toLowerCase()}`);
    return Promise.resolve({ treeId: tree.id });
  },
});
