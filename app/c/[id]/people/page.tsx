import { PeopleScreen } from "@/features/people/screen";

export const metadata = { title: "People and days" };

export default async function PeoplePage({ params }: { params: Promise<{ id: string }> }) {
  return <PeopleScreen collectionId={(await params).id} />;
}
