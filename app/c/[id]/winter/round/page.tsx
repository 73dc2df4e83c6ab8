import * as say from "@/words/pages/app";
import { RoundScreen } from "@/features/winter/round-screen";
import { PageTitle } from "@/features/kernel/page-title";

export default async function RoundPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ way?: string }>;
}) {
  const { way } = await searchParams;
  return (
    <>
      <PageTitle>{say.carrying}</PageTitle>
      <RoundScreen collectionId={(await params).id} way={way === "out" ? "out" : "in"} />
    </>
  );
}
