import { HistoryScreen } from "@/features/log/screen";
import { PageTitle } from "@/features/kernel/page-title";
import { PAGE_WORDS } from "@/words/rooms";

export default async function HistoryPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ before?: string }>;
}) {
  return (
    <>
      <PageTitle>{PAGE_WORDS.log}</PageTitle>
      <HistoryScreen collectionId={(await params).id} before={(await searchParams).before} />
    </>
  );
}
