import "server-only";
import { notFound } from "next/navigation";
import { FollowDay } from "@/features/kernel/follow-day";
import { asOfDay } from "@/features/kernel/page-props";
import { collectionView } from "@/features/kernel/views";
import { hasFeed } from "@/data/feed-tokens";
import { pool } from "@/server/pool";
import { tonightFacts } from "../winter/watch-data";
import { tonightWords } from "../winter/watch-words";
import { missingFacts } from "./missing";
import { todayFacts } from "./queries";
import { TodayView } from "./view";

/** The one dated list of the collection. */
export async function TodayScreen({ collectionId, on }: { collectionId: string; on: string | undefined }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const shown = asOfDay(on, view.today);
  const watch = shown === view.today && view.loaded.trees.length > 0 ? tonightFacts(view) : null;
  return (
    <>
      <FollowDay shown={shown} />
      <TodayView
        facts={await todayFacts(view, shown)}
        fed={await hasFeed(pool(), { collectionId })}
        places={view.loaded.places.map(({ id, name }) => ({ id, name }))}
        missing={shown === view.today ? missingFacts(view) : []}
        tonight={
          watch && {
            words: tonightWords(watch, view.collection.units, view.today),
            pots: watch.cold.length,
            nights: watch.nights,
          }
        }
      />
    </>
  );
}
