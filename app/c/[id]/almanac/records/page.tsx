import { RecordsScreen } from "@/features/almanac/records-screen";

export const metadata = { title: "Records and climate" };

export default async function RecordsPage({ params }: { params: Promise<{ id: string }> }) {
  return <RecordsScreen collectionId={(await params).id} />;
}
