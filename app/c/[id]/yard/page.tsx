import { YardScreen } from "@/features/yard/screen";
import type { CollectionPageProps } from "@/features/shell/page-props";
import { PageTitle } from "@/features/shell/page-title";

export default async function YardPage({ params, searchParams }: CollectionPageProps) {
  return (
    <>
      <PageTitle>Yard</PageTitle>
      <YardScreen collectionId={(await params).id} on={(await searchParams).on} />
    </>
  );
}
