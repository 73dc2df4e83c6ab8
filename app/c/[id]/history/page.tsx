import { HistoryScreen } from "@/features/history/screen";
import { PageTitle } from "@/features/kernel/page-title";

export default async function HistoryPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ before?: string }>;
}) {
  return (
    <>
      <PageTitle>History</PageTitle>
      <HistoryScreen collectionId={(await params).id} before={(await searchParams).before} />
    </>
  );
}
