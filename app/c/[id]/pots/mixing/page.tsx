import { MixingScreen } from "@/features/pots/mixing-screen";
import { PageTitle } from "@/features/kernel/page-title";
import { PAGE_WORDS } from "@/words/rooms";

export default async function MixingPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ on?: string }>;
}) {
  return (
    <>
      <PageTitle>{PAGE_WORDS["pots/mixing"]}</PageTitle>
      <MixingScreen collectionId={(await params).id} on={(await searchParams).on} />
    </>
  );
}
