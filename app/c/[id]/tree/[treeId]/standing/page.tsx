import * as say from "@/words/pages/app";
import { notFound } from "next/navigation";
import { z } from "zod";
import { StandingScreen } from "@/features/bench/potting/standing-screen";
import { TreeTitle } from "@/features/kernel/tree-title";
import type { TreePageProps } from "@/features/kernel/page-props";

export default async function StandingPage({ params, searchParams }: TreePageProps) {
  const { id, treeId } = await params;
  const { on } = await searchParams;
  if (!z.uuid().safeParse(treeId).success) notFound();
  return (
    <>
      <TreeTitle collectionId={id} treeId={treeId}>
        {say.weightAndWind}
      </TreeTitle>
      <StandingScreen collectionId={id} treeId={treeId} on={on} />
    </>
  );
}
