import * as say from "@/words/pages/app";
import { notFound } from "next/navigation";
import { z } from "zod";
import { LearningScreen } from "@/features/tree/learning/screen";
import { TreeTitle } from "@/features/kernel/tree-title";

export default async function LearningPage({ params }: { params: Promise<{ id: string; treeId: string }> }) {
  const { id, treeId } = await params;
  if (!z.uuid().safeParse(treeId).success) notFound();
  return (
    <>
      <TreeTitle collectionId={id} treeId={treeId}>
        {say.rootHistory}
      </TreeTitle>
      <LearningScreen collectionId={id} treeId={treeId} />
    </>
  );
}
