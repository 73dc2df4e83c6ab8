import { StoresScreen } from "@/features/stores/screen";

export const metadata = { title: "Stores" };

export default async function StoresPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ tree?: string }>;
}) {
  return <StoresScreen collectionId={(await params).id} treeId={(await searchParams).tree} />;
}
