import "server-only";
import { toDay } from "@/core/dates/index";
import type { StorePot } from "@/core/ladder/index";
import { nameOf } from "@/core/species/index";
import { plantsAt, storeAt } from "@/core/records/index";
import type { CollectionView } from "../kernel/collection/load";

export interface PotUser {
  treeId: string;
  tag: string;
  name: string;
  plants: number;
}

/** Trees by the lot of pots they stand in today. */
export function usersByLot(view: CollectionView): Map<string, PotUser[]> {
  const trees = new Map(view.loaded.trees.map((t) => [t.id, t]));
  const users = new Map<string, PotUser[]>();
  for (const state of view.yard.on(view.today).states) {
    const tree = trees.get(state.treeId);
    if (!tree || state.lotId === null) continue;
    const plants = plantsAt(view.loaded.indexed, tree.id, toDay(view.today));
    const user = { treeId: tree.id, tag: tree.tag, name: nameOf(tree), plants };
    users.set(state.lotId, [...(users.get(state.lotId) ?? []), user]);
  }
  return users;
}

/** Lots with something free, and those that can be bought though none stands there. */
export function shelfOf(view: CollectionView): { free: StorePot[]; toBuy: StorePot[] } {
  const store = storeAt(view.loaded.indexed, toDay(view.today));
  const free = store.filter((p) => p.free > 0);
  const there = new Set(free.map((p) => p.lotId));
  const toBuy = view.loaded.lots
    .filter((lot) => lot.toBuy && !there.has(lot.id))
    .map((lot) => ({ lotId: lot.id, name: lot.name, pot: lot.pot, free: 0 }));
  return { free, toBuy };
}
