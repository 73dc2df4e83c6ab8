import { ArrivalScreen } from "@/features/bench/arrival/screen";
import { PageTitle } from "@/features/kernel/page-title";
import type { CollectionPageProps } from "@/features/kernel/page-props";
import { PAGE_WORDS } from "@/words/rooms";

export default async function ArrivalPage({ params, searchParams }: CollectionPageProps) {
  return (
    <>
      <PageTitle>{PAGE_WORDS.arrival}</PageTitle>
      <ArrivalScreen collectionId={(await params).id} on={(await searchParams).on} />
    </>
  );
}
