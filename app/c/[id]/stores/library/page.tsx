import { LibraryScreen } from "@/features/stores/library-screen";
import { PageTitle } from "@/features/kernel/page-title";

export default async function LibraryPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>Recipes and components</PageTitle>
      <LibraryScreen collectionId={(await params).id} />
    </>
  );
}
