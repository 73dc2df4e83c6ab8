import { randomUUID } from "node:crypto";
import { type LoggedEvent, type ReadableEvent, subject } from "@/core/event/index";
import { plantsAt } from "@/core/records/index";
import { toDay } from "@/core/dates/index";
import { insertLots } from "@/data/pots";
import { insertTrees } from "@/data/trees";
import { asHappened, findTree, happening, refuseBeforeArrival, refuseFuture } from "@/features/kernel/days";
import { addsOnly, command, type CommandContext, refuse } from "@/features/kernel/define";
import { potName } from "@/words/terms";
import { arrive, livingTags, refuseTakenTag } from "./arrive";

/** A tree comes into the collection in the pot it stands in. */
export const addTree = command("add-tree", {
  subjects: addsOnly,
  run: (context, v) => {
    refuseFuture(context, v.arrivedOn, "arrivedOn");
    const on = asHappened(v.arrivedOn);
    if (v.lastPotted) refuseFuture(context, v.lastPotted, "lastPotted");
    refuseTakenTag(livingTags(context), v.tag);
    const { scope, db } = context;
    const { tree, lot, events } = arrive(context, v, on);
    context.write(() => insertTrees(db, scope, [tree]));
    if (lot) context.write(() => insertLots(db, scope, [lot]));
    context.record(...events);
    context.note(`${v.tag} arrived`);
    return Promise.resolve({ treeId: v.treeId, potLotId: lot?.id ?? null });
  },
});

/** How a tree came, said anew: its day, its form, the pot it came in, when that was last potted. */
export const correctArrival = command("correct-arrival", {
  subjects: (v) => [subject.tree(v.treeId)],
  run: (context, v) => {
    const { replaced, scope, db, entryId } = context;
    const tree = findTree(context, v.treeId);
    if (replaced?.treeId !== v.treeId) refuse("replacesEventId", "arrival-needed");
    refuseFuture(context, v.arrivedOn, "arrivedOn");
    const on = asHappened(v.arrivedOn);
    if (v.lastPotted && v.lastPotted.best > on.best) refuse("lastPotted", "potted-after-arrival");
    const companions = companionsOf(context, replaced);
    const come = new Set(companions.map((e) => e.id));
    const next = context.loaded.indexed.eventsByTree.get(tree.id)?.find((e) => e.on.best < on.best && !come.has(e.id));
    if (next) refuse("arrivedOn", "done-before-arrival", { day: next.on.best });
    const count = v.count;
    let lotId = replaced.potLotId;
    if (v.pot !== null && lotId === null) {
      const id = randomUUID();
      const lot = { id, entryId, name: `${potName(v.pot)} (came with ${tree.tag})`, pot: v.pot, price: null };
      context.write(() => insertLots(db, scope, [lot]));
      lotId = id;
    }
    // The pot came with its tree: as many as there are plants, since that day.
    const stocked = context.loaded.indexed.records.events.find(
      (e) => e.payload.kind === "stocked" && e.potLotId === lotId && e.entryId === replaced.entryId,
    );
    if (stocked) context.withdraw([stocked.id]);
    if (lotId !== null) context.record(happening({ kind: "stocked", count }, on, { potLotId: lotId }));
    context.record(
      happening({ kind: "arrived", form: v.form, lastPotted: v.lastPotted, depthToMixMm: v.depthToMixMm, count }, on, {
        treeId: tree.id,
        potLotId: lotId,
      }),
    );
    // What was seen and said of it at its arrival moves with the arrival.
    if (on.best !== replaced.on.best && companions.length > 0) {
      context.withdraw(companions.map((e) => e.id));
      for (const e of companions)
        context.record(
          happening(e.payload, on, { treeId: e.treeId, potLotId: e.potLotId, placeId: e.placeId ?? null }),
        );
    }
    const before = lotId === null ? undefined : context.loaded.indexed.lots.get(lotId);
    if (v.pot !== null && before && JSON.stringify(before.pot) !== JSON.stringify(v.pot))
      context.record(happening({ kind: "measured", pot: v.pot }, on, { treeId: tree.id, potLotId: lotId }));
    context.note(`${tree.tag}: arrival corrected`);
    return Promise.resolve({ treeId: tree.id });
  },
});

/** What was recorded together with an arrival, of its day: the inspection, the look at the roots, how it was, where it was put. */
function companionsOf(context: CommandContext, arrival: LoggedEvent): ReadableEvent[] {
  return (context.loaded.indexed.eventsByTree.get(arrival.treeId!) ?? []).filter(
    (e) =>
      e.entryId === arrival.entryId &&
      e.id !== arrival.id &&
      e.treeId === arrival.treeId &&
      e.payload.kind !== "arrived" &&
      e.on.best === arrival.on.best,
  );
}

function plantsToday(context: CommandContext, treeId: string): number {
  return plantsAt(context.loaded.indexed, treeId, toDay(context.today));
}

/** Some plants of a batch become a record of their own, with the batch's past. */
export const splitBatch = command("split-batch", {
  subjects: (v) => [subject.tree(v.treeId)],
  run: (context, v) => {
    const tree = findTree(context, v.treeId);
    refuseFuture(context, v.on);
    refuseBeforeArrival(context, v.treeId, v.on);
    refuseTakenTag(livingTags(context), v.tag);
    const plants = plantsToday(context, tree.id);
    if (v.count >= plants) refuse("count", "split-takes-all", { plants });
    const { scope, db, entryId } = context;
    const child = { ...tree, id: v.childId, entryId, tag: v.tag, count: v.count };
    context.write(() => insertTrees(db, scope, [child]));
    context.record(
      happening({ kind: "split-off", count: v.count, childId: v.childId }, v.on, { treeId: tree.id }),
      happening({ kind: "split-from", parentId: tree.id }, v.on, { treeId: v.childId }),
    );
    const changes = Object.fromEntries(
      (["rootstock", "stockPace", "motherId", "motherName", "method", "raisedOn"] as const).flatMap((field) =>
        tree[field] === undefined || tree[field] === null ? [] : [[field, tree[field]]],
      ),
    );
    if (Object.keys(changes).length > 0)
      context.record(happening({ kind: "described", changes }, v.on, { treeId: v.childId }));
    if (tree.placeId) context.record(happening({ kind: "placed" }, v.on, { treeId: v.childId, placeId: tree.placeId }));
    context.note(`${v.count} of ${tree.tag} became ${v.tag}`);
    return Promise.resolve({ treeId: v.childId });
  },
});
