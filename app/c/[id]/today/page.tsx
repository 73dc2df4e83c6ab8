import { PageTitle } from "@/features/kernel/page-title";
import type { CollectionPageProps } from "@/features/kernel/page-props";
import { TodayScreen } from "@/features/today/screen";

export default async function TodayPage({ params, searchParams }: CollectionPageProps) {
  return (
    <>
      <PageTitle>Today</PageTitle>
      <TodayScreen collectionId={(await params).id} on={(await searchParams).on} />
    </>
  );
}
