import { StoresScreen } from "@/features/stores/screen";
import { PageTitle } from "@/features/kernel/page-title";

export default async function StoresPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ tree?: string }>;
}) {
  return (
    <>
      <PageTitle>Stores</PageTitle>
      <StoresScreen collectionId={(await params).id} treeId={(await searchParams).tree} />
    </>
  );
}
