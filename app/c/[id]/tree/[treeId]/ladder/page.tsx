import { notFound } from "next/navigation";
import { z } from "zod";
import { LadderScreen } from "@/features/ladder/screen";

export const metadata = { title: "Its ladder of pots" };

export default async function LadderPage({ params }: { params: Promise<{ id: string; treeId: string }> }) {
  const { id, treeId } = await params;
  if (!z.uuid().safeParse(treeId).success) notFound();
  return <LadderScreen collectionId={id} treeId={treeId} />;
}
