import { KindsScreen } from "@/features/kinds/screen";
import { PageTitle } from "@/features/kernel/page-title";

export default async function KindsPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ show?: string }>;
}) {
  return (
    <>
      <PageTitle>Kinds</PageTitle>
      <KindsScreen
        collectionId={(await params).id}
        show={(await searchParams).show === "genera" ? "genera" : "kinds"}
      />
    </>
  );
}
