import { YardWindowsScreen } from "@/features/windows/yard-screen";

export const metadata = { title: "The year’s windows" };

export default async function YardWindowsPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ on?: string; work?: string; place?: string }>;
}) {
  return <YardWindowsScreen collectionId={(await params).id} asked={await searchParams} />;
}
