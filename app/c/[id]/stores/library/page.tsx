import { LibraryScreen } from "@/features/stores/library-screen";

export const metadata = { title: "Recipes and components" };

export default async function LibraryPage({ params }: { params: Promise<{ id: string }> }) {
  return <LibraryScreen collectionId={(await params).id} />;
}
