import { KindsScreen } from "@/features/kinds/screen";

export const metadata = { title: "Kinds" };

export default async function KindsPage({ params }: { params: Promise<{ id: string }> }) {
  return <KindsScreen collectionId={(await params).id} />;
}
