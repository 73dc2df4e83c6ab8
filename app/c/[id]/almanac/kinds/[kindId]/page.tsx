import { KindScreen } from "@/features/kinds/screen";

export const metadata = { title: "A kind" };

export default async function KindPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string; kindId: string }>;
  searchParams: Promise<{ tree?: string }>;
}) {
  const { id, kindId } = await params;
  return <KindScreen collectionId={id} kindId={kindId} treeId={(await searchParams).tree} />;
}
