import * as say from "@/words/pages/app";
import { notFound } from "next/navigation";
import { z } from "zod";
import { LadderScreen } from "@/features/plan/tree/screen";
import { TreeTitle } from "@/features/kernel/tree-title";

export default async function LadderPage({ params }: { params: Promise<{ id: string; treeId: string }> }) {
  const { id, treeId } = await params;
  if (!z.uuid().safeParse(treeId).success) notFound();
  return (
    <>
      <TreeTitle collectionId={id} treeId={treeId}>
        {say.planOfPots}
      </TreeTitle>
      <LadderScreen collectionId={id} treeId={treeId} />
    </>
  );
}
