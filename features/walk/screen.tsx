import "server-only";
import { notFound } from "next/navigation";
import { nameOf } from "@/core/species/index";
import { endOf } from "@/core/records/index";
import { collectionView } from "@/features/kernel/views";
import { kindOptions } from "../trees/kind-options";
import { lastTag } from "../trees/screen";
import { Walk } from "./walk";

export async function WalkScreen({ collectionId }: { collectionId: string }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const { loaded } = view;
  const living = loaded.trees.filter((t) => endOf(loaded.indexed.presence.get(t.id) ?? []) === null);
  return (
    <Walk
      kinds={kindOptions()}
      usual={usualKinds(living.map((t) => nameOf(t)))}
      trees={living.map((t) => ({ id: t.id, tag: t.tag, name: nameOf(t) }))}
      lastTag={lastTag(loaded)}
    />
  );
}

/** The collection's own kinds, the commonest first. */
function usualKinds(names: readonly string[]): string[] {
  const counts = new Map<string, number>();
  for (const name of names) counts.set(name, (counts.get(name) ?? 0) + 1);
  return [...counts].sort((a, b) => b[1] - a[1] || a[0].localeCompare(b[0])).map(([name]) => name);
}
