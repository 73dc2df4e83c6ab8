import { KindsScreen } from "@/features/climate/species/screen";
import { PageTitle } from "@/features/kernel/page-title";
import { PAGE_WORDS } from "@/words/rooms";

export default async function KindsPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ show?: string }>;
}) {
  return (
    <>
      <PageTitle>{PAGE_WORDS["climate/species"]}</PageTitle>
      <KindsScreen
        collectionId={(await params).id}
        show={(await searchParams).show === "genera" ? "genera" : "kinds"}
      />
    </>
  );
}
