import { ArrivalScreen } from "@/features/arrival/screen";
import { PageTitle } from "@/features/kernel/page-title";
import type { CollectionPageProps } from "@/features/kernel/page-props";

export default async function ArrivalPage({ params, searchParams }: CollectionPageProps) {
  return (
    <>
      <PageTitle>A tree arrives</PageTitle>
      <ArrivalScreen collectionId={(await params).id} on={(await searchParams).on} />
    </>
  );
}
