import { WatchScreen } from "@/features/shelter/watch-screen";
import { PageTitle } from "@/features/kernel/page-title";

export default async function WatchPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>Winter watch</PageTitle>
      <WatchScreen collectionId={(await params).id} />
    </>
  );
}
