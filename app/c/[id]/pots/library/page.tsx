import { LibraryScreen } from "@/features/pots/library-screen";
import { PageTitle } from "@/features/kernel/page-title";
import { PAGE_WORDS } from "@/words/rooms";

export default async function LibraryPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>{PAGE_WORDS["pots/library"]}</PageTitle>
      <LibraryScreen collectionId={(await params).id} />
    </>
  );
}
