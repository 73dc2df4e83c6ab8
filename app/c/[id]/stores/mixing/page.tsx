import { MixingScreen } from "@/features/stores/mixing-screen";

export const metadata = { title: "Mixing" };

export default async function MixingPage({ params }: { params: Promise<{ id: string }> }) {
  return <MixingScreen collectionId={(await params).id} />;
}
