import "server-only";
import { notFound } from "next/navigation";
import { toDay } from "@/core/dates/index";
import type { StorePot } from "@/core/ladder/index";
import type { Mix } from "@/core/mix/index";
import { onStock, profileOf } from "@/core/species/index";
import { mixChoices, usualMix, plantsOn } from "@/core/records/index";
import { planPotting } from "@/core/potting/index";
import { replay, yearsInPot, storeAt, treeAt, tracksOf } from "@/model/index";
import type { CollectionView } from "../collection/load";
import { collectionView, statesOn } from "../shell/data";
import { asOfDay } from "../shell/page-props";
import { Mixing, type Need } from "./mixing";
import { mixName } from "./mix-words";

export async function MixingScreen({ collectionId, on }: { collectionId: string; on: string | undefined }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const { stores } = view.loaded;
  const asOf = asOfDay(on, view.today);
  const mixes = mixChoices(stores, toDay(view.today)).map((m) => ({ ...m, name: mixName(m) }));
  const usual = usualMix(mixes, view.loaded.indexed.records.events);
  return (
    <Mixing
      key={asOf}
      asOf={asOf}
      needs={needsOf(view, asOf, mixes.find((m) => m.key === usual)!.mix)}
      stores={stores}
      recipes={mixes.flatMap((m) => (m.parts ? [{ key: m.key, name: m.name, parts: m.parts }] : []))}
      usual={usual}
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
 * Settled litres of new mix each tree takes that is due on the day asked, in the pot that fits it best: from the store, else one
 * that can be bought. What presses most has the first choice. Trees whose window is closed are listed with the day it opens.
 */
function needsOf(view: CollectionView, asOf: string, mix: Mix): Need[] {
  const { loaded, context } = view;
  const on = toDay(asOf);
  const store = storeAt(loaded.indexed, on).filter((p) => p.free > 0);
  const free = new Map(store.map((p) => [p.lotId, p.free]));
  const sale = onSale(view);
  const needs = statesOn(view, asOf).flatMap((state): Need[] => {
    const tree = loaded.trees.find((t) => t.id === state.treeId);
    if (!tree || !state.isDue) return [];
    const plants = plantsOn(loaded.indexed.presence.get(tree.id) ?? [], on);
    const events = loaded.indexed.eventsByTree.get(tree.id) ?? [];
    const kind = tracksOf(context, tree, on);
    const profile = onStock(profileOf(tree), tree.stockPace);
    const fits = (pots: StorePot[]) =>
      treeAt(tree, events, loaded.indexed.lots, pots, context, kind, on)?.pots.filter((p) => p.misfit === null) ?? [];
    const inStore = fits(store).find((p) => (free.get(p.lotId) ?? 0) >= plants);
    const lot = loaded.indexed.lots.get((inStore ?? fits(sale)[0])?.lotId ?? "");
    const replayed = replay(events, loaded.indexed.lots, profile, tracksOf(context, tree, on).warmth, on);
    const plan =
      lot &&
      replayed &&
      planPotting(replayed, yearsInPot(replayed, on), tree, {
        pot: lot.pot,
        mix,
        correction: state.correction,
        retainedShare: null,
        crownMm: 0,
        bottomLayerMm: 0,
      });
    if (!lot || !plan) return [];
    if (inStore) free.set(lot.id, free.get(lot.id)! - plants);
    return [
      {
        id: tree.id,
        tag: tree.tag,
        pot: lot.name,
        plants,
        settledL: plan.setting.settledMixL * plants,
        toBuy: inStore ? null : { lotId: lot.id, price: lot.price ?? null },
        opens: state.window.open ? null : (state.window.period?.from ?? null),
        open: state.window.open,
      },
    ];
  });
  // What can be done on the day comes first, each part in the order of the Yard.
  return [...needs.filter((n) => n.open), ...needs.filter((n) => !n.open)];
}
