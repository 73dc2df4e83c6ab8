import { notFound } from "next/navigation";
import { z } from "zod";
import { TreeDetailsScreen } from "@/features/identity/screen";

export const metadata = { title: "Details" };

export default async function TreeDetailsPage({ params }: { params: Promise<{ id: string; treeId: string }> }) {
  const { id, treeId } = await params;
  if (!z.uuid().safeParse(treeId).success) notFound();
  return <TreeDetailsScreen collectionId={id} treeId={treeId} />;
}
