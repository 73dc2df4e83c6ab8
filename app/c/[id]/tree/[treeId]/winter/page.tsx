import * as say from "@/words/pages/app";
import { notFound } from "next/navigation";
import { z } from "zod";
import { WinterScreen } from "@/features/winter/pot/screen";
import { TreeTitle } from "@/features/kernel/tree-title";

export default async function WinterPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string; treeId: string }>;
  searchParams: Promise<{ at?: string; winter?: string }>;
}) {
  const { id, treeId } = await params;
  const { at, winter } = await searchParams;
  if (!z.uuid().safeParse(treeId).success) notFound();
  return (
    <>
      <TreeTitle collectionId={id} treeId={treeId}>
        {say.winter}
      </TreeTitle>
      <WinterScreen collectionId={id} treeId={treeId} at={at} any={winter === "any"} />
    </>
  );
}
