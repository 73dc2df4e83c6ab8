import { PageTitle } from "@/features/kernel/page-title";
import type { CollectionPageProps } from "@/features/kernel/page-props";
import { TodayScreen } from "@/features/today/screen";
import { ROOM_WORDS } from "@/words/rooms";

export default async function TodayPage({ params, searchParams }: CollectionPageProps) {
  return (
    <>
      <PageTitle>{ROOM_WORDS.today}</PageTitle>
      <TodayScreen collectionId={(await params).id} on={(await searchParams).on} />
    </>
  );
}
