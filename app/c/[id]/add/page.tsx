import { AddTreeScreen } from "@/features/trees/screen";

export const metadata = { title: "Add a tree" };

export default async function AddTreePage({ params }: { params: Promise<{ id: string }> }) {
  return <AddTreeScreen collectionId={(await params).id} />;
}
