import { notFound } from "next/navigation";
import { z } from "zod";
import { CorrectScreen } from "@/features/correct/screen";

export const metadata = { title: "What the ball wants" };

export default async function CorrectPage({ params }: { params: Promise<{ id: string; treeId: string }> }) {
  const { id, treeId } = await params;
  if (!z.uuid().safeParse(treeId).success) notFound();
  return <CorrectScreen collectionId={id} treeId={treeId} />;
}
