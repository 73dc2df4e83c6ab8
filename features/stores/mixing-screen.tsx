import "server-only";
import { notFound } from "next/navigation";
import { toDay } from "@/core/dates/index";
import { READY_MIXES } from "@/core/mix/index";
import { onStock, profileOf } from "@/core/species/index";
import { planPotting, plantsOn, replay, storeAt } from "@/core/tree/index";
import type { CollectionView } from "../collection/load";
import { collectionView, statesOn } from "../shell/data";
import { Mixing, type Need } from "./mixing";

export async function MixingScreen({ collectionId }: { collectionId: string }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  return <Mixing needs={needsOf(view)} currency={view.collection.currency} />;
}

/** Settled litres of new mix each tree that is due takes in the pot that fits it best; what presses most has the first choice of pots. */
function needsOf(view: CollectionView): Need[] {
  const { loaded, context, today } = view;
  const on = toDay(today);
  const free = new Map(storeAt(loaded.indexed, on).map((p) => [p.lotId, p.free]));
  return statesOn(view, today).flatMap((state) => {
    const plants = plantsOn(loaded.indexed.presence.get(state.treeId) ?? [], on);
    const best = state.pots.find((p) => p.misfit === null && (free.get(p.lotId) ?? 0) >= plants);
    const lot = best && loaded.indexed.lots.get(best.lotId);
    const tree = loaded.trees.find((t) => t.id === state.treeId);
    if (!lot || !tree) return [];
    free.set(lot.id, free.get(lot.id)! - plants);
    const profile = onStock(profileOf(tree), tree.stockPace);
    const events = loaded.indexed.eventsByTree.get(tree.id) ?? [];
    const replayed = replay(events, loaded.indexed.lots, profile, context.warmth, on);
    const plan =
      replayed &&
      planPotting(replayed, state.mixAgeYears ?? 2, tree, {
        pot: lot.pot,
        mix: READY_MIXES["compost-bark"],
        correction: state.correction,
        retainedShare: null,
        crownMm: 0,
        bottomLayerMm: 0,
      });
    if (!plan) return [];
    return [{ id: tree.id, tag: tree.tag, pot: lot.name, plants, settledL: plan.setting.settledMixL * plants }];
  });
}
