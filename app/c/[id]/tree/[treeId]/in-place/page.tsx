import { notFound } from "next/navigation";
import { z } from "zod";
import { InPlaceScreen } from "@/features/inplace/screen";

export const metadata = { title: "Work where it stands" };

export default async function InPlacePage({ params }: { params: Promise<{ id: string; treeId: string }> }) {
  const { id, treeId } = await params;
  if (!z.uuid().safeParse(treeId).success) notFound();
  return <InPlaceScreen collectionId={id} treeId={treeId} />;
}
