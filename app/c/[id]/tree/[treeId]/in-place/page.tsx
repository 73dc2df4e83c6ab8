import { notFound } from "next/navigation";
import { z } from "zod";
import { InPlaceScreen } from "@/features/inplace/screen";
import { TreeTitle } from "@/features/shell/tree-title";

export default async function InPlacePage({ params }: { params: Promise<{ id: string; treeId: string }> }) {
  const { id, treeId } = await params;
  if (!z.uuid().safeParse(treeId).success) notFound();
  return (
    <>
      <TreeTitle collectionId={id} treeId={treeId}>
        work where it stands
      </TreeTitle>
      <InPlaceScreen collectionId={id} treeId={treeId} />
    </>
  );
}
