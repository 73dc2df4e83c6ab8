import { RecordsScreen } from "@/features/almanac/records-screen";
import { PageTitle } from "@/features/kernel/page-title";

export default async function RecordsPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>Records and climate</PageTitle>
      <RecordsScreen collectionId={(await params).id} />
    </>
  );
}
