import { notFound } from "next/navigation";
import { z } from "zod";
import { StandingScreen } from "@/features/potting/standing-screen";
import { TreeTitle } from "@/features/shell/tree-title";

export default async function StandingPage({ params }: { params: Promise<{ id: string; treeId: string }> }) {
  const { id, treeId } = await params;
  if (!z.uuid().safeParse(treeId).success) notFound();
  return (
    <>
      <TreeTitle collectionId={id} treeId={treeId}>
        in wind and in hands
      </TreeTitle>
      <StandingScreen collectionId={id} treeId={treeId} />
    </>
  );
}
