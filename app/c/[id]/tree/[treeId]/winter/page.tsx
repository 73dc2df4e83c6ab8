import { notFound } from "next/navigation";
import { z } from "zod";
import { WinterScreen } from "@/features/winter/screen";

export const metadata = { title: "Its winter" };

export default async function WinterPage({ params }: { params: Promise<{ id: string; treeId: string }> }) {
  const { id, treeId } = await params;
  if (!z.uuid().safeParse(treeId).success) notFound();
  return <WinterScreen collectionId={id} treeId={treeId} />;
}
