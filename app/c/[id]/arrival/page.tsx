import { ArrivalScreen } from "@/features/arrival/screen";
import { PageTitle } from "@/features/shell/page-title";

export default async function ArrivalPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>A tree arrives</PageTitle>
      <ArrivalScreen collectionId={(await params).id} />
    </>
  );
}
