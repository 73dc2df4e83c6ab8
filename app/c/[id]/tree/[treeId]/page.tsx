import { notFound } from "next/navigation";
import { z } from "zod";
import { TreeScreen } from "@/features/tree/screen";
import { TreeTitle } from "@/features/kernel/tree-title";

export default async function TreePage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string; treeId: string }>;
  searchParams: Promise<{ on?: string; stand?: string }>;
}) {
  const { id, treeId } = await params;
  if (!z.uuid().safeParse(treeId).success) notFound();
  const { on, stand } = await searchParams;
  return (
    <>
      <TreeTitle collectionId={id} treeId={treeId} />
      <TreeScreen collectionId={id} treeId={treeId} on={on} stand={stand} />
    </>
  );
}
