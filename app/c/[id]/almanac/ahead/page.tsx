import { AheadScreen } from "@/features/almanac/ahead-screen";
import { PageTitle } from "@/features/kernel/page-title";

export default async function AheadPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>Ten days ahead</PageTitle>
      <AheadScreen collectionId={(await params).id} />
    </>
  );
}
