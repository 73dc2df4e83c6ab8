import { type WoodQuestion, WoodScreen } from "@/features/wood/screen";

export const metadata = { title: "Wood and hardiness" };

export default async function WoodPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<WoodQuestion>;
}) {
  return <WoodScreen collectionId={(await params).id} asked={await searchParams} />;
}
