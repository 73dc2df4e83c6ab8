import { MovesScreen } from "@/features/shelter/moves-screen";
import { PageTitle } from "@/features/kernel/page-title";

export default async function MovesPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>The moves</PageTitle>
      <MovesScreen collectionId={(await params).id} />
    </>
  );
}
