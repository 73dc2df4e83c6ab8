import { AheadScreen } from "@/features/almanac/ahead-screen";

export const metadata = { title: "Ten days ahead" };

export default async function AheadPage({ params }: { params: Promise<{ id: string }> }) {
  return <AheadScreen collectionId={(await params).id} />;
}
