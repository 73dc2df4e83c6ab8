import { AlmanacScreen, thresholdOf } from "@/features/almanac/screen";

export const metadata = { title: "Almanac" };

export default async function AlmanacPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ frost?: string }>;
}) {
  return <AlmanacScreen collectionId={(await params).id} thresholdC={thresholdOf((await searchParams).frost)} />;
}
