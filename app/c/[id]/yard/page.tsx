import { YardScreen } from "@/features/yard/screen";
import type { CollectionPageProps } from "@/features/shell/page-props";

export const metadata = { title: "Yard" };

export default async function YardPage({ params, searchParams }: CollectionPageProps) {
  return <YardScreen collectionId={(await params).id} on={(await searchParams).on} />;
}
