import "server-only";
import { notFound } from "next/navigation";
import { KINDS } from "@/core/species/index";
import { collectionView } from "../shell/data";
import { AddTreeForm } from "./add-form";

/** The next free number after the tags in use. */
function nextTag(tags: readonly string[]): string {
  const numbers = tags.map((tag) => /^T-(\d+)$/.exec(tag)?.[1]).map((n) => Number(n ?? 0));
  return `T-${Math.max(0, ...numbers) + 1}`;
}

export async function AddTreeScreen({ collectionId }: { collectionId: string }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const tags = view.loaded.trees.map((t) => t.tag);
  const kinds = KINDS.flatMap((k) => k.names.map((name) => ({ id: k.id, name, scientific: k.scientific }))).sort(
    (a, b) => a.name.localeCompare(b.name),
  );
  return <AddTreeForm kinds={kinds} takenTags={tags} suggestedTag={nextTag(tags)} />;
}
