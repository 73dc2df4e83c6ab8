import { BigScreen } from "@/features/pots/big-screen";
import { PageTitle } from "@/features/kernel/page-title";
import { PAGE_WORDS } from "@/words/rooms";

export default async function BigPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>{PAGE_WORDS["pots/big"]}</PageTitle>
      <BigScreen collectionId={(await params).id} />
    </>
  );
}
