import { PrintScreen } from "@/features/shelter/print-screen";

export const metadata = { title: "Winter plan" };

export default async function PrintPage({ params }: { params: Promise<{ id: string }> }) {
  return <PrintScreen collectionId={(await params).id} />;
}
