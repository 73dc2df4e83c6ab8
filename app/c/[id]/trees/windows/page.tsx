import { YardWindowsScreen } from "@/features/plan/windows/yard-screen";
import { PageTitle } from "@/features/kernel/page-title";
import { PAGE_WORDS } from "@/words/rooms";

export default async function YardWindowsPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ on?: string; work?: string; place?: string }>;
}) {
  return (
    <>
      <PageTitle>{PAGE_WORDS["trees/windows"]}</PageTitle>
      <YardWindowsScreen collectionId={(await params).id} asked={await searchParams} />
    </>
  );
}
