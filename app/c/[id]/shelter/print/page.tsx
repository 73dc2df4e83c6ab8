import { PrintScreen } from "@/features/shelter/print-screen";
import { PageTitle } from "@/features/kernel/page-title";

export default async function PrintPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>Winter plan</PageTitle>
      <PrintScreen collectionId={(await params).id} />
    </>
  );
}
