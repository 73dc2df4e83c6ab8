import "server-only";
import { notFound } from "next/navigation";
import { toDay } from "@/core/dates/index";
import { writeRoughDate } from "@/core/dates/index";
import { profileOf } from "@/core/species/index";
import { endOf, plantsOn } from "@/core/records/index";
import { replay } from "@/model/index";
import { collectionView } from "../shell/data";
import { kindOptions } from "../trees/kind-options";
import { Details } from "./details";

export async function TreeDetailsScreen({ collectionId, treeId }: { collectionId: string; treeId: string }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const { loaded, context, today } = view;
  const tree = loaded.trees.find((t) => t.id === treeId);
  if (!tree) notFound();
  const profile = profileOf(tree);
  const steps = loaded.indexed.presence.get(treeId) ?? [];
  const state = replay(
    loaded.indexed.eventsByTree.get(treeId) ?? [],
    loaded.indexed.lots,
    profile,
    context.warmth,
    toDay(today),
  );
  return (
    <Details
      tree={{
        id: tree.id,
        tag: tree.tag,
        tagLost: tree.tagLost ?? false,
        name: profile.name,
        kindText: tree.kindId === null ? (tree.typedName ?? "") : profile.name,
        habit: tree.habit,
        cultivar: tree.cultivar ?? "",
        purpose: tree.purpose,
        finalVolumeL: tree.finalVolumeL,
        rootstock: tree.rootstock ?? "",
        stockPace: tree.stockPace ?? null,
        motherId: tree.motherId ?? null,
        motherName: tree.motherName ?? "",
        method: tree.method ?? null,
        raisedOn: tree.raisedOn ? writeRoughDate(tree.raisedOn) : "",
        placeId: tree.placeId ?? null,
        plants: plantsOn(steps, toDay(today)),
        left: endOf(steps) !== null,
        together: state?.together ?? [],
      }}
      kinds={kindOptions()}
      places={loaded.places.map(({ id, name }) => ({ id, name }))}
      others={loaded.trees
        .filter((t) => t.id !== treeId && endOf(loaded.indexed.presence.get(t.id) ?? []) === null)
        .map((t) => ({ id: t.id, tag: t.tag, name: profileOf(t).name }))}
    />
  );
}
