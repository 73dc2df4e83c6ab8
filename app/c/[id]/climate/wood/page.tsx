import { type WoodQuestion, WoodScreen } from "@/features/climate/wood/screen";
import { PageTitle } from "@/features/kernel/page-title";
import { PAGE_WORDS } from "@/words/rooms";

export default async function WoodPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<WoodQuestion>;
}) {
  return (
    <>
      <PageTitle>{PAGE_WORDS["climate/wood"]}</PageTitle>
      <WoodScreen collectionId={(await params).id} asked={await searchParams} />
    </>
  );
}
