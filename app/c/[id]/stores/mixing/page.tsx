import { MixingScreen } from "@/features/stores/mixing-screen";
import { PageTitle } from "@/features/kernel/page-title";

export default async function MixingPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ on?: string }>;
}) {
  return (
    <>
      <PageTitle>Mixing</PageTitle>
      <MixingScreen collectionId={(await params).id} on={(await searchParams).on} />
    </>
  );
}
