import { notFound } from "next/navigation";
import { z } from "zod";
import { RescueScreen } from "@/features/rescue/screen";

export const metadata = { title: "Rescue" };

export default async function RescuePage({ params }: { params: Promise<{ id: string; treeId: string }> }) {
  const { id, treeId } = await params;
  if (!z.uuid().safeParse(treeId).success) notFound();
  return <RescueScreen collectionId={id} treeId={treeId} />;
}
