import { AlmanacScreen, thresholdOf } from "@/features/almanac/screen";

export const metadata = { title: "Almanac" };

export default async function AlmanacPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ frost?: string; place?: string }>;
}) {
  const { frost, place } = await searchParams;
  return <AlmanacScreen collectionId={(await params).id} thresholdC={thresholdOf(frost)} placeId={place ?? null} />;
}
