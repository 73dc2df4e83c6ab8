import { notFound } from "next/navigation";
import { z } from "zod";
import { RootReadingScreen } from "@/features/roots/reading-screen";

export const metadata = { title: "Reading the roots" };

export default async function RootsPage({ params }: { params: Promise<{ id: string; treeId: string }> }) {
  const { id, treeId } = await params;
  if (!z.uuid().safeParse(treeId).success) notFound();
  return <RootReadingScreen collectionId={id} treeId={treeId} />;
}
