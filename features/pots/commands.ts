import { toDay } from "@/core/dates/index";
import { subject } from "@/core/event/index";
import { freeOf } from "@/core/records/index";
import { insertLots, type StoredLot } from "@/data/pots";
import { yardOf } from "../kernel/collection/load";
import { findTree, happening, refuseFuture } from "@/features/kernel/days";
import { addsOnly, command, type CommandContext, refuse } from "@/features/kernel/define";
import { CONDITION_WORDS } from "@/words/terms";

/** Pots of one shape, wall and price come into the store as one lot, or are known to be on sale. */
export const stockPots = command("stock-pots", {
  subjects: addsOnly,
  run: (context, v) => {
    if (v.on !== undefined) refuseFuture(context, v.on);
    const { entryId, scope, db } = context;
    if (v.placeId !== null) findPlace(context, v.placeId);
    const on = v.on ?? context.today;
    const about = { potLotId: v.lotId };
    context.write(() => insertLots(db, scope, [{ id: v.lotId, entryId, name: v.name, pot: v.pot, price: v.price }]));
    if (v.count > 0) context.record(happening({ kind: "stocked", count: v.count }, on, about));
    if (v.toBuy) context.record(happening({ kind: "lot-described", toBuy: true }, on, about));
    if (v.placeId !== null) context.record(happening({ kind: "placed" }, on, { ...about, placeId: v.placeId }));
    context.note(v.count > 0 ? `${v.count} × ${v.name} put in store` : `${v.name}: can be bought`);
    return Promise.resolve({ lotId: v.lotId });
  },
});

function findPlace(context: CommandContext, placeId: string) {
  return context.loaded.places.find((p) => p.id === placeId) ?? refuse("placeId", "place-gone");
}

function findLot(context: CommandContext, lotId: string): StoredLot {
  return context.loaded.lots.find((l) => l.id === lotId) ?? refuse("lotId", "pot-gone");
}

/** Some more of the same come into the store: found, bought, brought back. */
export const addPots = command("add-pots", {
  subjects: (v) => [subject.pots(v.lotId)],
  run: (context, v) => {
    const lot = findLot(context, v.lotId);
    const on = v.on ?? context.today;
    refuseFuture(context, on);
    context.record(happening({ kind: "stocked", count: v.count }, on, { potLotId: lot.id }));
    context.note(`${v.count} × ${lot.name} put in store`);
    return Promise.resolve({ lotId: lot.id });
  },
});

/** What these pots are called, what they cost, whether more can be bought. */
export const describeLot = command("describe-lot", {
  subjects: (v) => [subject.pots(v.lotId)],
  run: (context, v) => {
    const lot = findLot(context, v.lotId);
    const { name, price, toBuy, frostProof } = v;
    context.record(
      happening({ kind: "lot-described", name, price, toBuy, frostProof }, context.today, { potLotId: lot.id }),
    );
    context.note(`${lot.name}: described again`);
    return Promise.resolve({ lotId: lot.id });
  },
});

/** Pots of a lot measured, empty or from outside: they are that size for all the days they were used. */
export const measurePots = command("measure-pots", {
  subjects: (v) => [subject.pots(v.lotId)],
  run: (context, v) => {
    const lot = findLot(context, v.lotId);
    context.record(
      happening({ kind: "measured", pot: v.pot, depthToMixMm: null }, context.today, { potLotId: lot.id }),
    );
    context.note(`${lot.name} measured`);
    return Promise.resolve({ lotId: lot.id });
  },
});

/** The free pots of a lot stand somewhere else from now on. */
export const movePots = command("move-pots", {
  subjects: (v) => [subject.pots(v.lotId)],
  run: (context, v) => {
    const lot = findLot(context, v.lotId);
    const place = findPlace(context, v.placeId);
    context.record(happening({ kind: "placed" }, context.today, { potLotId: lot.id, placeId: place.id }));
    context.note(`${lot.name} to ${place.name}`);
    return Promise.resolve({ lotId: lot.id });
  },
});

