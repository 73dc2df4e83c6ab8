import { YardScreen } from "@/features/yard/screen";
import type { CollectionPageProps } from "@/features/kernel/page-props";
import { PageTitle } from "@/features/kernel/page-title";

export default async function YardPage({ params, searchParams }: CollectionPageProps) {
  return (
    <>
      <PageTitle>Yard</PageTitle>
      <YardScreen collectionId={(await params).id} on={(await searchParams).on} />
    </>
  );
}
