import { type WoodQuestion, WoodScreen } from "@/features/wood/screen";
import { PageTitle } from "@/features/kernel/page-title";

export default async function WoodPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<WoodQuestion>;
}) {
  return (
    <>
      <PageTitle>Wood and hardiness</PageTitle>
      <WoodScreen collectionId={(await params).id} asked={await searchParams} />
    </>
  );
}
