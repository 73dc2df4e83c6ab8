import { notFound } from "next/navigation";
import { z } from "zod";
import { PottingScreen } from "@/features/potting/screen";

export const metadata = { title: "Pot on" };

export default async function PottingPage({ params }: { params: Promise<{ id: string; treeId: string }> }) {
  const { id, treeId } = await params;
  if (!z.uuid().safeParse(treeId).success) notFound();
  return <PottingScreen collectionId={id} treeId={treeId} />;
}
