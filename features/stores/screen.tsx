import "server-only";
import { notFound } from "next/navigation";
import { toDay } from "@/core/dates/index";
import type { StorePot } from "@/core/ladder/index";
import { onStock, profileOf } from "@/core/species/index";
import { currentBall } from "@/core/potting/index";
import { replay, yearsInPot, treeAt, tracksOf } from "@/model/index";
import { brimEstimate } from "@/core/vessel/index";
import type { CollectionView } from "../collection/load";
import { collectionView, statesOn } from "../shell/data";
import { shelfOf, usersByLot } from "./lots";
import type { ShelfLot } from "./shelf";
import { type Held, StoresView } from "./stores-view";

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
  const trees = new Map(loaded.trees.map((t) => [t.id, t]));
  return (
    <StoresView
      pots={free.map(shown).sort(bySize)}
      toBuy={toBuy.map(shown).sort(bySize)}
      inUse={loaded.lots
        .filter((lot) => users.has(lot.id))
        .map((lot) => ({ lotId: lot.id, name: lot.name, tags: users.get(lot.id)!.map((u) => u.tag) }))}
      places={loaded.places.map(({ id, name }) => ({ id, name }))}
      currency={view.collection.currency}
      held={treeId === undefined ? null : heldAgainst(view, treeId, [...free, ...toBuy])}
      // In the order of the Yard: what presses comes first.
      trees={statesOn(view, view.today).flatMap((s) => {
        const tree = trees.get(s.treeId);
        return tree ? [{ id: tree.id, tag: tree.tag, name: profileOf(tree).name }] : [];
      })}
    />
  );
}

/** A tree's ball held against every pot of the shelf: which fit, and why the others do not. What can be bought counts as there. */
function heldAgainst(view: CollectionView, treeId: string, shelf: StorePot[]): Held | null {
  const { loaded, context, today } = view;
  const tree = loaded.trees.find((t) => t.id === treeId);
  if (!tree) return null;
  const store = shelf.map((p) => (p.free > 0 ? p : { ...p, free: 1 }));
  const kind = tracksOf(context, tree, toDay(today));
  const events = loaded.indexed.eventsByTree.get(treeId) ?? [];
  const state = treeAt(tree, events, loaded.indexed.lots, store, context, kind, toDay(today));
  const on = toDay(today);
  const replayed = replay(
    events,
    loaded.indexed.lots,
    onStock(profileOf(tree), tree.stockPace),
    tracksOf(context, tree, on).warmth,
    on,
  );
  const ball = replayed && currentBall(replayed, yearsInPot(replayed, on))?.ball;
  return state && { treeId, tag: tree.tag, mixL: state.volumeL, fits: state.pots, ball: ball ?? null };
}
