import { AheadScreen } from "@/features/climate/ahead-screen";
import { PageTitle } from "@/features/kernel/page-title";
import { PAGE_WORDS } from "@/words/rooms";

export default async function AheadPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>{PAGE_WORDS["climate/ahead"]}</PageTitle>
      <AheadScreen collectionId={(await params).id} />
    </>
  );
}
