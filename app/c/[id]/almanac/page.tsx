import { AlmanacScreen } from "@/features/almanac/screen";

export const metadata = { title: "Almanac" };

export default async function AlmanacPage({ params }: { params: Promise<{ id: string }> }) {
  return <AlmanacScreen collectionId={(await params).id} />;
}
