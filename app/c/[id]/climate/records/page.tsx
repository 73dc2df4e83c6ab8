import { RecordsScreen } from "@/features/climate/records-screen";
import { PageTitle } from "@/features/kernel/page-title";
import { PAGE_WORDS } from "@/words/rooms";

export default async function RecordsPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>{PAGE_WORDS["climate/records"]}</PageTitle>
      <RecordsScreen collectionId={(await params).id} />
    </>
  );
}
