import { PlacesScreen } from "@/features/almanac/places-screen";
import { PageTitle } from "@/features/kernel/page-title";

export default async function PlacesPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>Places</PageTitle>
      <PlacesScreen collectionId={(await params).id} />
    </>
  );
}
