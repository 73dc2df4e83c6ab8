import { PlacesScreen } from "@/features/climate/places-screen";
import { PageTitle } from "@/features/kernel/page-title";
import { PAGE_WORDS } from "@/words/rooms";

export default async function PlacesPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>{PAGE_WORDS["climate/places"]}</PageTitle>
      <PlacesScreen collectionId={(await params).id} />
    </>
  );
}
