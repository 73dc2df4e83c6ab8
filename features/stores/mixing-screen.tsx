import "server-only";
import { notFound } from "next/navigation";
import { toDay } from "@/core/dates/index";
import type { StorePot } from "@/core/ladder/index";
import { READY_MIXES } from "@/core/mix/index";
import { onStock, profileOf } from "@/core/species/index";
import { mixChoices, planPotting, plantsOn, replay, storeAt, treeAt, yearsInPot } from "@/core/tree/index";
import type { CollectionView } from "../collection/load";
import { collectionView, statesOn } from "../shell/data";
import { Mixing, type Need } from "./mixing";
import { mixName } from "./mix-words";

export async function MixingScreen({ collectionId }: { collectionId: string }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const { stores } = view.loaded;
  return (
    <Mixing
      needs={needsOf(view)}
      stores={stores}
      recipes={mixChoices(stores, toDay(view.today)).flatMap((m) =>
        m.parts ? [{ key: m.key, name: mixName(m), parts: m.parts }] : [],
      )}
      currency={view.collection.currency}
    />
  );
}

/** Lots that are on sale, as if any number stood in store. */
function onSale(view: CollectionView): StorePot[] {
  return view.loaded.lots
    .filter((lot) => lot.toBuy)
    .map((lot) => ({ lotId: lot.id, name: lot.name, pot: lot.pot, free: 100_000 }));
}

/**
 * Settled litres of new mix each tree takes that can move today, in the pot that fits it best: from the store, else one that can be
 * bought. What presses most has the first choice.
 */
function needsOf(view: CollectionView): Need[] {
  const { loaded, context, today } = view;
  const on = toDay(today);
  const free = new Map(storeAt(loaded.indexed, on).map((p) => [p.lotId, p.free]));
  const sale = onSale(view);
  return statesOn(view, today).flatMap((state): Need[] => {
    const tree = loaded.trees.find((t) => t.id === state.treeId);
    if (!tree || !state.isDue || !state.window.open) return [];
    const plants = plantsOn(loaded.indexed.presence.get(tree.id) ?? [], on);
    const events = loaded.indexed.eventsByTree.get(tree.id) ?? [];
    const profile = onStock(profileOf(tree), tree.stockPace);
    const inStore = state.pots.find((p) => p.misfit === null && (free.get(p.lotId) ?? 0) >= plants);
    const bought = inStore
      ? undefined
      : treeAt(tree, events, loaded.indexed.lots, sale, context, context.kinds[profileOf(tree).key], on)?.pots.find(
          (p) => p.misfit === null,
        );
    const best = inStore ?? bought;
    const lot = best && loaded.indexed.lots.get(best.lotId);
    if (!lot) return [];
    if (inStore) free.set(lot.id, free.get(lot.id)! - plants);
    const replayed = replay(events, loaded.indexed.lots, profile, context.warmth, on);
    const plan =
      replayed &&
      planPotting(replayed, yearsInPot(replayed, on), tree, {
        pot: lot.pot,
        mix: READY_MIXES["compost-bark"],
        correction: state.correction,
        retainedShare: null,
        crownMm: 0,
        bottomLayerMm: 0,
      });
    if (!plan) return [];
    return [
      {
        id: tree.id,
        tag: tree.tag,
        pot: lot.name,
        plants,
        settledL: plan.setting.settledMixL * plants,
        toBuy: inStore ? null : { lotId: lot.id, price: lot.price ?? null },
      },
    ];
  });
}
