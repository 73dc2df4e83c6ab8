import { AddTreeScreen } from "@/features/trees/add-screen";
import { PageTitle } from "@/features/kernel/page-title";

export default async function AddTreePage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>Add a tree</PageTitle>
      <AddTreeScreen collectionId={(await params).id} />
    </>
  );
}
