import { TreesScreen } from "@/features/trees/list-screen";
import type { CollectionPageProps } from "@/features/kernel/page-props";
import { PageTitle } from "@/features/kernel/page-title";
import { ROOM_WORDS } from "@/words/rooms";

export default async function YardPage({ params, searchParams }: CollectionPageProps) {
  return (
    <>
      <PageTitle>{ROOM_WORDS.trees}</PageTitle>
      <TreesScreen collectionId={(await params).id} on={(await searchParams).on} />
    </>
  );
}
