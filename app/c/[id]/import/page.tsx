import { ListsScreen } from "@/features/imports/screen";

export const metadata = { title: "Lists in and out" };

export default async function ImportPage({ params }: { params: Promise<{ id: string }> }) {
  return <ListsScreen collectionId={(await params).id} />;
}
