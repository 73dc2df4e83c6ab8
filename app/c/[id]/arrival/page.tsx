import { ArrivalScreen } from "@/features/arrival/screen";

export const metadata = { title: "A tree arrives" };

export default async function ArrivalPage({ params }: { params: Promise<{ id: string }> }) {
  return <ArrivalScreen collectionId={(await params).id} />;
}
