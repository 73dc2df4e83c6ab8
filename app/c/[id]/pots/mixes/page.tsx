import { MixesScreen } from "@/features/pots/mixes-screen";
import { PageTitle } from "@/features/kernel/page-title";
import { PAGE_WORDS } from "@/words/rooms";

export default async function MixesPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>{PAGE_WORDS["pots/mixes"]}</PageTitle>
      <MixesScreen collectionId={(await params).id} />
    </>
  );
}
