import "server-only";
import { notFound } from "next/navigation";
import { toDay } from "@/core/dates/index";
import { onStock } from "@/core/species/index";
import { conditionOn } from "@/core/records/index";
import { learningOf, matesOn, rerootingOf, whatNarrows } from "@/model/index";
import { collectionView } from "../shell/data";
import { treeOn } from "../tree/tree-on";
import { LearningView } from "./view";

/** What a tree's checks have taught of its pace, as of today. */
export async function LearningScreen({ collectionId, treeId }: { collectionId: string; treeId: string }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const on = toDay(view.today);
  const facts = treeOn(view, treeId, on);
  if (!facts) notFound();
  const { tree, events, kind, profile, replayed, state, site } = facts;
  const learning = learningOf({
    events,
    lots: view.loaded.indexed.lots,
    profile,
    kindProfile: onStock(kind.profile, tree.stockPace),
    track: kind.warmth,
    on,
  });
  if (!learning) notFound();
  const prior = matesOn(view.context, treeId, on);
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
        rerooting: rerootingOf(
          replayed,
          profile,
          site.warmth,
          conditionOn(events, on),
          state.mix?.fedUntil ?? null,
          on,
        ),
        narrowing: whatNarrows(tree, events, view.loaded.indexed.lots, view.context, kind, on),
        potEventId: potted?.id ?? null,
      }}
    />
  );
}
