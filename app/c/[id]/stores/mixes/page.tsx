import { MixesScreen } from "@/features/stores/mixes-screen";

export const metadata = { title: "Mixes in the pot" };

export default async function MixesPage({ params }: { params: Promise<{ id: string }> }) {
  return <MixesScreen collectionId={(await params).id} />;
}
