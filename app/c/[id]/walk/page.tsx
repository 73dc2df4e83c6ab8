import { WalkScreen } from "@/features/walk/screen";

export const metadata = { title: "Walk-round" };

export default async function WalkPage({ params }: { params: Promise<{ id: string }> }) {
  return <WalkScreen collectionId={(await params).id} />;
}
