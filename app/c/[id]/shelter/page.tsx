import { ShelterScreen } from "@/features/shelter/screen";

export const metadata = { title: "Shelter" };

export default async function ShelterPage({ params }: { params: Promise<{ id: string }> }) {
  return <ShelterScreen collectionId={(await params).id} />;
}
