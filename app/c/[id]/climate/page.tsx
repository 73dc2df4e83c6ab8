import { AlmanacScreen, thresholdOf } from "@/features/climate/screen";
import { PageTitle } from "@/features/kernel/page-title";
import { ROOM_WORDS } from "@/words/rooms";

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
      <PageTitle>{ROOM_WORDS.climate}</PageTitle>
      <AlmanacScreen collectionId={(await params).id} thresholdC={thresholdOf(frost)} placeId={place ?? null} />
    </>
  );
}
