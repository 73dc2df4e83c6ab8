import { WatchScreen } from "@/features/shelter/watch-screen";

export const metadata = { title: "Winter watch" };

export default async function WatchPage({ params }: { params: Promise<{ id: string }> }) {
  return <WatchScreen collectionId={(await params).id} />;
}
