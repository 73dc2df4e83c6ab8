import "server-only";
import { notFound } from "next/navigation";
import { collectionView } from "@/features/kernel/views";
import { nextTag } from "@/features/trees/next-tag";
import { lastTag } from "@/features/trees/add-screen";
import { Arrival } from "./arrival";
import { arrivalContext } from "./season";
import { FollowDay } from "@/features/kernel/follow-day";
import { asOfDay } from "@/features/kernel/page-props";

/** A plant stands at the gate: looked over before it is taken. */
export async function ArrivalScreen({ collectionId, on: askedOn }: { collectionId: string; on: string | undefined }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const shown = asOfDay(askedOn, view.today);
  const unknown = await arrivalContext(collectionId, null, shown);
  if (!unknown) notFound();
  const tags = view.loaded.trees.map((t) => t.tag);
  return (
    <>
      <FollowDay shown={shown} />
      <Arrival
        takenTags={tags}
        suggestedTag={nextTag(lastTag(view.loaded), tags)}
        currency={view.collection.currency}
        unknown={unknown}
      />
    </>
  );
}
