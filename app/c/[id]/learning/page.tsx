import { LooksScreen } from "@/features/tree/learning/looks-screen";
import { PageTitle } from "@/features/kernel/page-title";
import { PAGE_WORDS } from "@/words/rooms";

export default async function LooksPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>{PAGE_WORDS.learning}</PageTitle>
      <LooksScreen collectionId={(await params).id} />
    </>
  );
}
