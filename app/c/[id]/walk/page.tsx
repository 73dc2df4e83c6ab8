import { WalkScreen } from "@/features/walk/screen";
import { PageTitle } from "@/features/kernel/page-title";

export default async function WalkPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>Walk-round</PageTitle>
      <WalkScreen collectionId={(await params).id} />
    </>
  );
}
