import { KindsScreen } from "@/features/kinds/screen";
import { PageTitle } from "@/features/kernel/page-title";

export default async function KindsPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>Kinds</PageTitle>
      <KindsScreen collectionId={(await params).id} />
    </>
  );
}
