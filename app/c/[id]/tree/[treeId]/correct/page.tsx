import { notFound } from "next/navigation";
import { z } from "zod";
import { CorrectScreen } from "@/features/correct/screen";
import { TreeTitle } from "@/features/shell/tree-title";

export default async function CorrectPage({ params }: { params: Promise<{ id: string; treeId: string }> }) {
  const { id, treeId } = await params;
  if (!z.uuid().safeParse(treeId).success) notFound();
  return (
    <>
      <TreeTitle collectionId={id} treeId={treeId}>
        what the ball wants
      </TreeTitle>
      <CorrectScreen collectionId={id} treeId={treeId} />
    </>
  );
}
