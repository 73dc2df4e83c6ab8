import { ShelterScreen } from "@/features/winter/screen";
import { PageTitle } from "@/features/kernel/page-title";
import { ROOM_WORDS } from "@/words/rooms";

export default async function ShelterPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>{ROOM_WORDS.winter}</PageTitle>
      <ShelterScreen collectionId={(await params).id} />
    </>
  );
}
