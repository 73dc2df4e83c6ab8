import * as common from "@/words/pages/common";
import { PotScreen } from "@/features/pots/pot-screen";
import { PageTitle } from "@/features/kernel/page-title";

export default async function PotPage({ params }: { params: Promise<{ id: string; lotId: string }> }) {
  const { id, lotId } = await params;
  return (
    <>
      <PageTitle>{common.pot}</PageTitle>
      <PotScreen collectionId={id} lotId={lotId} />
    </>
  );
}
