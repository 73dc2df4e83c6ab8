import { WalkScreen } from "@/features/today/walk/screen";
import { PageTitle } from "@/features/kernel/page-title";
import { PAGE_WORDS } from "@/words/rooms";

export default async function WalkPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>{PAGE_WORDS.walk}</PageTitle>
      <WalkScreen collectionId={(await params).id} />
    </>
  );
}