/** A pot that has earned a fact of its own becomes a lot of one: a free one, or the one a tree stands in. */
export const identifyPot = command("identify-pot", {
  subjects: (v) => [subject.pots(v.lotId), ...(v.treeId === null ? [] : [subject.tree(v.treeId)])],
  run: async (context, v) => {
    const { db, scope, entryId, loaded, today } = context;
    const lot = findLot(context, v.lotId);
    const { id: _old, ...rest } = lot;
    const about = { potLotId: v.newLotId };
    if (v.treeId === null) {
      const free = freeOf(loaded.indexed, lot.id, toDay(today));
      if (free < 1) refuse("lotId", "free-or-name-tree");
    } else {
      const tree = findTree(context, v.treeId);
      const state = (await yardOf(context)).tree(tree.id)?.on(today)?.roots;
      if (state?.lotId !== lot.id) refuse("treeId", "not-in-these-pots");
      if (tree.count > 1) refuse("treeId", "batch-in-many-pots");
      if (state.together.length > 1) refuse("treeId", "pot-shared");
      context.record(happening({ kind: "identified" }, today, { treeId: tree.id, ...about }));
    }
    context.write(() => insertLots(db, scope, [{ ...rest, id: v.newLotId, entryId, name: v.name }]));
    context.record(
      happening({ kind: "discarded", count: 1 }, today, { potLotId: lot.id }),
      happening({ kind: "stocked", count: 1 }, today, about),
    );
    if (lot.condition && lot.condition !== "sound")
      context.record(happening({ kind: "conditioned", condition: lot.condition }, today, about));
    if (lot.placeId) context.record(happening({ kind: "placed" }, today, { ...about, placeId: lot.placeId }));
    context.note(`One of ${lot.name} is now ${v.name}`);
    return { lotId: v.newLotId };
  },
});

/** Free pots of a lot leave the store: broken, sold, thrown out. */
export const discardPots = command("discard-pots", {
  subjects: (v) => [subject.pots(v.lotId)],
  run: (context, v) => {
    const on = v.on ?? context.today;
    refuseFuture(context, on);
    const lot = findLot(context, v.lotId);
    const free = freeOf(context.loaded.indexed, v.lotId, toDay(context.today));
    if (v.count > free) refuse("count", "fewer-pots-free", { free });
    context.record(happening({ kind: "discarded", count: v.count }, on, { potLotId: v.lotId }));
    context.note(`${v.count} × ${lot.name} thrown out`);
    return Promise.resolve({ lotId: v.lotId });
  },
});

/** Pots of a lot are found cracked, brittle, dirty, or sound again. Some of a lot become a lot of their own. */
export const setPotCondition = command("set-pot-condition", {
  subjects: (v) => [subject.pots(v.lotId)],
  run: (context, v) => {
    const { db, scope, entryId, loaded, today } = context;
    const lot = findLot(context, v.lotId);
    const condition = lot.condition ?? "sound";
    if (condition === v.condition) refuse("condition", "so-recorded-already");
    const free = freeOf(loaded.indexed, lot.id, toDay(today));
    if (v.count > free) refuse("count", "fewer-pots-free", { free });
    const inUse = loaded.indexed.records.events.some((e) => e.potLotId === lot.id && e.treeId !== null);
    if (v.count === free && !inUse) {
      context.record(happening({ kind: "conditioned", condition: v.condition }, today, { potLotId: lot.id }));
    } else {
      const { id: _old, ...rest } = lot;
      const name = `${lot.name.replace(/, (sound|brittle|cracked|to be washed and disinfected)$/, "")}, ${CONDITION_WORDS[v.condition]}`;
      context.write(() => insertLots(db, scope, [{ ...rest, id: v.newLotId, entryId, name: name.slice(0, 120) }]));
      context.record(
        happening({ kind: "discarded", count: v.count }, today, { potLotId: lot.id }),
        happening({ kind: "stocked", count: v.count }, today, { potLotId: v.newLotId }),
        happening({ kind: "conditioned", condition: v.condition }, today, { potLotId: v.newLotId }),
      );
    }
    context.note(`${v.count} × ${lot.name}: ${CONDITION_WORDS[v.condition]}`);
    return Promise.resolve({ lotId: v.lotId });
  },
});
