import { BigScreen } from "@/features/stores/big-screen";

export const metadata = { title: "Big containers" };

export default async function BigPage({ params }: { params: Promise<{ id: string }> }) {
  return <BigScreen collectionId={(await params).id} />;
}
