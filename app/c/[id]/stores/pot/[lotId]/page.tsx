import { PotScreen } from "@/features/stores/pot-screen";

export const metadata = { title: "Pot" };

export default async function PotPage({ params }: { params: Promise<{ id: string; lotId: string }> }) {
  const { id, lotId } = await params;
  return <PotScreen collectionId={id} lotId={lotId} />;
}
