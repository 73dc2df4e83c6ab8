import "server-only";
import { notFound } from "next/navigation";
import { toDay } from "@/core/dates/index";
import { storeAt } from "@/core/tree/index";
import { brimEstimate } from "@/core/vessel/index";
import { collectionView } from "../shell/data";
import { StoresView } from "./stores-view";

export async function StoresScreen({ collectionId }: { collectionId: string }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const prices = new Map(view.loaded.lots.map((lot) => [lot.id, lot.price]));
  const pots = storeAt(view.loaded.indexed, toDay(view.today))
    .filter((p) => p.free > 0)
    .map((p) => ({ ...p, price: prices.get(p.lotId) ?? null, brim: brimEstimate(p.pot) }))
    .sort((a, b) => a.brim.p50 - b.brim.p50);
  return <StoresView pots={pots} currency={view.collection.currency} />;
}
