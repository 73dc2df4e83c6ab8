import "server-only";
import { notFound } from "next/navigation";
import { toDay } from "@/core/dates/index";
import { stepRule } from "@/core/ladder/index";
import { profileOf } from "@/core/species/index";
import { treePicture } from "@/core/tree/index";
import type { CollectionView } from "../collection/load";
import { frostWords } from "../almanac/words";
import { leaningOn } from "../history/commands";
import { collectionView } from "../shell/data";
import { asOfDay } from "../shell/page-props";
import { TreeView, type TreeFacts } from "./tree-view";

export async function TreeScreen({
  collectionId,
  treeId,
  on,
}: {
  collectionId: string;
  treeId: string;
  on: string | undefined;
}) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const tree = view.loaded.trees.find((t) => t.id === treeId);
  if (!tree) notFound();
  const arrived = view.loaded.indexed.eventsByTree.get(treeId)?.[0]?.on.best;
  const asked = asOfDay(on, view.today);
  // Before its arrival there is nothing to show: the day it came is the first there is.
  const day = arrived !== undefined && asked < arrived ? arrived : asked;
  const picture = treePicture(view.loaded.indexed, view.context, treeId, toDay(day));
  if (!picture) notFound();
  return <TreeView facts={factsOf(view, treeId)} initial={picture} initialOn={day} />;
}

/** What does not change with the as-of day. */
function factsOf(view: CollectionView, treeId: string): TreeFacts {
  const { loaded, site } = view;
  const tree = loaded.trees.find((t) => t.id === treeId)!;
  const profile = profileOf(tree);
  const rule = stepRule(profile.kPerDegreeDay);
  const entries = new Map(loaded.entries.map((e) => [e.id, e]));
  return {
    id: tree.id,
    tag: tree.tag,
    name: profile.name,
    scientific: profile.scientific,
    cultivar: tree.cultivar,
    purpose: tree.purpose,
    count: tree.count,
    note: profile.note,
    hazards: profile.hazards,
    listed: tree.kindId !== null,
    habit: tree.habit,
    step: rule,
    kPerDegreeDay: profile.kPerDegreeDay,
    frost: frostWords(site),
    lots: loaded.lots.map((lot) => ({ id: lot.id, name: lot.name, pot: lot.pot })),
    history: (loaded.indexed.eventsByTree.get(treeId) ?? [])
      .map((event) => ({ event, entry: entries.get(event.entryId)! }))
      .map(({ event, entry }) => ({
        entryId: entry.id,
        on: event.on,
        payload: event.payload,
        lotName: event.potLotId === null ? null : (loaded.indexed.lots.get(event.potLotId)?.name ?? null),
        recordedAt: entry.recordedAt,
        actor: entry.actor,
        leaning: leaningOn(loaded, entry.id).length,
      }))
      .reverse(),
  };
}
