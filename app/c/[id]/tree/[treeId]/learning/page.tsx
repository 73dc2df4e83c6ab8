import { notFound } from "next/navigation";
import { z } from "zod";
import { LearningScreen } from "@/features/learning/screen";

export const metadata = { title: "What its roots have taught" };

export default async function LearningPage({ params }: { params: Promise<{ id: string; treeId: string }> }) {
  const { id, treeId } = await params;
  if (!z.uuid().safeParse(treeId).success) notFound();
  return <LearningScreen collectionId={id} treeId={treeId} />;
}
