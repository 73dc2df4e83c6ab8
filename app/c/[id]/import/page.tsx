import { ListsScreen } from "@/features/imports/screen";
import { PageTitle } from "@/features/kernel/page-title";

export default async function ImportPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>Lists in and out</PageTitle>
      <ListsScreen collectionId={(await params).id} />
    </>
  );
}
