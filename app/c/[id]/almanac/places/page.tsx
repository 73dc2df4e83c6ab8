import { PlacesScreen } from "@/features/almanac/places-screen";

export const metadata = { title: "Places" };

export default async function PlacesPage({ params }: { params: Promise<{ id: string }> }) {
  return <PlacesScreen collectionId={(await params).id} />;
}
