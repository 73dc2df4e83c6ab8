import "server-only";
import { notFound } from "next/navigation";
import { toDay } from "@/core/dates/index";
import { mixChoices, storeAt } from "@/core/records/index";
import { collectionView } from "@/features/kernel/views";
import { MixesView } from "./mixes";
import { mixName } from "@/words/mixes";

export async function MixesScreen({ collectionId }: { collectionId: string }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const { loaded, today } = view;
  const on = toDay(today);
  const choices = mixChoices(loaded.stores, on);
  const seen = new Set<string>();
  return (
    <MixesView
      choices={choices.map((c) => ({ ...c, name: mixName(c) }))}
      stores={loaded.stores}
      pots={[...storeAt(loaded.indexed, on), ...loaded.lots.filter((l) => l.toBuy).map((l) => ({ ...l, lotId: l.id }))]
        .filter((p) => !seen.has(p.lotId) && seen.add(p.lotId))
        .map(({ lotId, name, pot }) => ({ lotId, name, pot }))}
    />
  );
}
