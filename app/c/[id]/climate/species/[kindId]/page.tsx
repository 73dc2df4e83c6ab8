import * as say from "@/words/pages/app";
import { KindScreen } from "@/features/climate/species/screen";
import { PageTitle } from "@/features/kernel/page-title";

export default async function KindPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string; kindId: string }>;
  searchParams: Promise<{ tree?: string }>;
}) {
  const { id, kindId } = await params;
  return (
    <>
      <PageTitle>{say.speciesPage}</PageTitle>
      <KindScreen collectionId={id} kindId={kindId} treeId={(await searchParams).tree} />
    </>
  );
}
