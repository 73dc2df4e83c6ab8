import { BigScreen } from "@/features/stores/big-screen";
import { PageTitle } from "@/features/kernel/page-title";

export default async function BigPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>Big containers</PageTitle>
      <BigScreen collectionId={(await params).id} />
    </>
  );
}
