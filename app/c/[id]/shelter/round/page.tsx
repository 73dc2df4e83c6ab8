import { RoundScreen } from "@/features/shelter/round-screen";

export const metadata = { title: "Carrying" };

export default async function RoundPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ way?: string }>;
}) {
  const { way } = await searchParams;
  return <RoundScreen collectionId={(await params).id} way={way === "out" ? "out" : "in"} />;
}
