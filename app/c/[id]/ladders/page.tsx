import { LaddersScreen } from "@/features/plan/screen";
import { PageTitle } from "@/features/kernel/page-title";

export default async function LaddersPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>Ladders of the collection</PageTitle>
      <LaddersScreen collectionId={(await params).id} />
    </>
  );
}
