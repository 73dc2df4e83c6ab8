import "server-only";
import { notFound } from "next/navigation";
import { toDay } from "@/core/dates/index";
import { mixChoices } from "@/core/records/index";
import { collectionView } from "@/features/kernel/views";
import { BigView } from "./big";
import { shelfOf } from "./lots";
import { mixName } from "@/words/mixes";

export async function BigScreen({ collectionId }: { collectionId: string }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  return (
    <BigView
      mixes={mixChoices(view.loaded.stores, toDay(view.today)).map((m) => ({ ...m, name: mixName(m) }))}
      pots={shelfOf(view).free.map(({ lotId, name, pot }) => ({ lotId, name, pot }))}
    />
  );
}
