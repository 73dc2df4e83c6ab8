import "server-only";
import { notFound } from "next/navigation";
import { toDay } from "@/core/dates/index";
import { profileOf } from "@/core/species/index";
import { storeAt, treeAt } from "@/core/tree/index";
import { brimEstimate } from "@/core/vessel/index";
import type { CollectionView } from "../collection/load";
import { collectionView, statesOn } from "../shell/data";
import { type Held, StoresView } from "./stores-view";

export async function StoresScreen({ collectionId, treeId }: { collectionId: string; treeId: string | undefined }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const { loaded } = view;
  const prices = new Map(loaded.lots.map((lot) => [lot.id, lot.price]));
  const pots = storeAt(loaded.indexed, toDay(view.today))
    .filter((p) => p.free > 0)
    .map((p) => ({ ...p, price: prices.get(p.lotId) ?? null, brim: brimEstimate(p.pot) }))
    .sort((a, b) => a.brim.p50 - b.brim.p50);
  const trees = new Map(loaded.trees.map((t) => [t.id, t]));
  return (
    <StoresView
      pots={pots}
      currency={view.collection.currency}
      held={treeId === undefined ? null : heldAgainst(view, treeId)}
      // In the order of the Yard: what presses comes first.
      trees={statesOn(view, view.today).flatMap((s) => {
        const tree = trees.get(s.treeId);
        return tree ? [{ id: tree.id, tag: tree.tag, name: profileOf(tree).name }] : [];
      })}
    />
  );
}

/** A tree's ball held against every pot of the shelf: which fit, and why the others do not. */
function heldAgainst(view: CollectionView, treeId: string): Held | null {
  const { loaded, context, today } = view;
  const tree = loaded.trees.find((t) => t.id === treeId);
  if (!tree) return null;
  const on = toDay(today);
  const store = storeAt(loaded.indexed, on).filter((p) => p.free > 0);
  const kind = context.kinds[profileOf(tree).key];
  const events = loaded.indexed.eventsByTree.get(treeId) ?? [];
  const state = treeAt(tree, events, loaded.indexed.lots, store, context, kind, on);
  return state && { treeId, tag: tree.tag, mixL: state.volumeL, fits: state.pots };
}
