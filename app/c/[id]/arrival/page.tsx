import { ArrivalScreen } from "@/features/arrival/screen";
import { PageTitle } from "@/features/shell/page-title";
import type { CollectionPageProps } from "@/features/shell/page-props";

export default async function ArrivalPage({ params, searchParams }: CollectionPageProps) {
  return (
    <>
      <PageTitle>A tree arrives</PageTitle>
      <ArrivalScreen collectionId={(await params).id} on={(await searchParams).on} />
    </>
  );
}
