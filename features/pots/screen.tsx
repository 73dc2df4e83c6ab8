import "server-only";
import { notFound } from "next/navigation";
import type { StorePot } from "@/core/ladder/index";
import { brimEstimate } from "@/core/vessel/index";
import type { CollectionView } from "../kernel/collection/load";
import { collectionView } from "@/features/kernel/views";
import { shelfOf, usersByLot } from "./lots";
import type { ShelfLot } from "./shelf";
import { type Held, ShelfView } from "./shelf-view";

export async function StoresScreen({ collectionId, treeId }: { collectionId: string; treeId: string | undefined }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const { loaded } = view;
  const { free, toBuy } = shelfOf(view);
  const lots = new Map(loaded.lots.map((lot) => [lot.id, lot]));
  const users = usersByLot(view);
  const places = new Map(loaded.places.map((p) => [p.id, p.name]));
  const shown = (p: StorePot): ShelfLot => {
    const lot = lots.get(p.lotId);
    return {
      ...p,
      price: lot?.price ?? null,
      toBuy: lot?.toBuy ?? false,
      place: lot?.placeId ? (places.get(lot.placeId) ?? null) : null,
      inUse: (users.get(p.lotId) ?? []).reduce((n, u) => n + u.plants, 0),
      brim: brimEstimate(p.pot),
    };
  };
  const bySize = (a: ShelfLot, b: ShelfLot) => a.brim.p50 - b.brim.p50;
  return (
    <ShelfView
      pots={free.map(shown).sort(bySize)}
      toBuy={toBuy.map(shown).sort(bySize)}
      inUse={loaded.lots
        .filter((lot) => users.has(lot.id))
        .map((lot) => ({ lotId: lot.id, name: lot.name, tags: users.get(lot.id)!.map((u) => u.tag) }))}
      places={loaded.places.map(({ id, name }) => ({ id, name }))}
      currency={view.collection.currency}
      held={treeId === undefined ? null : heldAgainst(view, treeId, [...free, ...toBuy])}
      // In the order of the Yard: what presses comes first.
      trees={view.yard.on(view.today).states.flatMap((s) => {
        const tree = view.yard.tree(s.treeId);
        return tree ? [{ id: tree.id, tag: tree.record.tag, name: tree.name }] : [];
      })}
    />
  );
}

/** A tree's ball held against every pot of the shelf: which fit, and why the others do not. What can be bought counts as there. */
function heldAgainst(view: CollectionView, treeId: string, shelf: StorePot[]): Held | null {
  const facts = view.yard.tree(treeId)?.on(view.today);
  if (!facts) return null;
  const store = shelf.map((p) => (p.free > 0 ? p : { ...p, free: 1 }));
  const { state, record, ball } = facts;
  return { treeId, tag: record.tag, mixL: state.volumeL, fits: facts.fits(store), ball: ball?.ball ?? null };
}
