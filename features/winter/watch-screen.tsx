import "server-only";
import { notFound } from "next/navigation";
import { collectionView } from "@/features/kernel/views";
import { WinterNav } from "./winter-nav";
import { watchFacts } from "./watch-data";
import { WatchView } from "./watch-view";

/** Tonight's cold, the air of the quarters, and who is thirsty. */
export async function WatchScreen({ collectionId }: { collectionId: string }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  return (
    <>
      <WinterNav at="winter/watch" />
      <WatchView facts={watchFacts(view)} />
    </>
  );
}
