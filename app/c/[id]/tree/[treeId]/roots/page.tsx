import { notFound } from "next/navigation";
import { z } from "zod";
import { RootReadingScreen } from "@/features/roots/reading-screen";
import { TreeTitle } from "@/features/shell/tree-title";

export default async function RootsPage({ params }: { params: Promise<{ id: string; treeId: string }> }) {
  const { id, treeId } = await params;
  if (!z.uuid().safeParse(treeId).success) notFound();
  return (
    <>
      <TreeTitle collectionId={id} treeId={treeId}>
        reading the roots
      </TreeTitle>
      <RootReadingScreen collectionId={id} treeId={treeId} />
    </>
  );
}
