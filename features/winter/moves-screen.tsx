import "server-only";
import { notFound } from "next/navigation";
import { collectionView } from "@/features/kernel/views";
import { movesFacts } from "./moves-data";
import { MovesView } from "./moves-view";
import { WinterNav } from "./winter-nav";

/** When each tree goes in and comes out again, as rounds that people can carry. */
export async function MovesScreen({ collectionId }: { collectionId: string }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  return (
    <>
      <WinterNav at="winter/moves" />
      <MovesView facts={await movesFacts(view)} southern={view.yard.site.latitudeDeg < 0} risk={view.collection.risk} />
    </>
  );
}
