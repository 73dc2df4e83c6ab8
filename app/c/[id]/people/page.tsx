import { PeopleScreen } from "@/features/people/screen";
import { PageTitle } from "@/features/kernel/page-title";
import { PAGE_WORDS } from "@/words/rooms";

export default async function PeoplePage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>{PAGE_WORDS.people}</PageTitle>
      <PeopleScreen collectionId={(await params).id} />
    </>
  );
}
