import { PrintScreen } from "@/features/winter/print-screen";
import { PageTitle } from "@/features/kernel/page-title";
import { PAGE_WORDS } from "@/words/rooms";

export default async function PrintPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>{PAGE_WORDS["winter/print"]}</PageTitle>
      <PrintScreen collectionId={(await params).id} />
    </>
  );
}
