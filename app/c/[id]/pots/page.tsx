import { StoresScreen } from "@/features/pots/screen";
import { PageTitle } from "@/features/kernel/page-title";
import { ROOM_WORDS } from "@/words/rooms";

export default async function StoresPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ tree?: string }>;
}) {
  return (
    <>
      <PageTitle>{ROOM_WORDS.pots}</PageTitle>
      <StoresScreen collectionId={(await params).id} treeId={(await searchParams).tree} />
    </>
  );
}
