import * as say from "@/words/pages/pots/pot";
import "server-only";
import { notFound } from "next/navigation";
import { toDay } from "@/core/dates/index";
import { freeOf } from "@/core/records/index";
import { usualFillHeightMm } from "@/core/potting/index";
import { brimEstimate, vesselOf } from "@/core/vessel/index";
import { eventWords } from "@/words/events";
import { collectionView } from "@/features/kernel/views";
import { usersByLot } from "./lots";
import { type PotEvent, PotView } from "./pot-view";

/** One lot of pots, or one pot with its own name: what it is, who stands in it, what happened to it. */
export async function PotScreen({ collectionId, lotId }: { collectionId: string; lotId: string }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const { loaded, today } = view;
  const lot = loaded.lots.find((l) => l.id === lotId);
  if (!lot) notFound();
  const { vessel, guessed } = vesselOf(lot.pot);
  const tags = new Map(loaded.trees.map((t) => [t.id, t.tag]));
  const places = new Map(loaded.places.map((p) => [p.id, p.name]));
  const units = view.collection.units;
  const entries = new Map(loaded.entries.map((e) => [e.id, e]));
  const history = loaded.indexed.records.events
    .filter((e) => e.potLotId === lotId)
    .map((e): PotEvent => {
      const entry = entries.get(e.entryId);
      const place = e.placeId ? (places.get(e.placeId) ?? null) : null;
      const words = eventWords(e.payload, { lot: lot.name, place, tags: {}, kind: null }, units);
      return {
        id: e.id,
        on: e.on.best,
        tree: e.treeId === null ? null : { id: e.treeId, tag: tags.get(e.treeId) ?? say.aTreeNoLongerHere },
        words,
        actor: entry?.actor ?? "",
      };
    })
    .reverse();
  return (
    <PotView
      lot={{
        id: lot.id,
        name: lot.name,
        pot: lot.pot,
        price: lot.price ?? null,
        toBuy: lot.toBuy ?? false,
        condition: lot.condition ?? "sound",
        frostProof: lot.frostProof ?? null,
        placeId: lot.placeId ?? null,
      }}
      vessel={vessel}
      guessed={guessed}
      fillHeightMm={usualFillHeightMm(vessel)}
      brim={brimEstimate(lot.pot)}
      free={freeOf(loaded.indexed, lotId, toDay(today))}
      users={usersByLot(view).get(lotId) ?? []}
      places={loaded.places.map(({ id, name }) => ({ id, name }))}
      history={history}
      currency={view.collection.currency}
    />
  );
}
