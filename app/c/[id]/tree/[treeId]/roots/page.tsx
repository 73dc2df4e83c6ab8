import * as say from "@/words/pages/app";
import { notFound } from "next/navigation";
import { z } from "zod";
import { RootReadingScreen } from "@/features/bench/roots/reading-screen";
import { TreeTitle } from "@/features/kernel/tree-title";
import type { TreePageProps } from "@/features/kernel/page-props";

export default async function RootsPage({ params, searchParams }: TreePageProps) {
  const { id, treeId } = await params;
  const { on } = await searchParams;
  if (!z.uuid().safeParse(treeId).success) notFound();
  return (
    <>
      <TreeTitle collectionId={id} treeId={treeId}>
        {say.rootCheck}
      </TreeTitle>
      <RootReadingScreen collectionId={id} treeId={treeId} on={on} />
    </>
  );
}
