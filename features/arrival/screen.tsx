import "server-only";
import { notFound } from "next/navigation";
import { collectionView } from "../shell/data";
import { kindOptions } from "../trees/kind-options";
import { nextTag } from "../trees/next-tag";
import { lastTag } from "../trees/screen";
import { Arrival } from "./arrival";
import { arrivalContext } from "./season";

/** A plant stands at the gate: looked over before it is taken. */
export async function ArrivalScreen({ collectionId }: { collectionId: string }) {
  const view = await collectionView(collectionId);
  const unknown = await arrivalContext(collectionId, null);
  if (!view || !unknown) notFound();
  const tags = view.loaded.trees.map((t) => t.tag);
  return (
    <Arrival
      kinds={kindOptions()}
      takenTags={tags}
      suggestedTag={nextTag(lastTag(view.loaded), tags)}
      currency={view.collection.currency}
      unknown={unknown}
    />
  );
}
