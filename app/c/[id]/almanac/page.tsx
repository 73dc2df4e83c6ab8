import { AlmanacScreen, thresholdOf } from "@/features/almanac/screen";
import { PageTitle } from "@/features/kernel/page-title";

export default async function AlmanacPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ frost?: string; place?: string }>;
}) {
  const { frost, place } = await searchParams;
  return (
    <>
      <PageTitle>Almanac</PageTitle>
      <AlmanacScreen collectionId={(await params).id} thresholdC={thresholdOf(frost)} placeId={place ?? null} />
    </>
  );
}
