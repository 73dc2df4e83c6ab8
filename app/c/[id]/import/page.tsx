import { ListsScreen } from "@/features/setup/imports/screen";
import { PageTitle } from "@/features/kernel/page-title";
import { PAGE_WORDS } from "@/words/rooms";

export default async function ImportPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>{PAGE_WORDS.import}</PageTitle>
      <ListsScreen collectionId={(await params).id} />
    </>
  );
}
