import { ShelterScreen } from "@/features/shelter/screen";
import { PageTitle } from "@/features/kernel/page-title";

export default async function ShelterPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>Shelter</PageTitle>
      <ShelterScreen collectionId={(await params).id} />
    </>
  );
}
