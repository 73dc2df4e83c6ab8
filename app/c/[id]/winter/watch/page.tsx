import { WatchScreen } from "@/features/winter/watch-screen";
import { PageTitle } from "@/features/kernel/page-title";
import { PAGE_WORDS } from "@/words/rooms";

export default async function WatchPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>{PAGE_WORDS["winter/watch"]}</PageTitle>
      <WatchScreen collectionId={(await params).id} />
    </>
  );
}
