import "server-only";
import { notFound } from "next/navigation";
import { toDay } from "@/core/dates/index";
import type { StorePot } from "@/core/ladder/index";
import type { Mix } from "@/core/mix/index";
import { mixChoices, usualMix } from "@/core/records/index";
import { planPotting } from "@/core/potting/index";
import type { CollectionView } from "../kernel/collection/load";
import { collectionView } from "@/features/kernel/views";
import { asOfDay } from "@/features/kernel/page-props";
import { Mixing, type Need } from "./mixing";
import { mixName } from "@/words/mixes";

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
  const { loaded } = view;
  const today = view.yard.on(asOf);
  const store = today.free;
  const free = new Map(store.map((p) => [p.lotId, p.free]));
  const sale = onSale(view);
  const needs = view.yard.on(asOf).states.flatMap((state): Need[] => {
    const day = today.tree(state.treeId);
    if (!day || !state.isDue) return [];
    const { record: tree, plants, roots } = day;
    const fits = (pots: StorePot[]) => day.fits(pots).filter((p) => p.misfit === null);
    const inStore = fits(store).find((p) => (free.get(p.lotId) ?? 0) >= plants);
    const lot = loaded.indexed.lots.get((inStore ?? fits(sale)[0])?.lotId ?? "");
    const plan =
      lot &&
      planPotting(roots, day.yearsInPot, tree, {
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
