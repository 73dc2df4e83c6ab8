import "server-only";
import { notFound } from "next/navigation";
import { KINDS, nameOf } from "@/core/species/index";
import { endOf } from "@/core/records/index";
import { collectionView } from "@/features/kernel/views";
import { lastTag } from "@/features/trees/add-screen";
import { WalkRound } from "./walk";

export async function WalkScreen({ collectionId }: { collectionId: string }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const { loaded } = view;
  const living = loaded.trees.filter((t) => endOf(loaded.indexed.presence.get(t.id) ?? []) === null);
  return (
    <WalkRound
      usual={[...usualKinds(living.map((t) => nameOf(t))), ...COMMON_KINDS]}
      trees={living.map((t) => ({ id: t.id, tag: t.tag, name: nameOf(t) }))}
      lastTag={lastTag(loaded)}
    />
  );
}

/** What is offered until a collection has kinds of its own. */
const COMMON_KINDS = KINDS.slice(0, 8).map((kind) => kind.names[0]);

/** The collection's own kinds, the commonest first. */
function usualKinds(names: readonly string[]): string[] {
  const counts = new Map<string, number>();
  for (const name of names) counts.set(name, (counts.get(name) ?? 0) + 1);
  return [...counts].sort((a, b) => b[1] - a[1] || a[0].localeCompare(b[0])).map(([name]) => name);
}
