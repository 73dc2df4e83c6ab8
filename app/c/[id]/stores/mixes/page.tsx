import { MixesScreen } from "@/features/stores/mixes-screen";
import { PageTitle } from "@/features/kernel/page-title";

export default async function MixesPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>Mixes in the pot</PageTitle>
      <MixesScreen collectionId={(await params).id} />
    </>
  );
}
