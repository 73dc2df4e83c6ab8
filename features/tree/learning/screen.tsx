import "server-only";
import { notFound } from "next/navigation";
import { toDay } from "@/core/dates/index";
import { collectionView } from "@/features/kernel/views";
import { LearningView } from "./view";

/** What a tree's checks have taught of its pace, as of today. */
export async function LearningScreen({ collectionId, treeId }: { collectionId: string; treeId: string }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const on = toDay(view.today);
  const facts = view.yard.tree(treeId)?.on(on);
  if (!facts) notFound();
  const { record: tree, events, profile, state } = facts;
  const learning = facts.learning();
  if (!learning) notFound();
  const prior = facts.mates;
  const mates = view.loaded.trees.filter((t) => t.id !== treeId && t.kindId !== null && t.kindId === tree.kindId);
  const potted = [...events].reverse().find((e) => e.payload.kind === "potted");
  return (
    <LearningView
      facts={{
        treeId,
        tag: tree.tag,
        name: profile.name,
        cultivar: tree.cultivar,
        learning,
        mates: prior ? { count: prior.mates, of: mates.length } : null,
        due: state.due,
        rerooting: facts.rerooting,
        narrowing: facts.narrowing,
        potEventId: potted?.id ?? null,
      }}
    />
  );
}
