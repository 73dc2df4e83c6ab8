import { HistoryScreen } from "@/features/history/screen";

export const metadata = { title: "History" };

export default async function HistoryPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ before?: string }>;
}) {
  return <HistoryScreen collectionId={(await params).id} before={(await searchParams).before} />;
}
