import "server-only";
import { notFound } from "next/navigation";
import { writeRoughDate } from "@/core/dates/index";
import { collectionView } from "@/features/kernel/views";
import { Details } from "./details";

export async function TreeDetailsScreen({ collectionId, treeId }: { collectionId: string; treeId: string }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const { loaded, yard } = view;
  const known = yard.tree(treeId);
  if (!known) notFound();
  const { record: tree, kind: profile } = known;
  return (
    <Details
      tree={{
        id: tree.id,
        tag: tree.tag,
        tagLost: tree.tagLost ?? false,
        name: profile.name,
        kindText: tree.typedName ?? profile.name,
        habit: tree.habit,
        looks: tree.looks ?? null,
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
        plants: known.plants(yard.today),
        left: known.left !== null,
        together: known.on(yard.today)?.roots.together ?? [],
      }}
      places={loaded.places.map(({ id, name }) => ({ id, name }))}
      others={yard.trees
        .filter((t) => t.id !== treeId && t.left === null)
        .map((t) => ({ id: t.id, tag: t.record.tag, name: t.name }))}
    />
  );
}
