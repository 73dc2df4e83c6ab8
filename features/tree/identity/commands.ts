import { rootsOf, shareAmong } from "@/features/trees/shared-pot";
import { toDay } from "@/core/dates/index";
import { type LoggedEvent, subject, eventIs } from "@/core/event/index";
import { kindById, kindOfWords } from "@/core/species/index";
import { endOf, plantsAt, plantsOn } from "@/core/records/index";
import { asHappened, findTree, happening, refuseBeforeArrival, refuseFuture } from "@/features/kernel/days";
import { command, type CommandContext, refuse } from "@/features/kernel/define";
import { livingTags, refuseTakenTag, UNKNOWN_POTTING } from "@/features/trees/arrive";
import { CAUSE_WORDS, ENDING_WORDS } from "@/words/terms";

/** Tag, kind, cultivar, stock, mother …: said anew, for all days. */
export const describeTree = command("describe-tree", {
  subjects: (v) => [subject.tree(v.treeId)],
  run: (context, v) => {
    const tree = findTree(context, v.treeId);
    const { changes } = v;
    if (Object.keys(changes).length === 0) refuse("changes", "nothing-changed");
    if (changes.tag === null && tree.tagLost) refuse("changes.tag", "tag-lost-already");
    if (changes.tag) {
      const tag = changes.tag.trim();
      if (tag === "") refuse("changes.tag", "tag-needed");
      refuseTakenTag(livingTags(context), tag, tree.id, "changes.tag");
      changes.tag = tag;
    }
    if (changes.kindId && !kindById(changes.kindId)) refuse("changes.kindId", "kind-unknown");
    if (changes.kindId === null && !changes.typedName?.trim()) refuse("changes.typedName", "kind-needed");
    if (changes.kindId === null && changes.typedName) Object.assign(changes, kindOfWords(changes.typedName));
    if (changes.motherId) {
      if (changes.motherId === tree.id) refuse("changes.motherId", "own-mother");
      findTree(context, changes.motherId, "changes.motherId");
    }
    context.record(happening({ kind: "described", changes }, context.today, { treeId: tree.id }));
    const what = changes.tag === null ? "tag lost" : changes.tag ? `now tagged ${changes.tag}` : "description changed";
    context.note(`${tree.tag}: ${what}`);
    return Promise.resolve({ treeId: tree.id });
  },
});

/** A tree leaves: it died, was sold, given, planted out, scrapped, lost. Part of a batch may. */
export const endTree = command("end-tree", {
  subjects: (v) => [subject.tree(v.treeId)],
  run: async (context, v) => {
    const tree = findTree(context, v.treeId);
    refuseFuture(context, v.on);
    refuseBeforeArrival(context, tree.id, v.on);
    const steps = context.loaded.indexed.presence.get(tree.id) ?? [];
    if (endOf(steps)) refuse("how", "left-already");
    const on = asHappened(v.on);
    const plants = Math.min(plantsOn(steps, toDay(on.best)), plantsOn(steps, toDay(context.today)));
    if (v.count > plants) refuse("count", "fewer-plants", { plants });
    context.record(
      happening(
        {
          kind: "ended",
          how: v.how,
          count: v.count,
          cause: v.how === "died" ? (v.cause ?? "unknown") : null,
          potLeaves: v.potLeaves,
          note: v.note,
        },
        on,
        { treeId: tree.id },
      ),
    );
    if (v.count === plants) {
      const state = await rootsOf(context, tree.id, on.best);
      const stay = (state?.together ?? []).filter((id) => id !== tree.id);
      if (stay.length > 0) shareAmong(context, stay, state!.lotId, on.best);
    }
    const cause = v.how === "died" && v.cause && v.cause !== "unknown" ? ` (${CAUSE_WORDS[v.cause]})` : "";
    context.note(`${tree.tag}${v.count < plants ? `: ${v.count} of ${plants}` : ""} ${ENDING_WORDS[v.how]}${cause}`);
    return { treeId: tree.id };
  },
});

/** "That was the other tree": an event counts for another one from now on. */
export const reassignEvent = command("reassign-event", {
  subjects: (v, { log }) => [
    subject.tree(v.toTreeId),
    ...log.flatMap((e) => (e.id === v.eventId && e.treeId !== null ? [subject.tree(e.treeId)] : [])),
  ],
  run: (context, v) => {
    const event =
      context.loaded.indexed.records.events.find((e) => e.id === v.eventId) ?? refuse("eventId", "event-gone");
    if (event.treeId === null || !eventIs(event.payload.kind, "movable")) refuse("eventId", "event-not-movable");
    const [from, to] = [findTree(context, event.treeId), findTree(context, v.toTreeId, "toTreeId")];
    if (from.id === to.id) refuse("toTreeId", "on-this-tree-already");
    refuseBeforeArrival(context, to.id, event.on, "toTreeId");
    context.withdraw([event.id]);
    context.record(
      happening(event.payload, event.on, {
        treeId: to.id,
        potLotId: event.payload.kind === "measured" ? lotOf(context, to.id, event) : event.potLotId,
        placeId: event.placeId ?? null,
      }),
    );
    context.note(`Moved from ${from.tag} to ${to.tag}: ${event.on.best}`);
    return Promise.resolve({ fromTreeId: from.id, toTreeId: to.id });
  },
});

