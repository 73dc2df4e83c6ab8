import * as say from "@/words/pages/app";
import { AddTreeScreen } from "@/features/trees/add-screen";
import { PageTitle } from "@/features/kernel/page-title";

export default async function AddTreePage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>{say.addATree}</PageTitle>
      <AddTreeScreen collectionId={(await params).id} />
    </>
  );
}
