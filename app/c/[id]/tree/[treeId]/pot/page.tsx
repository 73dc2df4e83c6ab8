import * as say from "@/words/pages/app";
import { notFound } from "next/navigation";
import { z } from "zod";
import { PottingScreen } from "@/features/bench/potting/screen";
import { TreeTitle } from "@/features/kernel/tree-title";

export default async function PottingPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string; treeId: string }>;
  searchParams: Promise<{ correction?: string; kept?: string; on?: string }>;
}) {
  const { id, treeId } = await params;
  const { correction, kept, on } = await searchParams;
  if (!z.uuid().safeParse(treeId).success) notFound();
  return (
    <>
      <TreeTitle collectionId={id} treeId={treeId}>
        {say.potUp}
      </TreeTitle>
      <PottingScreen collectionId={id} treeId={treeId} correction={correction} keptShare={kept} on={on} />
    </>
  );
}
