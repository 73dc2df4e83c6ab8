import { MovesScreen } from "@/features/shelter/moves-screen";

export const metadata = { title: "The moves" };

export default async function MovesPage({ params }: { params: Promise<{ id: string }> }) {
  return <MovesScreen collectionId={(await params).id} />;
}
