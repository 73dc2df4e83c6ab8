import { notFound } from "next/navigation";
import { z } from "zod";
import { StandingScreen } from "@/features/potting/standing-screen";

export const metadata = { title: "In wind and in hands" };

export default async function StandingPage({ params }: { params: Promise<{ id: string; treeId: string }> }) {
  const { id, treeId } = await params;
  if (!z.uuid().safeParse(treeId).success) notFound();
  return <StandingScreen collectionId={id} treeId={treeId} />;
}
