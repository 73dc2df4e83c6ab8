import "server-only";
import { notFound } from "next/navigation";
import { toDay } from "@/core/dates/index";
import { mixChoices } from "@/core/records/index";
import { collectionView } from "@/features/kernel/views";
import { LibraryView } from "./library";
import { mixName } from "@/words/mixes";

export async function LibraryScreen({ collectionId }: { collectionId: string }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const { stores } = view.loaded;
  return (
    <LibraryView
      stores={stores}
      mixes={mixChoices(stores, toDay(view.today))
        .filter((m) => m.from !== "reclaimed")
        .map((m) => ({ ...m, name: mixName(m) }))}
    />
  );
}