/** The pot a tree stands in on the day of an event. */
function lotOf(context: CommandContext, treeId: string, at: LoggedEvent): string | null {
  const events = context.loaded.indexed.eventsByTree.get(treeId) ?? [];
  return events.filter((e) => e.on.best <= at.on.best && e.potLotId !== null).at(-1)?.potLotId ?? null;
}

/** One tree entered twice: what was recorded on the second counts for the first, and the second goes. */
export const mergeTrees = command("merge-trees", {
  subjects: (v) => [v.keepId, v.dropId].map(subject.tree),
  run: (context, v) => {
    const [keep, drop] = [findTree(context, v.keepId, "keepId"), findTree(context, v.dropId, "dropId")];
    if (keep.id === drop.id) refuse("dropId", "one-record-already");
    const { indexed } = context.loaded;
    for (const tree of [keep, drop])
      if (endOf(indexed.presence.get(tree.id) ?? [])) refuse("dropId", "merge-of-left-tree", { tag: tree.tag });
    if (plantsNow(context, keep.id) !== plantsNow(context, drop.id)) refuse("dropId", "merge-of-unlike-counts");
    const moved = (indexed.eventsByTree.get(drop.id) ?? []).filter((e) => e.treeId === drop.id);
    if (
      moved.some(
        (e) => e.payload.kind === "split-off" || e.payload.kind === "split-from" || e.payload.kind === "joined",
      )
    )
      refuse("dropId", "merge-of-split-tree", { tag: drop.tag });
    const arrivals = [keep, drop].map((t) =>
      indexed.eventsByTree.get(t.id)!.find((e) => e.payload.kind === "arrived")!,
    );
    const earlier = arrivals[1].on.best < arrivals[0].on.best;
    // The pot the second record came with was never there.
    const pots = indexed.records.events.filter(
      (e) => e.payload.kind === "stocked" && e.entryId === arrivals[1].entryId && e.potLotId === arrivals[1].potLotId,
    );
    context.withdraw([
      ...moved.map((e) => e.id),
      ...(earlier ? [arrivals[0].id] : []),
      ...(earlier ? [] : pots.map((e) => e.id)),
    ]);
    for (const event of moved) {
      if (event.payload.kind === "arrived" && !earlier) continue;
      context.record(
        happening(event.payload, event.on, {
          treeId: keep.id,
          potLotId: event.potLotId,
          placeId: event.placeId ?? null,
        }),
      );
    }
    // An earlier arrival opens the kept tree's history; the pot it stood in since its own follows as what it was.
    if (earlier && arrivals[0].potLotId !== null)
      context.record(
        happening({ ...UNKNOWN_POTTING, correction: "none" }, arrivals[0].on, {
          treeId: keep.id,
          potLotId: arrivals[0].potLotId,
        }),
      );
    // Its arrival is withdrawn above; it must not vanish without a trace, so it arrives and ends on one day.
    context.record(
      happening({ kind: "arrived", form: "unknown", lastPotted: null }, arrivals[1].on, { treeId: drop.id }),
      happening(
        {
          kind: "ended",
          how: "merged",
          count: drop.count,
          cause: null,
          potLeaves: false,
          intoTreeId: keep.id,
          note: `the same tree as ${keep.tag}`,
        },
        arrivals[1].on,
        { treeId: drop.id },
      ),
    );
    context.note(`${drop.tag} was ${keep.tag} entered twice: merged`);
    return Promise.resolve({ treeId: keep.id });
  },
});

function plantsNow(context: CommandContext, treeId: string): number {
  return plantsAt(context.loaded.indexed, treeId, toDay(context.today));
}

/** Trees that stand in one pot: the first one's pot, in equal shares unless said otherwise. */
export const joinPot = command("join-pot", {
  subjects: (v) => [v.treeId, ...v.withIds].map(subject.tree),
  run: async (context, v) => {
    refuseFuture(context, v.on);
    const on = asHappened(v.on);
    const host = findTree(context, v.treeId);
    const state = await rootsOf(context, host.id, on.best);
    if (!state) refuse("on", "not-arrived-yet", { tag: host.tag });
    const together = [...new Set([host.id, ...state.together, ...v.withIds])];
    for (const id of together) {
      const tree = findTree(context, id, "withIds");
      refuseBeforeArrival(context, id, v.on);
      if (plantsNow(context, id) !== 1) refuse("withIds", "batch-in-shared-pot", { tag: tree.tag });
    }
    for (const treeId of together)
      context.record(
        happening({ kind: "joined", share: 1 / together.length, together, correction: v.correction }, on, {
          treeId,
          potLotId: state.lotId,
        }),
      );
    context.note(`${together.length} plants in the pot of ${host.tag}`);
    return { treeId: host.id };
  },
});
