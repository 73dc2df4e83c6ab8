import { LooksScreen } from "@/features/learning/looks-screen";

export const metadata = { title: "Where a look is worth most" };

export default async function LooksPage({ params }: { params: Promise<{ id: string }> }) {
  return <LooksScreen collectionId={(await params).id} />;
}
