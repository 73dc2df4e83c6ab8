import { PeopleScreen } from "@/features/people/screen";
import { PageTitle } from "@/features/kernel/page-title";

export default async function PeoplePage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>People and days</PageTitle>
      <PeopleScreen collectionId={(await params).id} />
    </>
  );
}
