import { notFound } from "next/navigation";
import { z } from "zod";
import { PottingScreen } from "@/features/potting/screen";

export const metadata = { title: "Pot on" };

export default async function PottingPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string; treeId: string }>;
  searchParams: Promise<{ correction?: string; kept?: string }>;
}) {
  const { id, treeId } = await params;
  const { correction, kept } = await searchParams;
  if (!z.uuid().safeParse(treeId).success) notFound();
  return <PottingScreen collectionId={id} treeId={treeId} correction={correction} keptShare={kept} />;
}
