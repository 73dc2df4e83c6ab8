import { PlacesScreen } from "@/features/almanac/places-screen";
import { PageTitle } from "@/features/shell/page-title";

export default async function PlacesPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>Places</PageTitle>
      <PlacesScreen collectionId={(await params).id} />
    </>
  );
}
