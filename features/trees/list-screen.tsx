import "server-only";
import { notFound } from "next/navigation";
import { movedSince } from "./look/since";
import { countHeadlines } from "@/words/decision";
import { collectionView } from "@/features/kernel/views";
import { asOfDay } from "@/features/kernel/page-props";
import { TreesNav } from "./trees-nav";
import { TreesView } from "./trees-view";

/** Trees sent with the page; the browser's replay brings the rest of a larger collection. */
const WITH_PAGE = 60;

export async function TreesScreen({ collectionId, on }: { collectionId: string; on: string | undefined }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const day = asOfDay(on, view.today);
  const { rows } = view.yard.on(day);
  return (
    <>
      <TreesNav at="trees" />
      <TreesView
        initial={rows.slice(0, WITH_PAGE)}
        initialOn={day}
        counts={countHeadlines(rows, day)}
        places={view.loaded.places.map(({ id, name }) => ({ id, name }))}
        moved={await movedSince(view)}
      />
    </>
  );
}
