import { LaddersScreen } from "@/features/plan/screen";
import { PageTitle } from "@/features/kernel/page-title";
import { ROOM_WORDS } from "@/words/rooms";

export default async function LaddersPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>{ROOM_WORDS.plan}</PageTitle>
      <LaddersScreen collectionId={(await params).id} />
    </>
  );
}
