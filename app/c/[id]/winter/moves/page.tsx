import { MovesScreen } from "@/features/winter/moves-screen";
import { PageTitle } from "@/features/kernel/page-title";
import { PAGE_WORDS } from "@/words/rooms";

export default async function MovesPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>{PAGE_WORDS["winter/moves"]}</PageTitle>
      <MovesScreen collectionId={(await params).id} />
    </>
  );
}
