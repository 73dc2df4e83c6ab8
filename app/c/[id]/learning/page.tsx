import { LooksScreen } from "@/features/learning/looks-screen";
import { PageTitle } from "@/features/kernel/page-title";

export default async function LooksPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>Where a look is worth most</PageTitle>
      <LooksScreen collectionId={(await params).id} />
    </>
  );
}
