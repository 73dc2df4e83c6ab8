import { LaddersScreen } from "@/features/ladders/screen";

export const metadata = { title: "Ladders of the collection" };

export default async function LaddersPage({ params }: { params: Promise<{ id: string }> }) {
  return <LaddersScreen collectionId={(await params).id} />;
}
