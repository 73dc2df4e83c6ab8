import { StoresScreen } from "@/features/stores/screen";

export const metadata = { title: "Stores" };

export default async function StoresPage({ params }: { params: Promise<{ id: string }> }) {
  return <StoresScreen collectionId={(await params).id} />;
}
