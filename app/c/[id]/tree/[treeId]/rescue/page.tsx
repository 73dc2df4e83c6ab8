import * as say from "@/words/pages/app";
import { notFound } from "next/navigation";
import { z } from "zod";
import { RescueScreen } from "@/features/bench/rescue/screen";
import { TreeTitle } from "@/features/kernel/tree-title";
import type { TreePageProps } from "@/features/kernel/page-props";

export default async function RescuePage({ params, searchParams }: TreePageProps) {
  const { id, treeId } = await params;
  const { on } = await searchParams;
  if (!z.uuid().safeParse(treeId).success) notFound();
  return (
    <>
      <TreeTitle collectionId={id} treeId={treeId}>
        {say.rescue}
      </TreeTitle>
      <RescueScreen collectionId={id} treeId={treeId} on={on} />
    </>
  );
}
