import { MixingScreen } from "@/features/stores/mixing-screen";

export const metadata = { title: "Mixing" };

export default async function MixingPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ on?: string }>;
}) {
  return <MixingScreen collectionId={(await params).id} on={(await searchParams).on} />;
}
