import "server-only";
import { notFound } from "next/navigation";
import type { LoggedEvent } from "@/core/event/index";
import { endOf } from "@/core/records/index";
import type { LoadedRecords } from "../kernel/collection/load";
import { collectionView } from "@/features/kernel/views";
import { AddTreeForm } from "./add-form";
import { nextTag } from "./next-tag";

export async function AddTreeScreen({ collectionId }: { collectionId: string }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const tags = view.loaded.trees.map((t) => t.tag);
  return <AddTreeForm takenTags={tags} suggestedTag={nextTag(lastTag(view.loaded), tags)} />;
}

/** The tag with a number that was given last to a tree that is still there. */
export function lastTag(loaded: LoadedRecords): string | null {
  const counted = new Set<string | null>(
    loaded.trees
      .filter((t) => /\d$/.test(t.tag) && endOf(loaded.indexed.presence.get(t.id) ?? []) === null)
      .map((t) => t.id),
  );
  const newest = loaded.indexed.records.events.reduce<LoggedEvent | null>(
    (best, e) =>
      e.payload.kind === "arrived" && counted.has(e.treeId) && (best === null || e.seq > best.seq) ? e : best,
    null,
  );
  return loaded.trees.find((t) => t.id === newest?.treeId)?.tag ?? null;
}
