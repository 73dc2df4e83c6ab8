import { notFound } from "next/navigation";
import { z } from "zod";
import { RescueScreen } from "@/features/rescue/screen";
import { TreeTitle } from "@/features/shell/tree-title";

export default async function RescuePage({ params }: { params: Promise<{ id: string; treeId: string }> }) {
  const { id, treeId } = await params;
  if (!z.uuid().safeParse(treeId).success) notFound();
  return (
    <>
      <TreeTitle collectionId={id} treeId={treeId}>
        rescue
      </TreeTitle>
      <RescueScreen collectionId={id} treeId={treeId} />
    </>
  );
}
